import fc from 'fast-check';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { KINDS, type Kind } from '@/core/case';
import { createCase } from './cases';
import { testShop } from '../testing/test-shop';
import { db, write } from '@/store/database';
import {
  deleteRow,
  getRow,
  cacheCase,
  insertRow,
  loadCase,
  rowsById,
  rowsWhere,
  savepoint,
  updateRow,
} from '@/store/rows';

let end: () => Promise<void>;
beforeAll(async () => {
  end = await testShop();
});
afterAll(() => end());

const AT = '2026-05-01T08:00:00.000Z';
const IDS = ['a', 'b', 'c', 'd'];
type Step =
  | { do: 'add'; kind: 'test' | 'reading' | 'symptom'; id: string; position: number }
  | { do: 'set'; kind: 'test' | 'reading' | 'symptom'; id: string; note: string }
  | { do: 'remove'; kind: 'test' | 'reading' | 'symptom'; id: string };
const kind = fc.constantFrom('test' as const, 'reading' as const, 'symptom' as const);
const id = fc.constantFrom(...IDS);
const step: fc.Arbitrary<Step> = fc.oneof(
  fc.record({ do: fc.constant('add' as const), kind, id, position: fc.integer({ min: 0, max: 3 }) }),
  fc.record({ do: fc.constant('set' as const), kind, id, note: fc.string({ maxLength: 5 }) }),
  fc.record({ do: fc.constant('remove' as const), kind, id }),
);
const FIELD = { test: 'question', reading: 'label', symptom: 'words' } as const;

describe('a case that a transaction caches', () => {
  it('is what the database has after any writes, those taken back among them', async () => {
    let n = 0;
    await fc.assert(
      fc.asyncProperty(fc.array(fc.tuple(step, fc.boolean()), { maxLength: 12 }), async (steps) => {
        const own = (await createCase('')).id;
        const other = (await createCase('')).id;
        const run = ++n;
        const rowId = (x: string) => `${x}-${run}`;
        const owner = rowId('owner');
        await write(async (tx) => {
          await insertRow(tx, 'test', KINDS.test.parse({ id: owner, caseId: own, at: AT }));
          await insertRow(tx, 'symptom', KINDS.symptom.parse({ id: rowId('z'), caseId: other }));
        });
        const inside = await write(async (tx) => {
          const adds = (Object.keys(FIELD) as Kind[]).flatMap((k) =>
            IDS.map((i) => ({ kind: k, id: rowId(i) })),
          );
          await cacheCase(tx, own, adds, async () => undefined);
          for (const [s, fails] of steps)
            await savepoint(tx, async (inner) => {
              const there = await getRow(inner, s.kind, rowId(s.id));
              if (s.do === 'add' && !there) {
                const row = {
                  id: rowId(s.id),
                  caseId: own,
                  testId: owner,
                  at: AT,
                  position: s.position,
                  concept: '',
                };
                await insertRow(inner, s.kind, KINDS[s.kind].parse(row));
              }
              if (s.do === 'set' && there)
                await updateRow(inner, s.kind, there.id, { [FIELD[s.kind]]: s.note });
              if (s.do === 'remove' && there) await deleteRow(inner, s.kind, there.id);
              if (fails) throw new Error('taken back');
            }).catch((e: Error) => expect(e.message).toBe('taken back'));
          return {
            record: await loadCase(tx, own),
            readings: await rowsWhere(tx, 'reading', 'testId', owner),
            some: await rowsById(tx, 'symptom', IDS.map(rowId)),
            elsewhere: await getRow(tx, 'symptom', rowId('z')),
          };
        });
        const byId = (rows: { id: string }[]) => [...rows].sort((a, b) => a.id.localeCompare(b.id));
        expect(inside.record).toEqual(await loadCase(db(), own));
        expect(byId(inside.readings)).toEqual(byId(await rowsWhere(db(), 'reading', 'testId', owner)));
        expect(byId(inside.some)).toEqual(byId(await rowsById(db(), 'symptom', IDS.map(rowId))));
        expect(inside.elsewhere?.caseId).toBe(other);
      }),
      { numRuns: 40 },
    );
  });
});
