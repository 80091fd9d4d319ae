import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { demoCases } from '../../../demo/shop';
import { catalogueWithUse, changeCatalogue } from '../shop/catalogue';
import { createCase, openCase, vehiclesLike } from '../cases/cases';
import { desk } from '../shop/desk';
import { find } from './find';
import { marginOf } from '../guide/margin';
import { importCase } from '../exchange/import';
import { applyChanges } from '../cases/save';
import { testDemoShop } from '../testing/test-demo-shop';

let end: () => Promise<void>;
beforeAll(async () => {
  end = await testDemoShop();
}, 60_000);
afterAll(() => end());

const numbers = async (line: string) => (await find(line)).cases.map((c) => c.number);

describe('finding', () => {
  it('finds by vehicle, code and symptom in any order, and says why', async () => {
    const a = await find('tessa P0171 shakes at idle');
    const b = await find('shakes at idle p0171 Tessa');
    expect(a.cases[0]!.number).toBe(3);
    expect(b.cases.map((c) => c.number)).toEqual(a.cases.map((c) => c.number));
    expect(a.cases[0]!.reasons.map((r) => r.of)).toEqual(
      expect.arrayContaining(['codes', 'symptoms', 'vehicle']),
    );
    expect(a.causes[0]!.name).toBe('intake boot, cracked');
  });

  it('gives the same cases by date, the newest first, with the same causes', async () => {
    const near = await find('tessa P0171', 500);
    const byDate = await find('tessa P0171', 500, { sort: 'newest' });
    const openedAt = byDate.cases.map((c) => c.openedAt);
    expect(openedAt).toEqual([...openedAt].sort().reverse());
    expect(byDate.cases.map((c) => c.number).sort()).toEqual(near.cases.map((c) => c.number).sort());
    expect(near.cases).toHaveLength(near.matching);
    expect(byDate.causes).toEqual(near.causes);
    // Each keeps its own nearness and reasons.
    const one = (found: typeof near) => found.cases.find((c) => c.number === 3);
    expect(one(byDate)).toEqual(one(near));
    // Of few, it is the newest of all, not the newest of the nearest.
    const few = await find('tessa P0171', 3, { sort: 'newest' });
    expect(few.cases.map((c) => c.number)).toEqual(byDate.cases.slice(0, 3).map((c) => c.number));
  });

  it('finds the same thing by slang and by proper words', async () => {
    expect((await numbers('drinks water'))[0]).toBe((await numbers('loses coolant'))[0]);
  });

  it('says of a case that came back that it did', async () => {
    const five = (await find('#5')).cases[0]!;
    expect(five).toMatchObject({ grade: 'claimed', comebacks: [11] });
  });

  it('brings up precedents of an open case, never the case itself', async () => {
    const open = (await desk()).open.find((c) => c.number === 34)!;
    const near = (await marginOf(open.id)).precedents;
    expect(near.cases[0]!.number).toBe(3);
    expect(near.cases.some((c) => c.number === 34)).toBe(false);
  });

  it('shows on the desk what came back within a year, and no older comeback', async () => {
    const day = (ago: number) => new Date(Date.now() - ago * 86_400_000).toISOString();
    const back = { state: 'confirmed' as const, why: 'the same again' };
    const file = { format: 'vantle-case/1', vehicle: { make: 'Corvane', model: 'Tessa' } };
    await importCase({ ...file, number: 901, openedAt: day(20), comebackOf: { number: 21, ...back } }, '');
    await importCase({ ...file, number: 902, openedAt: day(400), comebackOf: { number: 22, ...back } }, '');
    const shown = (await desk()).cameBack.map((c) => c.number);
    expect(shown).toContain(901);
    expect(shown).not.toContain(902);
  });

  it('finds a change within the next question', async () => {
    const { id } = await createCase('');
    const r = (await openCase(id))!.record;
    await applyChanges(
      id,
      [
        {
          id: 'c1',
          ops: [
            {
              op: 'set',
              kind: 'case',
              id,
              revision: r.case.revision,
              set: { said: 'sings like a zebrafinch' },
              was: { said: '' },
            },
          ],
        },
      ],
      '',
    );
    expect((await find('zebrafinch')).cases.map((c) => c.id)).toEqual([id]);
  });

  it('follows a merge: past cases count under the entry that took over', async () => {
    const items = await catalogueWithUse();
    const boot = items.find((i) => i.name === 'intake boot')!;
    const fresh = await changeCatalogue({ do: 'add', kind: 'part', name: 'air snout', system: '' }, '');
    await changeCatalogue({ do: 'merge', id: boot.id, into: fresh.id }, '');
    expect((await find('P0171 tessa')).causes.map((c) => c.name)).toContain('air snout, cracked');
    expect((await find('intake boot')).cases[0]!.number).toBe(3);
    await expect(changeCatalogue({ do: 'merge', id: fresh.id, into: boot.id }, '')).rejects.toThrow(
      /stands for itself/,
    );
  });

  it('recognises a vehicle while its VIN is typed', async () => {
    const nobody = { vin: '', plate: '', make: '', model: '', year: null, customer: '', phone: '' };
    const [known] = await vehiclesLike({ ...nobody, vin: 'vc9 ta16b3 ek0' }, '');
    expect(known!.cases.map((c) => c.number)).toEqual([11, 5]);
    expect(await vehiclesLike({ ...nobody, vin: 'VC9' }, '')).toEqual([]);
  });

  it('refuses a broken case file with a sentence and stores nothing of it', async () => {
    const before = (await desk()).total;
    await expect(importCase({ format: 'vantle-case/1' }, '')).rejects.toThrow(/openedAt/);
    const [file] = demoCases(new Date('2026-06-01T08:00:00Z'));
    await expect(importCase(file, '')).rejects.toThrow(/here already/);
    await expect(
      importCase(
        { ...file, number: 900, tests: [{ at: '2026-01-01T00:00:00Z', question: 'x', repeatOf: 'nothing' }] },
        '',
      ),
    ).rejects.toThrow(/"nothing"/);
    expect((await desk()).total).toBe(before);
  });
});
