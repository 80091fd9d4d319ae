import { and, desc, eq, sql, type SQL } from 'drizzle-orm';
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

/** Cases by a plate (folded as the index has it), an order number (in lower case) and a telephone's last figures. */
export async function casesByNumbers(
  q: Tx | Db,
  { plate, order, phone }: { plate: string; order: string; phone: string },
  limit: number,
): Promise<Record<'byPlate' | 'byOrder' | 'byPhone', CustomerRow[]>> {
  return {
    byPlate: plate === '' ? [] : await from(q, eq(PLAIN_PLATE, plate), limit),
    byOrder: order === '' ? [] : await from(q, sql`lower(${s.cases.orderNumber}) = ${order}`, limit),
    byPhone: phone === '' ? [] : await from(q, sql`${FIGURES} like ${`%${phone}`}`, limit),
  };
}

/** Cases whose customer's name has all of some words somewhere in it. */
export const casesByCustomer = (q: Tx | Db, words: readonly string[], limit: number) =>
  from(q, and(...words.map((w) => sql`${s.cases.customer} like ${`%${w.replace(/[%_]/g, '')}%`}`)), limit);
