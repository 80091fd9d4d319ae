import { comparable, convert, findUnit, type Quantity } from './units';

/** Rounded to the figures a table gives: 0.1 mm is 0.004 in, 1.6 % less. Two that are further apart are not the same. */
const ROUNDING = 0.05;

const TWICE = /^([^()]{1,60}?)\s?\(([^()]{1,40})\)$/;
const UNIT_BEHIND = /\d\s{0,2}([\p{L}°%Ωµ"²·/.-]{1,10})$/u;

/**
 * The two halves of what is said in one unit and, in brackets, in another of its kind: `30 N·m (22 lb·ft)`.
 *
 * @param text a reading or a limit as typed
 * @returns undefined where the brackets hold anything else
 * @example saidTwice('6.2 bar (90 psi)') // ['6.2 bar', '90 psi']
 */
export function saidTwice(text: string): [string, string] | undefined {
  const m = TWICE.exec(text);
  const [a, b] = [m?.[1]?.trim() ?? '', m?.[2]?.trim() ?? ''];
  const [from, to] = [a, b].map((t) => UNIT_BEHIND.exec(t)?.[1] ?? '');
  const kind = findUnit(from!)?.sign;
  return kind !== undefined && comparable(from!, to!) && kind !== findUnit(to!)?.sign ? [a, b] : undefined;
}

/**
 * Whether every figure of the second is one of the first in its own unit, but for rounding.
 *
 * @example agree([{ value: 30, unit: 'N·m' }], [{ value: 22, unit: 'lb·ft' }]) // true
 */
export const agree = (first: readonly Quantity[], second: readonly Quantity[]): boolean =>
  second.every((s) =>
    first.some((f) => {
      if (!comparable(s.unit, f.unit)) return false;
      const there = convert(s, f.unit).value;
      return Math.abs(there - f.value) <= ROUNDING * Math.max(Math.abs(there), Math.abs(f.value));
    }),
  );
