import { afterEach, beforeEach, describe, expect, it } from 'vitest';
import { setFields, type Op } from '@/core/case';
import { demoCases } from '../../../demo/shop';
import { openCase } from './cases';
import { compared } from '../find/forks';
import { marginOf } from '../guide/margin';
import { historyOf, undo } from './history';
import { importCase } from '../exchange/import';
import { applyChanges } from './save';
import { changeShop, periods } from '../shop/shop';
import { testShop } from '../testing/test-shop';

let end: () => Promise<void>;
beforeEach(async () => {
  end = await testShop();
});
afterEach(() => end());

const cases = demoCases(new Date());
const take = async (...numbers: number[]) => {
  const ids: Record<number, string> = {};
  for (const n of numbers) {
    const { comebackOf: _, ...file } = cases.find((c) => c.number === n)!;
    ids[n] = (await importCase(file, '')).id;
  }
  return ids;
};
let change = 0;
const write = async (caseId: string, ...ops: Op[]) => {
  const [result] = await applyChanges(caseId, [{ id: `c${change++}`, ops }], 'lead');
  expect(result).toMatchObject({ ok: true });
};
const gradeOf = async (id: string) => (await openCase(id))!.record.case.grade;

describe('comebacks', () => {
  it('are proposed with what both share; confirmed, they lower the earlier case and all that counts it', async () => {
    const ids = await take(27, 43);
    const open = await openCase(ids[43]!);
    expect(open!.comebackOffers).toMatchObject([
      {
        number: 27,
        caseId: ids[27],
        shares: ['P0441 again', 'P0172 again', 'jerks or bucks again'],
        km: 6500,
      },
    ]);
    expect(await gradeOf(ids[27]!)).toBe('held');
    expect((await marginOf(ids[43]!)).precedents.causes[0]!.byGrade).toEqual({ held: 1 });

    await write(ids[43]!, {
      op: 'add',
      kind: 'comeback',
      id: 'back-1',
      row: { ofCaseId: ids[27], state: 'confirmed' },
    });
    expect((await openCase(ids[43]!))!.comebackOffers).toEqual([]);
    expect(await gradeOf(ids[27]!)).toBe('claimed');
    expect((await marginOf(ids[43]!)).precedents.causes[0]!.byGrade).toEqual({ claimed: 1 });
    // The fall stands in the earlier case's history, under the one who confirmed it.
    const [fell] = (await historyOf(ids[27]!))!.changes;
    expect([fell!.who, fell!.lines.join()]).toEqual([
      'Diagnostic lead',
      'Grade changed from stayed fixed to claimed',
    ]);

    // Undone, the earlier case has its grade again.
    const [added] = (await historyOf(ids[43]!))!.changes;
    await undo(ids[43]!, added!.seq, 'lead');
    expect(await gradeOf(ids[27]!)).toBe('held');
    expect((await openCase(ids[43]!))!.comebackOffers).toHaveLength(1);
  });

  it('rejected, are asked no more and lower nothing; beyond the shop’s period they do not come up', async () => {
    const ids = await take(27, 43);
    await write(ids[43]!, {
      op: 'add',
      kind: 'comeback',
      id: 'back-1',
      row: { ofCaseId: ids[27], state: 'rejected' },
    });
    expect((await openCase(ids[43]!))!.comebackOffers).toEqual([]);
    expect(await gradeOf(ids[27]!)).toBe('held');
    await write(ids[43]!, { op: 'remove', kind: 'comeback', id: 'back-1' });
    await changeShop(
      { do: 'periods', periods: { ...(await periods()), comeback: { days: 100, distance: '' } } },
      '',
    );
    expect((await openCase(ids[43]!))!.comebackOffers).toEqual([]);
    const far = { days: 365, distance: '3 000 mi' };
    await changeShop({ do: 'periods', periods: { ...(await periods()), comeback: far } }, '');
    expect((await openCase(ids[43]!))!.comebackOffers).toEqual([]);
  });
});

describe('the distance to a comeback', () => {
  it.each([
    // The earlier case was at 58 400 km.
    ['without a unit, in a shop that never said where it is', '64900', undefined, undefined],
    ['without a unit, where kilometres are usual', '64900', 'metric', 6500],
    ['without a unit, where miles are usual: 40,327 mi are 64 900 km', '40,327', 'us', 6500],
    ['with a unit, whatever is usual', '64 900 km', 'us', 6500],
  ] as const)('is told by an odometer %s', async (_, typed, place, km) => {
    const ids = await take(27, 43);
    if (place) await changeShop({ do: 'region', region: place }, '');
    const { case: now } = (await openCase(ids[43]!))!.record;
    await write(ids[43]!, ...setFields('case', now, { odometer: typed }));
    const offers = (await openCase(ids[43]!))!.comebackOffers;
    expect(offers.map((o) => o.km)).toEqual([km]);
  });
});

