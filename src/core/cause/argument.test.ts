import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { KINDS, type RowOf } from '@/core/case';
import { Catalogue } from './catalogue';
import { matchComeback, type ComebackFacts } from './comeback';
import { isolationOf } from './isolation';
import { proofPlan } from './proof-plan';
import { starterItems } from './starter';
import { suggestSuspects } from './suggest';

let made = 0;
const row = <K extends keyof typeof KINDS>(kind: K, over: Record<string, unknown> = {}): RowOf<K> =>
  KINDS[kind].parse({
    id: `r${made++}`,
    caseId: 'k',
    at: '2026-01-02T10:00:00.000Z',
    ...over,
  }) as RowOf<K>;
const day = (d: number) => `2026-01-${String(d).padStart(2, '0')}T10:00:00.000Z`;

describe('isolation', () => {
  const failed = row('test', { id: 'f', verdict: 'fail', at: day(2) });
  const passed = row('test', { repeatOf: 'f', verdict: 'pass', at: day(6) });
  const repair = (over: object) => row('repair', { what: 'pump', at: day(4), ...over });
  const of = (repairs: RowOf<'repair'>[], tests = [failed, passed], explains: RowOf<'explains'>[] = []) =>
    isolationOf({ repair: repairs, test: tests, explains, cause: [], scan: [] }).state;

  it('is given by one change between the failing and the passing test', () => {
    expect(of([repair({})])).toBe('isolated');
  });
  it('is lost with a second repair, or with what else was changed', () => {
    expect(of([repair({}), repair({ what: 'filter' })])).toBe('not isolated');
    const r = isolationOf({
      repair: [repair({ alsoChanged: 'plugs and coil' })],
      test: [failed, passed],
      explains: [],
      cause: [],
      scan: [],
    });
    expect(r.changes).toEqual(['replaced: pump', 'plugs', 'coil']);
    expect(r.because).toMatch(/^3 changes/);
  });
  it('does not count what was declined, put off, or done after the test passed', () => {
    expect(
      of([repair({}), repair({ authorisation: 'declined' }), repair({ authorisation: 'put off' })]),
    ).toBe('isolated');
    expect(of([repair({}), repair({ what: 'wipers', at: day(8) })])).toBe('isolated');
  });
  it('is not blurred by the repair of another cause with its own share', () => {
    const explains = [row('explains', { causeId: 'a', of: 'test', what: 'f' })];
    const two = [repair({ causeId: 'a' }), repair({ causeId: 'b', what: 'wire' })];
    expect(of(two, [failed, passed], explains)).toBe('isolated');
    expect(of(two)).toBe('not isolated');
  });
  it('is unknown without a repeated test, unless several things were changed', () => {
    expect(of([])).toBe('unknown');
    expect(of([repair({})], [failed])).toBe('unknown');
    expect(of([repair({}), repair({ what: 'filter' })], [failed])).toBe('not isolated');
  });
  it('is never won by one more change', () => {
    const repairs = fc.array(fc.integer({ min: 1, max: 9 }), { maxLength: 4 });
    fc.assert(
      fc.property(repairs, fc.integer({ min: 3, max: 6 }), (days, extra) => {
        const list = days.map((d) => repair({ at: day(d) }));
        const before = of(list);
        const after = of([...list, repair({ at: day(extra), what: 'more' })]);
        return before === 'not isolated' ? after === 'not isolated' : true;
      }),
    );
  });
});

