import { attributesOf, type Attribute } from './attributes';
import { entropy, type ForkCase } from './fork';

/** A past case near to the open one: its cause, what it was asked, how near and how well proven. */
export interface GuideCase extends ForkCase {
  /** Nearness after the weight of its proof, 0 … 1. */
  weight: number;
  grade: string;
}

/** The share of one cause, with what moved it. */
export interface CauseOdds {
  key: string;
  name: string;
  /** 0 … 1; all shares and that of the unseen add up to 1. */
  share: number;
  /** Numbers of the near cases that had it, nearest first. */
  numbers: number[];
  byGrade: Record<string, number>;
  /** Answers on the open case that speak for or against it: how many times likelier it makes them. */
  moved: { words: string; answer: string; factor: number }[];
  /** A person ruled it out on the open case. */
  ruledOut: boolean;
}

export interface Odds {
  causes: CauseOdds[];
  /** For something this shop has not seen with such a case. */
  unseen: number;
  /** How many near cases it rests on. */
  cases: number;
}

/**
 * Weights of the odds, in one place. Set by judgement: a cause that nobody has met weighs as much as
 * three fifths of a perfect precedent, an answer that nobody has given as half a case.
 */
export const ODDS = {
  unseen: 0.6,
  /** Pseudo-cases behind each likelihood: half of one for each of two answers (Krichevsky & Trofimov 1981). */
  smoothing: 1,
  /** How much a shop-wide base rate adds to what the near cases say. */
  base: 0.5,
  /** What is left of a cause that a person ruled out. */
  ruledOut: 0.03,
};

interface Model {
  causes: Map<string, { name: string; cases: GuideCase[]; prior: number }>;
  attributes: Attribute[];
  cases: readonly GuideCase[];
}

function modelOf(cases: readonly GuideCase[], baseRates: ReadonlyMap<string, number>): Model {
  const causes: Model['causes'] = new Map();
  for (const c of cases) {
    const known = causes.get(c.cause.key) ?? { name: c.cause.name, cases: [], prior: 0 };
    known.cases.push(c);
    known.prior += c.weight;
    causes.set(c.cause.key, known);
  }
  for (const [key, c] of causes) c.prior += ODDS.base * (baseRates.get(key) ?? 0);
  return { causes, attributes: attributesOf(cases), cases };
}

/** How often an answer is given over all near cases, smoothed towards even. */
function usual(model: Model, a: Attribute, answer: string): number {
  return rate(model.cases, a, answer, 1 / a.answers.length);
}

/** How often cases of one cause give an answer, smoothed towards what is usual. */
function likelihood(model: Model, cases: readonly GuideCase[], a: Attribute, answer: string): number {
  return rate(cases, a, answer, usual(model, a, answer));
}

function rate(cases: readonly GuideCase[], a: Attribute, answer: string, towards: number): number {
  let hits = 0;
  let all = 0;
  for (const c of cases) {
    const given = a.answerOf(c);
    if (given === undefined) continue;
    all += c.weight;
    if (given === answer) hits += c.weight;
  }
  return (hits + ODDS.smoothing * towards) / (all + ODDS.smoothing);
}

/**
 * Odds over causes for an open case: near cases by their nearness, the shop's base rates, then every
 * answer that the case has given so far by Bayes' rule, answers taken as independent given the cause
 * (naive Bayes). Smoothed, so that three cases do not shout; always with a share for what this shop
 * has not seen.
 *
 * @param near past cases, once for each of their causes
 * @param here what the open case has been asked and answered
 * @param baseRates share of all the shop's cases by cause
 * @param ruledOut keys of causes that a person ruled out on the open case
 * @returns causes, likeliest first, and the share of the unseen; all of it unseen without any near case
 */
export function oddsOf(
  near: readonly GuideCase[],
  here: Pick<ForkCase, 'outcomes' | 'readings'>,
  baseRates: ReadonlyMap<string, number> = new Map(),
  ruledOut: ReadonlySet<string> = new Set(),
): Odds {
  return settle(modelOf(near, baseRates), here, ruledOut);
}

