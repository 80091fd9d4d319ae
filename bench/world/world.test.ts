import { describe, expect, it } from 'vitest';
import { CaseFile } from '../../src/core/exchange';
import { posterior } from './ceiling';
import { FAULTS } from './faults';
import { ndcg, reciprocalRank } from './metrics';
import { random } from '@/sim/random';
import { WORLD_TESTS } from './tests';
import { WHEN, WORDING } from './wording';
import { World } from './world';

describe('the world of the bench', () => {
  it('asks in sentences that stand on no case, and never chooses by what it reports', () => {
    const fold = (s: string) => s.toLowerCase().trim();
    for (const list of [WORDING, WHEN]) {
      const onCase = new Set(Object.values(list).flatMap((w) => w.onCase.map(fold)));
      for (const { asked } of Object.values(list)) {
        for (const a of asked) expect(onCase.has(fold(a)), a).toBe(false);
        expect(asked).toHaveLength(4);
        expect(new Set(asked.map(fold)).size).toBe(4);
      }
    }
  });
  it('has at least sixty causes, each with signs and tests that exist', () => {
    expect(FAULTS.length).toBeGreaterThanOrEqual(60);
    const tests = new Set(WORLD_TESTS.map((t) => t.id));
    for (const f of FAULTS) {
      for (const s of Object.keys(f.symptoms)) expect(WORDING[s], s).toBeDefined();
      for (const w of Object.keys(f.when)) expect(WHEN[w], w).toBeDefined();
      for (const t of Object.keys(f.tests)) expect(tests.has(t), t).toBe(true);
    }
  });
  it('writes valid case files and is the same for one seed', () => {
    const [a, b] = [new World(5).pastCases(40), new World(5).pastCases(40)];
    expect(a).toEqual(b);
    for (const c of a) expect(CaseFile.safeParse(c.file).error?.issues ?? []).toEqual([]);
  });
  it('shows what its chances say, within what so many draws can miss', () => {
    const world = new World(3);
    const r = random(9);
    const shown = Array.from({ length: 4000 }, (_, i) => world.pastCase(r, i + 1));
    // For the commonest cause: the share with each of its codes lies within four standard errors.
    const counts = new Map<number, number>();
    for (const s of shown) counts.set(s.fault, (counts.get(s.fault) ?? 0) + 1);
    const [fault, n] = [...counts].sort((x, y) => y[1] - x[1])[0]!;
    for (const code of Object.keys(world.faults[fault]!.codes)) {
      const p = world.chanceOfCode(fault, code);
      const had = shown.filter((s) => s.fault === fault && s.codes.includes(code)).length / n;
      expect(Math.abs(had - p)).toBeLessThan(4 * Math.sqrt((p * (1 - p)) / n) + 0.01);
    }
  });
  it('has a ceiling that is calibrated: it is right as often as it says', () => {
    const world = new World(4);
    const questions = world.questions(1500, 'choosing');
    const best = questions.map((q) => {
      const p = posterior(world, q);
      const at = p.indexOf(Math.max(...p));
      return { said: p[at]!, right: at === q.fault };
    });
    const said = best.reduce((s, b) => s + b.said, 0) / best.length;
    const was = best.filter((b) => b.right).length / best.length;
    expect(Math.abs(said - was)).toBeLessThan(0.03);
  }, 120_000);
});

describe('measures of a ranking', () => {
  // Järvelin & Kekäläinen 2002 with gains of 0 and 1: 1/log2(2) + 1/log2(4) over 1/log2(2) + 1/log2(3).
  it('nDCG and reciprocal rank (worked by hand)', () => {
    expect(ndcg([1, 0, 1], 2)).toBeCloseTo(1.5 / (1 + 1 / Math.log2(3)), 9);
    expect(ndcg([1, 1], 2)).toBe(1);
    expect(ndcg([0, 0], 3)).toBe(0);
    expect(reciprocalRank([0, 0, 1])).toBeCloseTo(1 / 3, 9);
    expect(reciprocalRank([0])).toBe(0);
  });
});
