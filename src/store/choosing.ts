import { and, inArray, isNotNull, or, sql, type SQL } from 'drizzle-orm';
import type { Db, Tx } from './database';
import { caseNumbers } from './shop';
import * as s from './schema';

/** Cases chosen to be given out. */

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
