import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { KINDS } from '@/core/case';
import { forkFacts } from './facts';
import { oddsOf, type GuideCase } from './odds';
import { nextTests } from './next-test';

const facts = (
  answers: Record<string, string>,
  readings: Record<string, string> = {},
  minutes: number | null = null,
) =>
  forkFacts({
    test: [...Object.keys(answers), ...Object.keys(readings)].map((q) =>
      KINDS.test.parse({
        id: q,
        caseId: 'k',
        at: '2026-01-01T10:00:00.000Z',
        question: q,
        verdict: answers[q] ?? '',
        minutes,
      }),
    ),
    reading: Object.entries(readings).map(([q, entered]) =>
      KINDS.reading.parse({ id: `r${q}`, caseId: 'k', testId: q, label: 'value', entered }),
    ),
  });
let n = 0;
const past = (
  cause: string,
  answers: Record<string, string>,
  more: Partial<GuideCase> = {},
  readings: Record<string, string> = {},
  minutes: number | null = null,
): GuideCase => ({
  id: `c${++n}`,
  number: n,
  cause: { key: cause, name: cause },
  weight: 1,
  grade: 'proven',
  ...facts(answers, readings, minutes),
  ...more,
});
const nothing = facts({});
const share = (odds: ReturnType<typeof oddsOf>, cause: string) =>
  odds.causes.find((c) => c.key === cause)?.share ?? 0;

