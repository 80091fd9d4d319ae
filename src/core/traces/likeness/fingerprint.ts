import { endOf, type Channel } from '../channel';
import { crankClock, triggersOf } from '../crank';
import { mod } from '../engine';
import { bin, noiseOf, quantiles } from '../signal';

/** Even windows that the whole of a channel is looked at in. */
export const WINDOWS = 96;
/** Slices of a cycle, or of a channel's own period. */
export const SLICES = 96;
/** Harmonics of the cycle, as shares of the strongest. */
export const HARMONICS = 24;
/** Steps of the distribution of values. */
export const STEPS = 16;
/** Windows that a marked stretch is looked for in. */
const FINE = 768;

/** What a channel looks like, free of its size, its offset and how fast it went. */
export interface ChannelPrint {
  name: string;
  unit: string;
  /** Mean of each window, brought to mean 0 and deviation 1. */
  course: Float32Array;
  /** How far it swings in each window, as a share of the most. */
  swing: Float32Array;
  /** Mean of each slice of a cycle, brought to mean 0 and deviation 1; empty where nothing repeats. */
  cycle: Float32Array;
  /** Strength of the cycle's harmonics, as shares of the strongest: free of where the cycle begins. */
  harmonics: Float32Array;
  /** Values below which so many of the samples lie, between its lowest 0 and its highest 1. */
  steps: Float32Array;
  /** Noise as a share of the swing. */
  rough: number;
  /** Mean of each of many windows, brought to mean 0 and deviation 1: what a marked stretch is looked for in. */
  fine: Float32Array;
  /** Seconds that it spans. */
  from: number;
  to: number;
}

/** The shape of a recording, channel by channel. */
export interface Fingerprint {
  channels: ChannelPrint[];
}

const TRIGGER = /trig|sync|cyl(inder)? ?\d|coil 1\b/i;
/** A signal repeats itself when it goes so well with itself one period later. */
const REPEATS = 0.6;
/** Points that a period is looked for with. */
const POINTS = 4096;

/** Brought to mean 0 and deviation 1; all 0 where it does not move. */
export function normalised(x: ArrayLike<number>): Float32Array {
  let [n, sum, squares] = [0, 0, 0];
  for (let i = 0; i < x.length; i++) {
    const v = x[i]!;
    if (v !== v) continue;
    n++;
    sum += v;
    squares += v * v;
  }
  const mean = sum / n;
  const deviation = Math.sqrt(Math.max(0, squares / n - mean * mean));
  return Float32Array.from(x, (v) =>
    v === v && deviation > 1e-9 * Math.abs(mean || 1) ? (v - mean) / deviation : 0,
  );
}

/** Mean and range of even windows. */
function windowsOf(s: Float32Array, count: number): { mean: Float32Array; range: Float32Array } {
  const mean = new Float32Array(count);
  const range = new Float32Array(count);
  for (let w = 0; w < count; w++) {
    const from = Math.floor((w * s.length) / count);
    const to = Math.max(from + 1, Math.floor(((w + 1) * s.length) / count));
    let [n, sum, low, high] = [0, 0, Infinity, -Infinity];
    for (let i = from; i < to; i++) {
      const v = s[i]!;
      if (v !== v) continue;
      n++;
      sum += v;
      if (v < low) low = v;
      if (v > high) high = v;
    }
    const before = w > 0 ? mean[w - 1]! : 0;
    mean[w] = n > 0 ? sum / n : before;
    range[w] = n > 0 ? high - low : 0;
  }
  return { mean, range };
}

/** Samples of one period by the signal's correlation with itself; undefined where it does not repeat. */
function periodOf(s: Float32Array): number | undefined {
  const by = Math.max(1, Math.floor(s.length / POINTS));
  const x = normalised(bin(s, by));
  const most = Math.floor(x.length / 4);
  const r = new Float64Array(most);
  for (let k = 1; k < most; k++) {
    let sum = 0;
    for (let i = 0; i + k < x.length; i++) sum += x[i]! * x[i + k]!;
    r[k] = sum / (x.length - k);
  }
  // Past the first fall, the first peak nearly as high as any.
  let from = 2;
  while (from < most && r[from]! > 0.3) from++;
  let top = 0;
  for (let k = from; k < most; k++) top = Math.max(top, r[k]!);
  if (top < REPEATS) return undefined;
  for (let k = from + 1; k + 1 < most; k++)
    if (r[k]! > 0.92 * top && r[k]! >= r[k - 1]! && r[k]! >= r[k + 1]!) return k * by;
  return undefined;
}

