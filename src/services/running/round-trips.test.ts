import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import type { Op } from '@/core/case';
import { demoCases } from '../../../demo/shop';
import { createCase, openCase } from '../cases/cases';
import { desk } from '../shop/desk';
import { exportAll } from '../exchange/export';
import { find, findWithBeside } from '../find/find';
import { importCase } from '../exchange/import';
import { saveChanges } from '../cases/save';
import { testFarShop } from '../testing/test-far-shop';

/** A shop whose database is a server: how often it is asked. */

let shop: Awaited<ReturnType<typeof testFarShop>>;
beforeAll(async () => {
  shop = await testFarShop();
  for (const file of demoCases(new Date('2026-06-01T08:00:00Z')).slice(0, 30)) await importCase(file, '');
}, 60_000);
afterAll(() => shop.end());

async function tripsOf(work: () => Promise<unknown>): Promise<number> {
  await work();
  const before = shop.server.counted.trips;
  await work();
  return shop.server.counted.trips - before;
}
let n = 0;
const save = (caseId: string, seen: number, ...ops: Op[]) =>
  saveChanges(caseId, [{ id: `far-${++n}`, ops }], 'lead', seen);

describe('a shop on a database server', () => {
  it('asks it rarely: three times to open a case, four for the desk, two to find', async () => {
    const { id } = (await find('#5')).cases[0]!;
    expect(await tripsOf(() => openCase(id))).toBeLessThanOrEqual(3);
    expect(await tripsOf(desk)).toBeLessThanOrEqual(4);
    expect(await tripsOf(() => find('P0171 rough idle'))).toBeLessThanOrEqual(2);
    expect(await tripsOf(() => findWithBeside('P0171 rough idle', 30, {}))).toBeLessThanOrEqual(2);
  });

  it('two to save, three for a test with three readings; both are kept', async () => {
    const { id } = await createCase('lead');
    const seq = async () => (await openCase(id))!.record.case.seq;
    let said = '';
    const write = (words: string) => async () => {
      const { record } = (await openCase(id))!;
      const before = shop.server.counted.trips;
      const answer = await save(id, record.case.seq, {
        op: 'set',
        kind: 'case',
        id,
        revision: record.case.revision,
        set: { said: words },
        was: { said },
      });
      said = words;
      return { trips: shop.server.counted.trips - before, answer };
    };
    await write('Stalls.')();
    const { trips, answer } = await write('Stalls when hot.')();
    expect(answer.results).toEqual([{ id: expect.any(String) as string, ok: true }]);
    expect(trips).toBeLessThanOrEqual(2);
    const seen = await seq();
    const before = shop.server.counted.trips;
    const at = '2026-06-01T09:00:00.000Z';
    const tested = await save(
      id,
      seen,
      { op: 'add', kind: 'test', id: 'far-t', row: { question: 'Fuel pressure', at } },
      ...['idle', 'load', 'rest'].map((label): Op => ({
        op: 'add',
        kind: 'reading',
        id: `far-${label}`,
        row: { testId: 'far-t', label, entered: '2.1 bar', limit: '>= 3 bar' },
      })),
    );
    expect(shop.server.counted.trips - before).toBeLessThanOrEqual(3);
    expect(tested.results).toMatchObject([{ ok: true }]);
    const { record } = (await openCase(id))!;
    expect(record.case.said).toBe('Stalls when hot.');
    expect(record.test[0]).toMatchObject({ verdict: 'fail', byId: 'lead' });
    expect(record.reading.map((r) => r.verdict)).toEqual(['fail', 'fail', 'fail']);
  });

  it('one for each five hundred cases given out, and two to begin', async () => {
    let text = '';
    const all = async () => {
      text = '';
      for await (const piece of exportAll('cases', false)) text += piece;
    };
    expect(await tripsOf(all)).toBeLessThanOrEqual(3);
    expect(text.trim().split('\n').length).toBeGreaterThanOrEqual(30);
  });

  it('a change that is refused in the middle of others is taken back alone, also where its fault shows late', async () => {
    const { id } = await createCase('lead');
    const add = (row: string, words: string): Op => ({ op: 'add', kind: 'symptom', id: row, row: { words } });
    const { results } = await saveChanges(
      id,
      [
        { id: 'r1', ops: [add('far-1', 'stalls')] },
        {
          id: 'r2',
          ops: [
            add('far-2', 'rough idle'),
            { op: 'add', kind: 'reading', id: 'far-3', row: { testId: 'nowhere' } },
          ],
        },
        { id: 'r3', ops: [add('far-4', 'no power')] },
      ],
      'lead',
    );
    expect(results.map((r) => r.ok)).toEqual([true, false, true]);
    expect((await openCase(id))!.record.symptom.map((s) => s.id)).toEqual(['far-1', 'far-4']);
  });
});
