import { Refusal } from '@/core/checks/contract';
import type { Channel } from '../../channel';
import { converterStep, median, noiseOf, smooth } from '../../signal';
import { onOneGrid, spanOf } from './steps';
import { timeConstant } from './sluggish';

/** What an answer is for a command: `gain × command + offset`. */
export interface Scale {
  gain: number;
  offset: number;
}

/** How an answer goes along with a command over the whole of a recording. Shares are of the command's range. */
export interface StepResponse {
  scale: Scale;
  /** Whether the scale was found in this recording. */
  learned: boolean;
  /** Seconds by which the answer comes after the command; what lies between two samples is not told. */
  lag: number;
  /** Whether the answer lies clearly better so late than at once. */
  lagSeen: boolean;
  /** Seconds between two samples. */
  interval: number;
  /** Share of the samples that lie on the scale. */
  onScale: number;
  stuck: boolean;
  /** Middle distance from the command where it stands still, as a share; told against a known scale only. */
  error: number;
  /**
   * The answer goes no further than here, though the command does; in the answer's unit. Seen where the command moved
   * on while the answer stood, or where the scale is known.
   */
  bound: { at: number; low: boolean; share: number; seen: boolean } | undefined;
  /** Levels that the command stood at or went through. */
  levels: number;
  /** What is left when the command is back at rest, as a share; NaN when it does not come back or not for long enough. */
  left: number;
  /** Where the answer stands then, and where it stood at first. */
  ends: { first: number; last: number };
  /** Uncertainty of the shares. */
  doubt: number;
  /** Seconds at which the command last came back to rest. */
  backAt: number;
  /** Where the answer lies on the command slowed down: the time constant in seconds, and the share that lies on it. */
  slow: { constant: number; share: number } | undefined;
}

const POINTS = 1500;
/** Share of samples that have to differ from the one before for their differences to tell a converter's step. */
const CHANGES = 0.1;
/** The answer may come so late, as a share of the recording, and no more seconds than this. */
const LATEST = 0.2;
const LATEST_SECONDS = 60;
/** Samples within this share of the answer's own span of a scale lie on it. */
const NEAR = 0.06;
/** Of an answer of which less lies on its command it is tried whether it comes slowly. */
const SLUGGISH = 0.8;
/** A scale flatter than this share of span over range is no scale: nothing follows. */
const FLATTEST = 0.3;

/** A command as it was some seconds before each sample. */
function delayed(u: Float32Array, samples: number): Float32Array {
  const whole = Math.floor(samples);
  const f = samples - whole;
  return u.map((_, i) => {
    const a = u[Math.max(0, i - whole)]!;
    const b = u[Math.max(0, i - whole - 1)]!;
    return a + (b - a) * f;
  });
}

/**
 * The scale that samples lie on best: of the lines through pairs of samples the one nearest to most, what lies off it
 * counting no more the further off it is (sample consensus, Fischler & Bolles 1981, with the cost of Torr & Zisserman
 * 2000), laid through those that lie on it.
 *
 * @param near distance from a line that still lies on it
 */
export function learnScale(u: Float32Array, y: Float32Array, near: number): Scale & { share: number } {
  const range = spanOf(u);
  const span = spanOf(y);
  let best = { gain: 0, offset: median(y), share: 0 };
  let least = Infinity;
  const n = u.length;
  const step = Math.max(1, Math.floor(n / 40));
  const look = Math.max(1, Math.floor(n / 300));
  for (let a = 0; a < n; a += step)
    for (let b = a + step; b < n; b += step) {
      const du = u[b]! - u[a]!;
      if (Math.abs(du) < 0.25 * range) continue;
      const gain = (y[b]! - y[a]!) / du;
      if (!(Math.abs(gain) * range > FLATTEST * span)) continue;
      const offset = y[a]! - gain * u[a]!;
      let on = 0;
      let cost = 0;
      for (let i = 0; i < n; i += look) {
        const off = Math.abs(y[i]! - gain * u[i]! - offset);
        if (off < near) on++;
        cost += Math.min(off / near, 1) ** 2;
      }
      if (cost < least) {
        least = cost;
        best = { gain, offset, share: (on * look) / n };
      }
    }
  if (best.share === 0) return best;
  // Least squares over the company alone.
  let [k, su, sy, suu, suy] = [0, 0, 0, 0, 0];
  for (let i = 0; i < n; i++) {
    if (Math.abs(y[i]! - best.gain * u[i]! - best.offset) >= near) continue;
    k++;
    su += u[i]!;
    sy += y[i]!;
    suu += u[i]! * u[i]!;
    suy += u[i]! * y[i]!;
  }
  const d = k * suu - su * su;
  if (!(d > 1e-9 * k * suu)) return best;
  const gain = (k * suy - su * sy) / d;
  return { gain, offset: (sy - gain * su) / k, share: best.share };
}

