import { createHash } from 'node:crypto';
import { readFileSync } from 'node:fs';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { connection } from '@/store/database';
import { demoCases } from '../../demo/shop';
import { caseSince, openCase, vehiclesLike } from './cases';
import { conclusionsAnswer } from './conclusions';
import { desk } from './desk';
import { experiencePage } from './experience';
import { find, suggestions } from './find';
import { guideAnswer } from './guide-answer';
import { historyOf } from './history';
import { importCase } from './import';
import { forgetIndex, keepDigests } from './index-of-cases';
import { knownGoodOffers } from './known-good';
import { learnedLately } from './learned';
import { marginOf } from './margin';
import { applyChanges } from './save';
import { testShop } from './test-shop';

let end: () => Promise<void>;
let ids: string[];
beforeAll(async () => {
  end = await testShop();
  ids = [];
  for (const f of demoCases(new Date('2026-06-01T08:00:00Z')).slice(0, 14))
    ids.push((await importCase(f, '')).id);
}, 60_000);
afterAll(() => end());

/** Rows written by this connection since it was opened. */
const written = async () =>
  Number((await connection().client.execute('select total_changes() as n')).rows[0]!.n);

describe('looking at the shop', () => {
  it('writes nothing, also where digests are older than their cases and the index has to be drawn up', async () => {
    const id = ids[2]!;
    const row = {
      id: 'w',
      ops: [{ op: 'add' as const, kind: 'symptom' as const, id: 'w-s', row: { words: 'sings' } }],
    };
    await applyChanges(id, [row], 'lead');
    forgetIndex();
    const before = written();
    await openCase(id);
    await caseSince(id, 0);
    await marginOf(id);
    await guideAnswer(id);
    await conclusionsAnswer(id);
    await knownGoodOffers(id);
    await historyOf(id);
    await find('P0171 sings');
    await suggestions('P01');
    await vehiclesLike('VC9TA16B5FK104417', 'none');
    await desk();
    await learnedLately();
    await experiencePage('code', 'P0171');
    expect(written()).toBe(before);
    // What the look drew up is kept afterwards, by itself.
    await keepDigests();
    expect(written()).not.toBe(before);
    expect((await find('sings')).cases[0]!.id).toBe(id);
  }, 60_000);
});
