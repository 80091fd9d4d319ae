import { readEntry, writeNumber, writeQuantity } from './entry';
import { convert, type Quantity } from './units';

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
 * @returns a sentence such as `was 4.48 V, now 3.30 V: 1.18 V less`, or empty when one is missing
 */
export function changeBetween(before: string, after: string): string {
  if (before.trim() === '' || after.trim() === '') return '';
  const b = readEntry(before);
  const a = readEntry(after, b.kind === 'quantity' ? b.quantity.unit : undefined);
  if (b.kind !== 'quantity' || a.kind !== 'quantity')
    return before.trim() === after.trim() ? 'as before' : `was ${before.trim()}`;
  const decimals = Math.max(a.decimals, b.decimals);
  try {
    const then: Quantity = a.quantity.unit === '' ? b.quantity : convert(b.quantity, a.quantity.unit);
    const d = a.quantity.value - then.value;
    const was = `was ${writeQuantity(b.quantity, b.decimals)}`;
    if (Number(writeNumber(d, decimals).replace('−', '-')) === 0) return `${was}, unchanged`;
    const by = writeQuantity({ value: Math.abs(d), unit: then.unit }, decimals);
    return `${was}: ${by} ${d > 0 ? 'more' : 'less'} now`;
  } catch {
    return `was ${before.trim()}`;
  }
}
