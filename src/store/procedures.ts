import { asc, eq } from 'drizzle-orm';
import type { Procedure } from '@/core/case';
import type { Db, Tx } from './database';
import * as s from './schema';

/** The shop's own procedures. */

type Row = typeof s.procedures.$inferSelect;

export async function listProcedures(q: Tx | Db): Promise<Row[]> {
  return q.select().from(s.procedures).orderBy(asc(s.procedures.title));
}

export async function getProcedure(q: Tx | Db, id: string): Promise<Row | undefined> {
  const [row] = await q.select().from(s.procedures).where(eq(s.procedures.id, id));
  return row;
}

export async function putProcedure(tx: Tx, p: Procedure): Promise<void> {
  await tx.insert(s.procedures).values(p).onConflictDoUpdate({ target: s.procedures.id, set: p });
}

export async function deleteProcedure(tx: Tx, id: string): Promise<void> {
  await tx.delete(s.procedures).where(eq(s.procedures.id, id));
}
