import { and, asc, desc, eq, gt, inArray, isNotNull, isNull, max, ne, or, sql, type SQL } from 'drizzle-orm';
import { alias } from 'drizzle-orm/sqlite-core';
import type { CatalogueItem } from '@/core/case';
import type { Db, Tx } from './database';
import * as s from './schema';

/** Queries over what is not one case: settings, people, catalogue, lists of cases. */

export async function getSetting<T>(q: Tx | Db, key: string): Promise<T | undefined> {
  const [row] = await q.select().from(s.settings).where(eq(s.settings.key, key));
  return row?.value as T | undefined;
}

export async function putSetting(tx: Tx, key: string, value: unknown): Promise<void> {
  await tx
    .insert(s.settings)
    .values({ key, value })
    .onConflictDoUpdate({ target: s.settings.key, set: { value } });
}

export type PersonRow = typeof s.people.$inferSelect;

export async function listPeople(q: Tx | Db): Promise<PersonRow[]> {
  return q.select().from(s.people).orderBy(asc(s.people.name));
}

export async function insertPerson(tx: Tx, person: PersonRow): Promise<void> {
  await tx.insert(s.people).values(person);
}

/** Adds a person, or writes over what was known of them. */
export async function upsertPerson(tx: Tx, person: PersonRow): Promise<void> {
  await tx.insert(s.people).values(person).onConflictDoUpdate({ target: s.people.id, set: person });
}

/** The shop's own words for codes. */
export async function listMeanings(q: Tx | Db): Promise<Record<string, string>> {
  return Object.fromEntries((await q.select().from(s.codeMeanings)).map((r) => [r.code, r.says]));
}

/** Puts a meaning down; an empty one goes back to the dictionary's. */
export async function putMeaning(tx: Tx, code: string, says: string): Promise<void> {
  if (says === '') await tx.delete(s.codeMeanings).where(eq(s.codeMeanings.code, code));
  else
    await tx
      .insert(s.codeMeanings)
      .values({ code, says })
      .onConflictDoUpdate({ target: s.codeMeanings.code, set: { says } });
}

export async function listCatalogue(q: Tx | Db): Promise<CatalogueItem[]> {
  return (await q
    .select()
    .from(s.catalogue)
    .orderBy(asc(s.catalogue.system), asc(s.catalogue.name))) as CatalogueItem[];
}

export async function insertCatalogue(tx: Tx, items: CatalogueItem[]): Promise<void> {
  for (let i = 0; i < items.length; i += 100) await tx.insert(s.catalogue).values(items.slice(i, i + 100));
}

export async function updateCatalogue(tx: Tx, id: string, set: Partial<CatalogueItem>): Promise<void> {
  await tx.update(s.catalogue).set(set).where(eq(s.catalogue.id, id));
}

/** How often each part and each failure stands in a cause. */
export async function countCatalogueUse(q: Tx | Db): Promise<Map<string, number>> {
  const counts = new Map<string, number>();
  for (const column of [s.causes.partId, s.causes.failureId]) {
    const rows = await q
      .select({ id: column, n: sql<number>`count(*)` })
      .from(s.causes)
      .groupBy(column);
    for (const r of rows) if (r.id) counts.set(r.id, r.n);
  }
  return counts;
}

/** Cases in which entries of the list stand as a cause or a suspect, by number. */
export async function casesWithEntries(
  q: Tx | Db,
  ids: readonly string[],
): Promise<{ id: string; number: number; causes: number; suspects: number }[]> {
  const found = new Map<string, { id: string; number: number; causes: number; suspects: number }>();
  for (const [table, of] of [
    [s.causes, 'causes'],
    [s.suspects, 'suspects'],
  ] as const) {
    const rows = await q
      .select({ id: s.cases.id, number: s.cases.number, n: sql<number>`count(*)` })
      .from(table)
      .innerJoin(s.cases, eq(s.cases.id, table.caseId))
      .where(or(inArray(table.partId, [...ids]), inArray(table.failureId, [...ids])))
      .groupBy(s.cases.id);
    for (const r of rows) {
      const known = found.get(r.id) ?? { id: r.id, number: r.number, causes: 0, suspects: 0 };
      known[of] += r.n;
      found.set(r.id, known);
    }
  }
  return [...found.values()].sort((a, b) => a.number - b.number);
}

/** What was written of one entry of the list, newest first. */
export async function entryHistory(q: Tx | Db, id: string) {
  return q
    .select()
    .from(s.history)
    .where(and(eq(s.history.kind, 'catalogue'), eq(s.history.rowId, id), isNull(s.history.caseId)))
    .orderBy(desc(s.history.seq));
}

