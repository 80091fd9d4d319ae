import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import type { Channel } from '../channel';
import { channelDistance, distanceOf, quickChannel, warpedDistance } from './distance';
import { differencesOf } from './differences';
import { fingerprintOf, normalised } from './fingerprint';
import { nearestPrints } from './nearest';
import { packFingerprint, unpackFingerprint } from './packed';
import { bestPlace, stretchIn } from './stretch';

const channel = (
  at: (t: number) => number,
  o: { seconds?: number; rate?: number; name?: string; unit?: string } = {},
): Channel => {
  const { seconds = 10, rate = 500, name = 'signal', unit = 'V' } = o;
  return {
    name,
    unit,
    interval: 1 / rate,
    start: 0,
    samples: Float32Array.from({ length: seconds * rate }, (_, i) => at(i / rate)),
  };
};
const square = (t: number) => (t * 5 - Math.floor(t * 5) < 0.5 ? 0 : 5);
const sine = (t: number) => Math.sin(2 * Math.PI * 5 * t);
const stops = (t: number) => (t < 6 ? square(t) : 0);

describe('normalised', () => {
  it('has mean 0 and deviation 1 (1, 2, 3 by hand: ∓√1.5)', () => {
    expect([...normalised([1, 2, 3])].map((v) => v.toFixed(4))).toEqual(['-1.2247', '0.0000', '1.2247']);
  });
  it('is nothing for what does not move', () => {
    expect([...normalised([4, 4, 4])]).toEqual([0, 0, 0]);
  });
});

describe('a fingerprint', () => {
  it('does not change with size, offset and speed', () => {
    fc.assert(
      fc.property(
        fc.double({ min: 0.2, max: 20, noNaN: true }),
        fc.double({ min: -30, max: 30, noNaN: true }),
        fc.double({ min: 0.3, max: 3, noNaN: true }),
        (gain, offset, slower) => {
          const a = channel(stops);
          const b = { ...a, interval: a.interval * slower, samples: a.samples.map((v) => gain * v + offset) };
          expect(distanceOf(fingerprintOf([a]), fingerprintOf([b]))!).toBeLessThan(0.06);
        },
      ),
      { numRuns: 30 },
    );
  });
  it('puts a square nearer to a square than to a sine, and one that stops nearer to one that stops', () => {
    const print = (at: (t: number) => number, seconds?: number) =>
      fingerprintOf([channel(at, seconds ? { seconds } : {})]);
    const library = [
      { id: 'square', print: print(square, 7) },
      { id: 'sine', print: print(sine) },
      { id: 'stops', print: print((t) => (t < 5.7 ? square(t) : 0)) },
    ];
    const nearest = (at: (t: number) => number) =>
      nearestPrints({ id: '', print: print(at) }, library, 1)[0]!.item.id;
    expect(nearest(square)).toBe('square');
    expect(nearest(sine)).toBe('sine');
    expect(nearest(stops)).toBe('stops');
  });
  it('has no distance to a recording of other things', () => {
    const a = fingerprintOf([channel(square)]);
    const b = fingerprintOf([channel(square, { name: 'oil', unit: 'bar' })]);
    expect(distanceOf(a, b)).toBeUndefined();
  });
  it('survives being kept as text', () => {
    const f = fingerprintOf([channel(stops), channel(sine, { name: 'other', unit: 'A' })]);
    const back = unpackFingerprint(packFingerprint(f));
    expect(back.channels.map((c) => c.name)).toEqual(['signal', 'other']);
    expect(distanceOf(f, back)!).toBeLessThan(0.05);
    expect(() => unpackFingerprint('{"channels": 3}')).toThrow();
  });
  it('says where one goes otherwise: after 6 s the one that stops', () => {
    const found = differencesOf(fingerprintOf([channel(stops)]), fingerprintOf([channel(square)]));
    expect(found).toHaveLength(1);
    expect(found[0]!.from).toBeGreaterThan(5.3);
    expect(found[0]!.to).toBeGreaterThan(9.5);
  });
});

describe('distances', () => {
  const course = fc
    .array(fc.double({ min: -3, max: 3, noNaN: true }), { minLength: 96, maxLength: 96 })
    .map((a) => Float32Array.from(a));
  it('warped is never more than unwarped, and none to itself', () => {
    fc.assert(
      fc.property(course, course, (a, b) => {
        const plain = Math.sqrt(a.reduce((s, v, i) => s + (v - b[i]!) ** 2, 0) / a.length);
        expect(warpedDistance(a, b)).toBeLessThanOrEqual(plain + 1e-9);
        expect(warpedDistance(a, a)).toBe(0);
      }),
    );
  });
  it('quick and close agree that a channel is nearest to itself', () => {
    const print = fingerprintOf([channel(stops)]).channels[0]!;
    expect(quickChannel(print, print)).toBe(0);
    expect(channelDistance(print, print)).toBe(0);
  });
});

describe('a marked stretch', () => {
  it('is found where it was put, whatever its size and offset', () => {
    fc.assert(
      fc.property(
        fc.integer({ min: 0, max: 160 }),
        fc.double({ min: 0.1, max: 9, noNaN: true }),
        (at, gain) => {
          const pattern = Float32Array.from({ length: 30 }, (_, i) => Math.sin(i * 0.9) + (i > 12 ? 2 : 0));
          const long = Float32Array.from({ length: 200 }, (_, i) => Math.sin(i * 0.11) * 3);
          pattern.forEach((v, i) => (long[at + i] = gain * v - 7));
          const found = bestPlace(long, pattern)!;
          expect(found.at).toBe(at);
          expect(found.distance).toBeLessThan(0.01);
        },
      ),
    );
  });
  it('does not fit into what is shorter', () => {
    expect(bestPlace(new Float32Array(5), new Float32Array(9))).toBeUndefined();
  });
  it('is found in another recording at its own time', () => {
    const dip = (at: number) => (t: number) =>
      t > at && t < at + 0.8 ? -3 * Math.sin(((t - at) / 0.8) * Math.PI) : 0.05 * Math.sin(t * 3);
    const print = fingerprintOf([channel(dip(7.1))]).channels[0]!;
    const own = channel(dip(2));
    const found = stretchIn(print, { samples: own.samples.subarray(850, 1550), seconds: 1.4 })!;
    expect(found.from).toBeGreaterThan(6.7);
    expect(found.from).toBeLessThan(6.95);
  });
});
