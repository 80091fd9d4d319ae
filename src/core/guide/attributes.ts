import { comparable, convert } from '@/core/readings';
import { bestThreshold, informationGain, writeEdge, type ForkCase } from './fork';

type Facts = Pick<ForkCase, 'outcomes' | 'readings'>;

/** One thing a case can have been asked, with the few answers it can have. */
export interface Attribute {
  /** Folded question; what is asked once counts once. */
  question: string;
  /** The question as worded, and the reading when it is one. */
  words: string;
  label: string;
  /** Its answers: verdicts, or below and above a threshold. */
  answers: string[];
  /** The answer of a case; undefined when it was not asked there. */
  answerOf: (facts: Facts) => string | undefined;
}

/**
 * What past cases were asked, as attributes with two answers each: the outcome of a test, or a reading
 * on either side of the threshold that tells most about the cause. Where a test has both, only the
 * more telling one is taken: they are one piece of evidence.
 *
 * @param cases past cases with their causes
 * @returns one attribute for each question that was answered on at least one case
 */
export function attributesOf(cases: readonly ForkCase[]): Attribute[] {
  const best = new Map<string, { attribute: Attribute; gain: number }>();
  const offer = (attribute: Attribute) => {
    const have = cases.flatMap((c) => {
      const answer = attribute.answerOf(c);
      return answer === undefined ? [] : [{ cause: c.cause.key, answer }];
    });
    if (have.length === 0) return;
    const gain = informationGain(
      have.map((h) => h.cause),
      have.map((h) => h.answer),
    );
    const known = best.get(attribute.question);
    if (!known || gain > known.gain + 1e-9) best.set(attribute.question, { attribute, gain });
  };
  for (const question of new Set(cases.flatMap((c) => [...c.outcomes.keys()]))) {
    const words = cases.find((c) => c.outcomes.has(question))!.outcomes.get(question)!.question;
    offer({
      question,
      words,
      label: '',
      answers: ['fail', 'pass'],
      answerOf: (f) => {
        const verdict = f.outcomes.get(question)?.verdict;
        return verdict === 'pass' || verdict === 'fail' ? verdict : undefined;
      },
    });
  }
  for (const key of new Set(cases.flatMap((c) => [...c.readings.keys()]))) {
    const attribute = readingAttribute(key, cases);
    if (attribute) offer(attribute);
  }
  return [...best.values()].map((b) => b.attribute);
}

function readingAttribute(key: string, cases: readonly ForkCase[]): Attribute | undefined {
  const have = cases.flatMap((c) => {
    const r = c.readings.get(key);
    return r ? [{ cause: c.cause.key, r }] : [];
  });
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
  const edge = writeEdge({ value: cut.at, unit: first.unit }, decimals);
  const answers = [`up to ${edge}`, `above ${edge}`];
  return {
    question: key.slice(0, key.indexOf('/')),
    words: question,
    label,
    answers,
    answerOf: (f) => {
      const value = valueOf(f);
      return value === undefined ? undefined : value <= cut.at ? answers[0] : answers[1];
    },
  };
}
