import { index, integer, real, sqliteTable, text } from 'drizzle-orm/sqlite-core';
import type { Speaks } from '@/core/case';
import { owned } from './cases';
import { flag, line, moment, words } from './columns';

/** Scans, tests and what hangs on them. Shapes: src/core/case/evidence.ts. */

export const scans = sqliteTable(
  'scans',
  {
    ...owned(),
    at: text().notNull(),
    phase: line(),
    scope: line(),
    tool: line(),
    key: line(),
    engine: line(),
    battery: line(),
    odometer: line(),
    text: line(),
    leftover: words(),
  },
  (t) => [index('scans_case').on(t.caseId)],
);

const scanId = () =>
  text()
    .notNull()
    .references(() => scans.id, { onDelete: 'cascade' });

export const clears = sqliteTable('clears', { ...owned(), at: text().notNull(), note: line() }, (t) => [
  index('clears_case').on(t.caseId),
]);

export const scanModules = sqliteTable(
  'scan_modules',
  { ...owned(), scanId: scanId(), name: line(), answered: flag(true), read: flag(true) },
  (t) => [index('scan_modules_case').on(t.caseId)],
);

export const scanCodes = sqliteTable(
  'scan_codes',
  {
    ...owned(),
    scanId: scanId(),
    moduleId: text(),
    code: text().notNull(),
    text: line(),
    statuses: words(),
    detail: line(),
  },
  (t) => [index('scan_codes_case').on(t.caseId), index('scan_codes_code').on(t.code)],
);

export const freezeValues = sqliteTable(
  'freeze_values',
  {
    ...owned(),
    codeId: text()
      .notNull()
      .references(() => scanCodes.id, { onDelete: 'cascade' }),
    name: line(),
    entered: line(),
  },
  (t) => [index('freeze_values_case').on(t.caseId)],
);

export const liveValues = sqliteTable(
  'live_values',
  { ...owned(), scanId: scanId(), name: line(), entered: line(), limit: line() },
  (t) => [index('live_values_case').on(t.caseId)],
);

export const readinessMonitors = sqliteTable(
  'readiness_monitors',
  { ...owned(), scanId: scanId(), name: line(), state: text().notNull() },
  (t) => [index('readiness_monitors_case').on(t.caseId)],
);

export const codeRoles = sqliteTable(
  'code_roles',
  { ...owned(), code: text().notNull(), role: line(), why: line() },
  (t) => [index('code_roles_case').on(t.caseId)],
);

export const tests = sqliteTable(
  'tests',
  {
    ...owned(),
    at: text().notNull(),
    byId: text(),
    procedureId: text(),
    repeatOf: text(),
    runId: text(),
    skipped: line(),
    question: line(),
    whereKind: line(),
    where: line(),
    caution: line(),
    setup: line(),
    setupReading: line(),
    setupResult: line(),
    expectation: line(),
    expectationSource: line(),
    instrument: line(),
    accuracy: line(),
    minutes: real(),
    note: line(),
    watch: line(),
    tries: integer(),
    took: line(),
    caughtUnder: line(),
    checkId: line(),
    analysisId: line(),
    traceId: text(),
    ran: line(),
    overrule: line(),
    overruleWhy: line(),
    verdict: line(),
    because: line(),
  },
  (t) => [index('tests_case').on(t.caseId)],
);

const testId = () =>
  text()
    .notNull()
    .references(() => tests.id, { onDelete: 'cascade' });

export const testConditions = sqliteTable(
  'test_conditions',
  { ...owned(), testId: testId(), what: line(), met: line(), reading: line() },
  (t) => [index('test_conditions_case').on(t.caseId)],
);

export const readings = sqliteTable(
  'readings',
  {
    ...owned(),
    testId: testId(),
    label: line(),
    entered: line(),
    limit: line(),
    verdict: line(),
    because: line(),
  },
  (t) => [index('readings_case').on(t.caseId)],
);

export const testInputs = sqliteTable(
  'test_inputs',
  { ...owned(), testId: testId(), field: text().notNull(), at: line(), column: line(), entered: line() },
  (t) => [index('test_inputs_case').on(t.caseId)],
);

export const findings = sqliteTable(
  'findings',
  {
    ...owned(),
    testId: testId(),
    about: line(),
    verdict: line(),
    because: line(),
    figure: line(),
    limit: line(),
    distance: line(),
    place: line(),
    speaks: text({ mode: 'json' }).$type<Speaks[]>().notNull().default([]),
  },
  (t) => [index('findings_case').on(t.caseId)],
);

export const runs = sqliteTable(
  'runs',
  { ...owned(), procedureId: text(), title: line(), at: text().notNull(), state: line() },
  (t) => [index('runs_case').on(t.caseId)],
);

export const attachments = sqliteTable(
  'attachments',
  {
    ...owned(),
    testId: text(),
    partId: text(),
    scanId: text(),
    name: line(),
    mime: line(),
    bytes: integer().notNull().default(0),
    hash: line(),
    at: moment(),
    note: line(),
  },
  (t) => [index('attachments_case').on(t.caseId)],
);

export const traces = sqliteTable(
  'traces',
  {
    ...owned(),
    testId: text(),
    attachmentId: text(),
    name: line(),
    source: line(),
    at: moment(),
    channels: words(),
    interval: line(),
    readAs: line(),
    sheet: line(),
    note: line(),
  },
  (t) => [index('traces_case').on(t.caseId)],
);
