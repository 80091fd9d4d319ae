import { index, integer, primaryKey, sqliteTable, text } from 'drizzle-orm/sqlite-core';
import type { Person } from '@/core/case';
import { flag, id, line, moment, revision, words } from './columns';

/** What the shop keeps beyond one case. */

/** Settings by name, as JSON: the shop's name, what kind of shop this is, follow-up periods. */
export const settings = sqliteTable('settings', {
  key: text().primaryKey(),
  value: text({ mode: 'json' }).$type<unknown>().notNull(),
});

export const people = sqliteTable('people', {
  id: id(),
  name: text().notNull(),
  role: text().$type<Person['role']>().notNull(),
  active: flag(true),
});

/** Parts (with their system) and kinds of failure, from which root causes are chosen. */
export const catalogue = sqliteTable(
  'catalogue',
  {
    id: id(),
    kind: text().notNull(),
    system: line(),
    name: text().notNull(),
    synonyms: words(),
    mergedInto: text(),
    fresh: flag(false),
  },
  (t) => [index('catalogue_name').on(t.kind, t.name)],
);

/** The shop's own words for a code: a correction, or a maker-specific one. */
export const codeMeanings = sqliteTable('code_meanings', {
  code: text().primaryKey(),
  says: text().notNull(),
});

/**
 * Words the shop taught: for a symptom, a condition, a vehicle (make/model/engine), or to be passed
 * over when words are offered for teaching.
 */
export const symptomWords = sqliteTable('symptom_words', {
  id: id(),
  of: text().notNull().default('symptom'),
  concept: text().notNull(),
  words: text().notNull(),
});

/**
 * What is kept of each case for search and guide, drawn up from its rows. It can be thrown away at any
 * time: whoever needs one that is missing, or older than its case, draws it up anew.
 */
export const digests = sqliteTable('digests', {
  caseId: text().primaryKey(),
  /** The case's sequence number it was drawn up at. */
  seq: integer().notNull(),
  version: integer().notNull(),
  body: text().notNull(),
});

/**
 * The shape of each recording, drawn up from its file. It can be thrown away at any time: whoever needs one that is
 * missing, or of another version, draws it up anew. Empty where the file cannot be read.
 */
export const fingerprints = sqliteTable('fingerprints', {
  traceId: text().primaryKey(),
  version: integer().notNull(),
  body: text().notNull(),
});

export const knownGood = sqliteTable(
  'known_good',
  {
    id: id(),
    make: line(),
    model: line(),
    engine: line(),
    year: integer(),
    label: line(),
    conditions: words(),
    entered: line(),
    at: moment(),
    byId: text(),
    note: line(),
  },
  (t) => [index('known_good_build').on(t.make, t.model, t.engine)],
);

export const procedures = sqliteTable('procedures', {
  id: id(),
  revision: revision(),
  title: line(),
  codes: words(),
  part: line(),
  build: line(),
  steps: text({ mode: 'json' }).$type<unknown[]>().notNull().default([]),
  note: line(),
});

export const bulletins = sqliteTable('bulletins', {
  id: id(),
  number: line(),
  title: line(),
  issuedBy: line(),
  codes: words(),
  symptoms: words(),
  build: line(),
  yearFrom: integer().notNull().default(0),
  yearTo: integer().notNull().default(0),
  body: line(),
});

/** Case files taken in, by the hash of their content: the same file twice is one case. */
export const takenIn = sqliteTable('taken_in', {
  caseId: text().primaryKey(),
  hash: text().notNull(),
});

/**
 * Who did what, when. Append-only: the migration adds triggers that refuse to change or delete a row.
 */
export const history = sqliteTable(
  'history',
  {
    seq: integer().primaryKey({ autoIncrement: true }),
    at: text().notNull(),
    who: line(),
    caseId: text(),
    kind: text().notNull(),
    rowId: text().notNull(),
    op: text().notNull(),
    before: text({ mode: 'json' }).$type<Record<string, unknown> | null>(),
    after: text({ mode: 'json' }).$type<Record<string, unknown> | null>(),
  },
  (t) => [index('history_case').on(t.caseId, t.seq), index('history_row').on(t.rowId, t.seq)],
);

/** Who looks at which case, where several servers share the database: seconds since 1970 by the database's clock. */
export const presence = sqliteTable(
  'presence',
  { caseId: text().notNull(), who: text().notNull(), seenAt: integer().notNull() },
  (t) => [primaryKey({ columns: [t.caseId, t.who] })],
);
