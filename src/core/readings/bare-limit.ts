import { findUnit, type Quantity } from './units';

/** A limit without a unit beside a reading with one. */

/** A count with the word for what was counted: `3 blinks`. */
export const COUNTED =
  /^(\d{1,4}) ?(?:blinks?|clicks?|flashes|pulses|turns?|teeth|tooth|times|drops|beeps|steps|cycles)$/i;

/** `3` or `3 pulses` against `at least 5 pulses`: a word that is no unit, said of both or of the limit alone. */
const COUNTED_LIMIT =
  /^(\D{0,24}\d{1,4}(?:\D{1,4}\d{1,4})?) ?(blink|click|flash|pulse|drop|beep|step|cycle)(?:e?s)?$/i;

/**
 * Takes the word for what is counted off a count and its limit, where both count the same.
 *
 * @returns undefined where they do not, or where the limit has no such word
 * @example countsAlone('3', 'at least 5 pulses') // { entered: '3', limit: 'at least 5' }
 */
export function countsAlone(entered: string, limit: string): { entered: string; limit: string } | undefined {
  const [, alone, what] = COUNTED_LIMIT.exec(limit.trim()) ?? [];
  const [, count, of] = /^(\d{1,4}) ?([a-z]*)$/i.exec(entered.trim()) ?? [];
  if (!alone || !what || !count) return undefined;
  return of === '' || new RegExp(`^${what}(?:e?s)?$`, 'i').test(of!)
    ? { entered: count, limit: alone }
    : undefined;
}

const RATE = /\d\s?([\p{L}µΩ°%]{1,5}\/[\p{L}µΩ°%]{1,6})$/u;

/**
 * Takes a rate that is not in the table of units off a reading and its limit, where both end in the same one.
 *
 * @example sameRate('4.6 mV/A', '4 to 5 mV/A') // { entered: '4.6', limit: '4 to 5' }
 */
export function sameRate(entered: string, limit: string): { entered: string; limit: string } | undefined {
  const [, unit] = RATE.exec(entered.trim()) ?? [];
  if (unit === undefined || findUnit(unit) || RATE.exec(limit.trim())?.[1] !== unit) return undefined;
  const without = (text: string) =>
    text
      .replaceAll(unit, '')
      .replace(/\s{1,9}/g, ' ')
      .trim();
  return { entered: without(entered), limit: without(limit) };
}

/** The unit behind the last figure: `12.4 or better` in volts is `12.4 V or better`. */
export const withUnit = (limit: string, unit: string): string => limit.replace(/(\d)(?=\D*$)/, `$1 ${unit}`);

/** Kinds with one unit, which often goes unsaid. */
export const ONE_UNIT = new Set(['λ', ':1', 'SG', 'pH']);
/**
 * Kinds of which a bare limit can only be meant in the unit of the reading, when both are of one size: their units
 * are a thousand apart. (bar and psi, °C and °F, km/h and mph are not.)
 */
const THOUSANDS = new Set(['voltage', 'current', 'resistance', 'time', 'engine speed', 'frequency']);

/** A limit typed without a unit that stands beside a reading with one, and is of its size. */
export function sameSize(q: Quantity, ends: { low: number; high: number }): boolean {
  if (!THOUSANDS.has(findUnit(q.unit)?.measures ?? '') || q.value === 0) return false;
  const sizes = Object.values(ends).filter((v) => Number.isFinite(v) && v !== 0);
  return (
    sizes.length > 0 &&
    sizes.every((v) => Math.abs(q.value) < 10 * Math.abs(v) && Math.abs(v) < 10 * Math.abs(q.value))
  );
}
