import type { LineReader } from './contract';

const YEAR = '((?:19|20)\\d\\d)';
const RANGE = new RegExp(`(?<= )${YEAR} ?(?:[-–—]|to) ?${YEAR}(?= )`, 'gi');
const FROM = new RegExp(
  `(?<= )(?:(?:from )?${YEAR} ?(?:\\+|on(?:wards?)?|and (?:later|newer|up)|or (?:later|newer)))(?= )`,
  'gi',
);
const UNTIL = new RegExp(`(?<= )(?:up to ${YEAR}|${YEAR} (?:and|or) (?:older|earlier|before))(?= )`, 'gi');
const MODEL_YEAR = /(?<= )(?:my|model ?year) ?'?((?:19|20)?\d\d)(?= )/gi;
const SHORT = /(?<= )'(\d\d)(?= )/g;
const ALONE = /(?<= )(19\d\d|20[0-4]\d)(?= )/g;

/**
 * The years a span of model years begins and ends with.
 *
 * @param value of a year chip: "2014", "2014…2017", "2015…", "…2012"
 * @returns both ends, null where it is open
 * @example yearSpan('2015…') // { from: 2015, until: null }
 */
export function yearSpan(value: string): { from: number | null; until: number | null } {
  const [from = '', until = from] = value.split('…');
  return { from: from ? Number(from) : null, until: until ? Number(until) : null };
}

/** Model years: one, or a span of them. The year of a moment ("since 2025", "in 2025") is left to the dates. */
export const readYears: LineReader = (text, known) => {
  const chip = (value: string, label: string) => ({ kind: 'year' as const, label, value });
  const full = (short: string): string => {
    if (short.length === 4) return short;
    const now = Number((known.today ?? '2000').slice(2, 4)) + 1;
    return `${Number(short) <= now ? '20' : '19'}${short}`;
  };
  text.takeAll(RANGE, (m) => (m[1]! <= m[2]! ? chip(`${m[1]}…${m[2]}`, `${m[1]} to ${m[2]}`) : undefined));
  text.takeAll(FROM, (m) => chip(`${m[1]}…`, `from ${m[1]} on`));
  text.takeAll(UNTIL, (m) => chip(`…${m[1] ?? m[2]}`, `up to ${m[1] ?? m[2]}`));
  text.takeAll(MODEL_YEAR, (m) => chip(full(m[1]!), full(m[1]!)));
  text.takeAll(SHORT, (m) => chip(full(m[1]!), full(m[1]!)));
};

/** A year that stands alone, once the dates have taken theirs. */
export const readYearAlone: LineReader = (text) =>
  text.takeAll(ALONE, (m) => ({ kind: 'year', label: m[1]!, value: m[1]! }));
