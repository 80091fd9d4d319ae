import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { Pyramid } from './decimate';

const bare = (s: Float32Array, a: number, b: number): [number, number] => {
  const part = [...s.subarray(Math.max(0, a), Math.max(0, b))].filter((v) => v === v);
  return part.length === 0 ? [NaN, NaN] : [Math.min(...part), Math.max(...part)];
};
const signal = fc.array(
  fc.oneof(
    { weight: 9, arbitrary: fc.float({ noNaN: true, min: -1000, max: 1000 }) },
    { weight: 1, arbitrary: fc.constant(NaN) },
  ),
  { minLength: 1, maxLength: 900 },
);

describe('the levels for drawing', () => {
  it('say of any stretch what a walk over all its samples says', () => {
    fc.assert(
      fc.property(
        signal,
        fc.integer({ min: -20, max: 920 }),
        fc.integer({ min: -20, max: 920 }),
        (list, a, b) => {
          const s = Float32Array.from(list);
          expect(new Pyramid(s).range(Math.min(a, b), Math.max(a, b))).toEqual(
            bare(s, Math.min(a, b), Math.max(a, b)),
          );
        },
      ),
    );
  });
  it('never lose a spike, whatever the width', () => {
    fc.assert(
      fc.property(
        fc.integer({ min: 100, max: 20_000 }),
        fc.integer({ min: 1, max: 2000 }),
        fc.nat(),
        (n, width, where) => {
          const s = new Float32Array(n);
          s[where % n] = 7;
          const columns = new Pyramid(s).columns(0, n, width);
          expect(Math.max(...columns.filter((v) => v === v))).toBe(7);
        },
      ),
    );
  });
  it('leave nothing where nothing is', () => {
    const columns = new Pyramid(Float32Array.from([1, 2, 3])).columns(-3, 6, 9);
    expect([...columns.subarray(0, 4)].every(Number.isNaN)).toBe(true);
    expect([...columns.subarray(6, 10)]).toEqual([1, 2, 2, 3]);
  });
});
