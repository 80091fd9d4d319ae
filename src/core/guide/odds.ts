import { chanceOf, countAnswers, NO_PRACTICE, type Asked, type Practice } from './answers';
import { attributesOf, outcomeAttribute, type ForkCase } from './attributes';
import { foldQuestion, type Facts, type SpokenFact } from './facts';

/** A past case: its cause, what it was asked, how much it speaks, and how well it is proven. */
export interface GuideCase extends ForkCase {
  /** How much it speaks, by its proof and nearness, 0 … 1. */
  weight: number;
  grade: string;
}

/** Shares of causes before any test: from vehicle, codes, symptoms and the shop's base rates. */
export interface Prior {
  shares: ReadonlyMap<string, number>;
  unseen: number;
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
 * Weights of the odds, in one place; chosen by `npm run bench -- weights` on worlds of made-up faults
 * that the reported figures are not taken from.
 */
const ODDS = {
  /** Weight of the unseen, in perfect precedents, where no prior is given. */
  unseen: 0.6,
  /**
   * How many times likelier a finding that names a cause makes it, where no past case tells how often such a
   * finding comes with it. By judgement.
   */
  spoken: { for: 6, against: 1 / 6, 'rules out': 1 / 30 },
  /** What is left at most for causes that a person ruled out. */
  ruledOut: 0.03,
  /** Causes below this are left out of the reckoning, which makes it quick. */
  least: 0.0005,
};

export interface Model {
  causes: Map<string, { name: string; cases: GuideCase[]; mass: number }>;
  asked: Asked[];
  cases: readonly GuideCase[];
  unseen: number;
}

/** What the odds and the next tests rest on, worked out once. */
export function modelOf(
  cases: readonly GuideCase[],
  prior: Prior | undefined,
  practice: Practice = NO_PRACTICE,
): Model {
  const causes: Model['causes'] = new Map();
  for (const c of cases) {
    const known = causes.get(c.cause.key) ?? { name: c.cause.name, cases: [], mass: 0 };
    known.cases.push(c);
    known.mass += c.weight;
    causes.set(c.cause.key, known);
  }
  let unseen = ODDS.unseen;
  if (prior) {
    unseen = prior.unseen;
    for (const [key, share] of prior.shares) {
      const name = causes.get(key)?.name ?? practice.names.get(key);
      if (share < ODDS.least || name === undefined) unseen += causes.has(key) ? 0 : share;
      else if (!causes.has(key)) causes.set(key, { name, cases: [], mass: share });
    }
    for (const [key, c] of causes) c.mass = prior.shares.get(key) ?? 0;
  }
  const weight = new Map<string, number>();
  for (const c of cases) weight.set(c.cause.key, (weight.get(c.cause.key) ?? 0) + c.weight);
  const attributes = attributesOf(cases);
  const have = new Set(attributes.map((a) => a.question));
  for (const [question, t] of practice.tests)
    if (!have.has(question) && [...t.fails.keys()].some((key) => causes.has(key)))
      attributes.push(outcomeAttribute(question, t.words));
  return { causes, asked: attributes.map((a) => countAnswers(a, cases, practice, weight)), cases, unseen };
}

/**
 * Odds over causes for an open case: what vehicle, codes, symptoms and base rates say, then every
 * answer that the case has given so far by Bayes' rule, answers taken as independent given the cause
 * (naive Bayes). Smoothed, so that three cases do not shout; always with a share for what this shop
 * has not seen.
 *
 * @param near past cases, once for each of their causes
 * @param here what the open case has been asked and answered
 * @param prior shares before any test; without it each near case counts by its weight
 * @param ruledOut keys of causes that a person ruled out on the open case
 * @param practice what the trade knows of tests and causes that no case here speaks of
 * @returns causes, likeliest first, and the share of the unseen; all of it unseen without any near case
 */
export function oddsOf(
  near: readonly GuideCase[],
  here: Facts,
  prior?: Prior,
  ruledOut: ReadonlySet<string> = new Set(),
  practice: Practice = NO_PRACTICE,
): Odds {
  return posteriorOdds(modelOf(near, prior, practice), here, ruledOut);
}

/** Whether a finding is about a cause, given as `part/failure`. */
function speaksOf(s: SpokenFact, key: string): boolean {
  const [part, failure] = key.split('/');
  return part === s.partId && (s.failureId === null || !failure || failure === s.failureId);
}

export interface Settled {
  rows: {
    key: string;
    cause: Model['causes'] extends Map<string, infer C> ? C : never;
    share: number;
    moved: CauseOdds['moved'];
  }[];
  unseen: number;
}

/** Shares by Bayes' rule alone. */
export function bayes(model: Model, here: Facts, ruledOut: ReadonlySet<string>): Settled {
  const given = model.asked.flatMap((x) => {
    const answer = x.a.answers.indexOf(x.a.answerOf(here) ?? '');
    return answer < 0 ? [] : [{ x, answer }];
  });
  const mass0 = [...model.causes.values()].reduce((sum, c) => sum + c.mass, 0) || 1;
  // What an answer is worth to a cause is told beside the average over all causes.
  const average = given.map(
    ({ x, answer }) =>
      [...model.causes].reduce((sum, [key, c]) => sum + c.mass * chanceOf(x, key, answer), 0) / mass0,
  );
  const rows = [...model.causes].map(([key, cause]) => {
    const moved: CauseOdds['moved'] = [];
    let mass = cause.mass;
    given.forEach(({ x, answer }, i) => {
      const chance = chanceOf(x, key, answer);
      mass *= chance;
      const factor = chance / average[i]!;
      if (Math.abs(Math.log(factor)) > 0.1)
        moved.push({ words: x.a.label || x.a.words, answer: x.a.answers[answer]!, factor });
    });
    for (const s of here.spoken ?? []) {
      // Where past cases tell what this question says of the cause, they speak, and not twice.
      const learned = model.asked.some((x) => x.a.question === foldQuestion(s.question) && x.asked.has(key));
      if (learned || !speaksOf(s, key)) continue;
      const factor = ODDS.spoken[s.says];
      mass *= factor;
      moved.push({ words: s.question, answer: `found: ${s.says}`, factor });
    }
    return { key, cause, moved, mass };
  });
  const unseen = given.reduce((mass, { x, answer }) => mass * x.unknown[answer]!, model.unseen);
  // However likely it looks, what a person ruled out keeps no more than a sliver of the whole.
  const rest = rows.reduce((sum, r) => sum + (ruledOut.has(r.key) ? 0 : r.mass), 0) + unseen;
  const out = rows.reduce((sum, r) => sum + (ruledOut.has(r.key) ? r.mass : 0), 0);
  const sliver = (ODDS.ruledOut / (1 - ODDS.ruledOut)) * rest;
  const left = out > 0 ? Math.min(ODDS.ruledOut, sliver / out) : 1;
  for (const r of rows) if (ruledOut.has(r.key)) r.mass *= left;
  const total = rows.reduce((sum, r) => sum + r.mass, 0) + unseen;
  return {
    rows: rows.map(({ key, cause, moved, mass }) => ({ key, cause, moved, share: mass / total })),
    unseen: unseen / total,
  };
}

/**
 * The odds over causes after every answer of the case, by Bayes' rule from the model's prior.
 *
 * @param model causes with their priors and likelihoods, as drawn up for this case
 * @param here what was asked and answered on the case
 * @param ruledOut keys of causes a person ruled out; they keep no more than a sliver of the whole
 * @returns causes with their shares (0 … 1, the likeliest first), the share of what is not among them, and the number
 *   of cases behind them
 */
export function posteriorOdds(model: Model, here: Facts, ruledOut: ReadonlySet<string>): Odds {
  if (model.causes.size === 0) return { causes: [], unseen: 1, cases: 0 };
  const { rows, unseen } = bayes(model, here, ruledOut);
  const causes = rows
    .map(({ key, cause, moved, share }) => ({
      key,
      name: cause.name,
      share,
      numbers: [...cause.cases].sort((a, b) => b.weight - a.weight).map((x) => x.number),
      byGrade: countBy(cause.cases.map((x) => x.grade)),
      moved: moved.sort((a, b) => Math.abs(Math.log(b.factor)) - Math.abs(Math.log(a.factor))),
      ruledOut: ruledOut.has(key),
    }))
    .sort((a, b) => Number(a.ruledOut) - Number(b.ruledOut) || b.share - a.share);
  return {
    causes,
    unseen,
    cases: new Set(model.cases.map((c) => c.id)).size,
  };
}

function countBy(words: readonly string[]): Record<string, number> {
  const counts: Record<string, number> = {};
  for (const w of words) counts[w] = (counts[w] ?? 0) + 1;
  return counts;
}
