import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { brier, reliability } from './calibration';

describe('the Brier score', () => {
  // By hand from the formula of Brier (1950): 0.3² + 0.2² + 0.1².
  it('adds the squares over every answer', () => {
    expect(
      brier(
        new Map([
          ['pump', 0.7],
          ['filter', 0.2],
        ]),
        0.1,
        'pump',
      ),
    ).toBeCloseTo(0.14, 12);
  });
  // His bounds: 0 for the certain and right, 2 for the certain and wrong.
  it('is 0 for certain and right, 2 for certain and wrong, also where it was something never met', () => {
    expect(brier(new Map([['pump', 1]]), 0, 'pump')).toBe(0);
    expect(brier(new Map([['pump', 1]]), 0, 'filter')).toBe(2);
    expect(brier(new Map([['pump', 1]]), 0, undefined)).toBe(2);
    expect(brier(new Map(), 1, undefined)).toBe(0);
  });
  // A proper score: on average nothing beats saying what one believes (Gneiting & Raftery, "Strictly proper
  // scoring rules, prediction, and estimation", JASA 102, 2007).
  it('is best on average for who says what they believe', () => {
    const share = fc.integer({ min: 1, max: 99 }).map((n) => n / 100);
    fc.assert(
      fc.property(share, share, (belief, told) => {
        const mean = (x: number) =>
          belief *
            brier(
              new Map([
                ['a', x],
                ['b', 1 - x],
              ]),
              0,
              'a',
            ) +
          (1 - belief) *
            brier(
              new Map([
                ['a', x],
                ['b', 1 - x],
              ]),
              0,
              'b',
            );
        expect(mean(belief)).toBeLessThanOrEqual(mean(told) + 1e-12);
      }),
    );
  });
});

describe('the reliability table', () => {
  it('says for each band how often it was so', () => {
    const said = [0.75, 0.75, 0.75, 0.8].map((share, i) => ({ share, right: i < 3 }));
    const bands = reliability([...said, { share: 0.1, right: false }], 10);
    expect(bands).toHaveLength(10);
    expect(bands[7]).toMatchObject({ from: 0.7, to: 0.8, n: 4, was: 0.75 });
    expect(bands[7]!.said).toBeCloseTo(0.7625, 12);
    expect(bands[0]).toMatchObject({ n: 1, was: 0 });
    expect(bands[3]).toEqual({ from: 0.3, to: 0.4, n: 0, said: 0, was: 0 });
  });
  it('takes every share above 0 into exactly one band', () => {
    fc.assert(
      fc.property(
        fc.array(fc.double({ min: 1e-6, max: 1, noNaN: true })),
        fc.integer({ min: 1, max: 20 }),
        (shares, n) => {
          const bands = reliability(
            shares.map((share) => ({ share, right: true })),
            n,
          );
          expect(bands.reduce((sum, b) => sum + b.n, 0)).toBe(shares.length);
        },
      ),
    );
  });
});