describe('comebacks', () => {
  const earlier: ComebackFacts = {
    number: 7,
    openedAt: day(1),
    closedAt: day(3),
    odometer: '100 000 km',
    codes: ['P0301'],
    symptoms: [{ id: 'rough-idle', label: 'rough idle' }],
    repaired: true,
  };
  const later = (over: Partial<ComebackFacts>): ComebackFacts => ({
    number: 9,
    openedAt: day(20),
    closedAt: null,
    odometer: '100 800 km',
    codes: [],
    symptoms: [],
    repaired: false,
    ...over,
  });
  const period = { days: 90, distance: '5 000 km' };

  it.each([
    [{ codes: ['P0301'] }, ['P0301 again']],
    [{ codes: ['P0302'] }, ['P0302: same fault, other cylinder as P0301']],
    [{ symptoms: [{ id: 'rough-idle', label: 'rough idle' }] }, ['rough idle again']],
  ])('%j is proposed', (over, shares) => {
    expect(matchComeback(later(over), earlier, period)).toMatchObject({ shares, days: 17, km: 800 });
  });
  it.each([
    ['another code', { codes: ['P0455'] }],
    ['too late', { codes: ['P0301'], openedAt: '2026-06-01T10:00:00.000Z' }],
    ['too far', { codes: ['P0301'], odometer: '112 000 km' }],
    ['too far, in miles', { codes: ['P0301'], odometer: '70 000 mi' }],
    ['before it was closed', { codes: ['P0301'], openedAt: day(2) }],
  ])('%s is not', (_, over) => {
    expect(matchComeback(later(over), earlier, period)).toBeUndefined();
  });
  it('needs a repair then, and lets an unknown odometer pass', () => {
    const again = later({ codes: ['P0301'], odometer: '' });
    expect(matchComeback(again, { ...earlier, repaired: false }, period)).toBeUndefined();
    expect(matchComeback(again, { ...earlier, closedAt: null }, period)).toBeUndefined();
    expect(matchComeback(again, earlier, period)).toMatchObject({ days: 17 });
    expect(matchComeback(again, earlier, { days: 90, distance: '' })).toBeDefined();
  });
  it('does not appear by shortening the period', () => {
    fc.assert(
      fc.property(fc.integer({ min: 0, max: 200 }), fc.integer({ min: 0, max: 200 }), (a, b) => {
        const at = (days: number) =>
          matchComeback(later({ codes: ['P0301'] }), earlier, { days, distance: '' }) !== undefined;
        return a <= b ? !at(a) || at(b) : !at(b) || at(a);
      }),
    );
  });
});

describe('the proof plan', () => {
  const facts = {
    case: KINDS.case.parse({ id: 'k', number: 1, vehicleId: 'v', openedAt: day(1) }),
    cause: [],
    earlier: [],
    scan: [row('scan', { id: 's' })],
    clear: [],
    module: [],
    code: [row('code', { scanId: 's', code: 'P0171', text: 'too lean' })],
    role: [row('role', { code: 'P0171', role: 'chase' })],
    symptom: [
      row('symptom', { concept: 'stall', conditions: ['cold-start', 'rain'] }),
      row('symptom', { words: 'smells', reproduced: 'no' }),
    ],
    test: [
      row('test', { id: 't', question: 'Does it hold?', verdict: 'fail' }),
      row('test', { id: 't2', question: 'Does it hold?', verdict: 'fail', repeatOf: 't' }),
      row('test', { verdict: 'pass' }),
    ],
    condition: [row('condition', { testId: 't', what: 'engine warm' })],
    explains: [],
    repair: [row('repair', { id: 'rep', what: 'pump', action: 'replaced' })],
    part: [row('part', { repairId: 'rep', name: 'fuel pump' })],
    monitor: [row('monitor', { scanId: 's', name: 'fuel system', state: 'incomplete' })],
  };
  const plan = proofPlan(
    facts,
    (c) => c,
    (c) => c,
  );

  it('comes from the case: codes, the failing test under its conditions, the complaint, the drive, the part', () => {
    expect(plan.map((s) => [s.kind, s.what])).toEqual([
      ['record and clear', 'Scan and record everything, then clear'],
      ['key cycle and scan', 'Key off, wait, key on: scan again'],
      ['failing test again', 'Does it hold? — again with engine warm'],
      ['cold start', 'Start it cold, after a night: no stall'],
      ['complaint conditions', 'Hose it down, or drive it in the rain: no stall'],
      [
        'road test',
        'Drive until the monitor of P0171 has run, then scan (not run at the last scan: fuel system)',
      ],
      ['removed part on the bench', 'Test the removed part: fuel pump'],
    ]);
    expect(plan[2]!.testId).toBe('t');
  });
  it('names only the monitors that the last scan found not run', () => {
    const later = proofPlan(
      {
        ...facts,
        scan: [...facts.scan, row('scan', { id: 's2', at: day(9) })],
        monitor: [...facts.monitor, row('monitor', { scanId: 's2', name: 'fuel system', state: 'complete' })],
      },
      (c) => c,
      (c) => c,
    );
    expect(later.find((s) => s.what.startsWith('Drive until'))!.what).not.toContain('not run');
  });
  it('asks nothing of codes where there are none, and nothing twice', () => {
    const bare = proofPlan(
      { ...facts, code: [], scan: [], role: [], repair: [] },
      (c) => c,
      (c) => c,
    );
    expect(bare.map((s) => s.kind)).toEqual(['failing test again', 'cold start', 'complaint conditions']);
    expect(new Set(plan.map((s) => s.kind + s.what)).size).toBe(plan.length);
  });
});

