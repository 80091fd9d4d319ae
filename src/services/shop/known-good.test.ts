import { afterEach, beforeEach, describe, expect, it } from 'vitest';
import { DEMO_KNOWN_GOOD } from '../../../demo/known-good';
import { DEMO_PROCEDURES } from '../../../demo/procedures';
import { demoCases } from '../../../demo/shop';
import { createCase, openCase } from '../cases/cases';
import { importCase } from '../exchange/import';
import { changeKnownGood, knownGoodOffers, knownValues } from './known-good';
import { changeProcedure, procedures } from './procedures';
import { applyChanges } from '../cases/save';
import { testShop } from '../testing/test-shop';

let end: () => Promise<void>;
beforeEach(async () => {
  end = await testShop();
});
afterEach(() => end());

const cases = demoCases(new Date('2026-06-01T00:00:00Z'));
const rail = /rail pressure at full load/;

describe('known-good values', () => {
  it('come from readings after a proven repair, and go when it comes back', async () => {
    // Case 9: the pump, its failing test repeated and passed, held.
    const pump = cases.find((c) => c.number === 9)!;
    const { id } = await importCase({ ...pump, number: 1 }, '');
    const values = (await knownValues()).filter((v) => rail.test(v.label));
    expect(values.map((v) => [v.entered, v.from, v.caseId])).toEqual([['3.9 bar', 'case 1', id]]);
    const later = await importCase(
      {
        ...pump,
        number: 2,
        closedAt: undefined,
        tests: [],
        causes: [],
        repairs: [],
        proof: [],
        followUps: [],
        comebackOf: { number: 1, state: 'confirmed' },
      },
      '',
    );
    expect(later.number).toBe(2);
    expect((await openCase(id))!.record.case.grade).not.toMatch(/proven|held/);
    expect((await knownValues()).filter((v) => rail.test(v.label))).toEqual([]);
  });

  it('are offered where a reading has no limit, with how near they are; never for one that has', async () => {
    const lean = cases.find((c) => c.number === 34)!;
    const { id } = await importCase({ ...lean, number: 1 }, '');
    for (const value of DEMO_KNOWN_GOOD) await changeKnownGood({ do: 'save', value }, '');
    const offers = await knownGoodOffers(id);
    const record = (await openCase(id))!.record;
    const named = Object.fromEntries(
      Object.entries(offers).map(([r, o]) => [record.reading.find((x) => x.id === r)!.label, o]),
    );
    expect(Object.keys(named).sort()).toEqual(['rail pressure at full load', 'rail pressure at idle']);
    expect(named['rail pressure at full load']![0]).toMatchObject({
      vehicles: 2,
      // Two vehicles are a reference: the accuracy of the gauge, on the test, makes it a limit.
      limit: '3.8\u00a0bar–4.1\u00a0bar',
      limitFrom: 'accuracy',
      stands: 'This one is 0.8\u00a0bar below the lowest.',
      conditions: 'none noted',
    });
  });

  it('are offered beside live values, whatever a tool calls them', async () => {
    const boat = cases.find((c) => c.number === 45)!;
    const { id } = await importCase({ ...boat, number: 1 }, '');
    for (const value of DEMO_KNOWN_GOOD) await changeKnownGood({ do: 'save', value }, '');
    const named = async () => {
      const offers = await knownGoodOffers(id);
      const record = (await openCase(id))!.record;
      return Object.entries(offers).flatMap(([r, o]) => {
        const l = record.live.find((x) => x.id === r);
        return l ? [[l.name, l.entered, o[0]!.conditions, o[0]!.stands] as const] : [];
      });
    };
    // The same value with the engine standing is no like one at speed.
    expect(await named()).toEqual([
      ['MAP', '118 kPa', 'same', expect.stringMatching(/20.kPa below the lowest/) as string],
    ]);
    // One with a limit is offered nothing more.
    const record = (await openCase(id))!.record;
    const map = record.live.find((l) => l.name === 'MAP')!;
    await applyChanges(
      id,
      [
        {
          id: 'limit',
          ops: [
            {
              op: 'set',
              kind: 'live',
              id: map.id,
              revision: map.revision,
              set: { limit: '≥ 130 kPa' },
              was: { limit: '' },
            },
          ],
        },
      ],
      '',
    );
    expect((await named()).map(([name]) => name)).not.toContain('MAP');
  });

  it('come from live values of scans after a proven repair, not from those before it', async () => {
    const live = (trim: string) => `Live data\nRPM: 760 rpm\nECT: 90 °C\nLong-term fuel trim B1: ${trim}`;
    const pump = cases.find((c) => c.number === 9)!;
    await importCase(
      {
        ...pump,
        number: 1,
        scans: [
          { at: pump.openedAt, text: live('24 %') },
          ...(pump.scans ?? []),
          { at: pump.closedAt!, phase: 'after repair', text: live('2 %') },
        ],
      },
      '',
    );
    const lean = cases.find((c) => c.number === 34)!;
    const { id } = await importCase(
      { ...lean, number: 2, scans: [{ at: lean.openedAt, text: live('19 %') }] },
      '',
    );
    const record = (await openCase(id))!.record;
    const trim = record.live.find((l) => l.name.startsWith('Long'))!;
    const [offer] = (await knownGoodOffers(id))[trim.id] ?? [];
    expect(offer).toMatchObject({ vehicles: 1, conditions: 'same', conditionWords: ['idle, hot'] });
    expect(offer!.low).toMatch(/^2/);
    expect(offer!.from.map((f) => f.text)).toEqual(['case 1']);
  });

  it('are never written over under the same id; the same again is no harm', async () => {
    const value = { ...DEMO_KNOWN_GOOD[0]!, id: 'twice' };
    await changeKnownGood({ do: 'save', value }, 'lead');
    await changeKnownGood({ do: 'save', value }, 'jun');
    await expect(
      changeKnownGood({ do: 'save', value: { ...value, entered: '9.9 bar' } }, 'jun'),
    ).rejects.toThrow('stands under this id already');
    await changeKnownGood({ do: 'remove', id: 'twice' }, 'lead');
  });

  it('refuse what is no number with a unit', async () => {
    const value = { ...DEMO_KNOWN_GOOD[0]!, id: 'bad' };
    await expect(changeKnownGood({ do: 'save', value: { ...value, entered: 'fine' } }, '')).rejects.toThrow(
      /a number with its unit/,
    );
    await expect(
      changeKnownGood({ do: 'save', value: { ...value, entered: '3 parsec' } }, ''),
    ).rejects.toThrow();
    expect(await knownValues()).toEqual([]);
  });
});

