import { attributesOf, type Attribute, type ForkCase } from './attributes';
import { foldQuestion, type Facts, type SpokenFact } from './facts';
import { entropy } from './information';

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
  /** Pseudo-cases behind each likelihood: half of one for each of two answers (Krichevsky & Trofimov 1981). */
  smoothing: 0.6,
  /** Chance that a test fails of which nobody knows what it says with a cause: mostly it is about something else. */
  stray: 0.05,
  /** The same for what this shop has not seen: some test has to find it. */
  strayUnseen: 0.2,
  /**
   * How many times likelier a finding that names a cause makes it, where no past case tells how often such a
   * finding comes with it. By judgement.
   */
  spoken: { for: 6, against: 1 / 6, 'rules out': 1 / 30 },
  /** What is left at most for causes that a person ruled out. */
  ruledOut: 0.03,
};

/** One attribute with the chance of each of its answers: with each cause that was asked, with others, with the unseen. */
interface Asked {
  a: Attribute;
  byCause: Map<string, number[]>;
  other: number[];
  unseen: number[];
}

interface Model {
  causes: Map<string, { name: string; cases: GuideCase[]; mass: number }>;
  asked: Asked[];
  cases: readonly GuideCase[];
  unseen: number;
}

function modelOf(cases: readonly GuideCase[], prior: Prior | undefined): Model {
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
    // What has no case to speak for it here is as good as unseen.
    for (const [key, share] of prior.shares) if (!causes.has(key)) unseen += share;
    for (const [key, c] of causes) c.mass = prior.shares.get(key) ?? 0;
  }
  return { causes, asked: attributesOf(cases).map((a) => countAnswers(a, cases)), cases, unseen };
}

/** Counts answers by cause, smoothed towards those of a vehicle that has nothing wrong there. */
function countAnswers(a: Attribute, cases: readonly GuideCase[]): Asked {
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
  const even = smoothed(all, [0.5, 0.5]);
  const strayed = (stray: number) =>
    a.sound === undefined ? even : a.answers.map((_, i) => (i === a.sound ? 1 - stray : stray));
  const other = strayed(ODDS.stray);
  // A single case that answered otherwise must not rule a cause out: half of what stands behind is even.
  const between = other.map((o, i) => (o + even[i]!) / 2);
  return {
    a,
    other,
    unseen: strayed(ODDS.strayUnseen),
    byCause: new Map([...hits].map(([key, own]) => [key, smoothed(own, between)])),
  };
}

function smoothed(hits: readonly number[], towards: readonly number[]): number[] {
  const n = hits.reduce((x, y) => x + y, 0);
  return hits.map((h, i) => (h + ODDS.smoothing * towards[i]!) / (n + ODDS.smoothing));
}

const chanceOf = (x: Asked, cause: string, answer: number): number =>
  (x.byCause.get(cause) ?? x.other)[answer]!;

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
 * @returns causes, likeliest first, and the share of the unseen; all of it unseen without any near case
 */
export function oddsOf(
  near: readonly GuideCase[],
  here: Facts,
  prior?: Prior,
  ruledOut: ReadonlySet<string> = new Set(),
): Odds {
  return settle(modelOf(near, prior), here, ruledOut);
}

/** Whether a finding is about a cause, given as `part/failure`. */
function speaksOf(s: SpokenFact, key: string): boolean {
  const [part, failure] = key.split('/');
  return part === s.partId && (s.failureId === null || !failure || failure === s.failureId);
}

interface Settled {
  rows: {
    key: string;
    cause: Model['causes'] extends Map<string, infer C> ? C : never;
    share: number;
    moved: CauseOdds['moved'];
  }[];
  unseen: number;
}

/** Shares by Bayes' rule alone. */
function bayes(model: Model, here: Facts, ruledOut: ReadonlySet<string>): Settled {
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
      const learned = model.asked.some(
        (x) => x.a.question === foldQuestion(s.question) && x.byCause.has(key),
      );
      if (learned || !speaksOf(s, key)) continue;
      const factor = ODDS.spoken[s.says];
      mass *= factor;
      moved.push({ words: s.question, answer: `found: ${s.says}`, factor });
    }
    return { key, cause, moved, mass };
  });
  const unseen = given.reduce((mass, { x, answer }) => mass * x.unseen[answer]!, model.unseen);
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