/** Mean of a signal over slices of cycles that begin at given samples. */
function foldedOver(s: Float32Array, starts: readonly number[]): Float32Array {
  const sum = new Float64Array(SLICES);
  const n = new Float64Array(SLICES);
  for (let c = 0; c + 1 < starts.length; c++) {
    const [a, b] = [starts[c]!, starts[c + 1]!];
    for (let i = Math.max(0, Math.ceil(a)); i < Math.min(s.length, b); i++) {
      const v = s[i]!;
      if (v !== v) continue;
      const k = Math.min(SLICES - 1, Math.floor(((i - a) / (b - a)) * SLICES));
      sum[k]! += v;
      n[k]!++;
    }
  }
  let last = 0;
  return normalised(sum.map((v, k) => (n[k]! > 0 ? (last = v / n[k]!) : last)));
}

/** Strengths of the first harmonics of a cycle, as shares of the strongest. */
function harmonicsOf(cycle: Float32Array): Float32Array {
  const out = new Float32Array(HARMONICS);
  for (let h = 1; h <= HARMONICS; h++) {
    let [re, im] = [0, 0];
    for (let k = 0; k < SLICES; k++) {
      const a = (2 * Math.PI * h * k) / SLICES;
      re += cycle[k]! * Math.cos(a);
      im += cycle[k]! * Math.sin(a);
    }
    out[h - 1] = Math.hypot(re, im);
  }
  const most = Math.max(...out);
  return most > 0 ? out.map((v) => v / most) : out;
}

function printOf(c: Channel, marks: readonly number[] | undefined): ChannelPrint {
  const s = c.samples;
  const { mean, range } = windowsOf(s, WINDOWS);
  const most = Math.max(...range, 1e-30);
  const [low, high] = quantiles(s, [0.005, 0.995]) as [number, number];
  const span = Math.max(high - low, 1e-30);
  const shares = Array.from({ length: STEPS }, (_, i) => (i + 0.5) / STEPS);
  const period = marks ? undefined : periodOf(s);
  const byPeriod = period
    ? Array.from({ length: Math.floor(s.length / period) + 1 }, (_, i) => i * period)
    : [];
  const starts = marks?.map((t) => (t - c.start) / c.interval) ?? byPeriod;
  const cycle = starts.length > 2 ? foldedOver(s, starts) : new Float32Array(0);
  return {
    name: c.name,
    unit: c.unit,
    course: normalised(mean),
    swing: range.map((v) => v / most),
    cycle,
    harmonics: cycle.length > 0 ? harmonicsOf(cycle) : new Float32Array(HARMONICS),
    steps: Float32Array.from(quantiles(s, shares), (v) => (v - low) / span),
    rough: Math.min(1, noiseOf(s) / span),
    fine: normalised(windowsOf(s, Math.min(FINE, Math.max(WINDOWS, s.length))).mean),
    from: c.start,
    to: endOf(c),
  };
}

/**
 * The shape of a recording: of each channel its course and swing over the whole, its mean cycle (over crank angle
 * where a channel gives the clock, else over its own period) and how its values are spread.
 *
 * @example two recordings of one fault, one twice as loud and half as fast, have nearly the same fingerprint
 */
export function fingerprintOf(channels: readonly Channel[]): Fingerprint {
  const trigger = channels.find((c) => TRIGGER.test(c.name));
  const clock = trigger && channels.length > 1 ? crankClock(triggersOf(trigger), 720) : undefined;
  const marks = clock && clock.marks.length > 3 ? clock.marks : undefined;
  // A clock has told all it has to tell once the others lie over it: its own narrow pulses fall where they fall.
  const shapes = marks ? channels.filter((c) => c !== trigger) : channels;
  return { channels: shapes.map((c) => printOf(c, marks)) };
}

/** A cycle that begins at another slice. */
export const turned = (cycle: Float32Array, by: number): Float32Array =>
  cycle.map((_, k) => cycle[mod(k + by, cycle.length)]!);
