import { createHash } from 'node:crypto';
import { existsSync, readFileSync } from 'node:fs';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { demoCases } from '../../../demo/shop';
import { caseSince, openCase, vehiclesLike } from './cases';
import { conclusionsAnswer } from '../guide/conclusions';
import { desk } from '../shop/desk';
import { experiencePage } from '../find/experience';
import { find, suggestions } from '../find/find';
import { guideAnswer } from '../guide/guide-answer';
import { historyOf } from './history';
import { importCase } from '../exchange/import';
import { forgetIndex, keepDigests } from '../find/index-of-cases';
import { knownGoodOffers } from '../shop/known-good';
import { learnedLately } from '../guide/learned';
import { marginOf } from '../guide/margin';
import { applyChanges } from './save';
import { testShop } from '../testing/test-shop';

let end: () => Promise<void>;
let ids: string[];
beforeAll(async () => {
  end = await testShop();
  ids = [];
  for (const f of demoCases(new Date('2026-06-01T08:00:00Z')).slice(0, 14))
    ids.push((await importCase(f, '')).id);
}, 60_000);
afterAll(() => end());

/** The file and its write-ahead log as they lie on the disk: whatever is written shows in one of them. */
const onDisk = () => {
  const file = process.env.VANTLE_DATABASE_URL!.slice('file:'.length);
  const hash = createHash('sha256');
  for (const f of [file, `${file}-wal`]) if (existsSync(f)) hash.update(readFileSync(f));
  return hash.digest('hex');
};

describe('looking at the shop', () => {
  it('writes nothing, also where digests are older than their cases and the index has to be drawn up', async () => {
    const id = ids[2]!;
    const row = {
      id: 'w',
      ops: [
        {
          op: 'add' as const,
          kind: 'symptom' as const,
          id: 'w-s',
          row: { words: 'hard start', concept: 'hard-start' },
        },
      ],
    };
    await applyChanges(id, [row], 'lead');
    forgetIndex();
    const before = onDisk();
    await openCase(id);
    await caseSince(id, 0);
    await marginOf(id);
    await guideAnswer(id);
    await conclusionsAnswer(id);
    await knownGoodOffers(id);
    await historyOf(id);
    await find('P0171 sings');
    await suggestions('P01');
    await vehiclesLike(
      {
        ...{ vin: 'VC9TA16B5FK104417', plate: 'KV 442', make: 'Corvane', model: 'Tessa' },
        ...{ year: null, customer: 'Ana', phone: '' },
      },
      'none',
    );
    await desk();
    await learnedLately();
    await experiencePage('code', 'P0171');
    expect(onDisk()).toBe(before);
    // What the look drew up is kept afterwards, by itself.
    await keepDigests();
    expect(onDisk()).not.toBe(before);
    expect((await find('hard start')).cases.map((c) => c.id)).toContain(id);
  }, 60_000);
});