describe('suspects that the case offers', () => {
  const catalogue = new Catalogue(starterItems((_, name) => name));
  const base = {
    scan: [row('scan', { id: 's' })],
    clear: [],
    module: [],
    symptom: [],
    suspect: [],
    cause: [],
    earlier: [],
    code: [],
    role: [],
  };
  it('come from chased codes, with the failure their kind means', () => {
    const offers = suggestSuspects(
      {
        ...base,
        code: [
          row('code', { scanId: 's', code: 'P0113', text: 'Intake air temperature sensor 1 circuit high' }),
          row('code', { scanId: 's', code: 'P0562', text: 'System voltage low' }),
        ],
        role: [
          row('role', { code: 'P0113', role: 'chase' }),
          row('role', { code: 'P0562', role: 'leftover' }),
        ],
      },
      catalogue,
    );
    expect(offers).toEqual([
      {
        origin: 'code',
        partId: 'intake air temperature sensor',
        failureId: 'open circuit',
        words: '',
        why: 'P0113 speaks of its circuit high',
      },
    ]);
  });
  it.each([
    ['P0449', '', 'vent solenoid'],
    ['P0447', '', 'vent solenoid'],
    ['P0452', '', 'tank pressure sensor'],
    ['P2009', '', 'intake flap actuator'],
    ['P2016', '', 'intake runner position sensor'],
    ['P0072', '', 'outside air temperature sensor'],
    ['P208B', '', 'urea pump'],
    ['P203B', '', 'urea level sensor'],
    ['P0245', '', 'boost control solenoid'],
    ['P2122', '', 'accelerator pedal sensor'],
    ['P0A0A', '', 'high-voltage connector'],
    ['B2A11-13', 'Left side radar circuit open', 'side radar'],
    ['C1901', 'blind spot sensor right, no signal', 'side radar'],
  ])('%s "%s" speaks of the %s', (code, text, part) => {
    const offers = suggestSuspects(
      {
        ...base,
        code: [row('code', { scanId: 's', code, text })],
        role: [row('role', { code, role: 'chase' })],
      },
      catalogue,
    );
    expect(offers.map((o) => o.partId)).toEqual([part]);
  });
  it.each(['P0171', 'P0300', 'P0562', 'P0700'])('%s names no part, and so none is offered', (code) => {
    const offers = suggestSuspects(
      { ...base, code: [row('code', { scanId: 's', code })], role: [row('role', { code, role: 'chase' })] },
      catalogue,
    );
    expect(offers).toEqual([]);
  });
  it('come from what was just fitted, and leave out who is listed already', () => {
    const earlier = [
      row('earlier', { kind: 'repair', part: 'MAF', by: 'quick-fit' }),
      row('earlier', { kind: 'repair', part: 'thingummy' }),
      row('earlier', { kind: 'collision', part: 'bumper' }),
    ];
    const offers = suggestSuspects({ ...base, earlier }, catalogue);
    expect(offers.map((o) => [o.partId, o.words])).toEqual([
      ['air-flow meter', ''],
      [null, 'thingummy'],
    ]);
    const suspect = [row('suspect', { partId: 'air-flow meter' }), row('suspect', { words: 'Thingummy' })];
    expect(suggestSuspects({ ...base, earlier, suspect }, catalogue)).toEqual([]);
  });
});
