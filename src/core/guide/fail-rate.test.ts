import fc from 'fast-check';
import { describe, expect, test } from 'vitest';
import { failRate } from './fail-rate';

describe('how often a test fails with a cause', () => {
  test('worked by hand over the grid', () => {
    // Nothing seen: 0.62·0.05 + 0.07·0.15 + 0.06·0.35 + 0.06·0.6 + 0.08·0.8 + 0.11·0.95 = 0.267.
    expect(failRate(0, 0)).toBeCloseTo(0.267, 9);
    // One failure: Σ w·r² / Σ w·r = 0.18255 / 0.267; two passes: 0.0530175 / 0.64855.
    expect(failRate(1, 0)).toBeCloseTo(0.18255 / 0.267, 9);
    expect(failRate(0, 2)).toBeCloseTo(0.0530175 / 0.64855, 9);
  });
  test('one stray failure of a test that is hardly ever done with it means little', () => {
    expect(failRate(1, 0, undefined, 1)).toBeGreaterThan(0.6);
    expect(failRate(1, 0, undefined, 0.06)).toBeLessThan(0.35);
    expect(failRate(3, 0, undefined, 0.3)).toBeGreaterThan(0.75);
  });
  test('general practice stands where nothing is counted, and gives way to counts', () => {
    expect(failRate(0, 0, 0.93)).toBeGreaterThan(0.8);
    expect(failRate(0, 0, 0.05)).toBeLessThan(0.12);
    expect(failRate(0, 6, 0.93)).toBeLessThan(0.45);
    expect(failRate(6, 0, 0.05)).toBeGreaterThan(0.6);
  });
  test('lies between never and always, rises with each failure and falls with each pass', () => {
    const weight = fc.double({ min: 0, max: 30, noNaN: true });
    fc.assert(
      fc.property(
        weight,
        weight,
        fc.option(fc.double({ min: 0.01, max: 0.99, noNaN: true }), { nil: undefined }),
        fc.double({ min: 0.01, max: 1, noNaN: true }),
        (fails, passes, practice, done) => {
          const rate = failRate(fails, passes, practice, done);
          expect(rate).toBeGreaterThanOrEqual(0.05 - 1e-9);
          expect(rate).toBeLessThanOrEqual(0.95 + 1e-9);
          expect(failRate(fails + 1, passes, practice, done)).toBeGreaterThanOrEqual(rate - 1e-9);
          expect(failRate(fails, passes + 1, practice, done)).toBeLessThanOrEqual(rate + 1e-9);
        },
      ),
    );
  });
});