const LAST_NUMBER = 'cases.lastNumber';

/** The highest number that was ever given, also to a case that was thrown away since. */
export async function highestNumber(q: Tx | Db): Promise<number> {
  const [row] = await q.select({ n: max(s.cases.number) }).from(s.cases);
  return Math.max(row?.n ?? 0, (await getSetting<number>(q, LAST_NUMBER)) ?? 0);
}

/** The number the next case gets: one that no case ever had. */
export const nextCaseNumber = async (tx: Tx): Promise<number> => (await highestNumber(tx)) + 1;

/** Remembers a number that was given, before its case is thrown away. */
export async function keepNumber(tx: Tx, number: number): Promise<void> {
  if (number > ((await getSetting<number>(tx, LAST_NUMBER)) ?? 0)) await putSetting(tx, LAST_NUMBER, number);
}

export async function countCases(q: Tx | Db): Promise<number> {
  const [row] = await q.select({ n: sql<number>`count(*)` }).from(s.cases);
  return row?.n ?? 0;
}

/** Ids of cases written since a sequence number, with the highest number seen. */
export async function changedSince(q: Tx | Db, seq: number): Promise<{ ids: string[]; seq: number }> {
  const rows = await q
    .select({ id: s.cases.id, seq: s.cases.seq })
    .from(s.cases)
    .where(gt(s.cases.seq, seq))
    .orderBy(asc(s.cases.seq));
  return { ids: rows.map((r) => r.id), seq: rows.at(-1)?.seq ?? seq };
}

/** Ids of all cases, in their order. */
export async function allCaseIds(q: Tx | Db): Promise<string[]> {
  const rows = await q.select({ id: s.cases.id }).from(s.cases).orderBy(asc(s.cases.id));
  return rows.map((r) => r.id);
}

/** The highest sequence number of any case. */
export async function lastCaseSeq(q: Tx | Db): Promise<number> {
  const [row] = await q.select({ n: max(s.cases.seq) }).from(s.cases);
  return row?.n ?? -1;
}

/** History of some kinds of row since a sequence number, for caches that follow it; what was only changed on a case is left out. */
export async function historySince(
  q: Tx | Db,
  seq: number,
  kinds: string[],
): Promise<{ kind: string; op: string; rowId: string; seq: number }[]> {
  return q
    .select({ kind: s.history.kind, op: s.history.op, rowId: s.history.rowId, seq: s.history.seq })
    .from(s.history)
    .where(
      and(
        gt(s.history.seq, seq),
        inArray(s.history.kind, kinds),
        sql`not (${s.history.kind} = 'case' and ${s.history.op} = 'set')`,
      ),
    )
    .orderBy(asc(s.history.seq));
}

export async function lastHistorySeq(q: Tx | Db): Promise<number> {
  const [row] = await q.select({ n: max(s.history.seq) }).from(s.history);
  return row?.n ?? 0;
}

/** What happened on a case, newest first. */
export async function caseHistory(q: Tx | Db, caseId: string, limit: number) {
  return q
    .select()
    .from(s.history)
    .where(eq(s.history.caseId, caseId))
    .orderBy(desc(s.history.seq))
    .limit(limit);
}

/** What was written on a case since a sequence number, in order: kind, row and what was done. */
export async function caseNews(q: Tx | Db, caseId: string, since: number) {
  return q
    .select({ kind: s.history.kind, rowId: s.history.rowId, op: s.history.op })
    .from(s.history)
    .where(and(eq(s.history.caseId, caseId), gt(s.history.seq, since)))
    .orderBy(asc(s.history.seq));
}

export async function casesOfVehicle(q: Tx | Db, vehicleId: string): Promise<string[]> {
  const rows = await q.select({ id: s.cases.id }).from(s.cases).where(eq(s.cases.vehicleId, vehicleId));
  return rows.map((r) => r.id);
}

export async function openCaseIds(q: Tx | Db): Promise<string[]> {
  const rows = await q.select({ id: s.cases.id }).from(s.cases).where(isNull(s.cases.closedAt));
  return rows.map((r) => r.id);
}

/** Ids of the cases closed last. */
export async function lastClosedIds(q: Tx | Db, limit: number): Promise<string[]> {
  const rows = await q
    .select({ id: s.cases.id })
    .from(s.cases)
    .where(isNotNull(s.cases.closedAt))
    .orderBy(desc(s.cases.closedAt))
    .limit(limit);
  return rows.map((r) => r.id);
}

