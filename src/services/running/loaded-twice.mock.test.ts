import { afterAll, beforeAll, describe, expect, it, vi } from 'vitest';
import { testFarShop } from '../testing/test-far-shop';

/** The bundler of the production build loads a module once for every route that wants it. */

let shop: Awaited<ReturnType<typeof testFarShop>>;
beforeAll(async () => {
  shop = await testFarShop();
}, 60_000);
afterAll(() => shop.end());

describe('a save through another copy of the modules than the one that opened the database', () => {
  it('is kept like any other, alone and with others', async () => {
    const { createCase } = await import('../cases/cases');
    const ids = await Promise.all([1, 2, 3].map(async () => (await createCase('lead')).id));
    vi.resetModules();
    const { saveChanges } = await import('../cases/save');
    const { openCase } = await import('../cases/cases');
    const answers = await Promise.all(
      ids.map((id, i) =>
        saveChanges(
          id,
          [
            {
              id: `twice-${i}`,
              ops: [{ op: 'add', kind: 'symptom', id: `tw-${i}`, row: { words: 'stalls' } }],
            },
          ],
          'lead',
        ),
      ),
    );
    expect(answers.map((a) => a.results[0])).toEqual(ids.map((_, i) => ({ id: `twice-${i}`, ok: true })));
    expect((await openCase(ids[2]!))!.record.symptom.map((s) => s.words)).toEqual(['stalls']);
  });
});
