import { describe, expect, it } from 'vitest';
import { measure, vantle } from './measure-quality';
import { worldShop } from './shop';
import { World, type PastCase } from './world';

const minutes = (iso: string, more: number) => new Date(Date.parse(iso) + more * 60_000).toISOString();

/** The same case closed well: cleared after the repair, and every module that had a code read again without one. */
function closedWell(past: PastCase): PastCase {
  const { file } = past;
  if (!file.scans?.length) return past;
  return {
    ...past,
    file: {
      ...file,
      scans: [
        ...file.scans.map((s) => ({ ...s, scope: 'vehicle' as const })),
        { at: minutes(file.openedAt!, 500), phase: 'after repair', scope: 'vehicle', text: 'no codes' },
      ],
      clears: [{ at: minutes(file.openedAt!, 420) }],
    },
  };
}

describe('closing a case well', () => {
  it('makes it no harder to find: the codes that its repair cured weigh as before', async () => {
    const world = new World(11);
    const cases = world.pastCases(800);
    const well = cases.map(closedWell);
    const [left, closed] = [worldShop(world, cases), worldShop(world, well)];
    const withCodes = [...left.digests].filter(([, d]) => d.codes.length > 0);
    expect(withCodes.length).toBeGreaterThan(400);
    for (const [id, digest] of withCodes) expect(closed.digests.get(id)!.codes, id).toEqual(digest.codes);
    const questions = world.questions(200, 'reported');
    const before = await measure(left, questions, vantle(left));
    const after = await measure(closed, questions, vantle(closed));
    expect(after.first).toBeGreaterThanOrEqual(before.first);
    expect(after.ndcg).toBeGreaterThanOrEqual(before.ndcg - 1e-9);
    // It is the repair that makes the difference: what went with a clear alone is left over.
    const unrepaired = well.map((c) => ({ ...c, file: { ...c.file, repairs: [] } }));
    const cleared = worldShop(world, unrepaired);
    const weights = withCodes.flatMap(([id]) => cleared.digests.get(id)!.codes.map((c) => c.weight));
    expect(weights.filter((w) => w <= 0.2).length / weights.length).toBeGreaterThan(0.9);
  }, 120_000);
});
