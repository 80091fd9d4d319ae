import { brier, reliability } from '@/core/guide';
import {
  ceiling,
  fts,
  ftsOf,
  measure,
  miniSearch,
  testsNeeded,
  vantle,
  vantleShares,
  vantleTests,
  type Quality,
} from './world/measure-quality';
import { mean } from './world/metrics';
import { posterior } from './world/ceiling';
import { worldShop } from './world/shop';
import { World } from './world/world';

/** Worlds that no weight was chosen on, asked about in words that none was chosen on either. */
const SEEDS = [11, 12, 13];
const CASES = 800;
const QUESTIONS = 200;
const GUIDED = 60;
const MOST_TESTS = 15;
/** Faults no past case is about, for the share of the unseen. */
const UNMET = new Set([7, 20, 33, 46, 59]);
const UNMET_QUESTIONS = 40;

const p = (x: number) => x.toFixed(3);
const percent = (x: number) => `${(100 * x).toFixed(0)} %`;

/** Search and guide on worlds whose truth is known, beside text search and beside the best there could be. */
export async function quality(): Promise<string> {
  const rows = new Map<string, Quality[]>();
  const note = (name: string, q: Quality) => rows.set(name, [...(rows.get(name) ?? []), q]);
  const scores = { ours: [] as number[], ceiling: [] as number[] };
  const pairs: { share: number; right: boolean }[] = [];
  const tests: { ours: number; best: number }[] = [];
  const unseen = { met: [] as number[], unmet: [] as number[] };
  for (const seed of SEEDS) {
    const world = new World(seed);
    const shop = worldShop(world, world.pastCases(CASES, UNMET));
    const met = new Set(world.faults.map((_, i) => i).filter((i) => !UNMET.has(i)));
    const questions = world.questions(QUESTIONS, 'reported', met);
    note('Vantle', await measure(shop, questions, vantle(shop)));
    note('ceiling', await measure(shop, questions, ceiling(shop)));
    const client = await ftsOf(shop.texts, ':memory:');
    note('SQLite FTS5, BM25', await measure(shop, questions, fts(shop, client)));
    client.close();
    note('MiniSearch', await measure(shop, questions, miniSearch(shop)));
    for (const q of questions) {
      const s = vantleShares(shop, q);
      const truth = shop.keyOf[q.fault]!;
      scores.ours.push(brier(s.shares, s.unseen, truth));
      const best = new Map(posterior(world, q).map((x, f) => [shop.keyOf[f]!, x]));
      scores.ceiling.push(brier(best, 0, truth));
      for (const [key, share] of s.shares) if (share > 0.02) pairs.push({ share, right: key === truth });
      unseen.met.push(s.unseen);
    }
    for (const q of world.questions(UNMET_QUESTIONS, 'reported', UNMET)) {
      const s = vantleShares(shop, q);
      scores.ours.push(brier(s.shares, s.unseen, undefined));
      unseen.unmet.push(s.unseen);
    }
    for (const q of questions.slice(0, GUIDED))
      tests.push({
        ours: vantleTests(shop, q, 0.9, MOST_TESTS),
        best: testsNeeded(world, q, 0.9, MOST_TESTS),
      });
  }
  const average = (name: string, of: keyof Quality) => mean(rows.get(name)!.map((q) => q[of]));
  const table = [...rows.keys()].map(
    (name) =>
      `| ${name} | ${p(average(name, 'ndcg'))} | ${p(average(name, 'mrr'))} | ${p(average(name, 'first'))} | ${p(average(name, 'three'))} |`,
  );
  const ndcgOver = average('Vantle', 'ndcg') / average('SQLite FTS5, BM25', 'ndcg');
  const ndcgOf = average('Vantle', 'ndcg') / average('ceiling', 'ndcg');
  const both = tests.filter((t) => t.ours < MOST_TESTS && t.best < MOST_TESTS);
  const reached = (of: 'ours' | 'best') => tests.filter((t) => t[of] < MOST_TESTS).length / tests.length;
  return [
    `${SEEDS.length} worlds of 75 causes, ${CASES} past cases and ${QUESTIONS} questions each.`,
    '',
    '| | nDCG@10 | MRR | true cause first | in the first three |',
    '| --- | ---: | ---: | ---: | ---: |',
    ...table,
    '',
    `nDCG@10 is ${ndcgOver.toFixed(1)} times that of FTS5 and ${percent(ndcgOf)} of the ceiling; the true cause is in the first three ${(100 * (average('ceiling', 'three') - average('Vantle', 'three'))).toFixed(1)} points less often than at the ceiling.`,
    '',
    '| until the true cause stands above 0.9 | Vantle | ceiling |',
    '| --- | ---: | ---: |',
    `| tests needed, where both get there | ${mean(both.map((t) => t.ours)).toFixed(2)} | ${mean(both.map((t) => t.best)).toFixed(2)} |`,
    `| tests needed, ${MOST_TESTS} counted where it does not | ${mean(tests.map((t) => t.ours)).toFixed(2)} | ${mean(tests.map((t) => t.best)).toFixed(2)} |`,
    `| gets there within ${MOST_TESTS} | ${percent(reached('ours'))} | ${percent(reached('best'))} |`,
    `| Brier score of the odds before any test | ${p(mean(scores.ours))} | ${p(mean(scores.ceiling))} |`,
    '',
    `Share given to what the shop has not seen: ${percent(mean(unseen.met))} where it had seen the cause, ${percent(mean(unseen.unmet))} where it had not.`,
    '',
    '| said to be | how often | said on average | was so |',
    '| --- | ---: | ---: | ---: |',
    ...reliability(pairs).map(
      (b) =>
        `| ${percent(b.from)} to ${percent(b.from + 0.1)} | ${b.n} | ${percent(b.said)} | ${percent(b.was)} |`,
    ),
  ].join('\n');
}
