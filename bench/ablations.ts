import { brier } from '../src/core/guide';
import { FIT, TRADE } from '../src/core/similar/weights';
import { measure, vantle, vantleShares, vantleTests, type Quality } from './world/measure-quality';
import { mean } from './world/metrics';
import { worldShop } from './world/shop';
import { CAREFUL } from './world/scan-history';
import { World } from './world/world';

/** Worlds and wordings that no weight was chosen on. */
const SEEDS = [11, 12, 13];
const SIZES = [30, 150, 800];
const QUESTIONS = 150;
const GUIDED = 30;
const MOST_TESTS = 15;
/** As good as nothing, where nothing would be divided by. */
const HARDLY = 1e-6;

interface Ablation {
  name: string;
  fit?: Partial<typeof FIT>;
  trade?: Partial<typeof TRADE>;
  tests?: false;
}

const ABLATIONS: readonly Ablation[] = [
  { name: 'all' },
  { name: 'without general practice', trade: { share: HARDLY, cases: HARDLY, strength: HARDLY } },
  {
    name: 'without words',
    fit: { symptoms: 0, symptomsAbsent: 0, conditions: 0, conditionsAbsent: 0, words: 0 },
  },
  { name: 'without codes', fit: { codes: 0, codesAbsent: 0 } },
  { name: 'without the vehicle', fit: { vehicle: 0 } },
  { name: 'without tests', tests: false },
];

/** What search and guide lose when a part of what they go by is taken away. */
export async function ablations(): Promise<string> {
  const rows: string[] = [];
  for (const size of SIZES) {
    const worlds = SEEDS.map((seed) => {
      const world = new World(seed, CAREFUL);
      return { world, cases: world.pastCases(size), questions: world.questions(QUESTIONS, 'reported') };
    });
    for (const a of ABLATIONS) {
      const before = { fit: { ...FIT }, trade: { ...TRADE } };
      Object.assign(FIT, a.fit);
      Object.assign(TRADE, a.trade);
      const runs: (Quality & { brier: number; arrives: number })[] = [];
      for (const { world, cases, questions } of worlds) {
        // Drawn up anew: what an index keeps of counts was made with other weights.
        const shop = worldShop(world, cases);
        const quality = await measure(shop, questions, vantle(shop));
        const scores = questions.map((q) => {
          const s = vantleShares(shop, q);
          return brier(s.shares, s.unseen, shop.keyOf[q.fault]!);
        });
        const most = a.tests === false ? 0 : MOST_TESTS;
        const sure = questions.slice(0, GUIDED).map((q) => {
          if (most > 0) return vantleTests(shop, q, 0.9, most) < most;
          return (vantleShares(shop, q).shares.get(shop.keyOf[q.fault]!) ?? 0) > 0.9;
        });
        runs.push({ ...quality, brier: mean(scores), arrives: mean(sure.map(Number)) });
      }
      Object.assign(FIT, before.fit);
      Object.assign(TRADE, before.trade);
      const of = (k: 'ndcg' | 'first' | 'three' | 'brier' | 'arrives') => mean(runs.map((r) => r[k]));
      const percent = (x: number) => `${(100 * x).toFixed(0)} %`;
      rows.push(
        `| ${size} | ${a.name} | ${of('ndcg').toFixed(3)} | ${percent(of('first'))} | ${percent(of('three'))} | ${of('brier').toFixed(3)} | ${percent(of('arrives'))} |`,
      );
    }
  }
  return [
    '| cases | | nDCG@10 | true cause first | in the first three | Brier | arrives above 0.9 |',
    '| ---: | --- | ---: | ---: | ---: | ---: | ---: |',
    ...rows,
  ].join('\n');
}
