import type { SQLiteTableWithColumns } from 'drizzle-orm/sqlite-core';
import type { Kind } from '@/core/case';
import * as s from './schema';

// eslint-disable-next-line @typescript-eslint/no-explicit-any -- one generic table type over all kinds
export type AnyTable = SQLiteTableWithColumns<any>;

/** The table of each kind of row. */
export const TABLES: Record<Kind, AnyTable> = {
  vehicle: s.vehicles,
  case: s.cases,
  symptom: s.symptoms,
  earlier: s.earlierRepairs,
  scan: s.scans,
  clear: s.clears,
  module: s.scanModules,
  code: s.scanCodes,
  freeze: s.freezeValues,
  live: s.liveValues,
  monitor: s.readinessMonitors,
  role: s.codeRoles,
  test: s.tests,
  condition: s.testConditions,
  reading: s.readings,
  input: s.testInputs,
  finding: s.findings,
  run: s.runs,
  attachment: s.attachments,
  trace: s.traces,
  suspect: s.suspects,
  bearing: s.bearings,
  cause: s.causes,
  explains: s.causeExplains,
  repair: s.repairs,
  part: s.repairParts,
  proof: s.proofSteps,
  followUp: s.followUps,
  comeback: s.comebacks,
  bulletinUse: s.bulletinUses,
};
