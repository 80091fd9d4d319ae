import type { Verdict } from '@/core/case';
import { OPEN, readEntry, unitOf, writeQuantity, type Entry } from './entry';
import { decimalSignOf, readLimit, type Limit, type LimitReading } from './limit';
import { COUNTED, ONE_UNIT, sameSize, withUnit } from './bare-limit';
import { speakOfOtherStates } from './notes';
import { readNumeral } from './numeral';
import { judgeCount, judgeSpan, spanOf } from './span';
import { uncertainty } from './accuracy';
import { compareStates } from './states';
import { comparable, convert, convertDifference, findUnit, type Quantity } from './units';

/** A verdict with the sentence a technician would say. An empty verdict means: nothing to judge yet. */
export interface Judgement {
  verdict: Verdict;
  because: string;
}

/** A limit with edges: not a list of states, not the siblings, not a value without a tolerance. */
export type NumericLimit = Exclude<Limit, { form: 'states' | 'siblings' | 'exactly' }>;
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

/**
 * Holds one reading, as entered, against its limit, as entered. A reading exactly on a limit is
 * inside; a reading in another unit of the same kind is converted; the verdict does not depend on
 * the unit chosen.
 *
 * @param entered what was typed, for instance `4.48 V` or `OL`
 * @param limitText the limit as typed, for instance `3.0–3.6 V`; empty for none
 * @param accuracy the instrument's accuracy as typed; a reading nearer to an edge than that is unsure
 * @param air pressure outside in Pa, where it was read; it lies between gauge and absolute pressure
 * @returns the verdict with its sentence; `unsure` when the two cannot be compared, empty when
 * there is nothing entered or no limit
 * @example judgeReading('4.48 V', '3.0–3.6 V') // fail: "4.48 V is 0.88 V above the limit of 3.6 V."
 */
export function judgeReading(entered: string, limitText: string, accuracy = '', air?: number): Judgement {
  if (entered.trim() === '') return none;
  const count = judgeCount(entered, limitText);
  if (count) return count;
  const [read, entry] = readBoth(entered, limitText, air);
  if (!read.ok)
    // "70 Nm + 90°" is no limit of a number, and is met by itself.
    return sameText(entered, limitText)
      ? { verdict: 'pass', because: `Found "${entered.trim()}", as expected.` }
      : { verdict: 'unsure', because: read.message };
  const limit = read.limit;
  if (!limit) return entry.kind === 'problem' ? { verdict: 'unsure', because: entry.message } : none;
  // Judged with the whole test, where the others are known.
  if (limit.form === 'siblings') return none;
  if (limit.form === 'states') return holdAgainstStates(entered, entry, limit.states);
  if (entry.kind === 'problem') {
    // "3 blinks" against "3": a word that is no unit says what was counted.
    const counted = limit.unit === '' && COUNTED.exec(entered.trim())?.[1];
    return counted
      ? judgeReading(counted, limitText, accuracy)
      : { verdict: 'unsure', because: entry.message };
  }
  const ohms = findUnit(limit.unit)?.measures === 'resistance';
  if (entry.kind === 'beyond' || (entry.kind === 'state' && ohms && OPEN.test(entry.state))) {
    return limit.form === 'at least'
      ? {
          verdict: 'pass',
          because: `Beyond the meter's range, so above ${writeQuantity({ value: limit.low, unit: limit.unit }, limit.decimals)}.`,
        }
      : {
          verdict: 'fail',
          because: `Beyond the meter's range: ${ohms ? 'the circuit is open' : 'too high'}, or the meter on the wrong range.`,
        };
  }
  if (entry.kind !== 'quantity') {
    const span = limit.form === 'exactly' ? undefined : spanOf(entered);
    if (span && limit.form !== 'exactly')
      return judgeSpan(span, ends(limit), (figure) => judgeReading(figure, limitText, accuracy, air));
    return {
      verdict: 'unsure',
      because: `"${entered.trim()}" is not a number, so it cannot be held against ${limitText.trim()}.`,
    };
  }
  const { quantity, decimals, note = '' } = entry;
  if (speakOfOtherStates(note, read.note ?? ''))
    return {
      verdict: 'unsure',
      because: `It was read ${note}, and the limit holds ${read.note}. Read it again as the limit says.`,
    };
  if (
    limit.form === 'between' &&
    /^(?:within\s*)?[±+]/.test(limitText.trim()) &&
    beyondDeviation(quantity, limit)
  )
    return {
      verdict: 'unsure',
      because: `${limitText.trim()} of what? ${entered.trim()} is no deviation. Write the target too, or the range.`,
    };
  // A lambda or a ratio has one unit, whether it is written or not.
  if (limit.unit === '' && ONE_UNIT.has(quantity.unit)) quantity.unit = '';
  if (limit.unit === '' && limit.form !== 'exactly' && sameSize(quantity, ends(limit)))
    return judgeReading(entered, withUnit(limitText, quantity.unit), accuracy);
  if (quantity.unit !== limit.unit && !comparable(quantity.unit, limit.unit)) {
    return {
      verdict: 'unsure',
      because: `The reading is in ${quantity.unit || 'no unit'} and the limit in ${limit.unit || 'no unit'}; give both the same kind of unit.`,
    };
  }
  try {
    if (limit.form === 'exactly') return holdAgainstOne(quantity, decimals, limit);
    const doubt = uncertainty(accuracy, quantity, decimals);
    if (typeof doubt !== 'number') return { verdict: 'unsure', because: doubt.problem };
    const held = holdAgainst(quantity, decimals, limit, doubt);
    return read.note ? { ...held, because: `${held.because} The limit holds ${read.note}.` } : held;
  } catch (e) {
    return { verdict: 'unsure', because: e instanceof Error ? e.message : 'These two cannot be compared.' };
  }
}

