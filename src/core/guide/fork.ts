import type { CaseRecord } from '@/core/case';
import { comparable, convert, readEntry, writeQuantity, type Quantity } from '@/core/readings';

/**
 * Forks: what separated cases that looked alike. Outcomes of tests and thresholds of readings are
 * ranked by information gain (Quinlan, "Induction of decision trees", Machine Learning 1, 1986;
 * thresholds as in his C4.5, 1993).
 */

/**
 * Entropy of a set by its class counts, in bits.
 *
 * @param counts how many there are of each class, 0 or more
 * @example entropy([9, 5]) // 0.940
 */
export function entropy(counts: readonly number[]): number {
  const n = counts.reduce((a, b) => a + b, 0);
  if (n === 0) return 0;
  return counts.reduce((h, c) => (c === 0 ? h : h - (c / n) * Math.log2(c / n)), 0);
}

const countsOf = (labels: readonly string[]): number[] => {
  const counts = new Map<string, number>();
  for (const l of labels) counts.set(l, (counts.get(l) ?? 0) + 1);
  return [...counts.values()];
};

/**
 * Information gained about the class by knowing the group, in bits.
 *
 * @param labels the class of each member
 * @param groups the group of each member, same length
 * @example over Quinlan's 14 days the gain of outlook is 0.246 bits
 */
export function informationGain(labels: readonly string[], groups: readonly string[]): number {
  const names = [...new Set(groups)];
  const after = names.reduce((h, g) => {
    const inside = labels.filter((_, i) => groups[i] === g);
    return h + (inside.length / labels.length) * entropy(countsOf(inside));
  }, 0);
  return entropy(countsOf(labels)) - after;
}

/**
 * The threshold that tells most about the class: halfway between two neighbouring values.
 *
 * @param values one per member
 * @param labels the class of each member, same length
 * @returns the threshold and its gain in bits, or undefined when all values are equal
 */
export function bestThreshold(
  values: readonly number[],
  labels: readonly string[],
): { at: number; gain: number } | undefined {
  const sorted = [...new Set(values)].sort((a, b) => a - b);
  let best: { at: number; gain: number } | undefined;
  for (let i = 1; i < sorted.length; i++) {
    const at = (sorted[i - 1]! + sorted[i]!) / 2;
    const gain = informationGain(
      labels,
      values.map((v) => (v <= at ? 'low' : 'high')),
    );
    if (!best || gain > best.gain + 1e-12) best = { at, gain };
  }
  return best;
}

/** What one past case says: its cause, the outcome of its tests, its readings before the repair. */
export interface ForkCase {
  id: string;
  number: number;
  /** One of its causes; a case with two stands once for each. */
  cause: { key: string; name: string };
  /** Outcome by question, folded by `foldQuestion`. */
  outcomes: ReadonlyMap<string, { question: string; verdict: string; minutes: number | null }>;
  /** Reading by question and label, folded; as entered. */
  readings: ReadonlyMap<string, { question: string; label: string; quantity: Quantity; decimals: number }>;
}

/** One side of a fork: who fell there, and what it was. */
export interface ForkSide {
  says: string;
  causes: { key: string; name: string; cases: number }[];
  numbers: number[];
}

export interface Fork {
  of: 'outcome' | 'reading';
  question: string;
  label: string;
  key: string;
  /** Only for readings. */
  threshold?: { value: number; unit: string };
  sides: [ForkSide, ForkSide, ...ForkSide[]];
  /** On how many cases it rests. */
  cases: number;
  gain: number;
  /** Gain weighed by the share of the cases that have it at all. */
  worth: number;
}

/** Words of a question in order of the alphabet, so that small differences of wording do not part it. */
export const foldQuestion = (s: string): string =>
  s
    .toLowerCase()
    .replace(/[^\p{L}\p{N}.]+/gu, ' ')
    .trim()
    .split(' ')
    .filter((w) => w && !FILLER.has(w))
    .sort()
    .join(' ');
const FILLER = new Set([
  'the',
  'a',
  'an',
  'is',
  'it',
  'does',
  'do',
  'of',
  'or',
  'at',
  'in',
  'its',
  'are',
  'what',
]);

/**
 * The tests and readings that separated cases of different causes, the most telling first.
 *
 * @param cases past cases that share a code or symptom set
 * @param most how many forks at the most
 * @returns forks that tell something and rest on at least two cases; none when all have one cause
 */