/** Cases closed with their proof, the newest first. */
export async function lastProvenIds(q: Tx | Db, limit: number): Promise<string[]> {
  const rows = await q
    .select({ id: s.cases.id })
    .from(s.cases)
    .where(and(isNotNull(s.cases.closedAt), inArray(s.cases.grade, ['proven', 'held'])))
    .orderBy(desc(s.cases.closedAt))
    .limit(limit);
  return rows.map((r) => r.id);
}

/** Cases that came back lately, the newest first, with the earlier case each is a comeback of. */
export async function latestComebacks(q: Tx | Db, limit: number) {
  const earlier = alias(s.cases, 'earlier');
  return q
    .select({
      number: s.cases.number,
      of: earlier.number,
      state: s.comebacks.state,
      openedAt: s.cases.openedAt,
      closedAt: s.cases.closedAt,
      vehicle: s.vehicles,
    })
    .from(s.comebacks)
    .innerJoin(s.cases, eq(s.cases.id, s.comebacks.caseId))
    .innerJoin(earlier, eq(earlier.id, s.comebacks.ofCaseId))
    .innerJoin(s.vehicles, eq(s.vehicles.id, s.cases.vehicleId))
    .where(ne(s.comebacks.state, 'rejected'))
    .orderBy(desc(s.cases.openedAt))
    .limit(limit);
}

/** Follow-ups in one of some states, soonest due first, with their case. */
export async function followUpsIn(q: Tx | Db, states: readonly string[]) {
  return q
    .select({ followUp: s.followUps, own: s.cases, vehicle: s.vehicles })
    .from(s.followUps)
    .innerJoin(s.cases, eq(s.cases.id, s.followUps.caseId))
    .innerJoin(s.vehicles, eq(s.vehicles.id, s.cases.vehicleId))
    .where(inArray(s.followUps.state, [...states]))
    .orderBy(asc(s.followUps.dueAt));
}

/** Comebacks of earlier cases: earlier case id → numbers of the later cases, confirmed ones only. */
export async function confirmedComebacks(
  q: Tx | Db,
): Promise<Map<string, { number: number; caseId: string }[]>> {
  const rows = await q
    .select({ of: s.comebacks.ofCaseId, number: s.cases.number, caseId: s.cases.id })
    .from(s.comebacks)
    .innerJoin(s.cases, eq(s.cases.id, s.comebacks.caseId))
    .where(eq(s.comebacks.state, 'confirmed'));
  const map = new Map<string, { number: number; caseId: string }[]>();
  for (const r of rows) map.set(r.of, [...(map.get(r.of) ?? []), { number: r.number, caseId: r.caseId }]);
  return map;
}

/** A vehicle with the customers of its cases; one without a case is not among them. */
export interface VehicleHere {
  vehicle: typeof s.vehicles.$inferSelect;
  customers: { customer: string; phone: string }[];
}

/** Vehicles that have a case and meet a condition, each with its customers. */
async function vehiclesHere(q: Tx | Db, where: SQL | undefined, limit: number): Promise<VehicleHere[]> {
  const rows = await q
    .select({ vehicle: s.vehicles, customer: s.cases.customer, phone: s.cases.phone })
    .from(s.vehicles)
    .innerJoin(s.cases, eq(s.cases.vehicleId, s.vehicles.id))
    .where(where)
    .orderBy(desc(s.cases.openedAt))
    .limit(limit);
  const found = new Map<string, VehicleHere>();
  for (const { vehicle, ...customer } of rows) {
    const known = found.get(vehicle.id) ?? { vehicle, customers: [] };
    known.customers.push(customer);
    found.set(vehicle.id, known);
  }
  return [...found.values()];
}

/** As the index `vehicles_plate` has it. */
export const PLAIN_PLATE = sql`lower(replace(replace(replace(${s.vehicles.plate}, ' ', ''), '-', ''), '.', ''))`;
const MOST_BY_PLATE = 100_000;

/** Vehicles whose VIN begins with what was typed, for recognising one while it is typed. */
export const vehiclesByVin = (q: Tx | Db, start: string, except: string, limit: number) =>
  vehiclesHere(
    q,
    and(sql`${s.vehicles.vin} like ${start.replace(/[%_]/g, '') + '%'}`, ne(s.vehicles.id, except)),
    limit,
  );

/** Vehicles by their plates, without blanks, dots and dashes, in lower case. */
export const vehiclesByPlate = (q: Tx | Db, plates: readonly string[]) =>
  vehiclesHere(q, inArray(PLAIN_PLATE, [...plates]), MOST_BY_PLATE);

