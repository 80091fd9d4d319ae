import type { Verdict } from '@/core/case';
import { readEntry, writeQuantity } from './entry';
import { readLimit, type Limit } from './limit';
import { uncertainty } from './accuracy';
import { comparable, convert, convertDifference } from './units';

/** A verdict with the sentence a technician would say. An empty verdict means: nothing to judge yet. */
export interface Judgement {
  verdict: Verdict;
  because: string;
}

/** A limit with edges: not a list of states, not the siblings. */
export type NumericLimit = Exclude<Limit, { form: 'states' | 'siblings' }>;
const none: Judgement = { verdict: '', because: '' };

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

function same(a: string, b: string): boolean {
  const fold = (s: string) => s.toLowerCase().replace(/\s+/g, ' ').trim();
  return fold(a) === fold(b);
}

/**
 * Holds one reading, as entered, against its limit, as entered. A reading exactly on a limit is
 * inside; a reading in another unit of the same kind is converted; the verdict does not depend on
 * the unit chosen.
 *
 * @param entered what was typed, for instance `4.48 V` or `OL`
 * @param limitText the limit as typed, for instance `3.0–3.6 V`; empty for none
 * @param accuracy the instrument's accuracy as typed; a reading nearer to an edge than that is unsure
 * @returns the verdict with its sentence; `unsure` when the two cannot be compared, empty when
 * there is nothing entered or no limit
 * @example judgeReading('4.48 V', '3.0–3.6 V') // fail: "4.48 V is 0.88 V above the limit of 3.6 V."
 */
export function judgeReading(entered: string, limitText: string, accuracy = ''): Judgement {
  const read = readLimit(limitText);
  if (entered.trim() === '') return none;
  if (!read.ok) return { verdict: 'unsure', because: read.message };
  const limit = read.limit;
  if (!limit) {
    const entry = readEntry(entered);
    return entry.kind === 'problem' ? { verdict: 'unsure', because: entry.message } : none;
  }
  // Judged with the whole test, where the others are known.
  if (limit.form === 'siblings') return none;
  if (limit.form === 'states') {
    const hit = limit.states.some((s) => same(s, entered));
    const wanted = limit.states.join(' or ');
    return hit
      ? { verdict: 'pass', because: `Found "${entered.trim()}", as expected.` }
      : { verdict: 'fail', because: `Found "${entered.trim()}", expected ${wanted}.` };
  }
  const entry = readEntry(entered, limit.unit === '' ? undefined : limit.unit);
  if (entry.kind === 'problem') return { verdict: 'unsure', because: entry.message };
  if (entry.kind === 'beyond') {
    return limit.form === 'at least'
      ? {
          verdict: 'pass',
          because: `Beyond the meter's range, so above ${writeQuantity({ value: limit.low, unit: limit.unit }, limit.decimals)}.`,
        }
      : {
          verdict: 'fail',
          because: `Beyond the meter's range: the circuit is open, or the meter on the wrong range.`,
        };
  }
  if (entry.kind !== 'quantity') {
    return {
      verdict: 'unsure',
      because: `"${entered.trim()}" is not a number, so it cannot be held against ${limitText.trim()}.`,
    };
  }
  const { quantity, decimals } = entry;
  if (quantity.unit !== limit.unit && !comparable(quantity.unit, limit.unit)) {
    return {
      verdict: 'unsure',
      because: `The reading is in ${quantity.unit || 'no unit'} and the limit in ${limit.unit || 'no unit'}; give both the same kind of unit.`,
    };
  }
  try {
    const doubt = uncertainty(accuracy, quantity, decimals);
    if (typeof doubt !== 'number') return { verdict: 'unsure', because: doubt.problem };
    return holdAgainst(quantity, decimals, limit, doubt);
  } catch (e) {
    return { verdict: 'unsure', because: e instanceof Error ? e.message : 'These two cannot be compared.' };
  }
}

function holdAgainst(
  quantity: { value: number; unit: string },
  decimals: number,
  limit: NumericLimit,
  doubt: number,
): Judgement {
  const there = convert(quantity, limit.unit || quantity.unit);
  const { low, high } = ends(limit);
  // Rounding of binary fractions and of unit factors must not throw a reading over an edge it sits on.
  const slack =
    1e-6 *
    Math.max(
      Math.abs(there.value),
      Number.isFinite(low) ? Math.abs(low) : 0,
      Number.isFinite(high) ? Math.abs(high) : 0,
    );
  const converted = there.unit !== quantity.unit;
  const digits = converted ? Math.max(decimals, limit.decimals, 2) : Math.max(decimals, limit.decimals);
  const shown = writeQuantity(quantity, decimals) + (converted ? ` (${writeQuantity(there, digits)})` : '');
  const at = (value: number) =>
    writeQuantity(
      { value, unit: there.unit },
      Math.max(limit.decimals, limit.form === 'target' ? decimals : 0),
    );
  const by = (value: number) => writeQuantity({ value, unit: there.unit }, digits);
  const half = convertDifference({ value: doubt, unit: quantity.unit }, there.unit).value;
  if (half > 0) {
    const edge = [low, high].find((e) => Math.abs(there.value - e) < half - slack);
    if (edge !== undefined) {
      return {
        verdict: 'unsure',
        because: `${shown} is ${by(Math.abs(there.value - edge))} ${there.value > edge ? 'above' : there.value < edge ? 'below' : 'from'} the limit of ${at(edge)}, and the instrument is only good to ${by(half)}. Measure again with a better one.`,
      };
    }
  }
  if (there.value > high + slack) {
    return {
      verdict: 'fail',
      because: `${shown} is ${by(there.value - high)} above the limit of ${at(high)}.`,
    };
  }
  if (there.value < low - slack) {
    return {
      verdict: 'fail',
      because: `${shown} is ${by(low - there.value)} below the limit of ${at(low)}.`,
    };
  }
  const room = Math.min(there.value - low, high - there.value);
  const near =
    Number.isFinite(low) && Number.isFinite(high)
      ? `${at(low)} to ${at(high)}`
      : Number.isFinite(low)
        ? `at least ${at(low)}`
        : `at most ${at(high)}`;
  return {
    verdict: 'pass',
    because:
      room <= slack
        ? `${shown} is exactly on the limit, which counts as inside (${near}).`
        : `${shown} is inside (${near}).`,
  };
}
