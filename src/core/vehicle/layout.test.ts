import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { readBanks, readFiringOrder } from './layout';
import { bestValues, fitOf } from './vin-patterns';
import { likelyMisread, vinCheckDigit } from './vin';

describe('engine layout', () => {
  // An even-firing n-cylinder four-stroke fires every 720/n degrees (common practice, no source).
  it.each([
    ['1-3-4-2', 4, { order: [1, 3, 4, 2], interval: 180 }],
    ['1342', 4, { order: [1, 3, 4, 2], interval: 180 }],
    ['1 5 3 6 2 4', null, { order: [1, 5, 3, 6, 2, 4], interval: 120 }],
    ['1-2', 2, { order: [1, 2], interval: 360 }],
  ])('reads %s', (typed, cylinders, expected) => {
    expect(readFiringOrder(typed, cylinders)).toEqual(expected);
  });
  it.each([
    ['1-3-3-2', 4, /fires twice/],
    ['1-3-4', 4, /3 cylinders in the order, 4/],
    ['1-3-4-5', 4, /Cylinder 2 is missing/],
    ['0-1', 2, /counted from 1/],
    ['abc', 4, /row of cylinder numbers/],
  ])('says why %s cannot be', (typed, cylinders, why) => {
    expect(readFiringOrder(typed, cylinders)).toMatch(why);
  });
  it('takes every permutation and nothing else', () => {
    fc.assert(
      fc.property(fc.integer({ min: 1, max: 12 }), fc.infiniteStream(fc.nat()), (n, random) => {
        const order = Array.from({ length: n }, (_, i) => i + 1).sort(() =>
          random.next().value % 2 ? 1 : -1,
        );
        const read = readFiringOrder(order.join('-'), n);
        return typeof read !== 'string' && read.order.join() === order.join();
      }),
    );
  });
  it('reads banks', () => {
    expect(readBanks('1: 1 2 3, 2: 4 5 6', 6)).toEqual([
      [1, 2, 3],
      [4, 5, 6],
    ]);
    expect(readBanks('1: 1 3 5, 2: 2 4 5', 6)).toMatch(/two banks/);
    expect(readBanks('1: 1 2', 4)).toMatch(/2 cylinders on the banks, 4/);
  });
});

describe('patterns of the VIN data set', () => {
  const vin = '1M8GDM9AXKP042788';
  it('fits characters, any, sets and ranges, before and after the bar', () => {
    expect(fitOf('GDM', vin)).toBe(3);
    expect(fitOf('**M', vin)).toBe(1);
    expect(fitOf('[A-H]D', vin)).toBeCloseTo(1.8);
    expect(fitOf('G*[MX]|K', vin)).toBeCloseTo(2.8);
    expect(fitOf('X', vin)).toBe(-1);
    expect(fitOf('G|L', vin)).toBe(-1);
  });
  it('takes the pattern that names most', () => {
    const values = bestValues(
      [
        { keys: '*', element: 1, value: 'any' },
        { keys: 'GD', element: 1, value: 'named' },
        { keys: 'XX', element: 1, value: 'other' },
      ],
      vin,
    );
    expect(values.get(1)).toBe('named');
  });
});

describe('likely misread position', () => {
  it('names the look-alike that would make the check digit right', () => {
    const right = '1M8GDM9AXKP042788';
    const wrong = right.replace('8G', 'BG');
    expect(vinCheckDigit(wrong)).not.toBe(wrong[8]);
    expect(likelyMisread(wrong)).toContainEqual({ position: 3, read: 'B', maybe: '8', vin: right });
    expect(likelyMisread(right)).toEqual([]);
  });
});
