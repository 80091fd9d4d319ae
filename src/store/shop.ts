import { and, asc, desc, eq, gt, lte, inArray, isNotNull, isNull, max, ne, sql } from 'drizzle-orm';
import { alias } from 'drizzle-orm/sqlite-core';
import { HIGHEST_NUMBER } from '@/core/case';
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

const LAST_NUMBER = 'cases.lastNumber';

/** The highest number that was ever given, also to a case that was thrown away since. */
export async function highestNumber(q: Tx | Db, upTo = HIGHEST_NUMBER): Promise<number> {
  const [row] = await q
    .select({ n: max(s.cases.number) })
    .from(s.cases)
    .where(lte(s.cases.number, upTo));
  return Math.max(row?.n ?? 0, (await getSetting<number>(q, LAST_NUMBER)) ?? 0);
}

/** The number the next case gets: one that no case ever had. */
export const nextCaseNumber = async (tx: Tx): Promise<number> => (await highestNumber(tx)) + 1;

/** Cases whose number is above one; as a text where it is more than a number can hold. */
export async function casesNumberedAbove(
  q: Tx | Db,
  most: number,
): Promise<{ id: string; number: number }[]> {
  return q
    .select({ id: s.cases.id, number: sql<number>`cast(${s.cases.number} as text)`.mapWith(Number) })
    .from(s.cases)
    .where(gt(s.cases.number, most))
    .orderBy(asc(s.cases.number));
}

/** Forgets a remembered number that is above one. */
export async function keepNumberAtMost(tx: Tx, most: number): Promise<void> {
  if (((await getSetting<number>(tx, LAST_NUMBER)) ?? 0) > most) await putSetting(tx, LAST_NUMBER, 0);
}

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

/** The history after a sequence number, in order. */
export async function historyPage(q: Tx | Db, after: number, most: number) {
  return q.select().from(s.history).where(gt(s.history.seq, after)).orderBy(asc(s.history.seq)).limit(most);
}

/** When the first entry of the history was written; null where there is none. */
export async function firstHistoryAt(q: Tx | Db): Promise<string | null> {
  const [row] = await q.select({ at: s.history.at }).from(s.history).orderBy(asc(s.history.seq)).limit(1);
  return row?.at ?? null;
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

export async function openCaseIds(q: Tx | Db, limit: number): Promise<string[]> {
  const rows = await q
    .select({ id: s.cases.id })
    .from(s.cases)
    .where(isNull(s.cases.closedAt))
    .orderBy(desc(s.cases.number))
    .limit(limit);
  return rows.map((r) => r.id);
}

/** How many cases are open. */
export async function countOpenCases(q: Tx | Db): Promise<number> {
  const [row] = await q
    .select({ n: sql<number>`count(*)` })
    .from(s.cases)
    .where(isNull(s.cases.closedAt));
  return row?.n ?? 0;
}

/** Whether a case is there and open. */
export async function isOpenCase(q: Tx | Db, id: string): Promise<boolean> {
  const rows = await q
    .select({ id: s.cases.id })
    .from(s.cases)
    .where(and(eq(s.cases.id, id), isNull(s.cases.closedAt)));
  return rows.length > 0;
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
