import type { Channel, FiringPlan, AnalysisInput, TraceResult } from '@/core/traces';
import { chance, normal, pick, type Random } from '@/sim/random';

/**
 * Made-up recordings whose truth is known, for the bench and the tests. Nothing here is shared with the
 * simulated scope that ships: what measures must not be made by what is measured with.
 */

/** One recording, what it is asked, and how the answer is judged. */
interface Trial {
  given: AnalysisInput;
  settings: Record<string, unknown>;
  /** What is wrong in it, to look at by hand. */
  truth?: string;
  /** `unsure` is honest: it was not told, and nothing false was said. */
  judge: (result: TraceResult) => Judgement;
}
export type Judgement = 'right' | 'wrong' | 'unsure';

/** Makes recordings for one analysis. */
export interface Maker {
  analysis: string;
  /** Which kind of recordings, where an analysis has several makers. */
  name?: string;
  /** What varies from one recording to the next. */
  about: string;
  /** Right at 20 dB, at the least, of all; the rest is honestly not told. */
  least?: number;
  make: (r: Random, snr: number) => Trial;
}

export const between = (r: Random, a: number, b: number): number => a + (b - a) * r();

const even = (order: number[]): FiringPlan => ({
  order,
  angles: order.map((_, i) => (i * 720) / order.length),
  cycle: 720,
});

/** Engines of 3, 4, 5, 6, 8, 10 and 12 cylinders, and two that fire unevenly. */
export const PLANS: FiringPlan[] = [
  even([1, 3, 2]),
  even([1, 3, 4, 2]),
  even([1, 2, 4, 5, 3]),
  even([1, 5, 3, 6, 2, 4]),
  even([1, 4, 2, 5, 3, 6]),
  even([1, 8, 7, 2, 6, 5, 4, 3]),
  even([1, 10, 9, 4, 3, 6, 5, 8, 7, 2]),
  even([1, 12, 5, 8, 3, 10, 6, 7, 2, 11, 4, 9]),
  { order: [1, 6, 5, 4, 3, 2], angles: [0, 90, 240, 330, 480, 570], cycle: 720 },
  { order: [1, 2, 3, 4], angles: [0, 180, 270, 450], cycle: 720 },
];

/** Crank degrees at each sample: a speed that drifts, with a swing at every firing. */
export function turning(
  r: Random,
  o: {
    plan: FiringPlan;
    rpm: number;
    to?: number;
    swing: number;
    rate: number;
    seconds: number;
    slow?: number[];
  },
): Float64Array {
  const n = Math.round(o.rate * o.seconds);
  const out = new Float64Array(n);
  const phase = between(r, 0, 720);
  let angle = phase;
  const wander = between(r, 0.3, 1.5);
  const size = between(r, 0, 0.015);
  for (let i = 0; i < n; i++) {
    out[i] = angle;
    const t = i / o.rate;
    const base = o.rpm + ((o.to ?? o.rpm) - o.rpm) * (i / n);
    const at = (angle % 720) / 720;
    let local = 1;
    o.plan.angles.forEach((a, k) => {
      // Slows towards compression, speeds up after it; a weak cylinder does so less.
      const d = 2 * Math.PI * (at - a / 720);
      const own = o.slow?.[k] ?? 1;
      local +=
        o.swing * own * Math.sin(Math.min(Math.PI, Math.max(-Math.PI, (wrap(d) * o.plan.order.length) / 2)));
    });
    angle += ((base * local * (1 + size * Math.sin(2 * Math.PI * wander * t))) / 60) * 360 * (1 / o.rate);
  }
  return out;
}

const wrap = (x: number): number => x - 2 * Math.PI * Math.round(x / (2 * Math.PI));

/** Seconds at which a turning crank passes an angle of its cycle, with the number of the cycle. */
export function passes(angle: Float64Array, at: number, cycle: number, rate: number): number[] {
  const out: number[] = [];
  for (let i = 1; i < angle.length; i++) {
    const k = Math.floor((angle[i]! - at) / cycle);
    const before = Math.floor((angle[i - 1]! - at) / cycle);
    if (k > before) {
      const x = (at + k * cycle - angle[i - 1]!) / (angle[i]! - angle[i - 1]!);
      out.push((i - 1 + x) / rate);
    }
  }
  return out;
}

/** Narrow pulses at moments, as a clamp or a coil driver gives them. */
export function pulsesAt(
  times: readonly number[],
  o: { rate: number; n: number; height: number; width: number },
): Float32Array {
  const s = new Float32Array(o.n);
  for (const t of times) {
    const a = Math.round(t * o.rate);
    for (let i = a; i < Math.min(o.n, a + Math.max(2, Math.round(o.width * o.rate))); i++)
      if (i >= 0) s[i] = o.height;
  }
  return s;
}

/** Mean square around the mean: what a signal-to-noise ratio is counted from. */
export function power(s: Float32Array): number {
  let sum = 0;
  let squares = 0;
  let n = 0;
  for (const v of s) {
    if (v !== v) continue;
    sum += v;
    squares += v * v;
    n++;
  }
  return squares / n - (sum / n) ** 2;
}

/**
 * Spoils a signal as instruments do: noise of a given ratio, a hum, steps of the converter, now and then a
 * clipped range.
 *
 * @param snr decibels, power of the signal's swing over that of the noise
 * @param from power that the ratio is counted from, where the signal itself is mostly rest
 */
export function spoiled(
  s: Float32Array,
  snr: number,
  r: Random,
  from = power(s),
  clip = false,
): Float32Array {
  const sigma = Math.sqrt(from / 10 ** (snr / 10));
  // A sixth of the noise is hum, the rest is white.
  const hum = chance(r, 0.5) ? sigma * 0.4 * Math.SQRT2 : 0;
  const white = hum > 0 ? sigma * Math.sqrt(1 - 0.16) : sigma;
  const w = between(r, 0.0005, 0.02) * 2 * Math.PI;
  let low = Infinity;
  let high = -Infinity;
  for (const v of s) {
    if (v < low) low = v;
    if (v > high) high = v;
  }
  const range = (high - low) * between(r, 1.1, 2) || 1;
  const bits = pick(r, [8, 10, 12, 16]);
  const lsb = range / 2 ** bits;
  const top = clip ? high - 0.12 * (high - low) : Infinity;
  return s.map((v, i) => {
    const x = v + white * normal(r) + hum * Math.sin(w * i);
    return Math.min(top, Math.round(x / lsb) * lsb);
  });
}

export const channel = (name: string, unit: string, samples: Float32Array, rate: number): Channel => ({
  name,
  unit,
  samples,
  interval: 1 / rate,
  start: 0,
});

/** Judges a verdict by what is wrong: each name found faulty must be so, and each faulty one found. */
export function judgeNames(found: { fail: string[]; unsure: string[] }, truth: readonly string[]): Judgement {
  const false_ = found.fail.some((f) => !truth.includes(f));
  if (false_) return 'wrong';
  const missed = truth.filter((t) => !found.fail.includes(t));
  if (missed.some((m) => !found.unsure.includes(m))) return 'wrong';
  return missed.length > 0 || found.unsure.length > 0 ? 'unsure' : 'right';
}

/** The two channels of a cam analysis, spoiled alike. */
export const crankAndCam = (
  crank: Float32Array,
  cam: Float32Array,
  o: { snr: number; r: Random; rate: number },
): AnalysisInput => ({
  channels: {
    crank: [channel('crank', 'V', spoiled(crank, o.snr, o.r), o.rate)],
    cam: [channel('cam', 'V', spoiled(cam, o.snr, o.r), o.rate)],
  },
});