describe('the history', () => {
  it('keeps role, cause and grade with who and when, and undoes them in turn', async () => {
    const ids = await take(42);
    const id = ids[42]!;
    const { record } = (await openCase(id))!;
    const role = record.role[0]!;
    await write(id, {
      op: 'set',
      kind: 'role',
      id: role.id,
      revision: role.revision,
      set: { role: 'aside' },
      was: { role: 'chase' },
    });
    const step = record.proof.find((p) => p.kind === 'cold start')!;
    await write(id, {
      op: 'set',
      kind: 'proof',
      id: step.id,
      revision: step.revision,
      set: { state: 'passed' },
      was: { state: 'open' },
    });
    expect(await gradeOf(id)).toBe('proven');
    const [proof, aside] = (await historyOf(id))!.changes;
    expect(proof!.lines).toEqual([
      'Proof step cold start: state changed from open to passed',
      'Grade changed from checked to proven',
    ]);
    expect([proof!.part, proof!.who, proof!.fixed]).toEqual(['proof', 'Diagnostic lead', '']);
    expect(aside!.lines).toEqual(['P0016: role changed from chase to unrelated']);

    await undo(id, proof!.seq, 'lead');
    expect(await gradeOf(id)).toBe('checked');
    await undo(id, aside!.seq, 'lead');
    expect((await openCase(id))!.record.role[0]!.role).toBe('chase');
    // The undone ones stand there still, and cannot be undone twice.
    const after = (await historyOf(id))!.changes;
    expect(after.find((c) => c.seq === aside!.seq)!.fixed).toMatch(/written again since/);
    await expect(undo(id, aside!.seq, 'lead')).rejects.toThrow(/written again since/);
    await expect(undo(id, 999_999, 'lead')).rejects.toThrow(/not in the history/);
  });

  it('puts a removed cause back with what it accounted for', async () => {
    const ids = await take(13);
    const id = ids[13]!;
    const before = (await openCase(id))!.record;
    await write(id, { op: 'remove', kind: 'cause', id: before.cause[0]!.id });
    expect((await openCase(id))!.record.explains.length).toBeLessThan(before.explains.length);
    await undo(id, (await historyOf(id))!.changes[0]!.seq, 'lead');
    const { record } = (await openCase(id))!;
    expect(record.cause.map((c) => [c.id, c.where])).toEqual(before.cause.map((c) => [c.id, c.where]));
    expect(record.explains.map((e) => e.id).sort()).toEqual(before.explains.map((e) => e.id).sort());
    expect(record.case.grade).toBe(before.case.grade);
  });
});

describe('forks', () => {
  it('show what separated the near cases and where this one stands', async () => {
    const ids = await take(3, 9, 34);
    const { forks } = await marginOf(ids[34]!);
    const trim = forks.find((f) => f.label === 'long-term trim at 2500 rpm');
    expect(trim).toMatchObject({
      cases: 2,
      here: { reads: '4.4\u00a0%', causes: ['intake boot, cracked'] },
    });
    expect(trim!.threshold!.value).toBeCloseTo((6.2 + 17.2) / 2, 9);
    const both = await compared(ids[3]!, ids[9]!);
    expect(both!.forks.map((f) => f.label || f.question)).toContain(
      'Does the fuel pressure hold under load?',
    );
    expect(await compared(ids[3]!, 'nowhere')).toBeUndefined();
  });
  it('are silent where cases share no more than a lamp', async () => {
    const ids = await take(3, 9, 42);
    const { forks, precedents, guide } = await marginOf(ids[42]!);
    const had = guide.causes.filter((c) => c.numbers.length > 0 || c.own > 0.5);
    expect([forks, precedents.cases, had]).toEqual([[], [], []]);
  });
});

describe('the guide', () => {
  it('gives odds with the cases behind them, and a next test ready to be put on the case', async () => {
    const ids = await take(3, 9, 34);
    const { guide } = await marginOf(ids[34]!);
    const own = guide.causes.filter((c) => c.numbers.length > 0);
    expect(own.map((c) => [c.name, c.numbers])).toEqual([
      ['intake boot, cracked', [3]],
      ['fuel pump, low output', [9]],
    ]);
    // General practice stands beside the two cases, and says so.
    expect(guide.causes[0]!.own).toBeGreaterThan(0.5);
    expect(guide.because[guide.causes[0]!.key]!.find((b) => b.label === 'P0171')).toMatchObject({
      cases: 1,
      of: 1,
    });
    expect(guide.next.length).toBeGreaterThan(0);
    for (const test of guide.next) {
      expect(test.practice).toBe(test.from.length === 0);
      expect(test.step.question).toBe(test.question);
      expect(JSON.stringify(test.step)).not.toContain('entered');
    }
    // A suspect ruled out by a person falls to the end.
    const { record } = (await openCase(ids[34]!))!;
    const boot = record.suspect[0]!;
    await write(ids[34]!, {
      op: 'set',
      kind: 'suspect',
      id: boot.id,
      revision: boot.revision,
      set: { state: 'ruled out' },
      was: { state: 'standing' },
    });
    const after = (await marginOf(ids[34]!)).guide.causes.filter((c) => c.numbers.length > 0);
    expect(after.map((c) => [c.name, c.ruledOut])).toEqual([
      ['fuel pump, low output', false],
      ['intake boot, cracked', true],
    ]);
  });
});

describe('isolation in what is counted', () => {
  it('is kept with the case, and said beside the count', async () => {
    await take(13);
    const { symptoms, scans, openedAt } = cases.find((c) => c.number === 13)!;
    const file = { format: 'vantle-case/1', openedAt, vehicle: { make: 'Tervo' }, symptoms, scans };
    const { id } = await importCase(file, '');
    const near = (await marginOf(id)).precedents;
    expect(near.cases.map((c) => [c.number, c.isolated])).toEqual([[13, 'not isolated']]);
    expect(near.causes.map((c) => c.notIsolated)).toEqual([1, 1]);
  });
});

describe('the shop’s periods', () => {
  it('are the usual ones at first, and refuse what is no distance', async () => {
    expect((await periods()).followUp).toEqual({ days: 30, distance: '1 000 km' });
    const { ShopRequest } = await import('../shop/shop');
    const wrong = {
      do: 'periods',
      periods: { followUp: { days: 0, distance: '' }, comeback: { days: 9, distance: '3 bar' } },
    };
    const issues = ShopRequest.safeParse(wrong)
      .error!.issues.map((i) => i.message)
      .join(' ');
    expect(issues).toMatch(/At least one day.*A distance is a number with km or mi/);
  });
});
