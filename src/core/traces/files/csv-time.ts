import { figureText } from './figure-text';
import type { TimeUnit } from './read-as';

const DATE = String.raw`(?:(\d{4})[-/.](\d\d?)[-/.](\d\d?)|(\d\d?)[-/.](\d\d?)[-/.](\d{4}))[T ,]+`;
const MOMENT = new RegExp(
  String.raw`^(?:${DATE})?(?:(\d{1,2}):(\d\d)(?::(\d\d(?:[.,]\d+)?))?|(\d{1,3}):(\d\d[.,]\d+))\s*([ap]\.?m\.?)?\s*(?:Z|[+-]\d\d:?\d\d)?$`,
  'i',
);

/** Whether a cell is a moment of a clock, with or without a date. */
export const isClock = (cell: string): boolean => MOMENT.test(cell.trim());

/**
 * Seconds of the day (or of the calendar, with a date) of a moment.
 *
 * @returns NaN for what is none
 * @example clockSeconds('12:30:01.5') // 45001.5
 * @example clockSeconds('02:05.250') // 125.25: minutes and seconds
 */
export function clockSeconds(text: string): number {
  const m = MOMENT.exec(text.trim());
  if (!m) return NaN;
  const day = dayOf(m);
  if (m[10]) return day + Number(m[10]) * 60 + Number(m[11]!.replace(',', '.'));
  const half = m[12]?.[0]?.toLowerCase();
  const hour = half ? (Number(m[7]) % 12) + (half === 'p' ? 12 : 0) : Number(m[7]);
  return day + hour * 3600 + Number(m[8]) * 60 + Number((m[9] ?? '0').replace(',', '.'));
}

/** Seconds of the date in a moment, 0 where it has none. */
function dayOf(m: RegExpExecArray): number {
  if (m[1]) return Date.UTC(Number(m[1]), Number(m[2]) - 1, Number(m[3])) / 1000;
  if (!m[4]) return 0;
  const [first, second] = [Number(m[4]), Number(m[5])];
  // Whichever of day and month stands first, rows of one recording differ in the time; whole days are all that counts.
  const [day, month] = second > 12 ? [second, first] : [first, second];
  return Date.UTC(Number(m[6]), month - 1, day) / 1000;
}

const TIME_NAME =
  /^(time|zeit|temps|tiempo|tempo|t|timestamp|elapsed|seconds?|secs?|x|clock|date|datum)\b|\btime$/i;
const INTERVAL_LINE =
  /(interval|sample\s*time|step|\bdt\b|increment)\D*?([\d.,]+(?:e[+-]?\d+)?)\s*(ns|µs|us|ms|s)?/i;
const RATE_LINE =
  /(sampl\w*\s*(rate|frequency)|\bfs\b|rate|frequency)\D*?([\d.,]+(?:e[+-]?\d+)?)\s*([kM]?)\s*(hz|sa?\/s|s\/s)?/i;
const TIME_UNIT: Record<string, TimeUnit> = {
  s: 's',
  sec: 's',
  secs: 's',
  second: 's',
  seconds: 's',
  ms: 'ms',
  msec: 'ms',
  milliseconds: 'ms',
  us: 'µs',
  µs: 'µs',
  μs: 'µs',
  usec: 'µs',
  ns: 'ns',
  min: 'min',
  h: 'h',
};

/** What states a sample rate stands at the beginning of its line. */
const LONGEST_LINE = 300;

/** The unit of a time column by how it is written; undefined for other units. */
export const timeUnitOf = (unit: string): TimeUnit | undefined => TIME_UNIT[unit.toLowerCase()];

/**
 * The columns that tell the time: by name, else the first when it rises and no sample rate is stated. A table may
 * have one for each channel.
 *
 * @param rows rows of figures
 * @returns columns, in order; none when nothing tells it
 */
export function timeColumns(
  named: readonly { name: string; unit: string }[],
  rows: readonly string[][],
  decimal: '.' | ',',
  rateStated: boolean,
): number[] {
  const rises = (i: number) => {
    const values = rows.flatMap((r) => {
      const cell = r[i] ?? '';
      const v = isClock(cell) ? clockSeconds(cell) : figureText(cell, decimal)?.value;
      return v === undefined ? [] : [v];
    });
    let up = 0;
    for (let k = 1; k < values.length; k++) if (values[k]! > values[k - 1]!) up++;
    return values.length > 1 && up >= 0.9 * (values.length - 1);
  };
  if (named.length < 2) return [];
  const called = named.flatMap((c, i) => (TIME_NAME.test(c.name) ? [i] : []));
  const rising = called.filter(rises);
  // One before each channel, or one for all: a time that does not rise ("injection time") is a channel.
  const pairs =
    rising.length > 1 &&
    rising[0] === 0 &&
    rising.every((i) => !rising.includes(i + 1) && i + 1 < named.length);
  if (pairs) return rising;
  if (rising.length > 0) return rising.slice(0, 1);
  const plain = called.find((i) =>
    /^(time|zeit|temps|tiempo|tempo|t|timestamp|clock)\b/i.test(named[i]!.name),
  );
  if (plain !== undefined) return [plain];
  if (timeUnitOf(named[0]!.unit) !== undefined) return [0];
  return !rateStated && rises(0) ? [0] : [];
}

/** Seconds between samples as lines above the figures state them, as an interval or a rate; null where none does. */
export function intervalAbove(lines: readonly string[]): number | null {
  for (const line of lines) {
    const l = line.slice(0, LONGEST_LINE);
    const step = INTERVAL_LINE.exec(l);
    if (step) {
      const value = Number(step[2]!.replace(',', '.'));
      const unit = { ns: 1e-9, us: 1e-6, µs: 1e-6, ms: 1e-3, s: 1 }[(step[3] ?? 's').toLowerCase()] ?? 1;
      if (value > 0) return value * unit;
    }
    const rate = RATE_LINE.exec(l);
    if (rate) {
      const value = Number(rate[3]!.replace(',', '.')) * ({ k: 1e3, M: 1e6 }[rate[4] ?? ''] ?? 1);
      if (value > 0) return 1 / value;
    }
  }
  return null;
}
