import type { z } from 'zod';
import * as argument from './argument';
import * as complaint from './complaint';
import * as evidence from './evidence';

/**
 * Every kind of row that is edited on a case, with its shape. A new kind is one entry here, one
 * shape, and one table; saving, history, conflicts and the outbox come with it.
 */
export const KINDS = {
  vehicle: complaint.Vehicle,
  case: complaint.Case,
  symptom: complaint.Symptom,
  earlier: complaint.Earlier,
  scan: evidence.Scan,
  clear: evidence.Clear,
  module: evidence.Module,
  code: evidence.Code,
  freeze: evidence.Freeze,
  live: evidence.Live,
  monitor: evidence.Monitor,
  role: evidence.Role,
  test: evidence.Test,
  condition: evidence.Condition,
  reading: evidence.Reading,
  input: evidence.Input,
  finding: evidence.FindingRow,
  run: evidence.Run,
  attachment: evidence.Attachment,
  trace: evidence.Trace,
  suspect: argument.Suspect,
  bearing: argument.Bearing,
  cause: argument.Cause,
  explains: argument.Explains,
  repair: argument.Repair,
  part: argument.Part,
  proof: argument.Proof,
  followUp: argument.FollowUp,
  comeback: argument.Comeback,
  bulletinUse: argument.BulletinUse,
} as const;

export type Kind = keyof typeof KINDS;
export type RowOf<K extends Kind> = z.infer<(typeof KINDS)[K]>;
export type AnyRow = { [K in Kind]: RowOf<K> }[Kind];

export const KIND_NAMES = Object.keys(KINDS) as Kind[];
/** Kinds that hang on a case by `caseId`. */
export const CASE_KINDS = KIND_NAMES.filter((k) => k !== 'vehicle' && k !== 'case') as Exclude<
  Kind,
  'vehicle' | 'case'
>[];

/** Fields that Vantle computes; a write from outside that names one is refused. */
export const COMPUTED: Partial<Record<Kind, readonly string[]>> = {
  vehicle: ['id', 'revision'],
  case: ['id', 'revision', 'number', 'openedAt', 'waitsSince', 'grade', 'gradeWhy', 'seq'],
  test: ['verdict', 'because'],
  reading: ['verdict', 'because'],
  // What an analysis found stays as it was found; a person's word stands on the test beside it.
  finding: ['about', 'verdict', 'because', 'figure', 'limit', 'distance', 'place', 'speaks'],
};

/** Rows that go when their owner goes: kind → [field that names the owner, owner's kind]. */
export const OWNED: Partial<Record<Kind, readonly (readonly [string, Kind])[]>> = {
  module: [['scanId', 'scan']],
  code: [['scanId', 'scan']],
  freeze: [['codeId', 'code']],
  live: [['scanId', 'scan']],
  monitor: [['scanId', 'scan']],
  condition: [['testId', 'test']],
  reading: [['testId', 'test']],
  input: [['testId', 'test']],
  finding: [['testId', 'test']],
  attachment: [
    ['testId', 'test'],
    ['partId', 'part'],
    ['scanId', 'scan'],
  ],
  bearing: [
    ['testId', 'test'],
    ['suspectId', 'suspect'],
  ],
  explains: [['causeId', 'cause']],
  part: [['repairId', 'repair']],
};

/** A whole case as one value: the case, its vehicle, and its rows by kind, each list in order. */
export type CaseRecord = {
  case: RowOf<'case'>;
  vehicle: RowOf<'vehicle'>;
} & { [K in Exclude<Kind, 'vehicle' | 'case'>]: RowOf<K>[] };
