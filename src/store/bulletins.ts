import { asc, eq } from 'drizzle-orm';
import type { Db, Tx } from './database';
import { bulletins } from './schema';

export type BulletinRow = typeof bulletins.$inferSelect;

/** The whole shelf, by number. */
export async function listBulletins(q: Tx | Db): Promise<BulletinRow[]> {
  return q.select().from(bulletins).orderBy(asc(bulletins.number), asc(bulletins.title));
}

/** Puts a bulletin on the shelf, or in the place of the one with its id. */
export async function putBulletin(tx: Tx, row: BulletinRow): Promise<void> {
  await tx.insert(bulletins).values(row).onConflictDoUpdate({ target: bulletins.id, set: row });
}

export async function deleteBulletin(tx: Tx, id: string): Promise<void> {
  await tx.delete(bulletins).where(eq(bulletins.id, id));
}
