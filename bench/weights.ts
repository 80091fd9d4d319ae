import { brier } from '@/core/guide';
import { FIT, RANK, RELATED_CODE_WEIGHT, PROOF_WEIGHT, CaseIndex } from '../src/core/similar';
import { SHRINK } from '../src/core/similar/shrinkage';
import { GUESS } from '../src/core/symptoms';
import { measure, vantle, vantleShares } from './world/measure-quality';
import { World } from './world/world';
import { worldShop, type WorldShop } from './world/shop';
import type { Question } from './world/world';

/**
 * Chooses the weights of nearness and odds (`npm run bench -- weights`): one after the other, each at
 * the value that serves best on worlds and wordings that the reported figures never see. It prints;
 * a person puts the values into `src/core/similar/weights.ts`.
 */

/** Worlds for choosing; the reported figures come from others (`quality.ts`). */
const SEEDS = [1, 2, 3];
const CASES = 800;
const QUESTIONS = 120;

interface Knob {
  name: string;
  of: Record<string, number>;
  values: number[];
}

const KNOBS: Knob[] = [
  { name: 'smoothing', of: FIT, values: [0.6, 0.8, 1, 1.3] },
  { name: 'least', of: SHRINK, values: [0.7, 1.2, 2] },
  { name: 'most', of: SHRINK, values: [30, 60, 150] },
  { name: 'vehicle', of: FIT, values: [0.6, 0.8, 1] },
  { name: 'codes', of: FIT, values: [0.8, 0.9, 1, 1.15] },
  { name: 'symptoms', of: FIT, values: [0.7, 0.85, 1] },
  { name: 'conditions', of: FIT, values: [0.3, 0.5, 0.8, 1] },
  { name: 'words', of: FIT, values: [0, 0.15, 0.3] },
  { name: 'codesAbsent', of: FIT, values: [0.6, 0.8, 1] },
  { name: 'symptomsAbsent', of: FIT, values: [0.5, 0.7, 0.9, 1] },
  { name: 'conditionsAbsent', of: FIT, values: [0.2, 0.5, 0.8] },
  { name: 'own', of: RANK, values: [0.15, 0.25, 0.35, 0.5] },
  { name: 'sibling', of: RELATED_CODE_WEIGHT, values: [0.2, 0.35, 0.5] },
  { name: 'claimed', of: PROOF_WEIGHT, values: [0.4, 0.6, 0.8] },
  { name: 'checked', of: PROOF_WEIGHT, values: [0.6, 0.8, 0.92] },
  { name: 'least', of: GUESS, values: [1.6, 2.2, 3] },
];

async function worth(sets: { shop: WorldShop; questions: Question[] }[]): Promise<number> {
  let sum = 0;
  for (const { shop, questions } of sets) {
    // What depends on weights is worked out anew.
    const index = new CaseIndex();
    for (const d of shop.digests.values()) index.put(d);
    shop.index = index;
    const q = await measure(shop, questions, vantle(shop));
    const scores = questions.map((x) => {
      const s = vantleShares(shop, x);
      return brier(s.shares, s.unseen, shop.keyOf[x.fault]);
    });
    sum += q.ndcg + q.three + q.first / 2 - scores.reduce((a, b) => a + b, 0) / scores.length;
  }
  return sum / sets.length;
}

export async function weights(): Promise<string> {
  const sets = SEEDS.map((seed) => {
    const world = new World(seed);
    return {
      shop: worldShop(world, world.pastCases(CASES)),
      questions: world.questions(QUESTIONS, 'choosing'),
    };
  });
  let best = await worth(sets);
  console.log(`as they are: ${best.toFixed(4)}`);
  for (let round = 1; round <= 2; round++)
    for (const knob of KNOBS) {
      const before = knob.of[knob.name]!;
      let chosen = before;
      for (const value of knob.values) {
        if (value === chosen) continue;
        knob.of[knob.name] = value;
        const w = await worth(sets);
        if (w > best + 0.0005) {
          best = w;
          chosen = value;
        }
      }
      knob.of[knob.name] = chosen;
      console.log(`${round} ${knob.name}: ${before} → ${chosen}   ${best.toFixed(4)}`);
    }
  return [
    '| weight | chosen |',
    '| --- | ---: |',
    ...KNOBS.map((k) => `| ${k.name} | ${k.of[k.name]} |`),
  ].join('\n');
}
