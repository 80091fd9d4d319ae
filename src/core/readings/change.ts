import { uncertainty } from './accuracy';
import { readEntry, writeQuantity } from './entry';
import { convert, convertDifference, type Quantity } from './units';

export type WantedChange = 'changes' | 'stays' | 'rises' | 'falls';

/**
 * Whether a value did what it had to when something was done to it.
 *
 * @param before and after in one unit
 * @param want what had to happen
 * @param least the smallest difference that counts as a change, same unit, 0 or more
 * @returns true when it did
 */
export function didAsWanted(before: number, after: number, want: WantedChange, least: number): boolean {
  const d = after - before;
  const moved = Math.abs(d) > least * (1 + 1e-9);
  if (want === 'stays') return !moved;
  if (want === 'changes') return moved;
  return moved && (want === 'rises' ? d > 0 : d < 0);
}

/**
 * The change between the same reading before and after a repair, in words.
 *
 * @param before as typed
 * @param after as typed
 * @param accuracy of the instrument as typed: a difference within that of both readings is none that was seen
 * @returns a sentence such as `was 4.48 V, now 3.30 V: 1.18 V less`, or empty when one is missing
 */
export function changeBetween(before: string, after: string, accuracy = ''): string {
  if (before.trim() === '' || after.trim() === '') return '';
  const b = readEntry(before);
  const a =
    b.kind === 'quantity'
      ? readEntry(after, b.quantity.unit, { beside: [b.quantity.value] })
      : readEntry(after);
  if (b.kind !== 'quantity' || a.kind !== 'quantity')
    return before.trim() === after.trim() ? 'as before' : `was ${before.trim()}`;
  try {
    const then: Quantity = a.quantity.unit === '' ? b.quantity : convert(b.quantity, a.quantity.unit);
    const d = a.quantity.value - then.value;
    const was = `was ${writeQuantity(b.quantity, b.decimals)}`;
    // The digits typed say nothing of what changed: 450 mV and then 0 V is a change.
    if (Math.abs(d) <= 1e-9 * Math.max(Math.abs(a.quantity.value), Math.abs(then.value)))
      return `${was}, unchanged`;
    const decimals = Math.max(a.decimals, b.decimals, placesOf(d));
    const by = writeQuantity({ value: Math.abs(d), unit: then.unit }, decimals);
    // Whoever types 0 V for 0.000 V has not lost the digits of the instrument: the finer of both shows them.
    const step = convertDifference({ value: 10 ** -b.decimals, unit: b.quantity.unit }, then.unit).value;
    const places = Math.max(a.decimals, Math.round(-Math.log10(step)));
    const doubt = [then, a.quantity].map((q) => uncertainty(accuracy, q, places));
    const half = doubt.reduce<number>((sum, u) => sum + (typeof u === 'number' ? u : 0), 0);
    if (Math.abs(d) <= half) return `${was}, unchanged as far as the instrument can tell (${by} apart)`;
    return `${was}: ${by} ${d > 0 ? 'more' : 'less'} now`;
  } catch {
    return `was ${before.trim()}`;
  }
}

/** Places that show two digits of a number: 2 for 0.45, 0 for 45. */
const placesOf = (value: number): number => {
  const places = 1 - Math.floor(Math.log10(Math.abs(value)));
  // No more than the difference has.
  return Math.max(0, Math.min(places, /\.(\d+)/.exec(String(Number(value.toFixed(6))))?.[1]?.length ?? 0));
};
