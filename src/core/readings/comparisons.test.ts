import fc from 'fast-check';
import * as statistics from 'simple-statistics';
import { describe, expect, it } from 'vitest';
import { calibrate } from './applied-truth';
import { searchChain, type ChainNode } from './chain';
import { changeBetween, didAsWanted } from './change';
import { followCommand } from './command';
import { asCurve, compareCurve, interpolate } from './curve';
import { bestLag } from './delay';
import { judgeSiblings, siblingTolerance } from './sibling-readings';
import { compareSiblings, modifiedZ } from './siblings';

const group = (...values: number[]) => values.map((value, i) => ({ at: String(i + 1), value }));

/** Values, the tolerance, which side is bad where one is; the outcome and who is named. */
const GROUPS: [number[], number, 'low' | 'high' | undefined, string, string][] = [
  // A difference of exactly the tolerance is alike, one a hair above is not.
  [[10, 11], 1, undefined, 'agree', ''],
  [[10, 11.01], 1, undefined, 'two differ', ''],
  [[0.1, 0.3], 0.2, undefined, 'agree', ''],
  // Of three, twice the tolerance from end to end is alike while nobody stands out.
  [[10, 11, 12], 1, undefined, 'agree', ''],
  [[10, 11, 12.2], 1, undefined, 'split', ''],
  [[10, 10, 11], 1, undefined, 'agree', ''],
  [[10, 10, 11.1], 1, undefined, 'odd', '3'],
  [[10, 10.5, 10.2, 13], 1, undefined, 'odd', '4'],
  [[10, 10.5, 10.2, 7], 1, undefined, 'odd', '4'],
  // The others are not alike themselves: nobody is named.
  [[1, 3, 9, 27], 1, undefined, 'split', ''],
  // Two against two: who is right is not told, unless only one side can be bad.
  [[90, 12, 88, 15], 20, undefined, 'split', ''],
  [[90, 12, 88, 15], 20, 'low', 'odd', '2 4'],
  [[90, 12, 88, 15], 20, 'high', 'odd', '1 3'],
  // Three of five are alike: the others stand out, on whichever side; what that means is for who asks.
  [[90, 12, 88, 15, 14], 20, 'low', 'odd', '1 3'],
  [[90, 12, 88, 15, 89], 20, 'low', 'odd', '2 4'],
  // Two groups, one of them not alike in itself.
  [[90, 60, 12, 15], 20, 'low', 'split', ''],
  [[90, 88, 12, 40], 20, 'low', 'split', ''],
  // Groups that lie no further apart than the tolerance are one.
  [[10, 11, 11.9, 12.9], 1, 'low', 'split', ''],
];

/** The same reading before and after: what is said of it. */
const CHANGES = [
  ['4.48 V', '3.30 V', '', 'was 4.48 V: 1.18 V less now'],
  ['3.30 V', '4.48 V', '', 'was 3.30 V: 1.18 V more now'],
  ['3.3 V', '3300 mV', '', 'was 3.3 V, unchanged'],
  ['0 V', '0 V', '', 'was 0 V, unchanged'],
  ['3.8 bar', '50 psi', '', 'was 3.8 bar: 5.1 psi less now'],
  [' dry ', 'dry', '', 'as before'],
  ['dry', 'wet ', '', 'was dry'],
  ['dry', '3 V', '', 'was dry'],
  ['3 V', 'dry', '', 'was 3 V'],
  ['3 V', '3 Ω', '', 'was 3 V'],
  ['3', '5', '', 'was 3: 2 more now'],
  ['12.6 V', '12.5 V', '± 0.05 V', 'was 12.6 V, unchanged as far as the instrument can tell (0.1 V apart)'],
  ['12.6 V', '12.5 V', '± 0.04 V', 'was 12.6 V: 0.1 V less now'],
  ['12.62 V', '12.50 V', '2 digits', 'was 12.62 V: 0.12 V less now'],
  ['450 mV', '0 V', '2 digits', 'was 450 mV: 0.45 V less now'],
  ['', '3 V', '', ''],
  ['3 V', '  ', '', ''],
] as const;

