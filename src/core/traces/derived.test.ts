import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import type { Channel } from './channel';
import { adjusted, derive, laidOut } from './derived';
import type { DerivedSpec } from './derived-spec';

const channel = (name: string, unit: string, samples: number[], interval = 0.5): Channel => ({
  name,
  unit,
  samples: Float32Array.from(samples),
  interval,
  start: 0,
});
const spec = (s: Partial<DerivedSpec>): DerivedSpec => ({
  name: 'x',
  kind: 'difference',
  a: 'a',
  b: 'b',
  by: 10,
  ...s,
});

describe('a channel made of others', () => {
  const two = [channel('a', 'V', [5, 6, 7]), channel('b', 'V', [3, 2, 0])];
  it('difference and ratio, sample by sample', () => {
    expect([...derive(two, spec({}))!.samples]).toEqual([2, 4, 7]);
    const ratio = derive(two, spec({ kind: 'ratio' }))!;
    expect(ratio.samples[1]).toBe(3);
    expect(ratio.samples[2]).toBeNaN();
    expect(ratio.unit).toBe('');
  });
  it('reads the second one at the moments of the first', () => {
    const fine = channel('b', 'A', [0, 1, 2, 3, 4], 0.25);
    const out = derive([channel('a', 'V', [10, 10, 10]), fine], spec({ kind: 'difference' }))!;
    expect([...out.samples]).toEqual([10, 8, 6]);
  });
  it('integral of 2 A over 3 s is 6 A·s', () => {
    const out = derive([channel('a', 'A', [2, 2, 2, 2, 2, 2, 2])], spec({ kind: 'integral' }))!;
    expect(out.samples.at(-1)).toBeCloseTo(6);
    expect(out.unit).toBe('A·s');
  });
  it('integral passes over what is missing', () => {
    const out = derive([channel('a', 'A', [2, NaN, 2, 2])], spec({ kind: 'integral' }))!;
    expect([...out.samples]).toEqual([0, 0, 1, 2]);
  });
  it('speed of a 36 − 1 wheel at 1500 rpm, the gap bridged', () => {
    const rate = 50_000;
    const turns = 1500 / 60;
    const samples = Array.from({ length: rate * 0.2 }, (_, i) => {
      const tooth = ((i / rate) * turns * 36) % 36;
      return tooth < 35 && tooth % 1 < 0.5 ? 5 : 0;
    });
    const out = derive([channel('a', 'V', samples, 1 / rate)], spec({ kind: 'speed from a wheel', by: 36 }))!;
    const known = out.samples.filter((v) => v === v);
    expect(known.length).toBeGreaterThan(0.9 * samples.length);
    expect(Math.min(...known)).toBeGreaterThan(1440);
    expect(Math.max(...known)).toBeLessThan(1560);
  });
  it('is nothing where its channels are not there', () => {
    expect(derive(two, spec({ a: 'gone' }))).toBeUndefined();
    expect(derive(two, spec({ b: 'gone' }))).toBeUndefined();
    expect(laidOut(two, { adjust: {}, derived: [spec({ a: 'gone' })] })).toHaveLength(2);
  });
});

describe('an adjusted channel', () => {
  it('turned over twice is itself', () => {
    fc.assert(
      fc.property(fc.array(fc.integer({ min: -1000, max: 1000 }), { minLength: 1 }), (values) => {
        const c = channel('a', 'V', values);
        const back = adjusted(adjusted(c, { times: -1, plus: 0 }), { times: -1, plus: 0 });
        expect([...back.samples].map((v) => v + 0)).toEqual(values);
      }),
    );
  });
  it('is multiplied before it is moved: 2 × 10 + 1', () => {
    expect(adjusted(channel('a', 'V', [2]), { times: 10, plus: 1 }).samples[0]).toBe(21);
  });
  it('counts in what is computed of it', () => {
    const all = laidOut([channel('a', 'V', [1]), channel('b', 'V', [1])], {
      adjust: { a: { times: 3, plus: 0 } },
      derived: [spec({})],
    });
    expect(all[2]!.samples[0]).toBe(2);
  });
});
