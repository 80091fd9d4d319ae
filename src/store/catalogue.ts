import { and, asc, desc, eq, inArray, isNull, or, sql } from 'drizzle-orm';
import type { CatalogueItem } from '@/core/case';
import type { Db, Tx } from './database';
import * as s from './schema';

/** The list of parts and failures, and where its entries stand. */

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
