import { describe, expect, it } from 'vitest';
import { asCurve, compareCurve, interpolate, type Point } from './curve';

const points = (text: string): Point[] =>
  text
    .trim()
    .split(/\s+/)
    .map((p) => p.split('/').map(Number))
    .map(([x, y]) => ({ x: x!, y: y! }));

/** Resistance over temperature of an invented sensor; halfway between two points it is halfway in value. */
const REFERENCE = points('0/6 20/4 40/2 80/1');

describe('a curve between its points', () => {
  it.each([
    [0, 6],
    [5, 5.5],
    [30, 3],
    [40, 2],
    [70, 1.25],
    [80, 1],
  ])('at %s is %s', (x, y) => expect(interpolate(REFERENCE, x)).toBeCloseTo(y, 12));
  it.each([-0.1, 80.1])('is not drawn on to %s', (x) => expect(interpolate(REFERENCE, x)).toBeUndefined());
  it('is sorted, whatever order it was noted in, and the list it came from is left alone', () => {
    const noted = points('40/2 0/6 80/1 20/4');
    expect(asCurve(noted)).toEqual(REFERENCE);
    expect(noted[0]).toEqual({ x: 40, y: 2 });
  });
  it.each([
    ['40/2', 'A curve needs at least two points.'],
    ['40/2 0/x', 'Every point of a curve needs two numbers.'],
    ['x/2 0/1', 'Every point of a curve needs two numbers.'],
    ['40/2 0/1 40/3', 'A curve has one value at each point; two were given for the same place.'],
  ])('%s is none', (text, why) => expect(() => asCurve(points(text))).toThrow(why));
});

/** Measured points, a band of ± 0.2 at each, where they lie, and how their distance goes along x. */
const ROWS = [
  ['10/5 30/3 60/1.5', 'within within within', 'within', 'steady'],
  ['10/5.2 30/2.8 60/1.7', 'within within within', 'within', 'steady'],
  ['10/5.21 30/3.21 60/1.71', 'above above above', 'above', 'steady'],
  ['10/4.7 30/2.7 60/1.2', 'below below below', 'below', 'steady'],
  ['60/1.2 10/4.7 30/2.7', 'below below below', 'below', 'steady'],
  ['10/5.3 30/2.7 60/1.5', 'above below within', 'mixed', 'shrinking'],
  ['10/5 30/3.5 60/2.25', 'within above above', 'mixed', 'growing'],
  ['10/5.3 30/3.8 60/3.5', 'above above above', 'above', 'steepening'],
  ['10/5 30/3.1 60/2.5', 'within within above', 'mixed', 'steepening'],
  ['10/6 30/3.5 60/1.8', 'above above above', 'above', 'shrinking'],
  ['10/5.1 30/4 60/1.9', 'within above above', 'mixed', 'unclear'],
  ['10/5.4 30/3.9', 'above above', 'above', 'unclear'],
  ['-10/9 30/3.3 60/1.8 90/9', 'beyond above above beyond', 'above', 'unclear'],
  ['-10/9 90/9', 'beyond beyond', 'mixed', 'unclear'],
] as const;

describe('measured points held against a curve', () => {
  it.each(ROWS)('%s lie %s', (measured, sides, everywhere, trend) => {
    const found = compareCurve(REFERENCE, points(measured), () => 0.2);
    expect(found.points.map((p) => p.side).join(' ')).toBe(sides);
    expect(found.points.map((p) => p.x)).toEqual([...found.points.map((p) => p.x)].sort((a, b) => a - b));
    expect(found).toMatchObject({
      everywhere,
      trend,
      judged: sides.split(' ').filter((s) => s !== 'beyond').length,
    });
  });
  it('has a band as wide as it is at each value', () => {
    const tenth = compareCurve(REFERENCE, points('10/5.45 60/1.55 70/1.1'), (y) => y / 10);
    expect(tenth.points.map((p) => p.side)).toEqual(['within', 'within', 'below']);
  });
  it('counts half the widest band as no trend', () => {
    // Distances 0, 0.05 and 0.09 of a band of 0.2; then 0, 0.07 and 0.12.
    expect(compareCurve(REFERENCE, points('10/5 30/3.05 60/1.59'), () => 0.2).trend).toBe('steady');
    expect(compareCurve(REFERENCE, points('10/5 30/3.07 60/1.62'), () => 0.2).trend).not.toBe('steady');
  });
});
