import fc from 'fast-check';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import type { Op } from '@/core/case';
import { connection, db } from '@/store/database';
import { lookAtShared } from '@/store/presence';
import { history } from '@/store/schema';
import { createCase, openCase } from '../cases/cases';
import { lookingHere, lookingToo } from '../cases/presence';
import { saveChanges } from '../cases/save';
import { testFarShop } from '../testing/test-far-shop';

/** Several people saving at once in a shop whose database is a server: their saves share transactions. */

let shop: Awaited<ReturnType<typeof testFarShop>>;
beforeAll(async () => {
  shop = await testFarShop();
}, 60_000);
afterAll(() => shop.end());

let n = 0;
const save = (caseId: string, ops: Op[], seen?: number) =>
  saveChanges(caseId, [{ id: `t${++n}`, ops }], 'lead', seen);
const recordOf = async (id: string) => (await openCase(id))!.record;
const say = async (id: string, said: string): Promise<Op> => {
  const { case: own } = await recordOf(id);
  return { op: 'set', kind: 'case', id, revision: own.revision, set: { said }, was: { said: own.said } };
};
const add = (id: string, words: string): Op => ({ op: 'add', kind: 'symptom', id, row: { words } });

describe('who looks at a case, across servers', () => {
  it('is told in one round trip, also to a server that has not seen them itself', async () => {
    const { id } = await createCase('lead');
    expect(await lookingToo(id, 'mara')).toEqual([]);
    const before = shop.server.counted.trips;
    expect(await lookingToo(id, 'mara')).toEqual([]);
    expect(shop.server.counted.trips - before).toBe(1);
    expect(await lookingToo(id, 'joon')).toEqual(['mara']);
    expect(await lookingToo(id, 'mara')).toEqual(['joon']);
    expect(await lookingToo(id, '')).toEqual(['mara', 'joon']);
    // Nobody else was told of by this process's own memory.
    expect(lookingHere(id, '')).toEqual([]);
  });

  it('forgets who has left, and notes nobody on what is no case', async () => {
    const { id } = await createCase('lead');
    await lookAtShared(id, 'mara', 15);
    const ask = (statement: string) => connection().client.execute({ sql: statement, args: [id] });
    await ask('update presence set seen_at = seen_at - 16 where case_id = ?');
    expect(await lookAtShared(id, 'joon', 15)).toEqual(['joon']);
    expect(await lookAtShared('no-such-case', 'mara', 15)).toEqual([]);
    const { rows } = await ask(`select who from presence where case_id in (?, 'no-such-case')`);
    expect(rows).toHaveLength(1);
  });
});

describe('saves at once', () => {
  it('ten on ten cases take a handful of round trips, and each is kept with a number of its own', async () => {
    const ids = await Promise.all(Array.from({ length: 10 }, async () => (await createCase('lead')).id));
    const ops = await Promise.all(ids.map((id, i) => say(id, `stalls ${i}`)));
    const before = shop.server.counted.trips;
    const answers = await Promise.all(ids.map((id, i) => save(id, [ops[i]!])));
    // Alone each takes two.
    expect(shop.server.counted.trips - before).toBeLessThanOrEqual(4);
    expect(answers.every((a) => a.results[0]!.ok)).toBe(true);
    const records = await Promise.all(ids.map(recordOf));
    expect(records.map((r) => r.case.said)).toEqual(ids.map((_, i) => `stalls ${i}`));
    const seqs = (await db().select({ seq: history.seq }).from(history)).map((r) => r.seq);
    expect(new Set(seqs).size).toBe(seqs.length);
    answers.forEach((a, i) => expect(a.changed.seq).toBe(records[i]!.case.seq));
  });

  it('two of one vehicle: the second sees what the first wrote on it', async () => {
    const [one, two] = [(await createCase('lead')).id, (await createCase('lead')).id];
    const { vehicle } = await recordOf(one);
    const second = await recordOf(two);
    await save(two, [
      {
        op: 'set',
        kind: 'case',
        id: two,
        revision: second.case.revision,
        set: { vehicleId: vehicle.id },
        was: { vehicleId: second.case.vehicleId },
      },
    ]);
    const model = (to: string): Op => ({
      op: 'set',
      kind: 'vehicle',
      id: vehicle.id,
      revision: vehicle.revision,
      set: { model: to },
      was: { model: vehicle.model },
    });
    const [first, other] = await Promise.all([save(one, [model('Ardea')]), save(two, [model('Brant')])]);
    expect(first.results[0]).toMatchObject({ ok: true });
    expect(other.results[0]).toMatchObject({ ok: false, conflict: { field: 'model', theirs: 'Ardea' } });
    expect((await recordOf(two)).vehicle.model).toBe('Ardea');
  });

  it('one that is refused, or whose case is gone, leaves the others as they are', async () => {
    const [a, b] = [(await createCase('lead')).id, (await createCase('lead')).id];
    const [good, gone, broken, last] = await Promise.all([
      save(a, [add('tg-1', 'stalls')]),
      save('no-such-case', [add('tg-2', 'stalls')]),
      save(b, [
        add('tg-3', 'stalls'),
        { op: 'add', kind: 'reading', id: 'tg-4', row: { testId: 'nowhere' } },
      ]),
      save(b, [add('tg-5', 'rough idle')]),
    ]);
    expect([good, gone, broken, last].map((x) => x.results[0]!.ok)).toEqual([true, false, false, true]);
    expect(gone.results[0]).toMatchObject({ code: 'gone' });
    expect((await recordOf(b)).symptom.map((s) => s.id)).toEqual(['tg-5']);
  });

  it('give what they give one after the other, whatever is saved with what', async () => {
    const one = fc.record({
      on: fc.nat(2),
      what: fc.constantFrom('symptom', 'said', 'refused'),
      text: fc.string({ minLength: 1, maxLength: 12 }),
    });
    await fc.assert(
      fc.asyncProperty(fc.array(one, { minLength: 2, maxLength: 7 }), async (saves) => {
        const run = async (together: boolean) => {
          const ids: string[] = [];
          for (let i = 0; i < 3; i++) ids.push((await createCase('lead')).id);
          const tag = `p${++n}`;
          const opsOf = ({ on, what, text }: (typeof saves)[number], i: number): Op[] => {
            const words = add(`${tag}-${i}`, text);
            if (what === 'symptom') return [words];
            const wrong: Op = { op: 'add', kind: 'reading', id: `${tag}r${i}`, row: { testId: 'nowhere' } };
            if (what === 'refused') return [words, wrong];
            // All saw the case as it was when it was empty: the second of them is a conflict.
            const id = ids[on]!;
            return [{ op: 'set', kind: 'case', id, revision: 1, set: { said: text }, was: { said: '' } }];
          };
          const ask = (s: (typeof saves)[number], i: number) => save(ids[s.on]!, opsOf(s, i));
          const oks: boolean[] = [];
          if (together) for (const a of await Promise.all(saves.map(ask))) oks.push(a.results[0]!.ok);
          else for (const [i, s] of saves.entries()) oks.push((await ask(s, i)).results[0]!.ok);
          const records: { said: string; words: string[] }[] = [];
          for (const id of ids) {
            const r = await recordOf(id);
            records.push({ said: r.case.said, words: r.symptom.map((x) => x.words) });
          }
          return { oks, records };
        };
        expect(await run(true)).toEqual(await run(false));
      }),
      { numRuns: 6 },
    );
  }, 60_000);
});
