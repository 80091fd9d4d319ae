import type { Channel } from './channel';
import { median, noiseOf, quantile } from './signal';

/** Where the crank stands at any moment: marks one cycle apart, in between by even turning. */
export interface CrankClock {
  /** Seconds at which each cycle begins. */
  marks: number[];
  /** Degrees from mark to mark. */
  cycle: number;
  /** Marks that were missing and put in between their neighbours. */
  mended: number;
}

/**
 * Moments at which a trigger channel fires: ignition or injection pulses of one cylinder, a clamp on a
 * plug lead, a cam sensor with one tooth. Pulses in quick succession (several sparks of one stroke) count
 * once, at the first.
 *
 * @returns seconds, rising; none when nothing stands out of the noise
 */
export const triggersOf = (c: Channel): number[] => onceAStroke(firingsOf(c));

/** Blocks that the usual reach of pulses is looked for in. */
const BLOCKS = 8;

/**
 * How far pulses usually reach out of a channel's rest, and to which side: the upper part of what blocks of
 * the signal reach, so that one wild block does not set it.
 */
export function reachOf(s: Float32Array): { rest: number; sign: 1 | -1; level: number } {
  const rest = quantile(s, 0.5);
  const up: number[] = [];
  const down: number[] = [];
  for (let k = 0; k < BLOCKS; k++) {
    let high = 0;
    let low = 0;
    const end = Math.floor(((k + 1) * s.length) / BLOCKS);
    for (let i = Math.floor((k * s.length) / BLOCKS); i < end; i++) {
      const v = s[i]! - rest;
      if (v > high) high = v;
      if (v < low) low = v;
    }
    up.push(high);
    down.push(-low);
  }
  const [high, low] = [quantile(up, 0.7), quantile(down, 0.7)];
  return { rest, sign: high >= low ? 1 : -1, level: Math.max(high, low) };
}

/**
 * Moments at which a channel rises out of its rest as far as its pulses usually do, each of them. Works for
 * either polarity.
 *
 * @param rise share of the usual height that counts as a pulse
 * @param fall share below which the next one is waited for
 * @returns seconds, rising; none when nothing stands out of the noise
 */
export function firingsOf(c: Channel, rise = 0.55, fall = 0.3): number[] {
  const s = c.samples;
  const { rest, sign, level } = reachOf(s);
  if (!(level > 7 * noiseOf(s))) return [];
  const times: number[] = [];
  let armed = true;
  for (let i = 0; i < s.length; i++) {
    const v = sign * (s[i]! - rest);
    if (armed && v > rise * level) {
      const before = i > 0 ? sign * (s[i - 1]! - rest) : 0;
      const back = v > before && before === before ? Math.min(1, (v - rise * level) / (v - before)) : 0;
      times.push(c.start + (i - back) * c.interval);
      armed = false;
    } else if (!armed && v < fall * level) armed = true;
  }
  return times;
}

/** Leaves out pulses that follow another within a third of the usual distance. */
function onceAStroke(times: readonly number[]): number[] {
  if (times.length < 3) return [...times];
  // Of many pulses in bursts the distance between bursts is the one that fills the time.
  const gaps = times.slice(1).map((t, i) => t - times[i]!);
  const byLength = [...gaps].sort((a, b) => b - a);
  const whole = gaps.reduce((a, b) => a + b, 0);
  let sum = 0;
  let usual = byLength[0]!;
  for (const g of byLength) {
    sum += g;
    usual = g;
    if (sum >= whole / 2) break;
  }
  const kept: number[] = [times[0]!];
  for (const t of times.slice(1)) if (t - kept.at(-1)! > usual / 3) kept.push(t);
  return kept;
}

/**
 * Crank position from marks that come once a cycle. A mark that is missing (a distance of about twice its
 * neighbours') is put in.
 *
 * @param times seconds, rising
 * @param cycle degrees from mark to mark: 720, or 360
 * @returns undefined with fewer than two marks
 */
export function crankClock(times: readonly number[], cycle: number): CrankClock | undefined {
  if (times.length < 2) return undefined;
  const gaps = times.slice(1).map((t, i) => t - times[i]!);
  const marks = [times[0]!];
  let mended = 0;
  gaps.forEach((gap, i) => {
    const around = median(gaps.slice(Math.max(0, i - 2), i + 3));
    const missing = Math.min(3, Math.max(0, Math.round(gap / around) - 1));
    for (let k = 1; k <= missing; k++) marks.push(times[i]! + (gap * k) / (missing + 1));
    mended += missing;
    marks.push(times[i + 1]!);
  });
  return { marks, cycle, mended };
}

/**
 * Degrees since the first mark; beyond the first and last mark by up to half a cycle at their speed.
 *
 * @returns NaN further out
 */
export function angleAt(clock: CrankClock, seconds: number): number {
  const { marks, cycle } = clock;
  let a = 0;
  let b = marks.length - 1;
  while (a < b - 1) {
    const m = (a + b) >> 1;
    if (marks[m]! <= seconds) a = m;
    else b = m;
  }
  const x = a + (seconds - marks[a]!) / (marks[a + 1]! - marks[a]!);
  return x < -0.5 || x > marks.length - 0.5 ? NaN : x * cycle;
}

/** Moment of an angle counted from the first mark, in seconds; extrapolated like `angleAt`. */
export function timeOfAngle(clock: CrankClock, degrees: number): number {
  const x = degrees / clock.cycle;
  const i = Math.min(Math.max(Math.floor(x), 0), clock.marks.length - 2);
  return clock.marks[i]! + (x - i) * (clock.marks[i + 1]! - clock.marks[i]!);
}

/** Revolutions per minute at a moment. */
export function speedAt(clock: CrankClock, seconds: number): number {
  const { marks } = clock;
  let i = marks.findIndex((m) => m > seconds) - 1;
  if (i < 0) i = seconds < marks[0]! ? 0 : marks.length - 2;
  return (clock.cycle / 360 / (marks[i + 1]! - marks[i]!)) * 60;
}
