/** How a column writes its dates: which of two numbers is the day. */
export type DateOrder = 'day first' | 'month first' | 'year first';

export interface DateColumn {
  /** Undefined where no cell of the column tells: every day is 12 or below. */
  order: DateOrder | undefined;
  /** Share of the cells that are dates. */
  share: number;
}

const MONTHS: Record<string, number> = Object.fromEntries(
  [
    'jan|januar|january|janvier|enero|ene|gennaio|gen|januari',
    'feb|februar|february|fevrier|fev|febrero|febbraio|februari',
    'mar|march|marz|mrz|mars|marzo|maart|mrt',
    'apr|april|avril|avr|abril|abr|aprile',
    'may|mai|mayo|maggio|mag|mei',
    'jun|june|juni|juin|junio|giugno|giu',
    'jul|july|juli|juillet|juil|julio|luglio|lug',
    'aug|august|aout|agosto|ago|augustus',
    'sep|sept|september|septembre|septiembre|settembre|set',
    'oct|october|oktober|okt|octobre|octubre|ottobre|ott',
    'nov|november|novembre|noviembre',
    'dec|december|dezember|dez|decembre|diciembre|dic|dicembre',
  ].flatMap((names, i) => names.split('|').map((n) => [n, i + 1])),
);

interface Parts {
  numbers: [number, number, number];
  yearFirst: boolean;
  /** The month stood in letters: nothing to tell. */
  worded: boolean;
}

const TIME = /[T\s,]+\d{1,2}:\d{2}(?::\d{2}(?:\.\d+)?)?\s*(?:[ap]\.?m\.?)?\s*(?:Z|[+-]\d{2}:?\d{2})?$/iu;

function partsOf(cell: string): Parts | undefined {
  const text = cell
    .trim()
    .replace(TIME, '')
    .replace(/^(?:mon|tue|wed|thu|fri|sat|sun|mo|di|mi|do|fr|sa|so)[a-z]*\.?,?\s+/iu, '');
  const numeric = /^(\d{1,4})\s?[./-]\s?(\d{1,2})\s?[./-]\s?(\d{1,4})\.?$/u.exec(text);
  if (numeric) {
    const [a, b, c] = [numeric[1]!, numeric[2]!, numeric[3]!];
    if (a.length === 4) return { numbers: [Number(a), Number(b), Number(c)], yearFirst: true, worded: false };
    if (a.length > 2 || (c.length !== 2 && c.length !== 4)) return undefined;
    return { numbers: [Number(a), Number(b), yearOf(c)], yearFirst: false, worded: false };
  }
  const compact = /^(19|20)(\d{2})(\d{2})(\d{2})$/u.exec(text);
  if (compact)
    return {
      numbers: [Number(compact[1]! + compact[2]!), Number(compact[3]), Number(compact[4])],
      yearFirst: true,
      worded: false,
    };
  const plain = text.normalize('NFKD').replace(/\p{M}/gu, '').toLowerCase();
  const day = /^(\d{1,2})(?:st|nd|rd|th|\.)?[\s./-]+([a-z]{3,10})\.?,?[\s./-]+(\d{4}|\d{2})$/u.exec(plain);
  const american = /^([a-z]{3,10})\.?\s+(\d{1,2})(?:st|nd|rd|th)?,?\s+(\d{4}|\d{2})$/u.exec(plain);
  const [d, name, y] = day ? day.slice(1) : [american?.[2], american?.[1], american?.[3]];
  const month = name === undefined ? undefined : MONTHS[name];
  return month === undefined
    ? undefined
    : { numbers: [Number(d), month, yearOf(y!)], yearFirst: false, worded: true };
}

/** Two digits of a year: of this century up to 2069, as POSIX has it. */
const yearOf = (digits: string): number =>
  digits.length === 4 ? Number(digits) : Number(digits) + (Number(digits) < 69 ? 2000 : 1900);

/**
 * How a column writes its dates, from all of its cells: one day above 12 tells it for every row.
 *
 * @param cells of the column; empty ones count for nothing
 * @returns the order, undefined where none of them tells, and the share that are dates at all
 * @example dateColumn(['03/04/2021', '25/04/2021']).order // 'day first'
 */
export function dateColumn(cells: readonly string[]): DateColumn {
  const full = cells.filter((c) => c.trim() !== '');
  const parts = full.flatMap((c) => partsOf(c) ?? []);
  const share = full.length === 0 ? 0 : parts.length / full.length;
  if (parts.length > 0 && parts.every((p) => p.yearFirst || p.worded))
    return { order: parts.some((p) => p.yearFirst) ? 'year first' : 'day first', share };
  const open = parts.filter((p) => !p.yearFirst && !p.worded);
  const dayFirst = open.filter((p) => p.numbers[0] > 12 && p.numbers[1] <= 12).length;
  const monthFirst = open.filter((p) => p.numbers[1] > 12 && p.numbers[0] <= 12).length;
  // A point between is written where the day comes first (common practice, no source).
  const dotted = full.filter((c) => /^\s*\d{1,2}\.\s?\d{1,2}\.\s?\d{2,4}/u.test(c)).length;
  if (dayFirst > 0 && monthFirst === 0) return { order: 'day first', share };
  if (monthFirst > 0 && dayFirst === 0) return { order: 'month first', share };
  if (dayFirst === 0 && dotted === open.length && open.length > 0) return { order: 'day first', share };
  return { order: undefined, share };
}

/**
 * A day as spreadsheets count it, where a cell lost its format: days since 1899-12-30 (ISO/IEC 29500-1, 18.17.4.1).
 * Only of 1955 to 2064, and only where a column is said to hold days.
 *
 * @example serialDay('44289') // '2021-04-03'
 */
export function serialDay(cell: string): string | undefined {
  const m = /^(\d{5})(?:\.\d+)?$/.exec(cell.trim());
  const days = Number(m?.[1]);
  return m && days >= 20_000 && days < 60_000
    ? new Date(Date.UTC(1899, 11, 30) + days * 86_400_000).toISOString().slice(0, 10)
    : undefined;
}

/**
 * A cell as a day.
 *
 * @param cell as it stands
 * @param order of its column
 * @returns YYYY-MM-DD, or undefined for what is no date, or no day of the calendar
 * @example readDay('3/4/21', 'month first') // '2021-03-04'
 */
export function readDay(cell: string, order: DateOrder | undefined): string | undefined {
  const serial = serialDay(cell);
  if (serial !== undefined) return serial;
  const p = partsOf(cell);
  if (!p) return undefined;
  if (
    !p.yearFirst &&
    !p.worded &&
    (order === undefined || order === 'year first') &&
    p.numbers[0] !== p.numbers[1]
  ) {
    // Without a word for the column, only a day above 12 tells.
    if (p.numbers[0] <= 12 && p.numbers[1] <= 12) return undefined;
  }
  const [a, b, c] = p.numbers;
  const monthFirst = !p.worded && (order === 'month first' || (order === undefined && b > 12));
  const dayLast = monthFirst ? [c, a, b] : [c, b, a];
  const [year, month, day] = (p.yearFirst ? p.numbers : dayLast) as [number, number, number];
  const at = new Date(Date.UTC(year, month - 1, day));
  return year >= 1950 && year <= 2100 && at.getUTCMonth() === month - 1 && at.getUTCDate() === day
    ? at.toISOString().slice(0, 10)
    : undefined;
}
