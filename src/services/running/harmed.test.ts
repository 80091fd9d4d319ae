import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import fc from 'fast-check';
import { SHIPPED, Vocabulary } from '@/core/symptoms';
import { connection } from '@/store/database';
import { createCase, openCase } from '../cases/cases';
import { desk } from '../shop/desk';
import { takeIn } from '../exchange/import';
import { changeProcedure, procedures } from '../shop/procedures';
import { Procedure } from '@/core/case';
import { setAside, setAsideWarning } from './set-aside';
import { prepare } from './setup';
import { testShop } from '../testing/test-shop';
import { changeWord, shopVocabulary, taughtWords } from '../find/words';

let end: () => Promise<void>;
beforeAll(async () => {
  end = await testShop();
}, 30_000);
afterAll(() => end());

const file = (over: object) => ({
  line: 1,
  text: JSON.stringify({
    format: 'vantle-case/1',
    openedAt: '2026-05-01T08:00:00.000Z',
    vehicle: { make: 'Corvane' },
    ...over,
  }),
});

describe('one line', () => {
  it('with a number beyond all numbers is refused, and one near it counts nothing up', async () => {
    for (const number of [Number.MAX_SAFE_INTEGER, 1e9, -3, 1.5])
      expect(await takeIn([file({ id: 'far', number })], '')).toMatchObject([{ state: 'refused' }]);
    expect(await takeIn([file({ id: 'high', number: 999_999_999 })], '')).toMatchObject([
      { state: 'created', renumbered: 999_999_999 },
    ]);
    expect((await createCase('lead')).number).toBeLessThan(100);
  });

  it('that was let in before is repaired at the next start, with a word in its history', async () => {
    const { id, number } = await createCase('lead');
    const { client } = connection();
    await client.execute({ sql: 'update cases set number = 9007199254740991 where id = ?', args: [id] });
    await client.execute(`insert into settings values ('cases.lastNumber', '9007199254740991')`);
    await prepare('own');
    const repaired = (await openCase(id))!.record.case.number;
    expect(repaired).toBe(number);
    expect((await createCase('lead')).number).toBe(repaired + 1);
    expect(JSON.stringify(await desk())).toContain(`"number":${repaired},`);
  });

  it('of a procedure that cannot be read is set aside, and the others are there', async () => {
    const { client } = connection();
    await client.execute(
      `insert into procedures (id, revision, title, codes, part, build, steps, note) values ('broken', -1, 'Broken', '[]', '', '', '[]', '')`,
    );
    const whole = Procedure.parse({ id: 'whole', title: 'Whole', steps: [{ what: 'Look' }] });
    await changeProcedure({ do: 'save', procedure: whole }, 'lead');
    expect((await procedures()).map((p) => p.id)).toEqual(['whole']);
    expect(setAside().map((a) => `${a.what} ${a.id}`)).toEqual(['procedure broken']);
    expect(setAsideWarning()).toMatch(/^One row could not be read and is left out.*procedure broken/);
  });
});

describe('a taught phrase', () => {
  it('without a word of weight is refused, and not kept', async () => {
    for (const words of ['the', '!?', 'a the', '..'])
      await expect(
        changeWord({ do: 'teach', words, of: 'symptom', concept: 'stall' }, 'lead'),
      ).rejects.toThrow('no word');
    expect(await taughtWords()).toEqual([]);
  });

  it('that was kept before is passed over', async () => {
    const words = [...['the', '', '1:0.9 2:', '!'], 'chunters'];
    const taught = words.map((w) => ({ of: 'symptom' as const, concept: 'stall', words: w }));
    expect(new Vocabulary(taught).read('it chunters').symptoms.map((s) => s.id)).toEqual(['stall']);
  });

  it('of any text is refused before it is kept, or reads and harms nothing', async () => {
    await fc.assert(
      fc.asyncProperty(fc.string({ minLength: 2, maxLength: 30, unit: 'grapheme' }), async (words) => {
        const kept = (await taughtWords()).length;
        const done = await changeWord({ do: 'teach', words, of: 'symptom', concept: 'stall' }, 'lead').then(
          () => true,
          () => false,
        );
        expect((await taughtWords()).length).toBe(kept + (done ? 1 : 0));
        (await shopVocabulary()).read('rough idle when cold');
      }),
      { numRuns: 60 },
    );
    expect((await shopVocabulary()).read('rough idle').symptoms.map((s) => s.id)).toEqual(
      SHIPPED.read('rough idle').symptoms.map((s) => s.id),
    );
  });
});
