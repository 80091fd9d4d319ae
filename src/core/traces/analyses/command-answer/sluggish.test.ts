import { describe, expect, it } from 'vitest';
import { sluggish, timeConstant } from './sluggish';

const step = Float32Array.from({ length: 200 }, (_, i) => (i < 20 ? 0 : 10));

describe('an answer that is sluggish', () => {
  it('has gone 63.2 % of the way after its time constant, 86.5 % after two of them', () => {
    const y = sluggish(step, 12);
    expect(y[19]).toBe(0);
    expect(y[19 + 12]).toBeCloseTo(10 * (1 - Math.exp(-1)), 4);
    expect(y[19 + 24]).toBeCloseTo(10 * (1 - Math.exp(-2)), 4);
  });

  it('goes half the way in ln 2 times its time constant', () => {
    const y = sluggish(step, 20);
    const half = y.findIndex((v) => v >= 5);
    expect(half - 19).toBe(Math.ceil(20 * Math.LN2));
  });

  it('is found with the time constant it was made with', () => {
    for (const made of [3, 8, 17]) {
      const y = sluggish(step, made);
      const found = timeConstant(
        step,
        (x) => x.filter((v, i) => Math.abs(v - y[i]!) < 0.3).length / x.length,
      );
      expect(found!.samples / made).toBeGreaterThan(0.85);
      expect(found!.samples / made).toBeLessThan(1.18);
      expect(found!.share).toBeGreaterThan(0.9);
    }
  });

  it('is not told in a recording of a few samples', () => {
    expect(timeConstant(Float32Array.of(0, 1, 1), () => 1)).toBeUndefined();
  });
});
