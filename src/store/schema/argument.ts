import { index, real, sqliteTable, text } from 'drizzle-orm/sqlite-core';
import { cases, owned } from './cases';
import { line, moment } from './columns';
import { tests } from './evidence';

/** Suspects, causes, repairs, proof. Shapes: src/core/case/argument.ts. */

export const suspects = sqliteTable(
  'suspects',
  {
    ...owned(),
    partId: text(),
    failureId: text(),
    words: line(),
    where: line(),
    origin: line(),
    state: line(),
    why: line(),
  },
  (t) => [index('suspects_case').on(t.caseId)],
);

export const bearings = sqliteTable(
  'bearings',
  {
    ...owned(),
    testId: text()
      .notNull()
      .references(() => tests.id, { onDelete: 'cascade' }),
    suspectId: text()
      .notNull()
      .references(() => suspects.id, { onDelete: 'cascade' }),
    says: line(),
    why: line(),
  },
  (t) => [index('bearings_case').on(t.caseId)],
);

export const causes = sqliteTable(
  'causes',
  {
    ...owned(),
    partId: text(),
    failureId: text(),
    where: line(),
    why: line(),
    misled: line(),
    state: line(),
  },
  (t) => [index('causes_case').on(t.caseId), index('causes_part').on(t.partId, t.failureId)],
);

export const causeExplains = sqliteTable(
  'cause_explains',
  {
    ...owned(),
    causeId: text()
      .notNull()
      .references(() => causes.id, { onDelete: 'cascade' }),
    of: text().notNull(),
    what: text().notNull(),
  },
  (t) => [index('cause_explains_case').on(t.caseId)],
);

export const repairs = sqliteTable(
  'repairs',
  {
    ...owned(),
    causeId: text(),
    at: moment(),
    byId: text(),
    action: line(),
    what: line(),
    authorisation: line(),
    askedAt: moment(),
    answeredAt: moment(),
    answeredById: text(),
    declinedMeans: line(),
    hours: real(),
    access: line(),
    alsoChanged: line(),
    due: line(),
    note: line(),
  },
  (t) => [index('repairs_case').on(t.caseId)],
);

export const repairParts = sqliteTable(
  'repair_parts',
  {
    ...owned(),
    repairId: text()
      .notNull()
      .references(() => repairs.id, { onDelete: 'cascade' }),
    name: line(),
    number: line(),
    source: line(),
    soldAs: line(),
    price: line(),
    orderedAt: moment(),
    arrivedAt: moment(),
  },
  (t) => [index('repair_parts_case').on(t.caseId)],
);

export const proofSteps = sqliteTable(
  'proof_steps',
  {
    ...owned(),
    kind: line(),
    what: line(),
    state: line(),
    result: line(),
    testId: text(),
    scanId: text(),
    at: moment(),
    byId: text(),
  },
  (t) => [index('proof_steps_case').on(t.caseId)],
);

export const followUps = sqliteTable(
  'follow_ups',
  {
    ...owned(),
    dueAt: moment(),
    dueOdometer: line(),
    state: line(),
    note: line(),
    doneAt: moment(),
    byId: text(),
  },
  (t) => [index('follow_ups_case').on(t.caseId), index('follow_ups_due').on(t.state, t.dueAt)],
);

export const comebacks = sqliteTable(
  'comebacks',
  {
    ...owned(),
    ofCaseId: text()
      .notNull()
      .references(() => cases.id),
    state: line(),
    why: line(),
  },
  (t) => [index('comebacks_case').on(t.caseId), index('comebacks_of').on(t.ofCaseId)],
);

export const bulletinUses = sqliteTable(
  'bulletin_uses',
  { ...owned(), bulletinId: text().notNull(), helped: line() },
  (t) => [index('bulletin_uses_case').on(t.caseId)],
);
