import { brier } from '@/core/guide';
import { measure, vantle, vantleShares, vantleTests, type Quality } from './world/measure-quality';
import { mean } from './world/metrics';
import { worldShop } from './world/shop';
import { CAREFUL, HASTY, PLAIN } from './world/scan-history';
import { World } from './world/world';

/** Worlds and wordings that no weight was chosen on. */
const SEEDS = [11, 12, 13];
const SIZES = [30, 150, 800];
const QUESTIONS = 200;
const GUIDED = 30;
const MOST_TESTS = 15;

/** Search and guide by how a shop records its cases, and by how many it has. */
export async function bySize(): Promise<string> {
  const rows: string[] = [];
  for (const ways of [PLAIN, CAREFUL, HASTY])
    for (const size of SIZES) {
      const runs: (Quality & { brier: number; arrives: number })[] = [];
      for (const seed of SEEDS) {
        const world = new World(seed, ways);
        const shop = worldShop(world, world.pastCases(size));
        const questions = world.questions(QUESTIONS, 'reported');
        const scores = questions.map((q) => {
          const s = vantleShares(shop, q);
          return brier(s.shares, s.unseen, shop.keyOf[q.fault]!);
        });
        const tests = questions.slice(0, GUIDED).map((q) => vantleTests(shop, q, 0.9, MOST_TESTS));
        const quality = await measure(shop, questions, vantle(shop));
        runs.push({
          ...quality,
          brier: mean(scores),
          arrives: mean(tests.map((t) => (t < MOST_TESTS ? 1 : 0))),
        });
      }
      const of = (k: 'ndcg' | 'first' | 'three' | 'brier' | 'arrives') => mean(runs.map((r) => r[k]));
      const percent = (x: number) => `${(100 * x).toFixed(0)} %`;
      rows.push(
        `| ${ways.name} | ${size} | ${of('ndcg').toFixed(3)} | ${percent(of('first'))} | ${percent(of('three'))} | ${of('brier').toFixed(3)} | ${percent(of('arrives'))} |`,
      );
    }
  return [
    '| how it records | cases | nDCG@10 | true cause first | in the first three | Brier | arrives above 0.9 |',
    '| --- | ---: | ---: | ---: | ---: | ---: | ---: |',
    ...rows,
  ].join('\n');
}