/** Vehicles of a make and model, whatever case they are written in. */
export const vehiclesByMakeModel = (q: Tx | Db, make: string, model: string, limit: number) =>
  vehiclesHere(
    q,
    and(
      sql`lower(${s.vehicles.make}) = ${make.toLowerCase()}`,
      sql`lower(${s.vehicles.model}) = ${model.toLowerCase()}`,
    ),
    limit,
  );

/** Vehicles of one make with one engine, newest row last. */
export async function vehiclesByEngine(q: Tx | Db, make: string, engine: string, except: string) {
  return q
    .select()
    .from(s.vehicles)
    .where(
      and(
        sql`lower(${s.vehicles.make}) = ${make.toLowerCase()}`,
        sql`lower(${s.vehicles.engine}) = ${engine.toLowerCase()}`,
        ne(s.vehicles.id, except),
      ),
    )
    .limit(20);
}

export async function numberOfCase(q: Tx | Db, id: string): Promise<number | undefined> {
  const [row] = await q.select({ n: s.cases.number }).from(s.cases).where(eq(s.cases.id, id));
  return row?.n;
}

export async function caseIdByNumber(q: Tx | Db, number: number): Promise<string | undefined> {
  const [row] = await q.select({ id: s.cases.id }).from(s.cases).where(eq(s.cases.number, number));
  return row?.id;
}

/** Any row that names a stored file. */
export async function attachmentByHash(q: Tx | Db, hash: string) {
  const [row] = await q.select().from(s.attachments).where(eq(s.attachments.hash, hash)).limit(1);
  return row;
}

/** Number of every case by its id. */
export async function caseNumbers(q: Tx | Db): Promise<Map<string, number>> {
  const rows = await q.select({ id: s.cases.id, number: s.cases.number }).from(s.cases);
  return new Map(rows.map((r) => [r.id, r.number]));
}

/** Ids of all cases, lowest number first. */
export async function caseIdsByNumber(q: Tx | Db): Promise<string[]> {
  const rows = await q.select({ id: s.cases.id }).from(s.cases).orderBy(asc(s.cases.number));
  return rows.map((r) => r.id);
}

/** Of the history's rows that are asked for at once. */
const AT_ONCE = 500;

const inPieces = <T>(list: readonly T[]): T[][] =>
  Array.from({ length: Math.ceil(list.length / AT_ONCE) }, (_, i) =>
    list.slice(i * AT_ONCE, (i + 1) * AT_ONCE),
  );

/** Ids of the cases with these numbers, as far as there are. */
export async function caseIdsOfNumbers(q: Tx | Db, numbers: readonly number[]): Promise<string[]> {
  const ids: string[] = [];
  for (const piece of inPieces(numbers))
    for (const r of await q.select({ id: s.cases.id }).from(s.cases).where(inArray(s.cases.number, piece)))
      ids.push(r.id);
  return ids;
}

/** Cases on which something was written, or that were opened or closed, from one moment to before another. */
export async function casesWrittenBetween(q: Tx | Db, from: string, to: string): Promise<string[]> {
  const within = (column: SQL) => sql`${column} >= ${from} and ${column} < ${to}`;
  const written = await q
    .selectDistinct({ id: s.history.caseId })
    .from(s.history)
    .where(and(within(sql`${s.history.at}`), isNotNull(s.history.caseId)));
  const dated = await q
    .select({ id: s.cases.id })
    .from(s.cases)
    .where(or(within(sql`${s.cases.openedAt}`), within(sql`${s.cases.closedAt}`)));
  const there = new Set((await caseNumbers(q)).keys());
  return [...new Set([...written, ...dated].flatMap((r) => r.id ?? []))].filter((id) => there.has(id));
}

/** The earlier cases that some cases refer to as comebacks. */
export async function earlierCasesOf(q: Tx | Db, ids: readonly string[]): Promise<string[]> {
  const found = new Set<string>();
  for (const piece of inPieces(ids))
    for (const r of await q
      .select({ of: s.comebacks.ofCaseId })
      .from(s.comebacks)
      .where(inArray(s.comebacks.caseId, piece)))
      found.add(r.of);
  return [...found];
}

/** How many files some cases have, and how large they are together. */
export async function attachmentsOf(
  q: Tx | Db,
  ids: readonly string[],
): Promise<{ files: number; bytes: number }> {
  const sum = { files: 0, bytes: 0 };
  for (const piece of inPieces(ids)) {
    const [r] = await q
      .select({ files: sql<number>`count(*)`, bytes: sql<number>`coalesce(sum(${s.attachments.bytes}), 0)` })
      .from(s.attachments)
      .where(inArray(s.attachments.caseId, piece));
    sum.files += r?.files ?? 0;
    sum.bytes += r?.bytes ?? 0;
  }
  return sum;
}
