import { eq, sql } from 'drizzle-orm';
import { db } from './database';
import { cases, presence } from './schema';

/** Who looks at which case, for servers that share a database. By the database's own clock: servers differ in theirs. */

const NOW = sql`unixepoch()`;

/**
 * Notes that somebody looks at a case, forgets who left, and says who looks: in one round trip.
 *
 * @param who empty: only asks
 * @param leftAfter so many seconds without a sign, and they have left
 * @returns ids in the order in which they were first seen here
 */
export async function lookAtShared(caseId: string, who: string, leftAfter: number): Promise<string[]> {
  const all = db()
    .select({ who: presence.who })
    .from(presence)
    .where(eq(presence.caseId, caseId))
    .orderBy(sql`rowid`);
  const isCase = sql`exists (select 1 from ${cases} where ${cases.id} = ${caseId})`;
  const [, , rows] = await db().batch([
    db()
      .delete(presence)
      .where(sql`${presence.seenAt} < ${NOW} - ${leftAfter}`),
    db()
      .insert(presence)
      .select(sql`select ${caseId}, ${who}, ${NOW} where ${who} <> '' and ${isCase}`)
      .onConflictDoUpdate({ target: [presence.caseId, presence.who], set: { seenAt: NOW } }),
    all,
  ]);
  return rows.map((r) => r.who);
}
