import { findUnit } from './units';

/** A number as one way of reading its separators gives it. */
export interface Figure {
  value: number;
  /** Digits after the decimal sign, as typed. */
  decimals: number;
}

/** A number as typed: one figure, or two where a separator may be for thousands or for decimals. */
export interface Numeral {
  text: string;
  /** Ambiguous: the figure with thousands first, then the one with decimals. */
  figures: readonly [Figure] | readonly [Figure, Figure];
  /** The decimal sign that this numeral can only have been written with. */
  decimalSign?: '.' | ',';
}

const GAP = " \\u00a0\\u202f'’";

/** The shapes of a number, the fullest first; as the source of a regular expression. */
export const NUMERAL = [
  `[+\\-−–]?\\d{1,3}(?:[${GAP}]\\d{3})+(?!\\d)(?:[.,]\\d+)?`,
  '[+\\-−–]?\\d{1,3}(?:,\\d{3})+(?:\\.\\d+)?(?!\\d|[.,]\\d)',
  '[+\\-−–]?\\d{1,3}(?:\\.\\d{3})+(?:,\\d+)?(?!\\d|[.,]\\d)',
  '[+\\-−–]?\\d+(?:[.,]\\d+)?(?:[eE][+-]?\\d+(?![\\d]))?',
  '[+\\-−–]?[.,]\\d+',
].join('|');

const WHOLE = new RegExp(`^(?:${NUMERAL})$`);

/**
 * Reads the digits of a number in every way their separators allow: `1,500` is 1500 or 1.5; `1.500,5`, `1 500`,
 * `24,1` and `0,500` are one number each.
 *
 * @param text digits with sign and separators, nothing else
 * @returns one or two figures, or undefined when it is no number
 * @example readNumeral('1,500')!.figures // [{ value: 1500, decimals: 0 }, { value: 1.5, decimals: 3 }]
 */
export function readNumeral(text: string): Numeral | undefined {
  const t = text.trim();
  if (!WHOLE.test(t)) return undefined;
  const clean = t.replace(/[−–]/g, '-').replace(new RegExp(`[${GAP}]`, 'g'), '');
  const grouped = clean.length < t.length && !/^[+-]?\d{1,3}$/.test(clean);
  const as = (digits: string): Figure => ({
    value: Number(digits),
    decimals: /\.(\d+)/.exec(digits)?.[1]?.length ?? 0,
  });
  const one = (figure: Figure, decimalSign?: '.' | ','): Numeral | undefined =>
    Number.isFinite(figure.value)
      ? { text: t, figures: [figure], ...(decimalSign ? { decimalSign } : {}) }
      : undefined;
  const signs = clean.replace(/[^.,]/g, '');
  if (signs === '') return one(as(clean));
  if (signs.includes('.') && signs.includes(',')) {
    // The last one is for decimals.
    const decimal = signs.at(-1) as '.' | ',';
    const thousands = decimal === '.' ? ',' : '.';
    return one(as(clean.replaceAll(thousands, '').replace(decimal, '.')), decimal);
  }
  const sign = signs[0] as '.' | ',';
  const other = sign === '.' ? ',' : '.';
  if (signs.length > 1) return one(as(clean.replaceAll(sign, '')), other);
  const decimal = as(clean.replace(sign, '.'));
  // Only three digits behind a separator, with one to three that do not begin with 0 before it, can be thousands.
  if (grouped || !/^[+-]?[1-9]\d{0,2}[.,]\d{3}$/.test(clean)) return one(decimal, sign);
  return { text: t, figures: [as(clean.replace(sign, '')), decimal] };
}

/** What helps to tell thousands from decimals. */
export interface Hints {
  /** The unit that belongs to the numeral; empty for none. */
  unit: string;
  /** The decimal sign that the same line, its limit or the shop is known to use. */
  decimalSign?: '.' | ',' | undefined;
  /** What it is compared with, in the numeral's own unit. */
  beside?: readonly number[] | undefined;
  /** Air pressure outside, in Pa, where a barometer was read; between gauge and absolute pressure. */
  air?: number | undefined;
}

