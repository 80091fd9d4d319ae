import type { CaseRecord } from '@/core/case';
import { readEntry, type Quantity } from '@/core/readings';

/** What a case was asked and answered: outcomes of its tests and their readings, before the repair. */
export interface Facts {
  /** Outcome by question, folded by `foldQuestion`. */
  outcomes: ReadonlyMap<string, { question: string; verdict: string; minutes: number | null }>;
  /** Reading by question and label, folded; as entered. */
  readings: ReadonlyMap<string, { question: string; label: string; quantity: Quantity; decimals: number }>;
  /** What its tests found that speaks for or against a cause, by part and, where said, failure. */
  spoken?: readonly SpokenFact[];
}

/** One finding that speaks of causes. */
export interface SpokenFact {
  question: string;
  says: 'for' | 'against' | 'rules out';
  partId: string;
  failureId: string | null;
}

/** The same as plain lists, as they are kept with a case's digest. */
export interface FactRows {
  outcomes: { question: string; verdict: string; minutes: number | null }[];
  readings: { question: string; label: string; value: number; unit: string; decimals: number }[];
}

const FILLER = new Set('the a an is it does do of or at in its are what'.split(' '));

/**
 * Words of a question in order of the alphabet, so that small differences of wording do not part it.
 *
 * @example foldQuestion('Is the feed at 12 V?') // '12 feed v'
 */
export const foldQuestion = (s: string): string =>
  s
    .toLowerCase()
    .replace(/[^\p{L}\p{N}.]+/gu, ' ')
    .trim()
    .split(' ')
    .filter((w) => w && !FILLER.has(w))
    .sort()
    .join(' ');

/**
 * What a case says, without tests repeated after the repair; a question asked twice counts once.
 *
 * @param record tests and readings of the case
 * @returns lists in the order of the case
 */
export function factRows(
  record: Pick<CaseRecord, 'test' | 'reading'> & Partial<Pick<CaseRecord, 'finding'>>,
): FactRows {
  const outcomes = new Map<string, FactRows['outcomes'][number]>();
  const readings = new Map<string, FactRows['readings'][number]>();
  const byTest = new Map<string, { testId: string; label: string; entered: string }[]>();
  const told = [
    ...record.reading,
    // The figures of an analysis are readings too.
    ...(record.finding ?? []).map((f) => ({ testId: f.testId, label: f.about, entered: f.figure })),
  ];
  for (const r of told) byTest.set(r.testId, [...(byTest.get(r.testId) ?? []), r]);
  for (const t of record.test) {
    const folded = foldQuestion(t.question);
    if (t.repeatOf !== null || folded === '') continue;
    if (!outcomes.has(folded))
      outcomes.set(folded, { question: t.question, verdict: t.verdict, minutes: t.minutes });
    if (t.verdict === 'void') continue;
    for (const r of byTest.get(t.id) ?? []) {
      const entry = readEntry(r.entered);
      const key = `${folded}/${foldQuestion(r.label)}`;
      if (entry.kind === 'quantity' && r.label !== '' && !readings.has(key))
        readings.set(key, {
          question: t.question,
          label: r.label,
          ...entry.quantity,
          decimals: entry.decimals,
        });
    }
  }
  return { outcomes: [...outcomes.values()], readings: [...readings.values()] };
}

/** The lists as maps by folded question. */
export function factsOf(rows: FactRows & { spoken?: readonly SpokenFact[] }): Facts {
  return {
    spoken: rows.spoken ?? [],
    outcomes: new Map(rows.outcomes.map((o) => [foldQuestion(o.question), o])),
    readings: new Map(
      rows.readings.map(({ question, label, value, unit, decimals }) => [
        `${foldQuestion(question)}/${foldQuestion(label)}`,
        { question, label, quantity: { value, unit }, decimals },
      ]),
    ),
  };
}

/** What a case says of forks, straight from its record. */
export function forkFacts(
  record: Pick<CaseRecord, 'test' | 'reading'> & Partial<Pick<CaseRecord, 'finding'>>,
): Facts {
  return factsOf(factRows(record));
}
