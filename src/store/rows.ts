import { asc, eq, getTableColumns, inArray, max, sql } from 'drizzle-orm';
import { SQLiteAsyncDialect, type SQLiteColumn } from 'drizzle-orm/sqlite-core';
import { CASE_KINDS, OWNED, type AnyRow, type CaseRecord, type Kind, type RowOf } from '@/core/case';
import { db, currentTransaction, type Db, type Tx } from './database';
import { CaseCache } from './case-cache';
import { cases, history, vehicles } from './schema';
import { TABLES } from './tables';

/** Generic reading and writing of the rows of cases. Knows tables, not rules. */

type Row = Record<string, unknown> & { id: string };

/** One row by its id, or undefined. */
export async function getRow<K extends Kind>(q: Tx | Db, kind: K, id: string): Promise<RowOf<K> | undefined> {
  const cached = cacheOf(q)?.get(kind, id);
  if (cached !== undefined) return (cached ?? undefined) as RowOf<K> | undefined;
  const table = TABLES[kind];
  const [row] = await q.select().from(table).where(eq(table.id, id)).limit(1);
  return row as RowOf<K> | undefined;
}

/** The cached case of the transaction under way; nothing outside of one. */
const cacheOf = (q: Tx | Db) => (q === db() ? undefined : currentTransaction()?.cache);

/**
 * Caches a case for the rest of a transaction: its rows are read once, with all else that is known to be asked for.
 *
 * @param adds rows that are about to be added, whose ids may be taken
 * @param also is asked for in the same round trip
 * @returns the case and what else was asked for; undefined where there is no such case
 */
export async function cacheCase<T>(
  tx: Tx,
  id: string,
  adds: readonly { kind: Kind; id: string }[],
  also: () => Promise<T>,
): Promise<{ record: CaseRecord; also: T } | undefined> {
  const state = currentTransaction();
  const kinds = [...new Set(adds.map((a) => a.kind))];
  const idsOf = (kind: Kind) => adds.flatMap((a) => (a.kind === kind ? [a.id] : []));
  const [record, taken, last, more] = await Promise.all([
    loadCase(tx, id),
    Promise.all(
      kinds.map(async (kind) => (await rowsById(tx, kind, idsOf(kind))).map((row) => ({ kind, row }))),
    ),
    tx.select({ n: max(history.seq) }).from(history),
    also(),
  ]);
  if (!record) return undefined;
  if (state) {
    state.cache = new CaseCache(record, taken.flat(), adds);
    state.seq ??= last[0]?.n ?? 0;
  }
  return { record, also: more };
}

/** A part of a transaction that is taken back whole where it fails. */
export async function savepoint<T>(tx: Tx, work: (inner: Tx) => Promise<T>): Promise<T> {
  const state = currentTransaction();
  const back = state?.cache?.mark();
  const written = state?.entries.length ?? 0;
  try {
    return await tx.transaction(work);
  } catch (e) {
    back?.();
    state?.entries.splice(written);
    throw e;
  }
}

export async function insertRow(tx: Tx, kind: Kind, row: Row): Promise<void> {
  await tx.insert(TABLES[kind]).values(row as never);
  currentTransaction()?.cache?.put(kind, row);
}

export async function updateRow(tx: Tx, kind: Kind, id: string, set: Record<string, unknown>): Promise<void> {
  const table = TABLES[kind];
  await tx.update(table).set(set).where(eq(table.id, id));
  const state = currentTransaction();
  state?.cache?.change(kind, id, set);
  if (kind === 'case') state?.wroteOn.add(id);
}

export async function deleteRow(tx: Tx, kind: Kind, id: string): Promise<void> {
  const table = TABLES[kind];
  await tx.delete(table).where(eq(table.id, id));
  currentTransaction()?.cache?.remove(kind, id);
}

/** Rows of a kind whose `field` names `owner`. */
export async function rowsWhere(q: Tx | Db, kind: Kind, field: string, owner: string): Promise<AnyRow[]> {
  const cached = cacheOf(q)?.where(kind, field, owner);
  if (cached) return cached as unknown as AnyRow[];
  const table = TABLES[kind];
  const column = getTableColumns(table)[field];
  if (!column) throw new Error(`No column ${field} in ${kind}`);
  return (await q.select().from(table).where(eq(column, owner))) as AnyRow[];
}

/** Some rows of a kind by their ids; those that are gone are left out. */
export async function rowsById(q: Tx | Db, kind: Kind, ids: readonly string[]): Promise<AnyRow[]> {
  if (ids.length === 0) return [];
  const cache = cacheOf(q);
  const known = cache && ids.map((id) => cache.get(kind, id));
  if (known?.every((row) => row !== undefined))
    return known.filter((row) => row !== null) as unknown as AnyRow[];
  const table = TABLES[kind];
  const found: AnyRow[] = [];
  for (let i = 0; i < ids.length; i += 400)
    found.push(
      ...((await q
        .select()
        .from(table)
        .where(inArray(table.id, ids.slice(i, i + 400)))) as AnyRow[]),
    );
  return found;
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
  const which = ids === 'all' ? undefined : inArray(cases.id, ids);
  // All at once: a database server far away answers it as one question.
  const [found, cars, lists] = await Promise.all([
    q.select().from(cases).where(which).orderBy(asc(cases.number)),
    q
      .select()
      .from(vehicles)
      .where(which && inArray(vehicles.id, q.select({ id: cases.vehicleId }).from(cases).where(which))),
    Promise.all(
      CASE_KINDS.map(async (kind) => {
        const table = TABLES[kind];
        const rows = await q
          .select()
          .from(table)
          .where(ids === 'all' ? undefined : inArray(table.caseId, ids))
          .orderBy(asc(table.caseId), asc(table.position), sql`rowid`);
        return { kind, rows: rows as (AnyRow & { caseId: string })[] };
      }),
    ),
  ]);
  const carById = new Map(cars.map((v) => [v.id, v]));
  const records = new Map<string, CaseRecord>();
  for (const c of found) {
    const empty = Object.fromEntries(CASE_KINDS.map((k) => [k, []]));
    records.set(c.id, { case: c, vehicle: carById.get(c.vehicleId), ...empty } as unknown as CaseRecord);
  }
  for (const { kind, rows } of lists) {
    for (const row of rows) (records.get(row.caseId)?.[kind] as AnyRow[] | undefined)?.push(row);
  }
  return [...records.values()];
}