/**
 * Reads a reading and its limit with each other's help: the unit of the limit holds for a bare number, and a mark
 * that may be for thousands or for decimals is read as the other one shows.
 */
export function readBoth(entered: string, limitText: string, air?: number): [LimitReading, Entry] {
  const number = /^[^\d]*([\d.,]+)/.exec(entered)?.[1] ?? '';
  const entrySign = readNumeral(number)?.decimalSign;
  const limitSign = decimalSignOf(limitText);
  const limit = readLimit(limitText, { decimalSign: entrySign });
  const values = limit.ok ? edgesOf(limit.limit) : [];
  const unit = limit.ok && limit.limit && 'unit' in limit.limit ? limit.limit.unit : '';
  const expected = unit === '' ? undefined : unit;
  const own = unitOf(entered, expected);
  // Held against the limit's own numbers, in the unit of the reading.
  const beside =
    own !== '' && own !== unit && comparable(own, unit)
      ? values.map((value) => convert({ value, unit }, own).value)
      : values;
  const entry = readEntry(entered, expected, { decimalSign: limitSign, beside, air });
  if (limit.ok || !limit.offers || entry.kind !== 'quantity') return [limit, entry];
  return [readLimit(limitText, { decimalSign: entrySign, beside: [entry.quantity.value] }), entry];
}

const plainText = (text: string) => text.replace(/\s+/g, '').toLowerCase();
const sameText = (a: string, b: string): boolean => plainText(a) === plainText(b);

/** Far more than a limit of deviation: then it is the value itself, and its target was not said. */
const beyondDeviation = (q: Quantity, limit: Extract<Limit, { form: 'between' }>): boolean =>
  limit.low === -limit.high && Math.abs(q.value) > 3 * limit.high;

/** The numbers that stand in a limit. */
function edgesOf(limit: Limit | null): number[] {
  if (!limit || limit.form === 'states' || limit.form === 'siblings') return [];
  if (limit.form === 'exactly') return [limit.target];
  return Object.values(ends(limit)).filter(Number.isFinite);
}

/** Ohms from which a path counts as open in most work on a 12 V system. Common practice, no source. */
const AS_GOOD_AS_OPEN = 1e6;

function holdAgainstStates(entered: string, entry: Entry, states: string[]): Judgement {
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
function holdAgainstOne(
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
  // Rounded to the digits of the reading, a small accuracy would be said to be none, or twice itself.
  const goodTo = (value: number) =>
    writeQuantity(
      { value, unit: there.unit },
      Math.max(digits, Math.min(6, 1 - Math.floor(Math.log10(value)))),
    ).replace(/(\.\d*?[1-9])0+(?=\D|$)/, '$1');
  const half = convertDifference({ value: doubt, unit: quantity.unit }, there.unit).value;
  if (half > 0) {
    const edge = [low, high].find((e) => Math.abs(there.value - e) < half - slack);
    if (edge !== undefined) {
      return {
        verdict: 'unsure',
        because: `${shown} is ${by(Math.abs(there.value - edge))} ${there.value > edge ? 'above' : there.value < edge ? 'below' : 'from'} the limit of ${at(edge)}, and the instrument is only good to ${goodTo(half)}. Measure again with a better one.`,
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
  const twoSided = Number.isFinite(low) && Number.isFinite(high);
  const allowed = twoSided
    ? `within range (${at(low)} to ${at(high)})`
    : Number.isFinite(low)
      ? `OK (${at(low)} or more)`
      : `OK (${at(high)} or less)`;
  const onEdge = room <= slack ? 'exactly on the limit, which counts as ' : '';
  return { verdict: 'pass', because: `${shown} is ${onEdge}${allowed}.` };
}