describe('a change in words', () => {
  it.each(CHANGES)('%s, then %s, by an instrument good to "%s": %s', (before, after, accuracy, says) => {
    expect(changeBetween(before, after, accuracy).replaceAll('\u00a0', ' ')).toBe(says);
  });
  it.each([
    ['rises', 1, 2, 0.5, true],
    ['rises', 2, 1, 0.5, false],
    ['rises', 1, 1.5, 0.5, false],
    ['falls', 2, 1, 0.5, true],
    ['falls', 1, 2, 0.5, false],
    ['falls', 1, 1, 0, false],
    ['rises', 1, 1, 0, false],
    ['changes', 1, 2, 0.5, true],
    ['changes', 2, 1, 0.5, true],
    ['changes', 1, 1.5, 0.5, false],
    ['stays', 1, 1.5, 0.5, true],
    ['stays', 1, 1.6, 0.5, false],
  ] as const)('%s from %d to %d, where %d is none: %s', (want, before, after, least, did) =>
    expect(didAsWanted(before, after, want, least)).toBe(did),
  );
});

describe('siblings', () => {
  it.each(GROUPS)('%j within %d, bad where %s: %s %s', (values, tolerance, bad, outcome, odd) => {
    const found = compareSiblings(group(...values), tolerance, bad);
    expect(found.outcome).toBe(outcome);
    expect(found.odd.map((o) => o.at).join(' ')).toBe(odd);
    // In another unit, and counted from elsewhere, it is the same.
    const scaled = compareSiblings(group(...values.map((v) => v * 6.894757)), tolerance * 6.894757, bad);
    expect([scaled.outcome, scaled.odd.map((o) => o.at).join(' ')]).toEqual([outcome, odd]);
  });
  it('names two groups with the middle of each, in the order they were given', () => {
    expect(compareSiblings(group(90, 12, 88, 15), 20).groups).toEqual([
      { at: ['2', '4'], median: 13.5 },
      { at: ['1', '3'], median: 89 },
    ]);
  });
  it('says by how much the odd one is off the others, whose middle that is', () => {
    const [odd] = compareSiblings(group(10, 10.5, 10.2, 13), 1).odd;
    expect(odd).toMatchObject({ others: 10.2, delta: 2.8000000000000007 });
    // The others deviate by 0.2, 0.3 and 0: MAD 0.2, more than 0.6745 / 3.5 of the tolerance; 0.6745 · 2.8 / 0.2.
    expect(odd!.score).toBeCloseTo(9.443, 9);
    expect(compareSiblings(group(90, 12, 88, 15), 20, 'low').odd[0]).toMatchObject({
      others: 89,
      delta: -77,
    });
  });
  it('gives the modified z-score of Iglewicz & Hoaglin (NIST/SEMATECH e-Handbook 1.3.5.17)', () => {
    // Median 3, deviations 2 1 0 1 97: MAD 1, so 0.6745 · (100 − 3) / 1.
    const z = modifiedZ([1, 2, 3, 4, 100]);
    expect(z[4]).toBeCloseTo(65.4265, 4);
    expect(z[0]).toBeCloseTo(-1.349, 4);
    expect(z[2]).toBe(0);
  });

  it('singles out the fifth injector of the drops 17 16 16 16 20 16 psi (common practice, no source)', () => {
    const c = compareSiblings(group(17, 16, 16, 16, 20, 16), 1.6);
    expect(c.outcome).toBe('odd');
    expect(c.odd.map((o) => [o.at, o.delta])).toEqual([['5', 4]]);
  });

  it.each([
    [[12.1], 'too few'],
    [[12.1, 12.2], 'agree'],
    [[12.1, 7.6], 'two differ'],
    [[12.1, 12.0, 7.6], 'odd'],
    [[12, 12, 7, 7], 'split'],
    [[5, 5, 5, 5], 'agree'],
    [[3, 8, 14], 'split'],
  ])('says of %j: %s', (values, outcome) => {
    expect(compareSiblings(group(...values), 1).outcome).toBe(outcome);
  });

  it('does not depend on the order', () => {
    fc.assert(
      fc.property(
        fc.array(fc.integer({ min: 0, max: 200 }), { minLength: 2, maxLength: 10 }),
        fc.integer({ min: 1, max: 20 }),
        fc.infiniteStream(fc.nat()),
        (values, tolerance, order) => {
          const members = group(...values);
          const shuffled = members
            .map((m) => ({ m, k: order.next().value as number }))
            .sort((a, b) => a.k - b.k)
            .map((x) => x.m);
          const a = compareSiblings(members, tolerance);
          const b = compareSiblings(shuffled, tolerance);
          const names = (c: typeof a) => c.odd.map((o) => o.at).sort();
          return a.outcome === b.outcome && names(a).join() === names(b).join();
        },
      ),
    );
  });

  it('does not depend on the unit', () => {
    fc.assert(
      fc.property(
        fc.array(fc.integer({ min: 1, max: 400 }), { minLength: 2, maxLength: 8 }),
        fc.constantFrom(0.001, 0.0689476, 14.5038, 1000),
        (values, factor) => {
          const tolerance = siblingTolerance(values, 'psi');
          const a = compareSiblings(group(...values), tolerance);
          const b = compareSiblings(group(...values.map((v) => v * factor)), tolerance * factor);
          return a.outcome === b.outcome && a.odd.map((o) => o.at).join() === b.odd.map((o) => o.at).join();
        },
      ),
    );
  });

  it('refuses what is no number', () => {
    expect(() => compareSiblings(group(1, NaN, 2), 1)).toThrow(/finite/);
    expect(() => compareSiblings(group(1, 2), 0)).toThrow(/more than 0/);
    expect(() => siblingTolerance([20, 21], '°C', { value: 10, unit: '%' })).toThrow(/depends on the scale/);
  });

  it('judges the readings of a test against each other, in mixed units', () => {
    const r = (label: string, entered: string) => ({ label, entered, limit: 'siblings ± 10 %' });
    const j = judgeSiblings([r('1', '12.1 bar'), r('2', '110 psi'), r('3', '12.3 bar'), r('4', '12 bar')])!;
    expect(j.group.verdict).toBe('fail');
    expect(j.group.because).toMatch(/^2: 7\.6\sbar is 4\.5\sbar \(37 %\) below/);
    expect(j.each.get(1)?.verdict).toBe('fail');
    expect(j.each.get(0)).toEqual({ verdict: 'pass', because: 'Like its siblings.' });
    expect(judgeSiblings([{ label: 'a', entered: '1 V', limit: '≥ 0.5 V' }])).toBeUndefined();
  });
});

