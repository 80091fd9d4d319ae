import { and, asc, eq, gt, inArray, sql } from 'drizzle-orm';
import type { Db, Tx } from './database';
import { cases, digests } from './schema';

/** What is kept of each case for search and guide, as text. Knows no shape of it. */

export interface DigestRow {
  caseId: string;
  seq: number;
  version: number;
  body: string;
}

/** Digests that are as new as their case, a page at a time by case id. */
export async function freshDigests(
  q: Tx | Db,
  version: number,
  after: string,
  limit: number,
): Promise<{ caseId: string; body: string }[]> {
  return q
    .select({ caseId: digests.caseId, body: digests.body })
    .from(digests)
    .innerJoin(cases, eq(cases.id, digests.caseId))
    .where(and(gt(digests.caseId, after), eq(digests.version, version), eq(digests.seq, cases.seq)))
    .orderBy(asc(digests.caseId))
    .limit(limit);
}

/** Ids of cases whose digest is missing, of another version, or older than the case. */
export async function staleDigestIds(q: Tx | Db, version: number): Promise<string[]> {
  const rows = await q
    .select({ id: cases.id })
    .from(cases)
    .leftJoin(digests, eq(digests.caseId, cases.id))
    .where(
      sql`${digests.caseId} is null or ${digests.version} <> ${version} or ${digests.seq} <> ${cases.seq}`,
    );
  return rows.map((r) => r.id);
}

/** Bodies of some digests, by case id. */
export async function digestBodies(q: Tx | Db, ids: string[]): Promise<Map<string, string>> {
  const found = new Map<string, string>();
  for (let i = 0; i < ids.length; i += 400) {
    const rows = await q
      .select({ caseId: digests.caseId, body: digests.body })
      .from(digests)
      .where(inArray(digests.caseId, ids.slice(i, i + 400)));
    for (const r of rows) found.set(r.caseId, r.body);
  }
  return found;
}

/** Puts digests down; one that is there and newer stays. */
export async function putDigests(tx: Tx, rows: DigestRow[]): Promise<void> {
  for (let i = 0; i < rows.length; i += 100)
    await tx
      .insert(digests)
      .values(rows.slice(i, i + 100))
      .onConflictDoUpdate({
        target: digests.caseId,
        set: { seq: sql`excluded.seq`, version: sql`excluded.version`, body: sql`excluded.body` },
        setWhere: sql`excluded.seq >= ${digests.seq} or ${digests.version} <> excluded.version`,
      });
}

/** Bodies of digests that are as new as their case, by case id; others are left out. */
export async function freshBodies(q: Tx | Db, version: number, ids: string[]): Promise<Map<string, string>> {
  if (ids.length === 0) return new Map();
  const rows = await q
    .select({ caseId: digests.caseId, body: digests.body })
    .from(digests)
    .innerJoin(cases, eq(cases.id, digests.caseId))
    .where(and(inArray(digests.caseId, ids), eq(digests.version, version), eq(digests.seq, cases.seq)));
  return new Map(rows.map((r) => [r.caseId, r.body]));
}
