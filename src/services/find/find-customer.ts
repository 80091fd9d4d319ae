import type { CustomerCase } from '@/core/api';
import type { RowOf } from '@/core/case';
import { plainName, plainPhone, plainPlate, vehicleName } from '@/core/vehicle';
import { db } from '@/store/database';
import { casesByCustomer, casesByNumbers, type CustomerRow } from '@/store/customers';

const MOST = 8;
/** Fewer letters or figures than this are in too many names and numbers. */
const LEAST_LETTERS = 3;
const LEAST_FIGURES = 5;
/** A line of more words is a sentence, not a name. */
const MOST_WORDS = 5;

/**
 * Cases by what the front desk is told: plate, name of the customer, telephone or order number.
 *
 * @param line as typed
 * @param unread words of the line that name no vehicle, code, symptom or the like; a name is looked for among them
 * @returns newest first, each with what it was found by; a plate or number before a name
 */
export async function findCustomer(line: string, unread: readonly string[]): Promise<CustomerCase[]> {
  const plate = plainPlate(line);
  const phone = plainPhone(line);
  const figuresOnly = /^[\d\s+()/.-]+$/.test(line.trim());
  const found = new Map<string, CustomerCase>();
  const put = (rows: readonly CustomerRow[], by: CustomerCase['by']) => {
    for (const r of rows) if (!found.has(r.id)) found.set(r.id, shown(r, by));
  };
  const numbers = {
    plate: plate.length >= LEAST_LETTERS ? plate.toLowerCase() : '',
    order: line.trim().toLowerCase(),
    phone: figuresOnly && phone.length >= LEAST_FIGURES ? phone : '',
  };
  const words = plainName(unread.join(' '))
    .split(' ')
    .filter((w) => w.length >= LEAST_LETTERS);
  const [byNumbers, byName] = await Promise.all([
    line.trim() !== '' && line.length <= 60 ? casesByNumbers(db(), numbers, MOST) : undefined,
    words.length > 0 && words.length <= MOST_WORDS ? casesByCustomer(db(), words, MOST * 4) : [],
  ]);
  put(byNumbers?.byPlate ?? [], 'plate');
  put(byNumbers?.byOrder ?? [], 'order number');
  put(byNumbers?.byPhone ?? [], 'telephone');
  // The store looks for the letters anywhere; a name begins with them.
  put(
    byName.filter((r) => {
      const name = plainName(r.customer).split(' ');
      return words.every((w) => name.some((n) => n.startsWith(w)));
    }),
    'customer',
  );
  return [...found.values()].slice(0, MOST);
}

const shown = (r: CustomerRow, by: CustomerCase['by']): CustomerCase => ({
  id: r.id,
  number: r.number,
  vehicle: vehicleName(r.vehicle as RowOf<'vehicle'>),
  plate: r.vehicle.plate,
  customer: r.customer,
  phone: r.phone,
  orderNumber: r.orderNumber,
  openedAt: r.openedAt,
  open: r.closedAt === null,
  by,
});
