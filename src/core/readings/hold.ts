import type { Verdict } from '@/core/case';
import { OPEN, writeQuantity, type Entry } from './entry';
import type { Limit } from './limit';
import { compareStates } from './states';
import { convert, convertDifference, findUnit, type Quantity } from './units';

/** A verdict with the sentence a technician would say. An empty verdict means: nothing to judge yet. */
export interface Judgement {
  verdict: Verdict;
  because: string;
}

/** A limit with edges: not a list of states, not the siblings, not a value without a tolerance. */
export type NumericLimit = Exclude<Limit, { form: 'states' | 'siblings' | 'exactly' }>;

/** The two ends of a limit in its own unit; an open end is infinite. */
export function ends(limit: NumericLimit): { low: number; high: number } {
  switch (limit.form) {
    case 'between':
      return { low: limit.low, high: limit.high };
    case 'at least':
      return { low: limit.low, high: Infinity };
    case 'at most':
      return { low: -Infinity, high: limit.high };
    case 'target':
      return { low: limit.target - limit.tolerance, high: limit.target + limit.tolerance };
  }
}

/** Ohms from which a path counts as open in most work on a 12 V system. Common practice, no source. */
const AS_GOOD_AS_OPEN = 1e6;

/** Holds what was found against states in words. */
export function holdAgainstStates(entered: string, entry: Entry, states: string[]): Judgement {
  const found = entered.trim();
  const wanted = states.join(' or ');
  const pass: Judgement = { verdict: 'pass', because: `Found "${found}", as expected.` };
  const fail: Judgement = { verdict: 'fail', because: `Found "${found}", expected ${wanted}.` };
  // What a meter shows of an open circuit is that word.
  const told = compareStates(OPEN.test(found) ? 'open' : found, states);
  if (told === 'same') return pass;
  const open = states.some((s) => OPEN.test(s));
  if (open && (entry.kind === 'beyond' || OPEN.test(found))) return pass;
  if (told === 'other') return fail;
  if (entry.kind !== 'quantity' || entry.quantity.unit === '')
    return {
      verdict: 'unsure',
      because: `Found "${found}", expected ${wanted}: these words do not tell whether that is right. Set the verdict by hand.`,
    };
  if (states.every((s) => OPEN.test(s)) && findUnit(entry.quantity.unit)?.measures === 'resistance')
    return convert(entry.quantity, 'Ω').value < AS_GOOD_AS_OPEN
      ? fail
      : {
          verdict: 'unsure',
          because: `${found} is as good as open for many circuits, not for all. Write a limit such as ≥ 1 MΩ, or set the verdict by hand.`,
        };
  // A quantity is not a word: 0.5 V is neither "on" nor "off" without somebody saying so.
  return { verdict: 'unsure', because: `"${found}" is a value and the limit is in words: ${wanted}.` };
}

/**
 * A value without a tolerance. A count is that count or not; of a quantity nobody said how far it may be off, nor
 * whether "0.1 V" means at most: nothing but the value itself is told.
 */
export function holdAgainstOne(
  quantity: Quantity,
  decimals: number,
  limit: Extract<Limit, { form: 'exactly' }>,
): Judgement {
  const there = convert(quantity, limit.unit || quantity.unit);
  const shown = writeQuantity(quantity, decimals);
  const wanted = writeQuantity({ value: limit.target, unit: limit.unit }, limit.decimals);
  const off = Math.abs(there.value - limit.target);
  if (off <= 1e-9 * Math.max(1, Math.abs(limit.target)))
    return { verdict: 'pass', because: `${shown}, as expected.` };
  if (there.value === 0 && limit.target !== 0 && decimals === 0)
    return {
      verdict: 'fail',
      because: `${shown}, expected ${wanted}: nothing is there, however far it may be off.`,
    };
  const counts = decimals === 0 && limit.decimals === 0 && limit.unit === '' && quantity.unit === '';
  if (counts) return { verdict: 'fail', because: `${shown}, expected ${wanted}.` };
  return {
    verdict: 'unsure',
    because: `${shown} is not exactly ${wanted}, and how far it may be off is not said. Write the limit as ${wanted} ± so much, ≤ ${wanted} or ≥ ${wanted}.`,
  };
}

/**
 * Holds a quantity against a limit with edges.
 *
 * @param quantity as read, in a unit of the limit's kind
 * @param decimals as typed
 * @param limit with one edge or two
 * @param doubt half the width within which the instrument may be off, in the unit of the quantity
 */
export function holdAgainst(
  quantity: Quantity,
  decimals: number,
  limit: NumericLimit,
  doubt: number,
): Judgement {
  const there = convert(quantity, limit.unit || quantity.unit);
  const { low, high } = ends(limit);
  // Rounding of binary fractions and of unit factors must not throw a reading over an edge it sits on.
  const slack = 1e-6 * Math.max(...[there.value, low, high].filter(Number.isFinite).map(Math.abs));
  const { shown, at, by, goodTo } = writing(quantity, there, decimals, limit);
  const half = convertDifference({ value: doubt, unit: quantity.unit }, there.unit).value;
  const edge = half > 0 ? [low, high].find((e) => Math.abs(there.value - e) < half - slack) : undefined;
  if (edge !== undefined)
    return {
      verdict: 'unsure',
      because: `${shown} is ${by(Math.abs(there.value - edge))} ${sideOf(there.value, edge)} the limit of ${at(edge)}, and the instrument is only good to ${goodTo(half)}. Measure again with a better one.`,
    };
  if (there.value > high + slack)
    return {
      verdict: 'fail',
      because: `${shown} is ${by(there.value - high)} above the limit of ${at(high)}.`,
    };
  if (there.value < low - slack)
    return {
      verdict: 'fail',
      because: `${shown} is ${by(low - there.value)} below the limit of ${at(low)}.`,
    };
  const room = Math.min(there.value - low, high - there.value);
  const onEdge = room <= slack ? 'exactly on the limit, which counts as ' : '';
  return { verdict: 'pass', because: `${shown} is ${onEdge}${allowedBy(low, high, at)}.` };
}

/** How the figures of a verdict are written: the reading, a place on its scale, a difference, an accuracy. */
function writing(quantity: Quantity, there: Quantity, decimals: number, limit: NumericLimit) {
  const converted = there.unit !== quantity.unit;
  const digits = Math.max(decimals, limit.decimals, converted ? 2 : 0);
  const write = (value: number, places: number) => writeQuantity({ value, unit: there.unit }, places);
  return {
    shown: writeQuantity(quantity, decimals) + (converted ? ` (${write(there.value, digits)})` : ''),
    at: (value: number) => write(value, Math.max(limit.decimals, limit.form === 'target' ? decimals : 0)),
    by: (value: number) => write(value, digits),
    // Rounded to the digits of the reading, a small accuracy would be said to be none, or twice itself.
    goodTo: (value: number) =>
      write(value, Math.max(digits, Math.min(6, 1 - Math.floor(Math.log10(value))))).replace(
        /(\.\d*?[1-9])0+(?=\D|$)/,
        '$1',
      ),
  };
}

function sideOf(value: number, edge: number): string {
  if (value === edge) return 'from';
  return value > edge ? 'above' : 'below';
}

function allowedBy(low: number, high: number, at: (value: number) => string): string {
  if (Number.isFinite(low) && Number.isFinite(high)) return `within range (${at(low)} to ${at(high)})`;
  return Number.isFinite(low) ? `OK (${at(low)} or more)` : `OK (${at(high)} or less)`;
}
