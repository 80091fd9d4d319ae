import { describe, expect, it } from 'vitest';
import { calibrate } from './applied-truth';

/** NIST StRD, linear regression, data set Norris: ozone monitor (shown) against customer's (applied). */
const NORRIS = [
  [0.2, 0.1], [337.4, 338.8], [118.2, 118.1], [884.6, 888.0], [10.1, 9.2], [226.5, 228.1],
  [666.3, 668.5], [996.3, 998.5], [448.6, 449.1], [777.0, 778.9], [558.2, 559.2], [0.4, 0.3],
  [0.6, 0.1], [775.5, 778.1], [666.9, 668.8], [338.0, 339.3], [447.5, 448.9], [11.6, 10.8],
  [556.0, 557.7], [228.1, 228.3], [995.8, 998.0], [887.6, 888.8], [120.2, 119.6], [0.3, 0.3],
  [0.3, 0.6], [556.8, 557.6], [339.1, 339.3], [887.2, 888.0], [999.0, 998.5], [779.0, 778.9],
  [11.1, 10.2], [118.3, 117.6], [229.2, 228.9], [669.1, 668.4], [448.9, 449.2], [0.5, 0.2],
] as const; // prettier-ignore

describe('a sensor against applied truth', () => {
  it('has the certified line of NIST’s data set Norris', () => {
    const c = calibrate(NORRIS.map(([truth, shown]) => ({ truth, shown })));
    expect(c.offset).toBeCloseTo(-0.262323073774029, 9);
    expect(c.gain).toBeCloseTo(1.00211681802045, 11);
    expect(c.span).toBeCloseTo(998.8, 9);
  });

  // Worked by hand: the line through (0, 0.1), (5, 5.3), (10, 10.2) is 0.15 + 1.01 t; off it by −0.05, 0.1, −0.05.
  it('tells offset, gain, how straight it is, and where it is furthest off', () => {
    const c = calibrate([
      { truth: 0, shown: 0.1 },
      { truth: 5, shown: 5.3 },
      { truth: 10, shown: 10.2 },
    ]);
    expect(c.offset).toBeCloseTo(0.15, 9);
    expect(c.gain).toBeCloseTo(1.01, 9);
    expect(c.nonlinearity).toBeCloseTo(0.1, 9);
    expect(c.worst).toBeCloseTo(0.3, 9);
    expect(c.worstAt).toBe(5);
    expect(c.span).toBe(10);
  });

  it('keeps the sign of what is furthest off, and the first of two alike', () => {
    const c = calibrate([
      { truth: 1, shown: 0.5 },
      { truth: 3, shown: 3.5 },
    ]);
    expect([c.worst, c.worstAt]).toEqual([-0.5, 1]);
  });

  it('is refused where one cannot tell offset from gain', () => {
    const point = { truth: 5, shown: 5.1 };
    expect(() => calibrate([point])).toThrow('at least two different values');
    expect(() => calibrate([point, point])).toThrow('at least two different values');
    expect(() => calibrate([point, { truth: 6, shown: NaN }])).toThrow('Every step needs');
    expect(() => calibrate([point, { truth: Infinity, shown: 6 }])).toThrow('Every step needs');
  });
});