describe('curves', () => {
  // Back pressure of a clean filter at 60, 150 and 336 m³/h (common practice, no source).
  const clean = [
    { x: 60, y: 35 },
    { x: 150, y: 75 },
    { x: 336, y: 170 },
  ];
  const band = (r: number) => r * 0.4;

  it('finds a blocked filter above at every point and steepening', () => {
    const c = compareCurve(
      clean,
      [
        { x: 60, y: 70 },
        { x: 150, y: 150 },
        { x: 336, y: 450 },
      ],
      band,
    );
    expect(c).toMatchObject({ everywhere: 'above', trend: 'steepening', judged: 3 });
  });

  it('judges nothing beyond the ends', () => {
    const c = compareCurve(clean, [{ x: 400, y: 900 }], band);
    expect(c.judged).toBe(0);
    expect(c.points[0]!.side).toBe('beyond');
    expect(interpolate(clean, 59.9)).toBeUndefined();
    expect(interpolate(clean, 336)).toBe(170);
  });

  it.each([
    [[2, 2.1, 2.2].map((y, x) => ({ x, y: y * 10 })), 'within'],
    [[1, 1, 1].map((y, x) => ({ x, y })), 'below'],
    [
      [
        { x: 0, y: 40 },
        { x: 1, y: 20 },
      ],
      'mixed',
    ],
  ])('says on which side %j lies', (measured, side) => {
    const flat = [
      { x: 0, y: 20 },
      { x: 2, y: 22 },
    ];
    expect(compareCurve(flat, measured, () => 2).everywhere).toBe(side);
  });

  it('a point on the edge of the band is inside', () => {
    fc.assert(
      fc.property(fc.integer({ min: 1, max: 1000 }), (y) => {
        const flat = [
          { x: 0, y },
          { x: 1, y },
        ];
        return compareCurve(flat, [{ x: 0.5, y: y * 1.4 }], (r) => r * 0.4).everywhere === 'within';
      }),
    );
  });

  it('refuses what is no curve', () => {
    expect(() => asCurve([{ x: 1, y: 1 }])).toThrow('at least two points');
    expect(() =>
      asCurve([
        { x: 1, y: 1 },
        { x: 1, y: 2 },
      ]),
    ).toThrow('same place');
    expect(() => asCurve([{ x: 1, y: NaN }])).toThrow('two numbers');
  });
});