/** Units read in whole numbers, often with a mark for thousands; common practice, no source. */
const WHOLE_UNITS = new Set(['rpm', 'ppm', 'km', 'mi', 'Pa', 'CCA']);
/** Units whose thousands do not occur in a shop; common practice, no source. */
const SMALL_UNITS = new Set(['kV', 'λ', 'MPa', 'kW', 'kWh', '°', '°BTDC', '°ATDC', '%', 'g/s']);
/** Volts of a vehicle's low-voltage side. Beside these a thousand of them is not meant; ISO 6469-3, class A: 60 V DC. */
const LOW_VOLTAGE = 60;
/** Units of countries that write a point for decimals. */
const POINT_UNITS = new Set([
  ...['psi', 'psia', 'inHg', 'inH2O', '°F', 'mph', 'mi', 'lb·ft', 'lb·in', 'in', 'thou', 'gal', 'qt', 'cfm'],
  ...['lb/min', 'cu in'],
]);
/** Nearer to what it is compared with than this many times, and the other reading further than the second. */
const NEAR = 8;
const FAR = 60;

/**
 * Settles which number was meant, by its shape, by the unit, by the decimal sign used beside it and by what it is
 * compared with.
 *
 * @returns the figure, or both where nothing tells
 * @example settle(readNumeral('1,500')!, { unit: 'rpm' }) // { value: 1500, decimals: 0 }
 */
export function decideNumber(numeral: Numeral, hints: Hints): Figure | readonly [Figure, Figure] {
  if (numeral.figures.length === 1) return numeral.figures[0];
  const [thousands, decimal] = numeral.figures;
  const sign = numeral.text.includes('.') ? '.' : ',';
  const unit = findUnit(hints.unit)?.sign ?? hints.unit;
  const beside = (hints.beside ?? []).filter((b) => b !== 0 && Number.isFinite(b)).map(Math.abs);
  // What does not occur was not meant, however it is written beside it.
  if (WHOLE_UNITS.has(unit)) return thousands;
  if (SMALL_UNITS.has(unit)) return decimal;
  if (unit === 'V' && (beside.length ? Math.max(...beside) <= LOW_VOLTAGE : sign === '.')) return decimal;
  const apart = (v: number) =>
    v === 0 ? Infinity : Math.min(...beside.map((b) => Math.max(Math.abs(v) / b, b / Math.abs(v))));
  const [t, d] = [apart(thousands.value), apart(decimal.value)];
  const byDecimal = d < NEAR && t > FAR ? decimal : undefined;
  const byPartner = t < NEAR && d > FAR ? thousands : byDecimal;
  const point = hints.decimalSign ?? (POINT_UNITS.has(unit) ? '.' : undefined);
  const bySign = point && (point === sign ? decimal : thousands);
  // Two hints that say otherwise tell nothing.
  if (byPartner && bySign && byPartner !== bySign) return numeral.figures;
  return bySign ?? byPartner ?? numeral.figures;
}

/**
 * Asks which of two was meant.
 *
 * @param numeral one that `settle` could not settle
 * @param whole the line it stands in
 * @returns the sentence, and the line in both ways, written so that it is read in one way only
 * @example askWhich(readNumeral('1,500')!, '1,500 bar').offers // ['1500 bar', '1.50 bar']
 */
export function askWhich(numeral: Numeral, whole: string): { message: string; offers: [string, string] } {
  const [thousands, decimal] = numeral.figures as readonly [Figure, Figure];
  // Not three digits behind the point: that is what made it ambiguous.
  const three = decimal.value.toFixed(3);
  const short = three.endsWith('0') ? three.slice(0, -1) : `${three}0`;
  const as = (text: string) => whole.replace(numeral.text, text);
  return {
    message: `"${numeral.text}" can be ${thousands.value} or ${decimal.value}. Which was meant?`,
    offers: [as(String(thousands.value)), as(short)],
  };
}

const AMBIGUOUS = /(?<![\d.,])[1-9]\d{0,2}[.,]\d{3}(?![\d]|[.,]\d)/g;

/**
 * Of the two ways that `askWhich` offers, the one that a shop with this decimal sign means.
 *
 * @param whole the line as typed
 * @param offers what is offered for it; anything but the two of `askWhich` gives undefined
 * @param decimalSign of the shop
 * @returns what was meant and the other way, or undefined where it is no question of separators
 * @example asWrittenHere('1,500 bar', ['1500 bar', '1.50 bar'], '.') // { meant: '1500 bar', other: '1.50 bar' }
 */
export function asWrittenHere(
  whole: string,
  offers: readonly string[],
  decimalSign: '.' | ',',
): { meant: string; other: string } | undefined {
  for (const [text] of whole.matchAll(AMBIGUOUS)) {
    const numeral = readNumeral(text);
    if (numeral?.figures.length !== 2) continue;
    const [thousands, decimal] = askWhich(numeral, whole).offers;
    if (offers[0] !== thousands || offers[1] !== decimal) continue;
    return text.includes(decimalSign)
      ? { meant: decimal, other: thousands }
      : { meant: thousands, other: decimal };
  }
  return undefined;
}
