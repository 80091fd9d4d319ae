import { and, desc, eq, inArray, sql, type SQL } from 'drizzle-orm';
import type { Db, Tx } from './database';
import * as s from './schema';
import { PLAIN_PLATE } from './vehicles';

/** Cases by what their customers say of themselves. */

const columns = {
  id: s.cases.id,
  number: s.cases.number,
  customer: s.cases.customer,
  phone: s.cases.phone,
  orderNumber: s.cases.orderNumber,
  openedAt: s.cases.openedAt,
  closedAt: s.cases.closedAt,
  vehicle: s.vehicles,
};
const from = (q: Tx | Db, where: SQL | undefined, limit: number) =>
  q
    .select(columns)
    .from(s.cases)
    .innerJoin(s.vehicles, eq(s.vehicles.id, s.cases.vehicleId))
    .where(where)
    .orderBy(desc(s.cases.openedAt))
    .limit(limit);
export type CustomerRow = Awaited<ReturnType<typeof from>>[number];

const FIGURES = ['-', '(', ')', '/', '.', '+'].reduce<SQL>(
  (text, sign) => sql`replace(${text}, ${sign}, '')`,
  sql`replace(${s.cases.phone}, ' ', '')`,
);

/** Cases by a condition on customer or telephone alone: found by an index, whatever the cases hold. */
const byIndex = (q: Tx | Db, where: SQL | undefined, limit: number) =>
  from(
    q,
    inArray(
      s.cases.id,
      q.select({ id: s.cases.id }).from(s.cases).where(where).orderBy(desc(s.cases.openedAt)).limit(limit),
    ),
    limit,
  );

/** Cases by a plate (folded as the index has it), an order number (in lower case) and a telephone's last figures. */
export async function casesByNumbers(
  q: Tx | Db,
  { plate, order, phone }: { plate: string; order: string; phone: string },
  limit: number,
): Promise<Record<'byPlate' | 'byOrder' | 'byPhone', CustomerRow[]>> {
  const [byPlate, byOrder, byPhone] = await Promise.all([
    plate === '' ? [] : from(q, eq(PLAIN_PLATE, plate), limit),
    order === '' ? [] : from(q, sql`lower(${s.cases.orderNumber}) = ${order}`, limit),
    phone === '' ? [] : byIndex(q, sql`${FIGURES} like ${`%${phone}`}`, limit),
  ]);
  return { byPlate, byOrder, byPhone };
}

/** Cases whose customer's name has all of some words somewhere in it. */
export async function casesByCustomer(
  q: Tx | Db,
  words: readonly string[],
  limit: number,
): Promise<CustomerRow[]> {
  const has = words.map((w) => sql`${s.cases.customer} like ${`%${w.replace(/[%_]/g, '')}%`}`);
  return byIndex(q, and(...has), limit);
}