describe('commanded against actual', () => {
  const sweep = (...pairs: [number, number][]) => pairs.map(([command, actual]) => ({ command, actual }));
  it.each([
    [sweep([0, 1], [50, 51], [100, 99], [0, 1]), 'follows', true],
    [sweep([0, 20], [50, 21], [100, 20], [0, 20]), 'does not move', true],
    [sweep([0, 0], [40, 41], [80, 60], [100, 60], [0, 1]), 'stuck', true],
    [sweep([0, 0], [20, 0], [40, 20], [60, 40], [80, 60]), 'lags', undefined],
    // One step late at first, and then not at all: no lag.
    [sweep([0, 0], [20, 0], [40, 20], [60, 58], [80, 61]), 'off', undefined],
    // Two steps late.
    [sweep([0, 0], [20, 0], [40, 0], [60, 20], [80, 40], [100, 60]), 'lags', undefined],
    [sweep([0, 100], [50, 50], [100, 0]), 'reversed', undefined],
    [sweep([0, 0], [50, 50], [100, 99], [0, 30]), 'follows', false],
    [sweep([10, 11], [30, 31], [50, 50], [70, 58], [90, 58], [10, 19]), 'stuck', false],
    [sweep([0, 0], [50, 70], [100, 90], [0, 1]), 'off', true],
  ])('%j', (steps, how, returns) => {
    const r = followCommand(steps, 3);
    expect(r.following.how).toBe(how);
    expect(r.rest?.returns).toBe(returns);
  });
  it('refuses a sweep that is none', () => {
    expect(() => followCommand(sweep([0, 0], [1, 1]), 3)).toThrow('three steps');
    expect(() => followCommand(sweep([0, 0], [1, 1], [2, 2]), 3)).toThrow('hardly moved');
  });
});

describe('a chain of places', () => {
  const node = (name: string, more: Partial<ChainNode> = {}): ChainNode => ({
    name,
    likely: 1,
    minutes: 1,
    found: '',
    ...more,
  });

  it('halves a plain chain', () => {
    const s = searchChain([
      node('a', { found: 'good' }),
      ...'bcdefgh'.split('').map((n) => node(n)),
      node('i'),
    ]);
    // Eight equal stretches: three probes by halving, 35/8 along in order.
    expect(s).toMatchObject({ state: 'open', next: 'e', best: 3, inOrder: 4.375 });
  });

  it('finds, and finds contradictions', () => {
    expect(searchChain([node('a', { found: 'good' }), node('b', { found: 'bad' }), node('c')])).toEqual({
      state: 'found',
      before: 'a',
      at: 'b',
    });
    expect(searchChain([node('a', { found: 'bad' }), node('b', { found: 'good' })]).state).toBe(
      'contradiction',
    );
    expect(() => searchChain([node('a')])).toThrow('two places');
  });

  /** All ways of probing, tried one by one. */
  function cheapest(nodes: ChainNode[], good: number, bad: number): number {
    if (bad - good <= 1) return 0;
    const weight = (a: number, b: number) => nodes.slice(a + 1, b + 1).reduce((s, n) => s + n.likely, 0);
    const all = weight(good, bad);
    let best = Infinity;
    for (let k = good + 1; k < bad; k++) {
      const left = (weight(good, k) / all) * cheapest(nodes, good, k);
      const right = (weight(k, bad) / all) * cheapest(nodes, k, bad);
      best = Math.min(best, nodes[k]!.minutes + left + right);
    }
    return best;
  }

  it('is as quick as the best of all orders, and never slower than going along', () => {
    const any = fc.record({
      likely: fc.integer({ min: 1, max: 9 }),
      minutes: fc.integer({ min: 1, max: 30 }),
    });
    fc.assert(
      fc.property(fc.array(any, { minLength: 3, maxLength: 8 }), (list) => {
        const nodes = list.map((n, i) => node(String(i), n));
        const s = searchChain(nodes);
        if (s.state !== 'open') return false;
        return Math.abs(s.best - cheapest(nodes, -1, nodes.length - 1)) < 1e-9 && s.best <= s.inOrder + 1e-9;
      }),
      { numRuns: 60 },
    );
  });
});

