import { comparable, convert, type Quantity } from '@/core/readings';
import type { Facts } from './facts';
import { bestThreshold, chanceGain, informationGain, tellsMoreThanChance, writeEdge } from './information';

/** What one past case says: its cause, the outcome of its tests, its readings before the repair. */
export interface ForkCase extends Facts {
  id: string;
  number: number;
  /** One of its causes; a case with two stands once for each. */
  cause: { key: string; name: string };
}

/** Bits by which a threshold has to tell more than the verdict of the same test. */
const MARGIN = 0.15;

/** One thing a case can have been asked, with the two answers it can have. */
export interface Attribute {
  of: 'outcome' | 'reading';
  /** The folded question, with the folded label for a reading. */
  key: string;
  /** Folded question; what is asked once counts once. */
  question: string;
  /** The question as worded, and the reading when it is one. */
  words: string;
  label: string;
  /** Its answers: verdicts, or below and above a threshold. */
  answers: [string, string];
  /** Which answer a vehicle gives that has nothing wrong there; undefined where nobody said. */
  sound: 0 | 1 | undefined;
  /** Only for readings: the value of a case in the unit of the threshold, and to how many decimals it is read. */
  readingOf?: (facts: Facts) => number | undefined;
  decimals?: number;
  threshold?: Quantity;
  /** Whether the threshold tells more than chance would (Fayyad & Irani 1993). */
  sure?: boolean;
  /** The answer of a case; undefined when it was not asked there. */
  answerOf: (facts: Facts) => string | undefined;
}

/** The outcome of a test as a question with two answers. */
export const outcomeAttribute = (question: string, words: string): Attribute => ({
  of: 'outcome',
  key: question,
  question,
  words,
  label: '',
  answers: ['fail', 'pass'],
  sound: 1,
  answerOf: (f) => {
    const verdict = f.outcomes.get(question)?.verdict;
    return verdict === 'pass' || verdict === 'fail' ? verdict : undefined;
  },
});

/**
 * What past cases were asked: the outcome of each test, and each reading by the side of the threshold
 * that tells most about the cause.
 *
 * @param cases past cases with their causes
 * @returns outcomes first, then readings that have a threshold
 */
export function allAttributes(cases: readonly ForkCase[]): Attribute[] {
  const questions = new Map<string, string>();
  const readings = new Map<string, ForkCase[]>();
  for (const c of cases) {
    for (const [question, o] of c.outcomes) if (!questions.has(question)) questions.set(question, o.question);
    for (const key of c.readings.keys()) {
      const list = readings.get(key);
      if (list) list.push(c);
      else readings.set(key, [c]);
    }
  }
  return [
    ...[...questions].map(([question, words]) => outcomeAttribute(question, words)),
    ...[...readings].flatMap(([key, have]) => readingAttribute(key, have) ?? []),
  ];
}

/**
 * What past cases were asked, each question once: where a test has an outcome and readings, only the
 * most telling of them is taken, since they are one piece of evidence.
 *
 * @param cases past cases with their causes
 * @returns one attribute for each question that was answered on at least one case
 */
export function attributesOf(cases: readonly ForkCase[]): Attribute[] {
  const best = new Map<string, { attribute: Attribute; gain: number }>();
  for (const attribute of allAttributes(cases)) {
    const have = cases.flatMap((c) => {
      const answer = attribute.answerOf(c);
      return answer === undefined ? [] : [{ cause: c.cause.key, answer }];
    });
    if (have.length === 0) continue;
    // Among many values some cut always tells something; a verdict is worth more than that.
    if (attribute.of === 'reading' && !attribute.sure && best.has(attribute.question)) continue;
    const causes = have.map((h) => h.cause);
    const gain =
      informationGain(
        causes,
        have.map((h) => h.answer),
      ) - chanceGain(new Set(causes).size, have.length);
    const known = best.get(attribute.question);
    // A threshold is found by looking for it, a verdict is not: it has to tell clearly more.
    const clear = attribute.of === 'reading' && known?.attribute.of === 'outcome' ? MARGIN : 1e-9;
    if (!known || gain > known.gain + clear) best.set(attribute.question, { attribute, gain });
  }
  return [...best.values()].map((b) => b.attribute);
}

function readingAttribute(key: string, cases: readonly ForkCase[]): Attribute | undefined {
  const have = cases.map((c) => ({ cause: c.cause.key, r: c.readings.get(key)! }));
  const { quantity: first, question, label, decimals } = have[0]!.r;
  const valueOf = (f: Facts): number | undefined => {
    const q = f.readings.get(key)?.quantity;
    if (!q || (q.unit !== first.unit && !comparable(q.unit, first.unit))) return undefined;
    return convert(q, first.unit).value;
  };
  const known = have.flatMap(({ cause, r }) => {
    const value = valueOf({ outcomes: new Map(), readings: new Map([[key, r]]) });
    return value === undefined ? [] : [{ cause, value }];
  });
  const cut = bestThreshold(
    known.map((k) => k.value),
    known.map((k) => k.cause),
  );
  if (!cut) return undefined;
  const threshold = { value: cut.at, unit: first.unit };
  const edge = writeEdge(threshold, decimals);
  const answers: [string, string] = [`up to ${edge}`, `above ${edge}`];
  const labels = known.map((k) => k.cause);
  const sound = soundSide(
    cases.flatMap((c) => {
      const verdict = c.outcomes.get(key.slice(0, key.indexOf('/')))?.verdict ?? '';
      const value = valueOf(c);
      return value === undefined ? [] : [{ side: value <= cut.at ? 0 : 1, verdict }];
    }),
  );
  if (sound === 'both') return undefined;
  return {
    of: 'reading',
    key,
    threshold,
    readingOf: valueOf,
    decimals,
    sure: tellsMoreThanChance(
      labels,
      known.map((k) => k.value <= cut.at),
    ),
    sound,
    question: key.slice(0, key.indexOf('/')),
    words: question,
    label,
    answers,
    answerOf: (f) => {
      const value = valueOf(f);
      if (value === undefined) return undefined;
      if (value <= cut.at) return answers[0];
      return answers[1];
    },
  };
}

/**
 * The side on which more of the readings belong to tests that passed.
 *
 * @returns the side; 'both' where most passed on either: such a threshold parts nothing but scatter; undefined where
 *   no verdict tells, or most failed on either
 */
function soundSide(answers: readonly { side: number; verdict: string }[]): 0 | 1 | 'both' | undefined {
  const share = [0, 1].map((side) => {
    const judged = answers.filter((a) => a.side === side && (a.verdict === 'pass' || a.verdict === 'fail'));
    return judged.length === 0
      ? undefined
      : judged.filter((a) => a.verdict === 'pass').length / judged.length;
  });
  if (share[0] === undefined && share[1] === undefined) return undefined;
  if ((share[0] ?? 0) > 0.5 && (share[1] ?? 0) > 0.5) return 'both';
  if ((share[0] ?? 1) <= 0.5 && (share[1] ?? 1) <= 0.5) return undefined;
  return (share[0] ?? 0.5) >= (share[1] ?? 0.5) ? 0 : 1;
}