describe('odds over causes', () => {
  const near = () => [
    past('boot', { smoke: 'fail' }),
    past('boot', { smoke: 'fail' }),
    past('pump', { smoke: 'pass' }),
    past('pump', { smoke: 'pass' }),
  ];
  it('move by what a test found of a part, where no past case tells, and not twice where one does', () => {
    const cases = [past('boot/cracked', {}), past('filter/blocked', {})];
    const before = oddsOf(cases, nothing);
    const found = (says: 'for' | 'against' | 'rules out', failureId: string | null = 'blocked') =>
      oddsOf(cases, { ...nothing, spoken: [{ question: 'dpf', says, partId: 'filter', failureId }] });
    // 1 : 1 and 0.6 unseen; six times likelier: 6 / (1 + 6 + 0.6).
    expect(share(found('for'), 'filter/blocked')).toBeCloseTo(6 / 7.6, 9);
    expect(share(found('for', null), 'filter/blocked')).toBeCloseTo(6 / 7.6, 9);
    expect(share(found('for', 'cracked'), 'filter/blocked')).toBeCloseTo(share(before, 'filter/blocked'), 9);
    expect(share(found('against'), 'filter/blocked')).toBeLessThan(share(before, 'filter/blocked'));
    expect(share(found('rules out'), 'filter/blocked')).toBeLessThan(
      share(found('against'), 'filter/blocked'),
    );
    expect(found('for').causes[0]).toMatchObject({
      key: 'filter/blocked',
      moved: [{ words: 'dpf', answer: 'found: for', factor: 6 }],
    });
    const asked = [past('boot/cracked', { dpf: 'pass' }), past('filter/blocked', { dpf: 'fail' })];
    const here = facts({ dpf: 'fail' });
    const spoken = [{ question: 'dpf', says: 'for' as const, partId: 'filter', failureId: 'blocked' }];
    expect(share(oddsOf(asked, { ...here, spoken }), 'filter/blocked')).toBeCloseTo(
      share(oddsOf(asked, here), 'filter/blocked'),
      9,
    );
  });
  it('begin with the near cases and a share for what nobody has seen (worked by hand)', () => {
    // Two perfect precedents each, 0.6 for the unseen: 2 / 4.6, 2 / 4.6, 0.6 / 4.6.
    const odds = oddsOf(near(), nothing);
    expect(share(odds, 'boot')).toBeCloseTo(2 / 4.6, 9);
    expect(odds.unseen).toBeCloseTo(0.6 / 4.6, 9);
    expect(odds.cases).toBe(4);
  });
  it('follow Bayes’ rule with each answer (worked by hand)', () => {
    // Over the grid of rates 0.05, 0.15, 0.35, 0.6, 0.8, 0.95 with 0.62, 0.07, 0.06, 0.06, 0.08, 0.11 before anything
    // is seen: two failures leave 0.15112 / 0.18255 = 0.8278 for the boot, two passes 0.0530175 / 0.64855 = 0.0817
    // for the pump; the unseen fails as one does of which nothing is known, 0.267. Masses 2 · 0.8278, 2 · 0.0817, 0.6 · 0.267.
    const [boot, pump, unseen] = [2 * (0.1511162 / 0.18255), 2 * (0.0530175 / 0.64855), 0.6 * 0.267];
    const total = boot + pump + unseen;
    const odds = oddsOf(near(), facts({ smoke: 'fail' }));
    expect(share(odds, 'boot')).toBeCloseTo(boot / total, 5);
    expect(share(odds, 'pump')).toBeCloseTo(pump / total, 5);
    expect(odds.causes[0]).toMatchObject({
      key: 'boot',
      byGrade: { proven: 2 },
      moved: [{ words: 'smoke', answer: 'fail' }],
    });
    // Beside the average over both causes.
    expect(odds.causes[0]!.moved[0]!.factor).toBeCloseTo(boot / ((boot + pump) / 2), 4);
  });
  it('take a reading by the side of the threshold it falls on, in any unit', () => {
    const cases = [
      past('pump', {}, {}, { rail: '2.0 bar' }),
      past('pump', {}, {}, { rail: '2.4 bar' }),
      past('boot', {}, {}, { rail: '3.9 bar' }),
      past('boot', {}, {}, { rail: '4.1 bar' }),
    ];
    expect(oddsOf(cases, facts({}, { rail: '210 kPa' })).causes[0]!.key).toBe('pump');
    expect(oddsOf(cases, facts({}, { rail: '58 psi' })).causes[0]!.key).toBe('boot');
  });
  it('count a test and its own reading once', () => {
    const cases = [
      past('pump', { rail: 'fail' }, {}, { rail: '2.0 bar' }),
      past('boot', { rail: 'pass' }, {}, { rail: '4.0 bar' }),
    ];
    expect(oddsOf(cases, facts({ rail: 'fail' }, { rail: '2.1 bar' })).causes[0]!.moved).toHaveLength(1);
  });
  it('are all unseen without a near case, and leave little of what a person ruled out', () => {
    expect(oddsOf([], facts({ smoke: 'fail' }))).toEqual({ causes: [], unseen: 1, cases: 0 });
    const odds = oddsOf(near(), nothing, undefined, new Set(['boot']));
    expect(odds.causes.map((c) => [c.key, c.ruledOut])).toEqual([
      ['pump', false],
      ['boot', true],
    ]);
    expect(share(odds, 'boot')).toBeLessThan(0.05);
  });

  const anyCase = fc
    .record({
      cause: fc.constantFrom('a', 'b', 'c'),
      weight: fc.double({ min: 0.05, max: 1, noNaN: true }),
      x: fc.constantFrom('pass', 'fail', ''),
      y: fc.constantFrom('pass', 'fail', 'unsure'),
    })
    .map((r) => past(r.cause, { x: r.x, y: r.y }, { weight: r.weight }));
  const here = fc
    .constantFrom<Record<string, string>>({}, { x: 'fail' }, { x: 'pass', y: 'fail' })
    .map((a) => facts(a));

  it('add up to 1, every share above 0, whatever the cases and their order', () => {
    fc.assert(
      fc.property(fc.array(anyCase, { minLength: 1, maxLength: 10 }), here, (cases, h) => {
        const odds = oddsOf(cases, h);
        const back = oddsOf([...cases].reverse(), h);
        const sum = odds.causes.reduce((s, c) => s + c.share, odds.unseen);
        return (
          Math.abs(sum - 1) < 1e-9 &&
          odds.unseen > 0 &&
          odds.causes.every((c) => c.share > 0 && Math.abs(c.share - share(back, c.key)) < 1e-9)
        );
      }),
    );
  });
  it('begin from a prior: what has no case to speak for it counts as unseen', () => {
    const prior = {
      shares: new Map([
        ['boot', 0.5],
        ['ghost', 0.1],
      ]),
      unseen: 0.4,
    };
    const odds = oddsOf([past('boot', { smoke: 'fail' })], nothing, prior);
    expect(share(odds, 'boot')).toBeCloseTo(0.5, 9);
    expect(odds.unseen).toBeCloseTo(0.5, 9);
    // A test that failed as it did there lifts it over an even bet: one failure leaves 0.18255 / 0.267 of the grid,
    // against 0.267 for the unseen, of which nothing is known.
    const after = oddsOf([past('boot', { smoke: 'fail' })], facts({ smoke: 'fail' }), prior);
    const boot = 0.5 * (0.18255 / 0.267);
    expect(share(after, 'boot')).toBeCloseTo(boot / (boot + 0.5 * 0.267), 5);
  });
  it('do not fall for a cause when one more case of it is found', () => {
    fc.assert(
      fc.property(fc.array(anyCase, { minLength: 1, maxLength: 8 }), (cases) => {
        const before = share(oddsOf(cases, nothing), 'a');
        return share(oddsOf([...cases, past('a', {})], nothing), 'a') >= before - 1e-9;
      }),
    );
  });
});

