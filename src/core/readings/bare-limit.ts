import { findUnit, type Quantity } from './units';

/** A limit without a unit beside a reading with one. */

/** A count with the word for what was counted: `3 blinks`. */
export const COUNTED =
  /^(\d{1,4}) ?(?:blinks?|clicks?|flashes|pulses|turns?|teeth|tooth|times|drops|beeps|steps|cycles)$/i;

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
