import { asc, eq, getTableColumns, inArray, sql } from 'drizzle-orm';
import { CASE_KINDS, OWNED, type AnyRow, type CaseRecord, type Kind, type RowOf } from '@/core/case';
import type { Db, Tx } from './database';
import { cases, history, vehicles } from './schema';
import { TABLES } from './tables';

/** Generic reading and writing of the rows of cases. Knows tables, not rules. */

type Row = Record<string, unknown> & { id: string };

/** One row by its id, or undefined. */
export async function getRow<K extends Kind>(q: Tx | Db, kind: K, id: string): Promise<RowOf<K> | undefined> {
  const table = TABLES[kind];
  const [row] = await q.select().from(table).where(eq(table.id, id)).limit(1);
  return row as RowOf<K> | undefined;
}

export async function insertRow(tx: Tx, kind: Kind, row: Row): Promise<void> {
  await tx.insert(TABLES[kind]).values(row as never);
}

export async function updateRow(tx: Tx, kind: Kind, id: string, set: Record<string, unknown>): Promise<void> {
  const table = TABLES[kind];
  await tx.update(table).set(set).where(eq(table.id, id));
}

export async function deleteRow(tx: Tx, kind: Kind, id: string): Promise<void> {
  const table = TABLES[kind];
  await tx.delete(table).where(eq(table.id, id));
}

/** Rows of a kind whose `field` names `owner`. */
export async function rowsWhere(q: Tx | Db, kind: Kind, field: string, owner: string): Promise<AnyRow[]> {
  const table = TABLES[kind];
  const column = getTableColumns(table)[field];
  if (!column) throw new Error(`No column ${field} in ${kind}`);
  return (await q.select().from(table).where(eq(column, owner))) as AnyRow[];
}

/** Kinds and fields that hang on a row of this kind. */
export function ownedBy(kind: Kind): { kind: Kind; field: string }[] {
  return Object.entries(OWNED).flatMap(([k, owners]) =>
    owners.filter(([, of]) => of === kind).map(([field]) => ({ kind: k as Kind, field })),
  );
}

/**
 * Loads whole cases, each list in its order.
 *
 * @param ids which; `all` for every case
 */
export async function loadCases(q: Tx | Db, ids: string[] | 'all'): Promise<CaseRecord[]> {
  if (ids !== 'all' && ids.length === 0) return [];
  const found = await q
    .select()
    .from(cases)
    .where(ids === 'all' ? undefined : inArray(cases.id, ids))
    .orderBy(asc(cases.number));
  if (found.length === 0) return [];
  const cars = await q
    .select()
    .from(vehicles)
    .where(ids === 'all' ? undefined : inArray(vehicles.id, [...new Set(found.map((c) => c.vehicleId))]));
  const carById = new Map(cars.map((v) => [v.id, v]));
  const records = new Map<string, CaseRecord>();
  for (const c of found) {
    const empty = Object.fromEntries(CASE_KINDS.map((k) => [k, []]));
    records.set(c.id, { case: c, vehicle: carById.get(c.vehicleId), ...empty } as unknown as CaseRecord);
  }
  const lists = await Promise.all(
    CASE_KINDS.map(async (kind) => {
      const table = TABLES[kind];
      const rows = await q
        .select()
        .from(table)
        .where(ids === 'all' ? undefined : inArray(table.caseId, ids))
        .orderBy(asc(table.caseId), asc(table.position), sql`rowid`);
      return { kind, rows: rows as (AnyRow & { caseId: string })[] };
    }),
  );
  for (const { kind, rows } of lists) {
    for (const row of rows) (records.get(row.caseId)?.[kind] as AnyRow[] | undefined)?.push(row);
  }
  return [...records.values()];
}

/** Loads one whole case, or undefined. */
export async function loadCase(q: Tx | Db, id: string): Promise<CaseRecord | undefined> {
  return (await loadCases(q, [id]))[0];
}

export interface HistoryEntry {
  at: string;
  who: string;
  caseId: string | null;
  kind: string;
  rowId: string;
  op: 'add' | 'set' | 'remove' | 'merge';
  before: Record<string, unknown> | null;
  after: Record<string, unknown> | null;
}

/** Appends to the history and returns the sequence number, which grows over the whole database. */
export async function appendHistory(tx: Tx, entry: HistoryEntry): Promise<number> {
  const [row] = await tx.insert(history).values(entry).returning({ seq: history.seq });
  return row!.seq;
}

/** Who wrote a field of a row last, and when. */
export async function lastWriter(
  q: Tx | Db,
  rowId: string,
  field: string,
): Promise<{ who: string; at: string } | undefined> {
  const [row] = await q
    .select({ who: history.who, at: history.at })
    .from(history)
    .where(sql`${history.rowId} = ${rowId} and json_type(${history.after}, ${'$.' + field}) is not null`)
    .orderBy(sql`${history.seq} desc`)
    .limit(1);
  return row;
}
