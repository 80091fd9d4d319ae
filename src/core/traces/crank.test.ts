import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { angleAt, crankClock, firingsOf, speedAt, timeOfAngle, triggersOf } from './crank';
import { degreesAfter, firingPlan, nearestFiring, type FiringPlan } from './engine';

const plan = (order: string, angles = '') => firingPlan(order, 4, angles) as FiringPlan;

describe('a firing plan', () => {
  it('spaces firings evenly over 720° of a four-stroke and 360° of a two-stroke', () => {
    expect(plan('1-3-4-2')).toEqual({ order: [1, 3, 4, 2], angles: [0, 180, 360, 540], cycle: 720 });
    expect(firingPlan('1-2-3', 2)).toMatchObject({ angles: [0, 120, 240], cycle: 360 });
    expect(degreesAfter(plan('1-8-7-2-6-5-4-3'), 2, 8)).toBe(180);
    expect(degreesAfter(plan('1-8-7-2-6-5-4-3'), 8, 2)).toBe(540);
  });
  it('takes typed angles, and says what is wrong with them', () => {
    expect(plan('1-6-5-4-3-2', '0 90 240 330 480 570').angles).toEqual([0, 90, 240, 330, 480, 570]);
    for (const bad of ['0 90 240', '0 90 80 330 480 570', '0 90 240 330 480 720', 'a b c d e f'])
      expect(firingPlan('1-6-5-4-3-2', 4, bad)).toContain('one rising angle for each of the 6 firings');
    expect(firingPlan('1-1')).toContain('fires twice');
  });
  it('gives any angle to the firing nearest to it, never more than half the room away', () => {
    fc.assert(
      fc.property(
        fc.constantFrom(plan('1-3-2'), plan('1-5-3-6-2-4'), plan('1-6-5-4-3-2', '0 90 240 330 480 570')),
        fc.double({ min: 0, max: 719.99, noNaN: true }),
        (p, angle) => {
          const { place, past, room } = nearestFiring(p, angle);
          const all = p.angles.map((a) => Math.min(Math.abs(angle - a), 720 - Math.abs(angle - a)));
          return (
            Math.abs(Math.abs(past) - Math.min(...all)) < 1e-9 &&
            Math.abs(past) <= room / 2 + 1e-9 &&
            all[place]! <= Math.min(...all) + 1e-9
          );
        },
      ),
    );
  });
});

describe('the crank’s clock', () => {
  it('tells the angle of a moment and the moment of an angle alike', () => {
    fc.assert(
      fc.property(
        fc.array(fc.double({ min: 0.05, max: 0.09, noNaN: true }), { minLength: 2, maxLength: 20 }),
        fc.double({ min: 0, max: 1, noNaN: true }),
        (gaps, share) => {
          let t = 0;
          const clock = crankClock([0, ...gaps.map((g) => (t += g))], 720)!;
          const moment = share * clock.marks.at(-1)!;
          return Math.abs(timeOfAngle(clock, angleAt(clock, moment)) - moment) < 1e-9;
        },
      ),
    );
  });
  it('puts in a trigger that is missing, and counts it', () => {
    const clock = crankClock([0, 0.1, 0.2, 0.4, 0.5, 0.6], 720)!;
    expect(clock.mended).toBe(1);
    expect(angleAt(clock, 0.35)).toBeCloseTo(3.5 * 720, 9);
    // Two turns in 0.1 s are 1200 a minute.
    expect(speedAt(clock, 0.55)).toBeCloseTo(1200, 6);
    expect(crankClock([1], 720)).toBeUndefined();
    expect(angleAt(clock, 5)).toBeNaN();
  });
  it('finds triggers of either polarity; sparks in a burst count once as a trigger and each as a firing', () => {
    const samples = new Float32Array(10_000);
    for (let k = 0; k < 10; k++)
      for (const b of [0, 12, 24]) samples.fill(-4, 500 + k * 900 + b, 503 + k * 900 + b);
    const c = { name: 'coil', unit: 'V', samples, interval: 1e-4, start: 0 };
    expect(triggersOf(c)).toHaveLength(10);
    expect(firingsOf(c)).toHaveLength(30);
    expect(triggersOf(c)[3]).toBeCloseTo(0.05 + 3 * 0.09, 3);
    expect(triggersOf({ ...c, samples: new Float32Array(10_000) })).toEqual([]);
  });
});
