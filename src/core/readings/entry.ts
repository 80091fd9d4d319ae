import { acrossTheAir } from './gauge';
import { ONE_UNIT } from './bare-limit';
import { compositesAsDecimals } from './composite';
import { isNote, MOST_WORDS } from './notes';
import { askWhich, NUMERAL, readNumeral, decideNumber, type Figure, type Hints } from './numeral';
import { agree, saidTwice } from './two-units';
import { comparable, findUnit, suggestUnit, unitsOf, type Quantity } from './units';

/** What a person typed into a reading, understood. */
export type Entry =
  | { kind: 'empty' }
  /** `note`: what else was said, as in `13.9 V running`. */
  | { kind: 'quantity'; quantity: Quantity; decimals: number; text: string; note?: string }
  | { kind: 'beyond'; text: string }
  /** `figure`: the figure in it alone, and the words `beside` it, where what they mean is not known. */
  | { kind: 'state'; state: string; figure?: string; beside?: string }
  /** `offer` is the whole entry as it was likely meant, ready to be taken; `or` what else it may be. */
  | { kind: 'problem'; message: string; offer?: string; or?: string };

/** The shapes of a number as the source of a regular expression. */
export const NUMBER = NUMERAL;

/**
 * Reads a number by its shape alone, the way people in a shop write it: decimal point or comma, a real minus
 * sign, marks between thousands. Where `1,500` may be two numbers, the decimal one: use `readEntry` where a unit
 * or a limit can tell.
 *
 * @param text digits as typed
 * @returns the number and how many decimals were given, or undefined when it is not a number
 * @example readNumber('24,1') // { value: 24.1, decimals: 1 }
 */
export function readNumber(text: string): Figure | undefined {
  return readNumeral(text)?.figures.at(-1);
}

