import { writeQuantity } from './entry';
import { comparable, convert } from './units';
import { ends } from './hold';
import { readBoth } from './verdict';

/**
 * How far a reading is from the nearer edge of its limit.
 *
 * @param entered the reading as typed
 * @param limitText the limit as typed
 * @returns in words, in the unit of the limit; empty where there is no edge to be far from
 * @example distanceTo('4.48 V', '3.0–3.6 V') // '0.88 V above'
 * @example distanceTo('3.2 V', '3.0–3.6 V') // '0.2 V inside'
 */
export function distanceTo(entered: string, limitText: string): string {
  const [read, entry] = readBoth(entered, limitText);
  const limit = read.ok ? read.limit : undefined;
  if (!limit || limit.form === 'states' || limit.form === 'siblings' || limit.form === 'exactly') return '';
  if (entry.kind !== 'quantity') return '';
  const { quantity, decimals } = entry;
  if (quantity.unit !== limit.unit && !comparable(quantity.unit, limit.unit)) return '';
  const there = convert(quantity, limit.unit || quantity.unit);
  const { low, high } = ends(limit);
  const say = (value: number, where: string) =>
    `${writeQuantity({ value, unit: there.unit }, Math.max(decimals, limit.decimals))} ${where}`;
  if (there.value > high) return say(there.value - high, 'above');
  if (there.value < low) return say(low - there.value, 'below');
  return say(Math.min(there.value - low, high - there.value), 'inside');
}
