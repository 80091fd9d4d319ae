import { OPEN, readEntry, SHORT, unitOf, writeQuantity, type Entry } from './entry';
import { decimalSignOf, edgesOf, readLimit, type Limit, type LimitReading } from './limit';
import { COUNTED, countsAlone, ONE_UNIT, sameRate, sameSize, withUnit } from './bare-limit';
import { ends, holdAgainst, holdAgainstOne, holdAgainstStates, type Judgement } from './hold';
import { speakOfOtherStates } from './notes';
import { readNumeral } from './numeral';
import { judgeCount, judgeSpan, spanOf } from './span';
import { uncertainty } from './accuracy';
import { comparable, convert, findUnit, type Quantity } from './units';

const none: Judgement = { verdict: '', because: '' };

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
  const alone = countsAlone(entered, limitText) ?? sameRate(entered, limitText);
  if (alone) return judgeReading(alone.entered, alone.limit, accuracy);
  const [read, entry] = readBoth(entered, limitText, air);
  // "1.265" against "1.260 or better": the verdict may be the same, whatever the mark parts in both.
  if (!read.ok && read.offers && entry.kind === 'problem' && entry.or !== undefined) {
    const [point, comma] = (['.', ','] as const).map((decimalSign) => {
      const limit = readLimit(limitText, { decimalSign });
      const unit = limit.ok && limit.limit && 'unit' in limit.limit ? limit.limit.unit : '';
      return judgeRead(entered, limitText, accuracy, [
        limit,
        readEntry(entered, unit || undefined, { decimalSign }),
      ]);
    });
    if (point!.verdict === comma!.verdict && point!.verdict !== 'unsure') return point!;
  }
  return judgeRead(entered, limitText, accuracy, [read, entry], air);
}

/** Holds a reading against its limit as both have been read. */
function judgeRead(
  entered: string,
  limitText: string,
  accuracy: string,
  [read, entry]: [LimitReading, Entry],
  air?: number,
): Judgement {
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
  if (entry.kind === 'state' && ohms && SHORT.test(entry.state) && leastOhms(limit) >= 1)
    return { verdict: 'fail', because: `A short: no resistance where ${limitText.trim()} is wanted.` };
  if (entry.kind !== 'quantity') {
    const span = limit.form === 'exactly' ? undefined : spanOf(entered);
    if (span && limit.form !== 'exactly')
      return judgeSpan(span, ends(limit), (figure) => judgeReading(figure, limitText, accuracy, air));
    if (entry.kind === 'state' && entry.figure !== undefined)
      return {
        verdict: 'unsure',
        because: `What "${entered.trim()}" says beside its figure is not known here. Take ${entry.figure} if it only says what was read, or where.`,
      };
    return {
      verdict: 'unsure',
      because: `"${entered.trim()}" is not a number, so it cannot be held against ${limitText.trim()}.`,
    };
  }
  const { quantity, decimals, note = '' } = entry;
  if (speakOfOtherStates(entered, limitText))
    return {
      verdict: 'unsure',
      because: `"${entered.trim()}" and the limit "${limitText.trim()}" are not of the same state or side. Read it as the limit says.`,
    };
  // A drop is held against what a drop may be, or against the most there may be, not against a level.
  if (/\bdrop\b/i.test(note) && !/\bdrop\b/i.test(limitText) && limit.form !== 'at most')
    return {
      verdict: 'unsure',
      because: `${entered.trim()} is a drop, and ${limitText.trim()} may be meant of the whole. Write the limit of the drop.`,
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
  const values = limit.ok ? edgesOf(limit.limit).map((edge) => edge.value) : [];
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

/** The least resistance a limit allows, in ohms. */
const leastOhms = (limit: Exclude<Limit, { form: 'states' | 'siblings' }>): number => {
  const least = limit.form === 'exactly' ? limit.target : ends(limit).low;
  return Number.isFinite(least) ? convert({ value: least, unit: limit.unit }, 'Ω').value : -Infinity;
};