/**
 * A scale found without the samples at one end of the command, where those lie clear of it: an answer that stands at a
 * bound for most of the time would otherwise bend the scale to itself.
 *
 * @returns undefined where the rest of the recording holds too little to tell, or agrees
 */
function withoutEnd(u: Float32Array, y: Float32Array, o: { near: number; low: boolean }): Scale | undefined {
  const range = spanOf(u);
  const span = spanOf(y);
  const edge = o.low
    ? u.reduce((a, v) => Math.min(a, v), Infinity) + 0.12 * range
    : u.reduce((a, v) => Math.max(a, v), -Infinity) - 0.12 * range;
  const at = (i: number) => (o.low ? u[i]! < edge : u[i]! > edge);
  const rest = u.map((_, i) => i).filter((i) => !at(i));
  if (rest.length < 12 || rest.length > u.length - 4) return undefined;
  const [x, z] = [rest.map((i) => u[i]!), rest.map((i) => y[i]!)];
  if (levelsOf(x, range) < 3 || spanOf(x) < 0.3 * range) return undefined;
  const scale = learnScale(x, z, o.near);
  if (scale.share < 0.7 || scale.gain === 0) return undefined;
  const end = u.map((_, i) => i).filter(at);
  const off = median(end.map((i) => y[i]! - scale.gain * u[i]! - scale.offset));
  // Only short of what is asked; an end that goes further is bent, not bound.
  const short = Math.sign(off) === Math.sign(scale.gain) * (o.low ? 1 : -1);
  return short && Math.abs(off) > Math.max(NEAR * span, 1.5 * o.near) ? scale : undefined;
}

/** The command slowed down that the answer lies on best. */
function slowOf(
  u: Float32Array,
  y: Float32Array,
  o: { scale: Scale | undefined; tight: number; near: number },
): ReturnType<typeof timeConstant> {
  return timeConstant(u, (slowed) => {
    const s = o.scale ?? learnScale(slowed, y, o.tight);
    return y.filter((v, i) => Math.abs(v - s.gain * slowed[i]! - s.offset) < o.near).length / y.length;
  });
}

/**
 * Lays an answer on a command over the whole recording: scale, lag, and where they part. For what is too slow or too
 * gradual to be told step by step.
 *
 * @param scale what the answer should be; undefined to find it in the recording
 */
export function courseOf(command: Channel, answer: Channel, scale: Scale | undefined): StepResponse {
  const { t0, step, u, y } = onOneGrid(command, answer, POINTS);
  const range = spanOf(u);
  if (!(range > 0 && spanOf(smooth(u, 5)) > 6 * noiseOf(u)))
    throw new Refusal(`The command "${command.name}" does not move in this stretch.`);
  const span = spanOf(y);
  // An answer that only jumps now and then shows its jumps, not the step of a converter.
  const changes = y.reduce((n, v, i) => n + (i > 0 && v !== y[i - 1] ? 1 : 0), 0);
  const noise = Math.max(noiseOf(y), changes > CHANGES * y.length ? 0.3 * converterStep(y) : 0);
  const near = Math.max(NEAR * (scale ? Math.abs(scale.gain) * range : span), 3 * noise);
  const tight = Math.max(0.02 * span, 3 * noise);
  const most = Math.min(LATEST * u.length, LATEST_SECONDS / step);
  let atOnce = Infinity;
  let found = { lag: 0, cost: Infinity, scale: scale ?? { gain: 0, offset: median(y) } };
  for (let lag = 0; lag <= most; lag += lag < 8 ? 0.25 : 1) {
    const x = delayed(u, lag);
    const s = scale ?? learnScale(x, y, tight);
    const off = y.map((v, i) => v - s.gain * x[i]! - s.offset);
    // A constant distance is the scale's affair, not the lag's; and no sample weighs more than a clear miss.
    const middle = scale ? median(off) : 0;
    const cap = 0.5 * Math.max(Math.abs(s.gain) * range, span);
    let cost = 0;
    for (const v of off) cost += Math.min(Math.abs(v - middle), cap);
    if (lag === 0) atOnce = cost;
    // A later answer must lie clearly better: of two alike the earlier holds.
    if (cost < found.cost * 0.98) found = { lag, cost, scale: { gain: s.gain, offset: s.offset } };
  }
  const x = delayed(u, found.lag);
  if (!scale)
    found.scale =
      withoutEnd(x, y, { near: tight, low: true }) ??
      withoutEnd(x, y, { near: tight, low: false }) ??
      found.scale;
  const { gain, offset } = found.scale;
  const off = y.map((v, i) => v - gain * x[i]! - offset);
  const middle = scale ? median(off) : 0;
  const on = off.filter((v) => Math.abs(v - middle) < near).length / off.length;
  const moved = scale ? 0.08 * Math.abs(scale.gain) * range + 2 * noise : 7 * noise;
  const still = stillOf(x, range);
  const whole = Math.max(Math.abs(gain) * range, 1e-12);
  const bound = boundOf(x, y, { scale: found.scale, near, range, known: scale !== undefined });
  const within = (i: number) => !bound || (bound.low ? y[i]! > bound.at + near : y[i]! < bound.at - near);
  const rests = restsOf(u, y, range, Math.ceil(found.lag) + 2);
  const slow = on < SLUGGISH ? slowOf(u, y, { scale, tight, near }) : undefined;
  return {
    scale: found.scale,
    learned: scale === undefined,
    lag: found.lag * step,
    lagSeen: found.cost < 0.85 * atOnce,
    interval: step,
    onScale: on,
    stuck: span <= moved,
    error: median(off.filter((_, i) => still[i] && within(i)).map(Math.abs)) / whole,
    bound,
    levels: levelsOf(x, range),
    left: (rests.last - rests.first) / whole,
    ends: { first: rests.first, last: rests.last },
    doubt: noise / whole,
    backAt: t0 + rests.backAt * step,
    slow: slow && { constant: slow.samples * step, share: slow.share },
  };
}

