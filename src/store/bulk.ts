import { getTableColumns, inArray, max } from 'drizzle-orm';
import { CasingCache } from 'drizzle-orm/casing';
import type { SQLiteColumn } from 'drizzle-orm/sqlite-core';
import type { InArgs } from '@libsql/client';
import type { Kind } from '@/core/case';
import { db, type PutBatch } from './database';
import type { DigestRow } from './digests';
import type { HistoryEntry } from './rows';
import * as s from './schema';
import { highestNumber } from './shop';
import { TABLES, type AnyTable } from './tables';

/**
 * Many rows at once, for taking in whole files of cases. They go as one JSON text that the database
 * takes apart: what a query builder, or a statement with thousands of values, does for each row would be
 * most of the time of an import.
 */

type Row = Record<string, unknown>;
interface Statement {
  sql: string;
  args: InArgs;
}

/** Rows that go as one JSON text; a remote server is kinder to several smaller ones. */
const MOST_ROWS = 2000;
const casing = new CasingCache('snake_case');
const shapes = new Map<AnyTable, { columns: [string, SQLiteColumn][]; sql: string }>();

function shapeOf(table: AnyTable) {
  let shape = shapes.get(table);
  if (!shape) {
    const columns = Object.entries(getTableColumns(table)) as [string, SQLiteColumn][];
    const name = (table as unknown as { [k: symbol]: string })[Symbol.for('drizzle:Name')]!;
    shape = {
      columns,
      sql: `insert into "${name}" (${columns.map(([, c]) => `"${casing.getColumnCasing(c)}"`).join(', ')}) select ${columns.map((_, i) => `value ->> ${i}`).join(', ')} from json_each(?) where true`,
    };
    shapes.set(table, shape);
  }
  return shape;
}

/** Statements that add rows to a table; fields a row does not have take the column's default. */
function inserts(table: AnyTable, rows: readonly Row[], tail = ''): Statement[] {
  if (rows.length === 0) return [];
  const { columns, sql } = shapeOf(table);
  const statements: Statement[] = [];
  for (let i = 0; i < rows.length; i += MOST_ROWS) {
    const values = rows.slice(i, i + MOST_ROWS).map((r) =>
      columns.map(([name, column]) => {
        const value = r[name] === undefined ? column.default : r[name];
        return value === null || value === undefined ? null : column.mapToDriverValue(value);
      }),
    );
    statements.push({ sql: sql + tail, args: [JSON.stringify(values)] });
  }
  return statements;
}

/** Everything one batch of cases brings. */
export interface Batch {
  people: Row[];
  rows: Map<Kind, Row[]>;
  catalogue: Row[];
  history: (HistoryEntry & { seq: number })[];
  digests: DigestRow[];
  takenIn: { caseId: string; hash: string }[];
}

/** The tables in an order in which owners come before what hangs on them. */
const ORDER: Kind[] = ['vehicle', 'case'];

/** Puts a batch down, whole or not at all. */
export async function putBatch(batch: Batch, put: PutBatch): Promise<void> {
  const kinds = [...ORDER, ...[...batch.rows.keys()].filter((k) => !ORDER.includes(k))];
  await put([
    ...inserts(s.people, batch.people),
    ...inserts(s.catalogue, batch.catalogue),
    ...kinds.flatMap((k) => inserts(TABLES[k], batch.rows.get(k) ?? [])),
    ...inserts(s.history, batch.history as unknown as Row[]),
    ...inserts(s.digests, batch.digests as unknown as Row[], ' on conflict do nothing'),
    ...inserts(s.takenIn, batch.takenIn),
  ]);
}

/** What a batch has to know of what is there already. */
export async function alreadyHere(
  ids: string[],
  numbers: number[],
  vehicleIds: string[],
  vins: string[],
): Promise<{
  hashes: Map<string, string>;
  ids: Set<string>;
  numbers: Map<number, string>;
  vehicles: (typeof s.vehicles.$inferSelect)[];
}> {
  const some = async <T>(list: unknown[], ask: () => Promise<T[]>) => (list.length ? ask() : []);
  const taken = await some(ids, () => db().select().from(s.takenIn).where(inArray(s.takenIn.caseId, ids)));
  const cases = await some(ids, () =>
    db().select({ id: s.cases.id }).from(s.cases).where(inArray(s.cases.id, ids)),
  );
  const byNumber = await some(numbers, () =>
    db()
      .select({ id: s.cases.id, number: s.cases.number })
      .from(s.cases)
      .where(inArray(s.cases.number, numbers)),
  );
  const byId = await some(vehicleIds, () =>
    db().select().from(s.vehicles).where(inArray(s.vehicles.id, vehicleIds)),
  );
  const byVin = await some(vins, () => db().select().from(s.vehicles).where(inArray(s.vehicles.vin, vins)));
  return {
    hashes: new Map(taken.map((t) => [t.caseId, t.hash])),
    ids: new Set(cases.map((c) => c.id)),
    numbers: new Map(byNumber.map((c) => [c.number, c.id])),
    vehicles: [...byId, ...byVin],
  };
}

/** Where numbers go on: the last case number and the last history sequence. */
export async function lastNumbers(): Promise<{ number: number; seq: number }> {
  const [h] = await db()
    .select({ n: max(s.history.seq) })
    .from(s.history);
  return { number: await highestNumber(db()), seq: h?.n ?? 0 };
}
