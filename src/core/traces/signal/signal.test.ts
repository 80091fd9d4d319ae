import fc from 'fast-check';
import * as reference from 'simple-statistics';
import { describe, expect, it } from 'vitest';
import { rayleigh } from '../analyses/drop-outs/together';
import { slopeOf } from '../analyses/hold';
import {
  bin,
  converterStep,
  deviation,
  edgesOf,
  median,
  medianOfFive,
  noiseOf,
  peaksOf,
  quantile,
  smooth,
  spread,
  stateLevels,
} from './index';

const list = fc.array(fc.double({ min: -1e4, max: 1e4, noNaN: true }), { minLength: 2, maxLength: 60 });
/** A repeatable normal deviate. */
function noise(seed: number): () => number {
  let s = seed;
  const next = () => (s = (s * 16_807) % 2_147_483_647) / 2_147_483_647;
  return () => Math.sqrt(-2 * Math.log(next())) * Math.cos(2 * Math.PI * next());
}

describe('statistics, beside simple-statistics', () => {
  it('middle, spread and deviation agree with it', () => {
    fc.assert(
      fc.property(list, (x) => {
        expect(median(x)).toBeCloseTo(reference.median(x), 6);
        expect(spread(x)).toBeCloseTo(1.4826 * reference.medianAbsoluteDeviation(x), 5);
        expect(deviation(x)).toBeCloseTo(reference.sampleStandardDeviation(x), 5);
      }),
    );
  });
  it('a quantile is type 7 of Hyndman & Fan (worked by hand)', () => {
    // 1 2 3 4 at 0.3: (4 − 1) · 0.3 = 0.9 of the way from the first: 1.9.
    expect(quantile([4, 1, 3, 2], 0.3)).toBeCloseTo(1.9, 12);
    expect(quantile([], 0.5)).toBeNaN();
    expect(quantile([1, NaN, 3], 0.5)).toBe(2);
  });
  it('the noise of a slow signal is found under it', () => {
    const n = noise(9);
    const s = Float32Array.from({ length: 20_000 }, (_, i) => 5 * Math.sin(i / 400) + 0.3 * n());
    expect(noiseOf(s)).toBeGreaterThan(0.28);
    expect(noiseOf(s)).toBeLessThan(0.32);
    expect(
      converterStep(Float32Array.from({ length: 100 }, (_, i) => Math.round(10 * Math.sin(i)) * 0.25)),
    ).toBeCloseTo(0.25, 6);
  });
  it('a slope agrees with simple-statistics on block means, and its interval holds the truth', () => {
    const n = noise(4);
    let held = 0;
    for (let run = 0; run < 60; run++) {
      const y = Float32Array.from({ length: 2400 }, (_, i) => 4 - 0.002 * i * 0.1 + 0.05 * n());
      const line = slopeOf(y, 0.1);
      const means = [...bin(y, 100)].map((v, i) => [(i * 100 + 49.5) * 0.1, v]);
      expect(line.slope).toBeCloseTo(reference.linearRegression(means).m, 9);
      if (Math.abs(line.slope + 0.002) <= line.margin) held++;
    }
    // 95 % of 60 is 57; fewer than 51 would happen once in some two thousand times.
    expect(held).toBeGreaterThanOrEqual(51);
  });
});

describe('filters', () => {
  it('a mean over a window is what a walk says, gaps passed over', () => {
    fc.assert(
      fc.property(
        fc.array(fc.oneof(fc.integer({ min: -50, max: 50 }), fc.constant(NaN)), {
          minLength: 1,
          maxLength: 40,
        }),
        fc.integer({ min: 1, max: 9 }),
        (x, width) => {
          const half = Math.floor(width / 2);
          smooth(x, width).forEach((v, i) => {
            const part = x.slice(Math.max(0, i - half), i + half + 1).filter((y) => y === y);
            if (part.length === 0) expect(v).toBeNaN();
            else expect(v).toBeCloseTo(reference.mean(part), 3);
          });
        },
      ),
    );
  });
  it('a median of five takes a spike away and leaves a step', () => {
    expect([...medianOfFive([0, 0, 9, 0, 0, 0])]).toEqual([0, 0, 0, 0, 0, 0]);
    expect([...medianOfFive([0, 0, 0, 5, 5, 5])]).toEqual([0, 0, 0, 5, 5, 5]);
  });
});

describe('edges and peaks', () => {
  it('levels of a switching signal are where it rests, whatever its duty', () => {
    for (const duty of [0.02, 0.2, 0.5, 0.9]) {
      const levels = stateLevels(
        Float32Array.from({ length: 5000 }, (_, i) => ((i % 100) / 100 < duty ? 5 : 0.2)),
      )!;
      expect([levels.low, levels.high]).toEqual([expect.closeTo(0.2, 2), expect.closeTo(5, 2)]);
    }
    expect(stateLevels(new Float32Array(10))).toBeUndefined();
  });
  it('noise between two thresholds makes no edge, and an edge stands at half height', () => {
    const s = [0, 0, 0.6, 0.4, 0.6, 1, 1, 0.5, 0];
    expect(edgesOf(s, 0.2, 0.8)).toEqual([
      { at: expect.closeTo(3.5, 9), rising: true },
      { at: 7, rising: false },
    ]);
    fc.assert(
      fc.property(fc.array(fc.integer({ min: 0, max: 10 }), { maxLength: 80 }), (x) => {
        const edges = edgesOf(x, 3, 7);
        return edges.every(
          (e, i) => i === 0 || (e.rising !== edges[i - 1]!.rising && e.at >= edges[i - 1]!.at),
        );
      }),
    );
  });
  it('a peak rises at least so far on both sides', () => {
    expect(peaksOf([0, 1, 0.8, 3, 0, 2, 1.9, 2.1, 0], 1).map((p) => p.at)).toEqual([3, 7]);
    expect(peaksOf([3, 2, 1, 0], 1)).toEqual([]);
  });
});

describe('the Rayleigh test', () => {
  it('finds what keeps step and not what does not', () => {
    const beats = Array.from({ length: 40 }, (_, i) => i);
    const tied = rayleigh([3.4, 7.42, 12.38, 20.41, 31.4, 33.39], beats);
    expect(tied.phase).toBeCloseTo(0.4, 2);
    expect(tied.chance).toBeLessThan(0.005);
    expect(rayleigh([1.1, 4.3, 9.6, 14.8, 22.05, 30.5], beats).chance).toBeGreaterThan(0.2);
  });
  it('has the chance that Zar’s approximation gives (worked by hand: n = 8, R = 6: exp(√(33 + 4·28) − 17))', () => {
    // Eight phases, seven at 0 and one opposite: the vector is 6 of 8 long.
    const beats = Array.from({ length: 20 }, (_, i) => i);
    const r = rayleigh([1, 2, 3, 4, 5, 6, 7, 8.5], beats);
    expect(r.length).toBeCloseTo(6 / 8, 9);
    expect(r.chance).toBeCloseTo(Math.exp(Math.sqrt(33 + 4 * (64 - 36)) - 17), 9);
  });
});
