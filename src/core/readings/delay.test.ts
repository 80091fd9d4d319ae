import { describe, expect, it } from 'vitest';
import { bestLag } from './delay';

describe('the lag at which two series go together', () => {
  it('is found, with the pairs that belong together', () => {
    const first = [1, 4, 2, 8, 5, 7, 3, 6];
    // The same, two steps later and twice as high.
    const second = [9, 9, 2, 8, 4, 16, 10, 14];
    const lag = bestLag(first, second, 4);
    expect(lag.steps).toBe(2);
    expect(lag.correlation).toBeCloseTo(1, 9);
    expect(lag.pairs).toHaveLength(6);
    expect(lag.pairs[0]).toEqual({ first: 1, second: 2 });
    expect(lag.pairs.at(-1)).toEqual({ first: 7, second: 14 });
  });

  it('is the smallest of equally good ones, and never beyond the most that is tried', () => {
    const saw = [0, 1, 0, 1, 0, 1, 0, 1];
    expect(bestLag(saw, saw, 4).steps).toBe(0);
    const first = [1, 4, 2, 8, 5, 7, 3, 6];
    const late = [9, 9, 9, 1, 4, 2, 8, 5];
    expect(bestLag(first, late, 3).steps).toBe(3);
    expect(bestLag(first, late, 2).steps).not.toBe(3);
  });

  // Worked by hand: (1,2), (2,1), (3,4), (4,3), (5,5): means 3 and 3, Sxy = 8, Sxx = Syy = 10.
  it('gives Pearson’s correlation', () => {
    expect(bestLag([1, 2, 3, 4, 5], [2, 1, 4, 3, 5], 0).correlation).toBeCloseTo(0.8, 12);
  });

  it('is refused where nothing can be lined up', () => {
    expect(() => bestLag([1, 2, 3], [1, 2], 1)).toThrow('a value at every time');
    expect(() => bestLag([1, NaN, 3, 4, 5], [1, 2, 3, 4, 5], 1)).toThrow('a number at every time');
    expect(() => bestLag([1, 2, 3, 4], [1, 2, 3, 4], 1)).toThrow('At least 5 times');
    expect(() => bestLag([2, 2, 2, 2, 2], [1, 2, 3, 4, 5], 1)).toThrow('does not move');
  });
});
