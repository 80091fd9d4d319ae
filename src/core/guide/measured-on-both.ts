import type { CaseRecord } from '@/core/case';
import { liveName } from '@/core/codes';
import { sameThing, labelWords } from '@/core/readings';

/** One thing that was measured on two cases, whatever it was asked for. */
export interface MeasuredOnBoth {
  name: string;
  /** What was read on each, in order of time, as entered, with its verdict. */
  values: [Measured[], Measured[]];
}

export interface Measured {
  entered: string;
  verdict: string;
  /** Read again after the repair. */
  again: boolean;
}

interface Value extends Measured {
  label: string;
  /** Under which question it stands; live values stand under none. */
  question: string | undefined;
  /** The name that a live value goes by in every tool, where it has one. */
  known: string | undefined;
  at: string;
}

type Facts = Pick<CaseRecord, 'test' | 'reading' | 'finding' | 'scan' | 'live'>;

function valuesOf(record: Facts): Value[] {
  const named = (label: string) => {
    const name = liveName(label);
    return name.kind === undefined ? undefined : name.key;
  };
  const ofTests = record.test.flatMap((t) => {
    const told = [
      ...record.reading.map((r) => ({ ...r, label: r.label })),
      // The figures of an analysis are readings too.
      ...record.finding.map((f) => ({
        testId: f.testId,
        label: f.about,
        entered: f.figure,
        verdict: f.verdict,
      })),
    ].filter((r) => r.testId === t.id && r.entered !== '' && r.label !== '');
    return told.map(({ label, entered, verdict }): Value => ({
      label,
      entered,
      verdict,
      again: t.repeatOf !== null,
      question: t.question,
      known: named(label),
      at: t.at,
    }));
  });
  const ofLists = record.live.flatMap((l): Value[] => {
    const scan = record.scan.find((s) => s.id === l.scanId);
    const known = named(l.name);
    if (!scan || l.entered === '' || known === undefined) return [];
    const again = scan.phase === 'after repair';
    return [
      { label: l.name, entered: l.entered, verdict: '', again, question: undefined, known, at: scan.at },
    ];
  });
  return [...ofTests, ...ofLists].sort((a, b) => a.at.localeCompare(b.at));
}

/** Whether two values are of the same thing: a live value by its name, else the same label as `sameThing` has it. */
const alike = (a: Value, b: Value): boolean =>
  a.known !== undefined && b.known !== undefined
    ? a.known === b.known
    : sameThing(labelWords(a.label), a.question, b);

/**
 * What was measured on both of two cases, whatever the question above it.
 *
 * @param a tests with readings and figures, and lists of live values
 * @param b the other case
 * @returns in the order of the first case; each thing once
 * @example both with "long-term trim at idle" under different questions: one entry with the values of each
 */
export function measuredOnBoth(a: Facts, b: Facts): MeasuredOnBoth[] {
  const [left, right] = [valuesOf(a), valuesOf(b)];
  const taken = new Set<Value>();
  return left.flatMap((first): MeasuredOnBoth[] => {
    if (taken.has(first)) return [];
    const mine = left.filter((v) => alike(first, v));
    const theirs = right.filter((v) => alike(first, v));
    for (const v of mine) taken.add(v);
    if (theirs.length === 0) return [];
    const shown = ({ entered, verdict, again }: Value): Measured => ({ entered, verdict, again });
    return [{ name: first.label, values: [mine.map(shown), theirs.map(shown)] }];
  });
}