export function findForks(cases: readonly ForkCase[], most = 6): Fork[] {
  if (new Set(cases.map((c) => c.cause.key)).size < 2) return [];
  const forks: Fork[] = [];
  for (const key of new Set(cases.flatMap((c) => [...c.outcomes.keys()]))) {
    const have = cases.filter((c) => ['pass', 'fail'].includes(c.outcomes.get(key)?.verdict ?? ''));
    const groups = have.map((c) => c.outcomes.get(key)!.verdict);
    const question = have[0]?.outcomes.get(key)?.question ?? '';
    const fork = forkOf(have, groups, cases.length, (g) => g);
    if (fork) forks.push({ ...fork, of: 'outcome', question, label: '', key });
  }
  for (const key of new Set(cases.flatMap((c) => [...c.readings.keys()]))) {
    const with_ = cases.filter((c) => c.readings.has(key));
    const { quantity: first, question, label, decimals } = with_[0]!.readings.get(key)!;
    const have = with_.filter((c) => {
      const { unit } = c.readings.get(key)!.quantity;
      return unit === first.unit || comparable(unit, first.unit);
    });
    const values = have.map((c) => convert(c.readings.get(key)!.quantity, first.unit).value);
    const cut = bestThreshold(
      values,
      have.map((c) => c.cause.key),
    );
    if (!cut) continue;
    const groups = values.map((v) => (v <= cut.at ? 'low' : 'high'));
    const threshold = { value: cut.at, unit: first.unit };
    const edge = writeEdge(threshold, decimals);
    const fork = forkOf(have, groups, cases.length, (g) => (g === 'low' ? `up to ${edge}` : `above ${edge}`));
    if (fork) forks.push({ ...fork, of: 'reading', question, label, key, threshold });
  }
  // A reading tells its own threshold; the outcome of the same test says less when it says the same.
  return forks
    .sort((a, b) => b.worth - a.worth || Number(a.of === 'outcome') - Number(b.of === 'outcome'))
    .slice(0, most);
}

/** A threshold in words: one place more than was measured where it falls between two steps of it. */
export function writeEdge(edge: Quantity, decimals: number): string {
  const steps = edge.value * 10 ** decimals;
  return writeQuantity(edge, Math.abs(steps - Math.round(steps)) < 1e-9 ? decimals : decimals + 1);
}

const LEAST_GAIN = 0.05;

function forkOf(
  have: readonly ForkCase[],
  groups: readonly string[],
  all: number,
  says: (group: string) => string,
): Pick<Fork, 'sides' | 'cases' | 'gain' | 'worth'> | undefined {
  const labels = have.map((c) => c.cause.key);
  const names = [...new Set(groups)].sort();
  if (have.length < 2 || new Set(labels).size < 2 || names.length < 2) return undefined;
  const gain = informationGain(labels, groups);
  if (gain < LEAST_GAIN) return undefined;
  const sides = names.map((g): ForkSide => {
    const inside = have.filter((_, i) => groups[i] === g);
    const causes = new Map<string, { key: string; name: string; cases: number }>();
    for (const c of inside) {
      const known = causes.get(c.cause.key) ?? { ...c.cause, cases: 0 };
      known.cases++;
      causes.set(c.cause.key, known);
    }
    return {
      says: says(g),
      causes: [...causes.values()].sort((a, b) => b.cases - a.cases),
      numbers: inside.map((c) => c.number),
    };
  });
  return {
    sides: sides as unknown as Fork['sides'],
    cases: have.length,
    gain,
    worth: (gain * have.length) / all,
  };
}

/**
 * What a case says of forks: outcomes and readings of its tests, without those repeated after the repair.
 *
 * @param record tests and readings of the case
 */
export function forkFacts(
  record: Pick<CaseRecord, 'test' | 'reading'>,
): Pick<ForkCase, 'outcomes' | 'readings'> {
  const outcomes = new Map<string, { question: string; verdict: string; minutes: number | null }>();
  const readings = new Map<
    string,
    { question: string; label: string; quantity: Quantity; decimals: number }
  >();
  for (const t of record.test) {
    const folded = foldQuestion(t.question);
    if (t.repeatOf !== null || folded === '') continue;
    if (!outcomes.has(folded))
      outcomes.set(folded, { question: t.question, verdict: t.verdict, minutes: t.minutes });
    if (t.verdict === 'void') continue;
    for (const r of record.reading.filter((x) => x.testId === t.id)) {
      const entry = readEntry(r.entered);
      const key = `${folded}/${foldQuestion(r.label)}`;
      if (entry.kind === 'quantity' && r.label !== '' && !readings.has(key))
        readings.set(key, {
          question: t.question,
          label: r.label,
          quantity: entry.quantity,
          decimals: entry.decimals,
        });
    }
  }
  return { outcomes, readings };
}

/**
 * On which side of a fork a case falls.
 *
 * @returns the side, or undefined when the case has not asked that yet
 */
export function sideOf(
  fork: Fork,
  facts: Pick<ForkCase, 'outcomes' | 'readings'>,
): { side: ForkSide; here: string } | undefined {
  if (fork.of === 'outcome') {
    const verdict = facts.outcomes.get(fork.key)?.verdict ?? '';
    const side = fork.sides.find((s) => s.says === verdict);
    return side && { side, here: verdict };
  }
  const reading = facts.readings.get(fork.key);
  if (!reading || !fork.threshold) return undefined;
  const { unit, value } = fork.threshold;
  if (reading.quantity.unit !== unit && !comparable(reading.quantity.unit, unit)) return undefined;
  const here = convert(reading.quantity, unit).value;
  const side = fork.sides.find((s) => s.says.startsWith(here <= value ? 'up to' : 'above'));
  return side && { side, here: writeQuantity(reading.quantity, reading.decimals) };
}
