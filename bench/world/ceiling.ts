import { WORLD_TESTS, type WorldTest } from './tests';
import type { Question, Showing, World } from './world';

/** Bayes' rule with the world's own probabilities: as good as anybody could be. */

/** Posterior of every fault for what shows, all else in the world known. */
export function posterior(world: World, s: Pick<Showing, 'build' | 'symptoms' | 'codes' | 'when'>): number[] {
  const has = { symptoms: new Set(s.symptoms), codes: new Set(s.codes), when: new Set(s.when) };
  const bernoulli = (p: number, yes: boolean) => Math.log(Math.max(yes ? p : 1 - p, 1e-12));
  const logs = world.faults.map((_, f) => {
    let log = Math.log(Math.max(world.priorOf(s.build)[f]!, 1e-300));
    for (const x of world.allSymptoms) log += bernoulli(world.chanceOfSymptom(f, x), has.symptoms.has(x));
    for (const c of world.allCodes) log += bernoulli(world.chanceOfCode(f, c), has.codes.has(c));
    for (const w of world.allWhen) log += bernoulli(world.chanceOfWhen(f, w), has.when.has(w));
    return log;
  });
  return normalised(logs);
}

function normalised(logs: number[]): number[] {
  const most = Math.max(...logs);
  const masses = logs.map((l) => Math.exp(l - most));
  const sum = masses.reduce((a, b) => a + b, 0);
  return masses.map((m) => m / sum);
}

const entropy = (p: number[]) => p.reduce((h, x) => (x > 0 ? h - x * Math.log2(x) : h), 0);
const density = (x: number, mean: number, spread: number) =>
  Math.exp(-0.5 * ((x - mean) / spread) ** 2) / spread;

/** Likelihood of a test's answer under a fault. */
function likelihood(
  world: World,
  f: number,
  t: WorldTest,
  a: { fails: boolean; reads: number | undefined },
): number {
  if (!t.reading || a.reads === undefined) {
    const p = world.chanceOfFail(f, t);
    return a.fails ? p : 1 - p;
  }
  const p = world.chanceOfFail(f, t);
  return (
    p * density(a.reads, world.reads(f, t, true)!, t.reading.spread) +
    (1 - p) * density(a.reads, world.reads(f, t, false)!, t.reading.spread) +
    1e-12
  );
}

/** Tests the ceiling needs, best per minute first, until the true fault stands above a share. */
export function testsNeeded(world: World, q: Question, share: number, most: number): number {
  let p = posterior(world, q);
  const left = new Set(WORLD_TESTS);
  for (let n = 0; ; n++) {
    if (p[q.fault]! > share || n === most) return n;
    const before = entropy(p);
    let best: { t: WorldTest; worth: number } | undefined;
    for (const t of left) {
      const fail = p.map((x, f) => x * world.chanceOfFail(f, t));
      const chance = fail.reduce((a, b) => a + b, 0);
      const pass = p.map((x, f) => x - fail[f]!);
      const after =
        chance * entropy(fail.map((x) => x / chance)) +
        (1 - chance) * entropy(pass.map((x) => x / (1 - chance)));
      const worth = (before - after) / t.minutes;
      if (!best || worth > best.worth) best = { t, worth };
    }
    left.delete(best!.t);
    const answer = q.answer(best!.t);
    p = normalised(p.map((x, f) => Math.log(Math.max(x * likelihood(world, f, best!.t, answer), 1e-300))));
  }
}