describe('a sensor against applied truth', () => {
  it('has the certified line of NIST StRD "Norris" (data from memory)', () => {
    // https://www.itl.nist.gov/div898/strd/lls/data/Norris.shtml: y, x; certified slope and intercept.
    const yx =
      '0.1 0.2|338.8 337.4|118.1 118.2|888.0 884.6|9.2 10.1|228.1 226.5|668.5 666.3|998.5 996.3|449.1 448.6|778.9 777.0|559.2 558.2|0.3 0.4|0.1 0.6|778.1 775.5|668.8 666.9|339.3 338.0|448.9 447.5|10.8 11.6|557.7 556.0|228.3 228.1|998.0 995.8|888.8 887.6|119.6 120.2|0.3 0.3|0.6 0.3|557.6 556.8|339.3 339.1|888.0 887.2|998.5 999.0|778.9 779.0|10.2 11.1|117.6 118.3|228.9 229.2|668.4 669.1|449.2 448.9|0.2 0.5';
    const points = yx.split('|').map((p) => {
      const [shown = 0, truth = 0] = p.split(' ').map(Number);
      return { truth, shown };
    });
    const c = calibrate(points);
    expect(c.gain).toBeCloseTo(1.00211681802045, 8);
    expect(c.offset).toBeCloseTo(-0.262323073774029, 6);
  });
  it('tells offset, gain and a bent line apart', () => {
    const at = (f: (x: number) => number) =>
      calibrate([0, 100, 250, 500].map((truth) => ({ truth, shown: f(truth) })));
    expect(at((x) => x + 12)).toMatchObject({ gain: 1, offset: 12 });
    expect(at((x) => x * 0.8).gain).toBeCloseTo(0.8, 12);
    expect(at((x) => x - (x * x) / 2000).nonlinearity).toBeGreaterThan(10);
    expect(() =>
      calibrate([
        { truth: 1, shown: 1 },
        { truth: 1, shown: 2 },
      ]),
    ).toThrow('two different');
  });
});

describe('two sensors with a delay', () => {
  it('finds a delay that was put in, whatever the signal', () => {
    fc.assert(
      fc.property(
        fc.array(fc.integer({ min: 0, max: 100 }), { minLength: 24, maxLength: 40 }),
        fc.integer({ min: 0, max: 6 }),
        (signal, steps) => {
          fc.pre(statistics.standardDeviation(signal) > 15);
          const second = signal.map((_, i) => 0.2 * (signal[i - steps] ?? signal[0]!));
          const lag = bestLag(signal, second, 8);
          // Where the signal repeats itself, a shorter delay may fit as well.
          return lag.steps === steps || (lag.steps < steps && lag.correlation > 0.999);
        },
      ),
    );
  });
  it('refuses a sensor that does not move', () => {
    expect(() => bestLag([1, 1, 1, 1, 1, 1], [1, 2, 3, 4, 5, 6], 3)).toThrow('does not move');
    expect(() => bestLag([1, 2], [1, 2], 3)).toThrow('At least 5');
    expect(() => bestLag([1, 2, 3, 4, 5], [1, 2, 3, 4], 3)).toThrow('every time');
  });
});

describe('changes', () => {
  it.each([
    [4.48, 4.47, 'falls', 0.5, false],
    [4.48, 2, 'falls', 0.5, true],
    [2, 4.48, 'falls', 0.5, false],
    [5, 5.1, 'stays', 0.1, true],
    [5, 6, 'changes', 0.1, true],
    [5, 5.1, 'rises', 0.1, false],
  ] as const)('from %d to %d, wanted: %s', (a, b, want, least, good) => {
    expect(didAsWanted(a, b, want, least)).toBe(good);
  });
  it.each([
    ['4.48 V', '3.30 V', 'was 4.48\u00a0V: 1.18\u00a0V less now'],
    ['20 °C', '77 °F', 'was 20\u00a0°C: 9\u00a0°F more now'],
    ['20 °C', '68 °F', 'was 20\u00a0°C, unchanged'],
    // The places typed say nothing of what changed.
    ['450 mV', '0 V', 'was 450\u00a0mV: 0.45\u00a0V less now'],
    ['12 V', '12.3 V', 'was 12\u00a0V: 0.3\u00a0V more now'],
    ['2 bar', '1,999 bar', 'was 2\u00a0bar: 0.001\u00a0bar less now'],
    ['no spark', 'sparks', 'was no spark'],
    ['', '3 V', ''],
  ])('%s, then %s', (before, after, words) => {
    expect(changeBetween(before, after)).toBe(words);
  });
  it.each([
    // 0.5 % of 12.6 V and two digits, twice: 0.166 V.
    [
      '12.60 V',
      '12.50 V',
      '0.5 % rdg + 2 dgt',
      /unchanged as far as the instrument can tell \(0.10.V apart\)/,
    ],
    ['12.60 V', '12.40 V', '0.5 % rdg + 2 dgt', /0.20.V less now/],
    ['450 mV', '0 V', '0.5 % + 2 digits', /less now/],
    ['3.8 bar', '56 psi', '± 0.1 bar', /unchanged as far as/],
    ['12.6 V', '12.6 V', '0.5 %', /unchanged$/],
    ['12.60 V', '12.50 V', 'good', /0.10.V less now/],
  ])('%s and then %s with an instrument good to %s', (before, after, accuracy, words) => {
    expect(changeBetween(before, after, accuracy)).toMatch(words);
  });
});
