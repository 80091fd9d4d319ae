import { repairStates, type CaseRecord, type RepairState } from '@/core/case';
import { readPrice, type Money } from './price';

/** What some repairs cost. What has no price is not in the sum, and named. */
export interface Estimate {
  labour: number;
  parts: number;
  sum: number;
  /** Parts without a price that can be read, by name, and hours where no rate is set. */
  without: string[];
}

type Facts = Parameters<typeof repairStates>[0];

/**
 * What repairs cost: hours by the shop's rate, parts by their prices. An estimate, no bookkeeping.
 *
 * @param record repairs with their hours and parts
 * @param money the shop's rate
 * @param of which repairs count, by where they stand
 * @returns sums in the shop's currency, rounded to its hundredths
 */
export function estimate(record: Facts, money: Money, of: (state: RepairState) => boolean): Estimate {
  const states = repairStates(record);
  const repairs = record.repair.filter((r) => of(states.get(r.id)!));
  const ids = new Set(repairs.map((r) => r.id));
  const without: string[] = [];
  let labour = 0;
  let parts = 0;
  for (const r of repairs) {
    if (r.hours === null) continue;
    if (money.hourRate === null) without.push(`${r.hours} h of work`);
    else labour += r.hours * money.hourRate;
  }
  for (const p of record.part) {
    if (!ids.has(p.repairId) || (p.name === '' && p.price === '')) continue;
    const price = readPrice(p.price, money.currency);
    if (price === undefined) without.push(p.name || 'a part');
    else parts += price;
  }
  const hundredths = (x: number) => Math.round(x * 100 + 1e-7) / 100;
  return { labour: hundredths(labour), parts: hundredths(parts), sum: hundredths(labour + parts), without };
}

/** Repairs that are neither done nor given up. */
export const toCome = (s: RepairState): boolean => !['done', 'declined', 'put off'].includes(s);
/** Repairs that the customer pays for once everything agreed or planned is done. */
export const inAll = (s: RepairState): boolean => s === 'done' || toCome(s);

/**
 * Whether what was done and is planned goes beyond what the customer said may be spent.
 *
 * @param record the case with its limit, as typed
 * @param money the shop's rate
 * @returns the limit and the sum where the sum is above it; undefined where it is not, or no limit can be read
 */
export function beyondLimit(
  record: Facts & Pick<CaseRecord, 'case'>,
  money: Money,
): { limit: number; sum: number } | undefined {
  const limit = readPrice(record.case.spendingLimit, money.currency);
  if (limit === undefined) return undefined;
  const { sum } = estimate(record, money, inAll);
  return sum > limit ? { limit, sum } : undefined;
}