function settle(model: Model, here: Facts, ruledOut: ReadonlySet<string>): Odds {
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
    then: { name: string; from: number; share: number };
    /** The cause that this answer speaks for most, before and after it; none when it leaves each with next to nothing. */
    lifts: { name: string; from: number; share: number } | null;
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
 * A test is offered for the causes it was asked about, when one of them has this share or may get it by
 * an answer: what tells only far-fetched causes from each other is not worth walking to the car for.
 */
const WORTH_ASKING = 0.1;
/** A share below this is as good as none. */
const NOTICEABLE = 0.02;

/** Odds and next tests from one look at the cases: what both rest on is worked out once. */
export function guideOf(
  near: readonly GuideCase[],
  here: Facts,
  prior?: Prior,
  ruledOut: ReadonlySet<string> = new Set(),
): { odds: Odds; next: NextTest[] } {
  const model = modelOf(near, prior);
  return { odds: settle(model, here, ruledOut), next: testsFrom(model, here, ruledOut, 3) };
}

/**
 * The tests that are expected to tell most per minute: for each question that near cases were asked
 * and the open one was not, the expected fall of the entropy of the odds over its answers.
 *
 * @param near past cases, once for each of their causes
 * @param here what the open case has been asked and answered
 * @param prior shares before any test, as in `oddsOf`
 * @returns best first; none when nothing that was asked before could tell more
 */
export function nextTests(
  near: readonly GuideCase[],
  here: Facts,
  prior?: Prior,
  ruledOut: ReadonlySet<string> = new Set(),
  most = 3,
): NextTest[] {
  return testsFrom(modelOf(near, prior), here, ruledOut, most);
}

function testsFrom(model: Model, here: Facts, ruledOut: ReadonlySet<string>, most: number): NextTest[] {
  const now = bayes(model, here, ruledOut);
  const before = entropy([...now.rows.map((r) => r.share), now.unseen]);
  if (now.rows.length === 0) return [];
  const asking = askingOf(model.cases);
  const tests = model.asked.flatMap((x): NextTest[] => {
    if (here.outcomes.has(x.a.question)) return [];
    const answers = x.a.answers.map((says, answer) => {
      const masses = now.rows.map((r) => ({
        name: r.cause.name,
        from: r.share,
        mass: r.share * chanceOf(x, r.key, answer),
      }));
      const unseen = now.unseen * x.unseen[answer]!;
      const chance = masses.reduce((sum, m) => sum + m.mass, 0) + unseen;
      return {
        says,
        chance,
        after: masses.map((m) => ({ name: m.name, from: m.from, share: m.mass / chance })),
        left: entropy([...masses.map((m) => m.mass / chance), unseen / chance]),
      };
    });
    const worthAsking = now.rows.some(
      (r, i) =>
        x.byCause.has(r.key) &&
        (r.share >= WORTH_ASKING || answers.some((a) => a.after[i]!.share >= WORTH_ASKING)),
    );
    if (!worthAsking) return [];
    const gain = before - answers.reduce((sum, r) => sum + r.chance * r.left, 0);
    if (gain < LEAST_GAIN) return [];
    const asked = asking.get(x.a.question) ?? [];
    const noted = asked.flatMap((c) => c.outcomes.get(x.a.question)!.minutes ?? []).sort((p, q) => p - q);
    const minutes = Math.max(noted[Math.floor(noted.length / 2)] ?? USUAL_MINUTES, 1);
    return [
      {
        question: x.a.words,
        label: x.a.label,
        minutes,
        minutesKnown: noted.length > 0,
        gain,
        perMinute: gain / minutes,
        answers: answers.map(({ says, chance, after }) => {
          const top = after.reduce((p, q) => (q.share > p.share ? q : p));
          const told = ({ share, from }: { share: number; from: number }) => share * Math.log(share / from);
          const lifts = after.reduce((p, q) => (told(q) > told(p) ? q : p));
          const noticed = lifts.share > lifts.from && lifts.share >= NOTICEABLE;
          return {
            says,
            chance,
            then: { name: top.name, from: top.from, share: top.share },
            lifts: noticed ? lifts : null,
          };
        }),
        from: asked.map((c) => ({ id: c.id, number: c.number })),
        key: x.a.question,
      },
    ];
  });
  return tests.sort((p, q) => q.perMinute - p.perMinute).slice(0, most);
}

/** Cases by the questions they were asked, each once, those that speak most first. */
function askingOf(near: readonly GuideCase[]): Map<string, GuideCase[]> {
  const asking = new Map<string, GuideCase[]>();
  const once = [...new Map(near.map((c) => [c.id, c])).values()].sort((p, q) => q.weight - p.weight);
  for (const c of once)
    for (const question of c.outcomes.keys()) {
      const list = asking.get(question);
      if (list) list.push(c);
      else asking.set(question, [c]);
    }
  return asking;
}