/** What it is, before a figure with a unit: `LTFT 22 %`. */
const LABEL = /^(\p{L}[\p{L}\d .-]{0,20}?)[\s:=]{1,3}(?=[+\-−]?[\d.,]+\s?[\p{L}°%Ω"])/u;
/** Some stand before their figure: `λ = 1.05`, `AFR 13.2`, `pH 7.5`. */
const UNIT_BEFORE = /^(\p{L}{1,6})[\s:=]{0,3}([\d.,]{1,8})$/u;
/** Where a bare number was read. */
const SIDE = /^(?:left|right|front|rear|inside|outside|inner|outer|remaining|each)$/i;
const quantityPattern = new RegExp(`^(${NUMERAL})[\\s\\u00a0\\u202f]*(.*)$`);
/** Resistors are marked with the letter in the place of the point: `4k7`, `4R7`, and so are voltages: `12V8`. IEC 60062. */
const marked = /^(\d+)([kKRMV])(\d+)$/;
/** A circuit without continuity, as a meter or a person says it. */
export const OPEN =
  /^(o[./]?l\.?|over ?limit|∞|infinite(?: ohms)?|infinity|>\s*max|open(?: (?:circuit|line|wire))?|no continuity)$/i;

/** A circuit through which everything passes. */
export const SHORT = /^(?:dead )?short(?:ed)?(?: circuit)?$/i;

/**
 * Reads what was typed into a reading: a number with its unit, "OL" or "open" on a meter's display
 * (beyond its range), or a state in words.
 *
 * @param text as typed, for instance `3.72 V`, `24,1 inHg`, `-12C`, `OL`, `lamp lights`
 * @param expected a unit to assume when only a number was typed
 * @param hints what else tells thousands from decimals; without any, and where the unit does not tell, both
 *   readings of such a number come back as a `problem`
 * @returns the entry; a number with an unknown unit is a `problem` with a sentence, never a guess
 * @example readEntry('24,1 inHg') // quantity 24.1 inHg, 1 decimal
 */
export function readEntry(text: string, expected?: string, hints?: Omit<Hints, 'unit'>): Entry {
  const t = text.trim();
  if (t === '') return { kind: 'empty' };
  const decimals = compositesAsDecimals(t);
  if (decimals !== t) {
    const read = readEntry(decimals, expected, hints);
    // A sixtieth has no end of places; two are shown.
    return read.kind === 'quantity' ? { ...read, text: t, decimals: Math.min(read.decimals, 2) } : read;
  }
  const [one, other] = (saidTwice(t) ?? []).map((half) => readEntry(half, expected, hints));
  if (one?.kind === 'quantity' && other?.kind === 'quantity' && agree([one.quantity], [other.quantity]))
    return { ...one, text: t };
  // "OL loom side".
  const [display, ...where] = t.split(/\s+/);
  if (where.length > 0 && /^o[./]?l\.?$/i.test(display!) && isNote(where.join(' ')))
    return { kind: 'beyond', text: t };
  const shown = t.replace(/(?<=^o[./]?l\.?)\s+[kmM]?(?:Ω|ohms?)$/i, '');
  if (OPEN.test(shown) && !/^(open|no)/i.test(t)) return { kind: 'beyond', text: t };
  const resistor = marked.exec(t);
  if (resistor) {
    const [, whole, letter, part] = resistor;
    const value = {
      value: Number(`${whole}.${part}`),
      unit: { k: 'kΩ', K: 'kΩ', R: 'Ω', M: 'MΩ', V: 'V' }[letter!]!,
    };
    return { kind: 'quantity', quantity: value, decimals: part!.length, text: t };
  }
  // A sign stands before its figure, with or without a blank.
  const m = quantityPattern.exec(t.replace(/^([-−–])\s+(?=\d)/, '$1'));
  const numeral = m && readNumeral(m[1]!);
  if (!numeral) {
    const before = UNIT_BEFORE.exec(t);
    if (before && ONE_UNIT.has(findUnit(before[1]!)?.sign ?? ''))
      return readEntry(`${before[2]} ${before[1]}`, expected, hints);
    const label = LABEL.exec(t)?.[0];
    const labelled = label && isNote(label) ? readEntry(t.slice(label.length), expected, hints) : undefined;
    return labelled?.kind === 'quantity' && labelled.quantity.unit !== ''
      ? { ...labelled, text: t }
      : { kind: 'state', state: t };
  }
  const typed = tidyUnit(m[2]!);
  const quantity = (unit: string): Entry => {
    const figure = decideNumber(numeral, { ...hints, unit });
    if ('value' in figure)
      return {
        kind: 'quantity',
        quantity: { value: figure.value, unit },
        decimals: figure.decimals,
        text: t,
      };
    const { message, offers } = askWhich(numeral, t);
    return { kind: 'problem', message, offer: offers[0], or: offers[1] };
  };
  if (typed === '') return quantity(expected ?? '');
  const unit = meant(typed, expected);
  if (unit?.sign === '°ATDC' && expected === '°BTDC') return beforeDeadCentre(quantity(unit.sign));
  if (unit && expected && !comparable(unit.sign, expected))
    return counted(quantity(unit.sign), expected, hints?.air) ?? misfit(t, m[1]!, unit, expected);
  if (unit) return quantity(unit.sign);
  const noted = unitAndNote(typed);
  if (noted) {
    const alone = readEntry(`${m[1]!} ${noted.unit}`.trim(), expected, hints);
    return alone.kind === 'quantity' ? { ...alone, note: noted.note } : alone;
  }
  // "4 humps of 6", "2nd gear": words that start with a number are a state, not a broken unit.
  if (/\s/.test(typed) || /^(st|nd|rd|th|x)\b/i.test(typed)) {
    const apart = unitBefore(typed);
    if (!apart) return { kind: 'state', state: t };
    return { kind: 'state', state: t, figure: `${m[1]!.trim()} ${apart.unit}`, beside: apart.beside };
  }
  const wanted = expected ? findUnit(expected)?.measures : undefined;
  const likely = suggestUnit(typed, wanted) ?? expected;
  return {
    kind: 'problem',
    message: likely
      ? `"${typed}" is not a unit known here. Was ${likely} meant?`
      : `"${typed}" is not a unit known here. Write for instance 3.72 V, 24,1 inHg, -12 °C.`,
    ...(likely ? { offer: `${m[1]!.trim()} ${likely}` } : {}),
  };
}

/**
 * The ways to write what cannot be read as it stands: another unit, or the two numbers it can be.
 *
 * @param text as typed
 * @param expected the unit of its field, empty for any
 * @returns none where it can be read, or where nothing is near it
 * @example waysToWrite('1,500', 'bar') // ['1500', '1.50']
 */
export function waysToWrite(text: string, expected: string): string[] {
  const entry = readEntry(text, expected === '' ? undefined : expected);
  if (entry.kind === 'state') return entry.figure === undefined ? [] : [entry.figure];
  return entry.kind === 'problem' ? [entry.offer, entry.or].filter((o) => o !== undefined) : [];
}

/** `volts running`: the unit, and words behind it that say nothing of how much. */
function unitAndNote(typed: string): { unit: string; note: string } | undefined {
  const bracket = /^(\S*)\s?\(([^()]*)\)$/.exec(typed);
  if (bracket && (bracket[1] === '' || findUnit(bracket[1]!)) && isNote(bracket[2]!, bracket[1]))
    return { unit: bracket[1]!, note: bracket[2]! };
  if (SIDE.test(typed)) return { unit: '', note: typed };
  const words = typed.split(/\s+/);
  for (let n = words.length - 1; n > Math.max(0, words.length - MOST_WORDS); n--) {
    const unit = words.slice(0, n).join(' ');
    const note = words.slice(n).join(' ');
    if (findUnit(unit) && isNote(note, unit)) return { unit, note };
  }
  return undefined;
}

/** The unit before other words, of which none has a figure of its own. */
function unitBefore(typed: string): { unit: string; beside: string } | undefined {
  const words = typed.split(/\s+/);
  for (let n = words.length - 1; n > 0; n--) {
    const unit = words.slice(0, n).join(' ');
    const beside = words.slice(n).join(' ');
    if (findUnit(unit) && !/\d/.test(beside)) return { unit, beside };
  }
  return undefined;
}

const tidyUnit = (typed: string): string => typed.trim().replace(/[.,;]+$/, '');

/**
 * The unit an entry is in, whichever number it has: the one typed, else the one expected; empty for none.
 *
 * @example unitOf('1,500 bar') // 'bar'
 */
export function unitOf(text: string, expected = ''): string {
  const typed = tidyUnit(quantityPattern.exec(text.trim())?.[2] ?? '');
  return typed === '' ? expected : (meant(typed, expected)?.sign ?? '');
}

/** The unit typed; beside ohms a K is kilohms. */
function meant(typed: string, expected: string | undefined): { sign: string; measures: string } | undefined {
  if (typed === 'K' && expected && findUnit(expected)?.measures === 'resistance') return findUnit('kΩ');
  return findUnit(typed);
}

/** So many degrees after dead centre, where they are counted before it. */
function beforeDeadCentre(read: Entry): Entry {
  if (read.kind !== 'quantity') return read;
  return { ...read, quantity: { value: -read.quantity.value, unit: '°BTDC' } };
}

/**
 * Gauge pressure where an absolute one is wanted, or the other way round: what it is by the barometer is offered,
 * or at sea level where none was read.
 */
function counted(read: Entry, expected: string, air?: number): Entry | undefined {
  if (read.kind !== 'quantity') return undefined;
  const there = acrossTheAir(read.quantity, expected, air);
  if (!there) return undefined;
  const offer = writeQuantity(there, Math.max(read.decimals, 2));
  const [gauge, absolute] = read.quantity.unit.endsWith('abs')
    ? [expected, read.quantity.unit]
    : [read.quantity.unit, expected];
  return {
    kind: 'problem',
    message: `${gauge} counts from the air outside and ${absolute} from vacuum; between them lies the barometer. ${air === undefined ? 'At 1013 mbar outside' : `With the barometer at ${writeNumber(air / 100, 0)} mbar`}, ${read.text} is ${offer}.`,
    offer,
  };
}

/** A known unit of another quantity than the one wanted here. */
function misfit(
  text: string,
  number: string,
  unit: { sign: string; measures: string },
  expected: string,
): Entry {
  const wanted = findUnit(expected)?.measures ?? '';
  if (wanted === '') return { kind: 'problem', message: `"${text}" does not go with ${expected}.` };
  const likely = suggestUnit(unit.sign, wanted) ?? expected;
  return {
    kind: 'problem',
    message: `${unit.sign} measures ${unit.measures}; here a ${wanted} is wanted, in ${unitsOf(wanted).slice(0, 4).join(', ')} … Was ${likely} meant?`,
    offer: `${number.trim()} ${likely}`,
  };
}

/**
 * Writes a number with a fixed number of decimals, with a real minus sign and no "-0".
 *
 * @param value any finite number
 * @param decimals digits after the point
 */
export function writeNumber(value: number, decimals: number): string {
  const s = value.toFixed(Math.min(decimals, 6));
  return (Number(s) === 0 ? s.replace('-', '') : s).replace('-', '−');
}

/** Writes a quantity: `writeQuantity({ value: 0.88, unit: 'V' }, 2)` gives `0.88 V`. */
export function writeQuantity(q: Quantity, decimals: number): string {
  const glue = q.unit === '' || q.unit === '°' ? '' : '\u00a0';
  return `${writeNumber(q.value, decimals)}${glue}${q.unit}`;
}