describe('the next test', () => {
  const near = () => [
    past('boot', { smoke: 'fail', taste: 'fail' }, {}, {}, 10),
    past('boot', { smoke: 'fail', taste: 'pass' }, {}, {}, 20),
    past('pump', { smoke: 'pass', taste: 'fail' }, {}, {}, 15),
    past('pump', { smoke: 'pass', taste: 'pass' }, {}, {}, 15),
  ];
  it('is the one that separates, with what each outcome would mean', () => {
    const [first, ...rest] = nextTests(near(), nothing);
    expect(first).toMatchObject({ question: 'smoke', minutes: 15, minutesKnown: true });
    expect(first!.answers.map((a) => [a.says, a.then.name])).toEqual([
      ['fail', 'boot'],
      ['pass', 'pump'],
    ]);
    expect(first!.answers.reduce((s, a) => s + a.chance, 0)).toBeCloseTo(1, 9);
    // What every cause answers alike tells next to nothing.
    for (const t of rest) expect(t.gain).toBeLessThan(0.05 * first!.gain);
  });
  it('is never one that was asked here, and prefers the quick one of two that tell alike', () => {
    expect(nextTests(near(), facts({ smoke: 'unsure' })).map((t) => t.question)).not.toContain('smoke');
    const twice = [
      past('boot', { slow: 'fail' }, {}, {}, 60),
      past('boot', { quick: 'fail' }, {}, {}, 5),
      past('pump', { slow: 'pass' }, {}, {}, 60),
      past('pump', { quick: 'pass' }, {}, {}, 5),
    ];
    expect(nextTests(twice, nothing).map((t) => t.question)).toEqual(['quick', 'slow']);
  });
  it('promises what is then found: the shares it names are those after the answer', () => {
    const cases = near();
    const [test] = nextTests(cases, nothing);
    for (const a of test!.answers) {
      const after = oddsOf(cases, facts({ smoke: a.says }));
      expect(share(after, a.then.name)).toBeCloseTo(a.then.share, 9);
      expect(share(after, a.lifts!.name)).toBeCloseTo(a.lifts!.share, 9);
      expect(a.lifts!.share).toBeGreaterThan(a.lifts!.from);
    }
  });
  it('is never one that tells only far-fetched causes apart', () => {
    const cases = [
      past('boot', { smoke: 'fail' }),
      past('cap', { opens: 'fail' }),
      past('thermostat', { opens: 'pass' }),
    ];
    const shares = new Map([
      ['boot', 0.7],
      ['cap', 0.001],
      ['thermostat', 0.001],
    ]);
    expect(nextTests(cases, nothing, { shares, unseen: 0.298 }).map((t) => t.question)).toEqual(['smoke']);
    // With nothing better in sight the same test is worth the walk.
    const even = new Map([...shares].map(([key]) => [key, 0.25]));
    expect(nextTests(cases, nothing, { shares: even, unseen: 0.25 }).map((t) => t.question)).toContain(
      'opens',
    );
  });
  it('says of an answer that leaves every cause with next to nothing what it speaks against', () => {
    const shares = new Map([['boot', 0.7]]);
    const [test] = nextTests([past('boot', { smoke: 'fail' })], nothing, { shares, unseen: 0.3 });
    const pass = test!.answers.find((a) => a.says === 'pass')!;
    expect(pass.lifts).toBeNull();
    expect(pass.then.share).toBeLessThan(pass.then.from);
  });
});