/**
 * Loads one whole case in a single statement: a case has some two dozen lists, and one round trip
 * is what it should cost, here and against a server far away.
 */
export async function loadCase(q: Tx | Db, id: string): Promise<CaseRecord | undefined> {
  const cache = cacheOf(q);
  if (cache?.record.case.id === id && cache.hasVehicle()) return cache.now();
  statementPieces ??= new SQLiteAsyncDialect({ casing: 'snake_case' })
    .sqlToQuery(caseStatement())
    .sql.split(ID_MARK);
  const statement = sql.join(
    statementPieces.map((text) => sql.raw(text)),
    sql`${id}`,
  );
  const [row] = await q.all<Record<string, string | null>>(statement);
  if (!row?.case || !row.vehicle) return undefined;
  const lists = CASE_KINDS.map((kind) => [
    kind,
    (JSON.parse(row[kind] ?? '[]') as Row[]).map((r) => fromJson(kind, r)),
  ]);
  return {
    ...Object.fromEntries(lists),
    case: fromJson('case', JSON.parse(row.case) as Row),
    vehicle: fromJson('vehicle', JSON.parse(row.vehicle) as Row),
  } as CaseRecord;
}

const columnsOf = (kind: Kind) => getTableColumns(TABLES[kind]) as Record<string, SQLiteColumn>;

/** Stands for the case's id while the statement is built, which happens once. */
const ID_MARK = '@case-id@';
let statementPieces: string[] | undefined;

function caseStatement() {
  const id = sql.raw(ID_MARK);
  const object = (kind: Kind) =>
    sql.join(
      Object.entries(columnsOf(kind)).flatMap(([name, column]) => [sql.raw(`'${name}'`), sql`${column}`]),
      sql`, `,
    );
  const list = (kind: (typeof CASE_KINDS)[number]) => {
    const table = TABLES[kind];
    return sql`(select json_group_array(json_object(${object(kind)}) order by ${table.position}, ${table}.rowid) from ${table} where ${table.caseId} = ${id})`;
  };
  const selected = [
    sql`json_object(${object('case')}) as "case"`,
    sql`(select json_object(${object('vehicle')}) from ${vehicles} where ${vehicles.id} = ${cases.vehicleId}) as "vehicle"`,
    ...CASE_KINDS.map((kind) => sql`${list(kind)} as ${sql.identifier(kind)}`),
  ];
  return sql`select ${sql.join(selected, sql`, `)} from ${cases} where ${cases.id} = ${id}`;
}

/** Values as the columns give them: lists from their JSON text, switches from 0 and 1. */
function fromJson(kind: Kind, row: Row): Row {
  for (const [name, column] of Object.entries(columnsOf(kind))) {
    if (row[name] !== null) row[name] = column.mapFromDriverValue(row[name] as never);
  }
  return row;
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

/**
 * Appends to the history and returns the sequence number, which grows over the whole database. A transaction that
 * writes holds all others off, so that the numbers after the last one are its own: it asks for that one once.
 */
export async function appendHistory(tx: Tx, entry: HistoryEntry): Promise<number> {
  const state = currentTransaction();
  if (!state) throw new Error('History is written within a transaction only.');
  state.seq ??= (await tx.select({ n: max(history.seq) }).from(history))[0]?.n ?? 0;
  const seq = ++state.seq;
  await tx.insert(history).values({ ...entry, seq });
  state.entries.push({ kind: entry.kind, rowId: entry.rowId, op: entry.op });
  if (entry.caseId !== null) state.wroteOn.add(entry.caseId);
  return seq;
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

/** What a row said when it was added; undefined where it did not come by an addition. */
export async function addedAs(q: Tx | Db, rowId: string): Promise<Record<string, unknown> | undefined> {
  const [row] = await q
    .select({ after: history.after })
    .from(history)
    .where(sql`${history.rowId} = ${rowId} and ${history.op} = 'add'`)
    .orderBy(sql`${history.seq} desc`)
    .limit(1);
  return row?.after ?? undefined;
}

/** Who, other than one writer, last wrote one of some rows since a sequence number; undefined for nobody. */
export async function othersSince(
  q: Tx | Db,
  rowIds: readonly string[],
  since: number,
  writer: string,
): Promise<{ who: string; at: string } | undefined> {
  const [row] = await q
    .select({ who: history.who, at: history.at })
    .from(history)
    .where(
      sql`${history.rowId} in ${rowIds} and ${history.seq} > ${since} and ${history.who} <> ${writer} and ${history.who} <> ''`,
    )
    .orderBy(sql`${history.seq} desc`)
    .limit(1);
  return row;
}
