import type { Attribute, ForkCase } from './attributes';
import { failRate } from './fail-rate';

/** What general practice knows of tests, for the causes at hand. */
export interface Practice {
  /** By folded question: its words, its minutes, and how likely it fails with each cause, by key. */
  tests: ReadonlyMap<string, { words: string; minutes: number; fails: ReadonlyMap<string, number> }>;
  /** Names of causes by key, for those that no case here had. */
  names: ReadonlyMap<string, string>;
}

export const NO_PRACTICE: Practice = { tests: new Map(), names: new Map() };

/** Chance that a test fails with a cause it is not about. */
export const STRAY_FAIL = 0.05;
/** Pseudo-cases behind the answers of a reading whose sound side nobody knows (Krichevsky & Trofimov 1981). */
const SMOOTHING = 0.6;

/** One attribute with the chance of each of its answers: with each cause it is about, and with others. */
export interface Asked {
  a: Attribute;
  byCause: Map<string, number[]>;
  /** With a cause that it is known not to be about. */
  other: number[];
  /** With what nobody knows of: it may be about it. */
  unknown: number[];
  /** How many cases here each cause has: of one that has many and was never asked, it is not about it. */
  cases: ReadonlyMap<string, number>;
  /** What general practice says of the test, where it knows it. */
  practice?: { minutes: number };
  /** Causes with cases here that were asked it. */
  asked: ReadonlySet<string>;
}

export interface CountedCase extends ForkCase {
  weight: number;
}

/**
 * How each cause answers a question: from the cases that were asked it, leaning on general practice where that
 * knows the test, else on how tests mostly come out.
 *
 * @param a the question
 * @param cases past cases, once for each cause
 * @param practice what the trade knows of tests
 * @param weight weight of all cases of each cause
 */
export function countAnswers(
  a: Attribute,
  cases: readonly CountedCase[],
  practice: Practice,
  weight: ReadonlyMap<string, number>,
): Asked {
  const all = a.answers.map(() => 0);
  const hits = new Map<string, number[]>();
  for (const c of cases) {
    const given = a.answers.indexOf(a.answerOf(c) ?? '');
    if (given < 0) continue;
    all[given]! += c.weight;
    const own = hits.get(c.cause.key) ?? a.answers.map(() => 0);
    own[given]! += c.weight;
    hits.set(c.cause.key, own);
  }
  const known = practice.tests.get(a.question);
  const asked = new Set(hits.keys());
  if (a.sound === undefined) {
    const even = smoothed(all, [0.5, 0.5]);
    return {
      a,
      other: even,
      unknown: even,
      cases: weight,
      asked,
      byCause: new Map([...hits].map(([key, own]) => [key, smoothed(own, even)])),
    };
  }
  const { sound } = a;
  const chances = (fails: number) => a.answers.map((_, i) => (i === sound ? 1 - fails : fails));
  const byCause = new Map<string, number[]>();
  for (const key of new Set([...hits.keys(), ...(known?.fails.keys() ?? [])])) {
    const own = hits.get(key) ?? [0, 0];
    const done = (own[0]! + own[1]!) / (weight.get(key) ?? 1);
    byCause.set(key, chances(failRate(own[1 - sound]!, own[sound]!, known?.fails.get(key), done)));
  }
  return {
    a,
    other: chances(STRAY_FAIL),
    unknown: chances(known ? STRAY_FAIL : failRate(0, 0)),
    cases: weight,
    asked,
    byCause,
    ...(known ? { practice: { minutes: known.minutes } } : {}),
  };
}

function smoothed(hits: readonly number[], towards: readonly number[]): number[] {
  const n = hits.reduce((x, y) => x + y, 0);
  return hits.map((h, i) => (h + SMOOTHING * towards[i]!) / (n + SMOOTHING));
}

/** What is left of the doubt whether a test is about a cause, for each of its cases that was not asked it. */
const DOUBT_LEFT = 0.5;

/**
 * The chance of an answer with a cause. Never having been asked says the less, the fewer cases the cause has.
 */
export function chanceOf(x: Asked, cause: string, answer: number): number {
  const own = x.byCause.get(cause);
  if (own) return own[answer]!;
  const doubt = DOUBT_LEFT ** (x.cases.get(cause) ?? 0);
  return doubt * x.unknown[answer]! + (1 - doubt) * x.other[answer]!;
}