/** Whether a command has stood still for a few samples. */
function stillOf(x: Float32Array, range: number): boolean[] {
  const still = Array.from(x, (v, i) =>
    i < 3 ? false : [1, 2, 3].every((k) => Math.abs(v - x[i - k]!) < 0.03 * range),
  );
  return still.filter(Boolean).length >= 8 ? still : still.map(() => true);
}

/** Of ten equal bands of its range, those in which a command spent time. */
function levelsOf(x: Float32Array, range: number): number {
  const low = x.reduce((a, v) => Math.min(a, v), Infinity);
  const count = new Float64Array(11);
  for (const v of x) count[Math.min(10, Math.max(0, Math.floor(((v - low) / range) * 10)))]!++;
  return count.filter((n) => n >= Math.max(3, 0.03 * x.length)).length;
}

/** Where the answer stands before the command first moves, and after it last came back. */
function restsOf(u: Float32Array, y: Float32Array, range: number, pause: number) {
  const at = median(u.subarray(0, Math.max(3, Math.floor(u.length / 40))));
  const away = (i: number) => Math.abs(u[i]! - at) > 0.08 * range;
  let first = 0;
  while (first < u.length && !away(first)) first++;
  let last = u.length;
  while (last > 0 && !away(last - 1)) last--;
  const enough = first >= 3 && u.length - last - pause >= 3;
  return {
    backAt: last,
    first: median(y.subarray(0, first)),
    last: enough ? median(y.subarray(last + pause)) : NaN,
  };
}

/** A value that the answer does not pass, though the command goes on: at either end of its range. */
function boundOf(
  x: Float32Array,
  y: Float32Array,
  o: { scale: Scale; near: number; range: number; known: boolean },
): StepResponse['bound'] {
  const { gain, offset } = o.scale;
  if (gain === 0) return undefined;
  const expected = x.map((v) => gain * v + offset);
  for (const low of [true, false]) {
    const sign = low ? 1 : -1;
    // The furthest the answer goes to this side, by what several samples say.
    const sorted = Float32Array.from(y).sort();
    const few = Math.max(2, Math.floor(0.02 * y.length));
    const at = low ? sorted[few]! : sorted[sorted.length - 1 - few]!;
    const beyond = [...expected.keys()].filter((i) => sign * (at - expected[i]!) > o.near);
    if (beyond.length < Math.max(4, 0.04 * y.length)) continue;
    const stays = beyond.filter((i) => Math.abs(y[i]! - at) < 1.5 * o.near).length;
    const others = y.length - beyond.length;
    const follows = [...expected.keys()].filter(
      (i) => sign * (at - expected[i]!) <= o.near && Math.abs(y[i]! - expected[i]!) < o.near,
    ).length;
    if (stays < 0.8 * beyond.length || follows < 0.7 * others) continue;
    const part = beyond.map((i) => y[i]!);
    const past = [...expected.keys()].filter((i) => sign * (at - expected[i]!) > 0);
    const moved = spanOf(Float32Array.from(past, (i) => x[i]!)) > 0.08 * o.range;
    const furthest = Math.max(...beyond.map((i) => sign * (at - expected[i]!)));
    return { at: median(part), low, seen: o.known || moved, share: furthest / (Math.abs(gain) * o.range) };
  }
  return undefined;
}
