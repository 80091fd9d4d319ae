import { and, eq, inArray, or, sql } from 'drizzle-orm';
import type { Tx } from './database';
import * as s from './schema';

/** The one way to change what stands in the history: a customer's wish to be erased. */

const TRIGGER = 'history_no_update';

/**
 * Rewrites the history of some cases and vehicles. What happened, when, and who did it stay.
 *
 * @param change gives the new values of an entry, the same ones where nothing is to be done
 * @returns how many entries were changed
 */
export async function rewriteHistory(
  tx: Tx,
  caseIds: readonly string[],
  change: <T extends Record<string, unknown> | null>(values: T) => T,
): Promise<number> {
  const [trigger] = await tx.all<{ sql: string }>(
    sql`select sql from sqlite_master where type = 'trigger' and name = ${TRIGGER}`,
  );
  const rows = await tx
    .select({ seq: s.history.seq, before: s.history.before, after: s.history.after })
    .from(s.history)
    .where(inArray(s.history.caseId, [...caseIds]));
  // Within the transaction: no other writer ever sees the history without its guard.
  await tx.run(sql.raw(`drop trigger if exists ${TRIGGER}`));
  let changed = 0;
  for (const row of rows) {
    const [before, after] = [change(row.before), change(row.after)];
    if (before === row.before && after === row.after) continue;
    await tx.update(s.history).set({ before, after }).where(eq(s.history.seq, row.seq));
    changed++;
  }
  if (trigger) await tx.run(sql.raw(trigger.sql));
  return changed;
}

/** Ids of all cases of exactly this customer: the same name, or the same telephone where one is given. */
export async function casesOfCustomer(tx: Tx, name: string, phone: string): Promise<string[]> {
  const rows = await tx
    .select({ id: s.cases.id })
    .from(s.cases)
    .where(
      or(
        name === '' ? undefined : eq(sql`lower(trim(${s.cases.customer}))`, name.trim().toLowerCase()),
        phone === '' ? undefined : and(eq(s.cases.phone, phone), eq(s.cases.customer, '')),
      ),
    );
  return rows.map((r) => r.id);
}

/** Throws away what was drawn up of some cases for search, so that it is drawn up anew. */
export async function dropDigests(tx: Tx, caseIds: readonly string[]): Promise<void> {
  await tx.delete(s.digests).where(inArray(s.digests.caseId, [...caseIds]));
}