describe('procedures', () => {
  const [procedure] = DEMO_PROCEDURES;
  it('are kept with their steps, changed, and taken away', async () => {
    await changeProcedure({ do: 'save', procedure: procedure! }, '');
    const [kept] = await procedures();
    expect(kept!.steps).toEqual(procedure!.steps);
    await changeProcedure({ do: 'save', procedure: { ...kept!, title: 'Anew' } }, '');
    expect((await procedures()).map((p) => p.title)).toEqual(['Anew']);
    await changeProcedure({ do: 'remove', id: kept!.id }, '');
    expect(await procedures()).toEqual([]);
  });
  it('refuse a write over a change not seen', async () => {
    await changeProcedure({ do: 'save', procedure: procedure! }, '');
    const [seen] = await procedures();
    await changeProcedure({ do: 'save', procedure: { ...seen!, title: 'Theirs' } }, '');
    await expect(changeProcedure({ do: 'save', procedure: { ...seen!, title: 'Mine' } }, '')).rejects.toThrow(
      /changed by somebody else/,
    );
    await expect(
      changeProcedure({ do: 'remove', id: seen!.id, revision: seen!.revision }, ''),
    ).rejects.toThrow(/was not removed/);
    expect((await procedures())[0]!.title).toBe('Theirs');
  });
});

describe('computed checks on a case', () => {
  it('are judged by the server when an entry is written, and count as the failing test repeated', async () => {
    const belt = cases.find((c) => c.number === 42)!;
    const { id } = await importCase({ ...belt, number: 1 }, '');
    const { record } = (await openCase(id))!;
    expect(record.test.map((t) => t.verdict)).toEqual(['fail', 'pass', 'pass']);
    const measured = record.input.filter((i) => i.field === 'measured')[1]!;
    const set = (entered: string, row: typeof measured) =>
      applyChanges(
        id,
        [
          {
            id: `c${row.revision}`,
            ops: [
              {
                op: 'set',
                kind: 'input',
                id: row.id,
                revision: row.revision,
                set: { entered },
                was: { entered: row.entered },
              },
            ],
          },
        ],
        '',
      );
    expect(await set('-14°', measured)).toMatchObject([{ ok: true }]);
    const after = (await openCase(id))!.record;
    expect(after.test[2]).toMatchObject({ verdict: 'fail' });
    expect(after.test[2]!.because).toContain('tooth');
    await set(
      'not a number',
      after.input.find((i) => i.id === measured.id)!,
    );
    expect((await openCase(id))!.record.test[2]).toMatchObject({ verdict: 'unsure' });
  });

  it('a file with a check nobody knows is refused whole', async () => {
    const { id } = await createCase('');
    const belt = cases.find((c) => c.number === 42)!;
    const file = {
      ...belt,
      number: 2,
      tests: [{ ...belt.tests![0]!, check: { id: 'nonsense', entries: {} } }],
    };
    await expect(importCase(file, '')).rejects.toThrow(/computed check "nonsense", which is not known/);
    expect((await openCase(id))!.record.test).toEqual([]);
  });
});
