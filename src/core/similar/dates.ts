import type { LineReader } from './line/contract';

const MONTHS = 'january february march april may june july august september october november december'.split(
  ' ',
);
const WEEKDAYS = 'sunday monday tuesday wednesday thursday friday saturday'.split(' ');
const UNIT: Record<string, number> = { day: 1, week: 7, month: 30.44, year: 365.25 };

/** A span of time as it was written: its words, and its first day and the day after its last. */
export interface DateSpan {
  words: string;
  from: string;
  until: string;
}

const day = (ms: number): string => new Date(ms).toISOString().slice(0, 10);
const monthSpan = (year: number, month: number) => ({
  from: day(Date.UTC(year, month, 1)),
  until: day(Date.UTC(year, month + 1, 1)),
});
const month = `(${MONTHS.map((m) => `${m.slice(0, 3)}(?:${m.slice(3)})?`).join('|')})`;

/**
 * Finds when, in a search line: "last month", "last 6 months", "since 2025", "before march 2026",
 * "in june", "2026-03", "2026-03-14", "since monday", "yesterday". A year alone is left to the vehicle.
 *
 * @param line as typed
 * @param today the day it is, ISO 8601
 * @returns the span with the words that said it, an empty end where it is open; undefined when no time is named
 */
export function readDates(line: string, today: string): DateSpan | undefined {
  const now = Date.parse(today.slice(0, 10));
  const year = Number(today.slice(0, 4));
  const at = (pattern: RegExp) => pattern.exec(line.toLowerCase());
  let m = at(/\b(?:last|past) (?:(\d{1,3}) )?(day|week|month|year)s?\b/);
  if (m) return { words: m[0], from: day(now - Number(m[1] ?? 1) * UNIT[m[2]!]! * 86_400_000), until: '' };
  m = at(/\bthis (week|month|year)\b/);
  if (m) {
    const begun: Record<string, string> = {
      year: `${year}-01-01`,
      month: `${today.slice(0, 7)}-01`,
      // The Monday of this week.
      week: day(now - ((new Date(now).getUTCDay() + 6) % 7) * 86_400_000),
    };
    return { words: m[0], from: begun[m[1]!]!, until: '' };
  }
  m = at(/\b(?:(since|after|before|until|on) )?(yesterday|today)\b/);
  if (m) return { words: m[0], ...bound(m[1] ?? 'in', spanOf(now - (m[2] === 'today' ? 0 : 86_400_000))) };
  m = at(new RegExp(`\\b(since|from|after|before|until|on|last) (${WEEKDAYS.join('|')})\\b`));
  if (m) {
    // The last such day before today.
    const back = (new Date(now).getUTCDay() - WEEKDAYS.indexOf(m[2]!) + 7) % 7 || 7;
    const span = spanOf(now - back * 86_400_000);
    return { words: m[0], ...bound(m[1]!, span) };
  }
  m = at(
    new RegExp(
      `\\b(?:(since|from|after|before|until|in) )?(?:${month} )?(20\\d{2})(?:-(\\d{2})(?:-(\\d{2}))?)?(?![\\d])`,
    ),
  );
  if (m && (m[1] || m[2] || m[4])) {
    const y = Number(m[3]);
    const byNumber = m[4] ? Number(m[4]) - 1 : -1;
    const at0 = m[2] ? MONTHS.findIndex((x) => x.startsWith(m![2]!.slice(0, 3))) : byNumber;
    if (at0 > 11) return undefined;
    const ofMonth = () => (m![5] ? dayOf(y, at0, Number(m![5])) : monthSpan(y, at0));
    const span = at0 < 0 ? { from: `${y}-01-01`, until: `${y + 1}-01-01` } : ofMonth();
    return { words: m[0].trim(), ...bound(m[1] ?? 'in', span) };
  }
  m = at(new RegExp(`\\b(since|from|after|before|until|in) ${month}\\b`));
  if (m) {
    const wanted = MONTHS.findIndex((x) => x.startsWith(m![2]!.slice(0, 3)));
    // The last such month that has begun.
    const y = wanted > new Date(now).getUTCMonth() ? year - 1 : year;
    return { words: m[0], ...bound(m[1]!, monthSpan(y, wanted)) };
  }
  return undefined;
}

const spanOf = (ms: number) => ({ from: day(ms), until: day(ms + 86_400_000) });

function dayOf(y: number, monthFrom0: number, d: number) {
  const from = Date.UTC(y, monthFrom0, d);
  return { from: day(from), until: day(from + 86_400_000) };
}

function bound(word: string, span: { from: string; until: string }): { from: string; until: string } {
  if (word === 'since' || word === 'from') return { from: span.from, until: '' };
  if (word === 'after') return { from: span.until, until: '' };
  if (word === 'before') return { from: '', until: span.from };
  if (word === 'until') return { from: '', until: span.until };
  return span;
}

/** When a case was opened, as a span of dates; none is read without the day it is. */
export const readWhen: LineReader = (text, known) => {
  const span = known.today ? readDates(text.rest, known.today) : undefined;
  if (!span) return;
  const at = text.rest.toLowerCase().indexOf(span.words);
  const words = text.rest.slice(at, at + span.words.length);
  text.take(words, { kind: 'date', label: words, value: `${span.from}…${span.until}` });
};
