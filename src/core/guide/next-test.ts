import { chanceOf, NO_PRACTICE, type Practice } from './answers';
import type { Facts } from './facts';
import { entropy } from './information';
import { bayes, modelOf, posteriorOdds, type GuideCase, type Model, type Odds, type Prior } from './odds';

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
/** What a test has to tell of what the most telling one does. */
const LEAST_OF_BEST = 0.25;
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
  practice: Practice = NO_PRACTICE,
): { odds: Odds; next: NextTest[] } {
  const model = modelOf(near, prior, practice);
  return { odds: posteriorOdds(model, here, ruledOut), next: testsFrom(model, here, ruledOut, 3) };
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
  practice: Practice = NO_PRACTICE,
): NextTest[] {
  return testsFrom(modelOf(near, prior, practice), here, ruledOut, most);
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
      const unseen = now.unseen * x.unknown[answer]!;
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
    const minutes = Math.max(noted[Math.floor(noted.length / 2)] ?? x.practice?.minutes ?? USUAL_MINUTES, 1);
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
  // A quick test that tells next to nothing is no bargain beside one that tells much.
  const best = Math.max(0, ...tests.map((t) => t.gain));
  return tests
    .filter((t) => t.gain >= LEAST_OF_BEST * best)
    .sort((p, q) => q.perMinute - p.perMinute)
    .slice(0, most);
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