function settle(
  model: Model,
  here: Pick<ForkCase, 'outcomes' | 'readings'>,
  ruledOut: ReadonlySet<string>,
): Odds {
  const given = model.attributes.flatMap((a) => {
    const answer = a.answerOf(here);
    return answer === undefined ? [] : [{ a, answer, usual: usual(model, a, answer) }];
  });
  const rows = [...model.causes].map(([key, c]) => {
    const moved: CauseOdds['moved'] = [];
    let mass = c.prior * (ruledOut.has(key) ? ODDS.ruledOut : 1);
    for (const g of given) {
      const factor = likelihood(model, c.cases, g.a, g.answer) / g.usual;
      mass *= factor;
      if (Math.abs(Math.log(factor)) > 0.1)
        moved.push({ words: g.a.label || g.a.words, answer: g.answer, factor });
    }
    return { key, c, moved, mass };
  });
  const total = rows.reduce((sum, r) => sum + r.mass, 0) + ODDS.unseen;
  return {
    causes: rows
      .map(({ key, c, moved, mass }) => ({
        key,
        name: c.name,
        share: mass / total,
        numbers: [...c.cases].sort((a, b) => b.weight - a.weight).map((x) => x.number),
        byGrade: countBy(c.cases.map((x) => x.grade)),
        moved: moved.sort((a, b) => Math.abs(Math.log(b.factor)) - Math.abs(Math.log(a.factor))),
        ruledOut: ruledOut.has(key),
      }))
      .sort((a, b) => b.share - a.share),
    unseen: ODDS.unseen / total,
    cases: new Set(model.cases.map((c) => c.id)).size,
  };
}

function countBy(words: readonly string[]): Record<string, number> {
  const counts: Record<string, number> = {};
  for (const w of words) counts[w] = (counts[w] ?? 0) + 1;
  return counts;
}

/** A test worth doing next, with what each answer would mean. */
export interface NextTest {
  question: string;
  /** The reading that tells, when it is one. */
  label: string;
  minutes: number;
  /** Whether the minutes come from the records or are the usual guess. */
  minutesKnown: boolean;
  /** Expected gain in bits, and per minute. */
  gain: number;
  perMinute: number;
  answers: {
    says: string;
    chance: number;
    /** The likeliest cause after this answer. */
    then: { name: string; share: number };
    /** The cause that this answer speaks for most, before and after it. */
    lifts: { name: string; from: number; share: number };
  }[];
  /** Where it was done before: case and its number, nearest first. */
  from: { id: string; number: number }[];
  /** Folded question, to find the test on the case it comes from. */
  key: string;
}

/** Minutes of a test whose minutes nobody noted; common practice, no source. */
const USUAL_MINUTES = 15;
const LEAST_GAIN = 0.015;

/**
 * The tests that are expected to tell most per minute: for each question that near cases were asked
 * and the open one was not, the expected fall of the entropy of the odds over its answers.
 *
 * @param near past cases, once for each of their causes
 * @param here what the open case has been asked and answered
 * @returns best first; none when nothing that was asked before could tell more
 */
export function nextTests(
  near: readonly GuideCase[],
  here: Pick<ForkCase, 'outcomes' | 'readings'>,
  baseRates: ReadonlyMap<string, number> = new Map(),
  ruledOut: ReadonlySet<string> = new Set(),
  most = 3,
): NextTest[] {
  const model = modelOf(near, baseRates);
  const now = settle(model, here, ruledOut);
  const before = entropy([...now.causes.map((c) => c.share), now.unseen]);
  if (now.causes.length === 0) return [];
  const tests = model.attributes.flatMap((a): NextTest[] => {
    if (here.outcomes.has(a.question)) return [];
    const answers = a.answers.map((answer) => {
      const masses = now.causes.map((c) => ({
        name: c.name,
        from: c.share,
        mass: c.share * likelihood(model, model.causes.get(c.key)!.cases, a, answer),
      }));
      const unseen = now.unseen * usual(model, a, answer);
      const chance = masses.reduce((sum, m) => sum + m.mass, 0) + unseen;
      const after = masses.map((m) => ({ name: m.name, from: m.from, share: m.mass / chance }));
      const top = after.reduce((x, y) => (y.share > x.share ? y : x));
      const lifted = after.reduce((x, y) => (y.share / y.from > x.share / x.from ? y : x));
      return {
        says: answer,
        chance,
        then: { name: top.name, share: top.share },
        lifts: lifted,
        left: entropy([...after.map((m) => m.share), unseen / chance]),
      };
    });
    const gain = before - answers.reduce((sum, x) => sum + x.chance * x.left, 0);
    if (gain < LEAST_GAIN) return [];
    const asked = [
      ...new Map(near.filter((c) => c.outcomes.has(a.question)).map((c) => [c.id, c])).values(),
    ].sort((x, y) => y.weight - x.weight);
    const noted = asked.flatMap((c) => c.outcomes.get(a.question)!.minutes ?? []).sort((x, y) => x - y);
    const minutes = Math.max(noted[Math.floor(noted.length / 2)] ?? USUAL_MINUTES, 1);
    return [
      {
        question: a.words,
        label: a.label,
        minutes,
        minutesKnown: noted.length > 0,
        gain,
        perMinute: gain / minutes,
        answers: answers.map(({ says, chance, then, lifts }) => ({ says, chance, then, lifts })),
        from: asked.map((c) => ({ id: c.id, number: c.number })),
        key: a.question,
      },
    ];
  });
  return tests.sort((x, y) => y.perMinute - x.perMinute).slice(0, most);
}
