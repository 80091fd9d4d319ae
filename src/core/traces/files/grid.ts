import type { Channel } from '../channel';
import { quantiles } from '../signal';
import { Unreadable } from './read-as';

interface Named {
  name: string;
  unit: string;
  samples: Float32Array;
}

/** Steps that differ by less than this share of the usual one are the same step, unevenly written. */
const EVEN = 0.02;
/** An even grid may have this many times the samples that were given, before gaps are left out of it. */
const MOST_FILL = 4;

/**
 * Puts samples with their moments onto even steps. Where the moments are even already nothing is moved;
 * where some are missing the gap is filled with missing samples; where they are uneven, as a data logger
 * gives them, each value holds until the next one.
 *
 * @param times seconds, rising
 * @param lineOf line of the file that a sample stood on, for messages
 * @returns channels on one grid, and what was done
 * @throws Unreadable when time runs backwards or stands still
 */
export function onEvenSteps(
  times: Float64Array,
  columns: readonly Named[],
  lineOf: (i: number) => string,
): { channels: Channel[]; notes: string[] } {
  const n = times.length;
  if (n < 2) throw new Unreadable('There is only one sample in it; a trace needs at least two.');
  const steps = new Float64Array(n - 1);
  for (let i = 1; i < n; i++) {
    const step = times[i]! - times[i - 1]!;
    if (step < 0)
      throw new Unreadable(
        `Time runs backwards at ${lineOf(i)}: ${seconds(times[i]!)} after ${seconds(times[i - 1]!)}. Cut the file there, or read it by its sample rate instead of its time column.`,
      );
    steps[i - 1] = step;
  }
  const spread = coarselyEven(times, steps);
  if (spread !== undefined)
    return {
      channels: columns.map((c) => ({ ...c, interval: spread, start: times[0]! })),
      notes: [
        `Time is written too coarsely to tell samples apart; they are spread evenly, ${seconds(spread)} apart.`,
      ],
    };
  const [usual] = quantiles(steps, [0.5], 200_000) as [number];
  if (!(usual > 0))
    throw new Unreadable(
      `The time column stands still (${seconds(times[0]!)} over and over). Choose another time column, or read the file by its sample rate.`,
    );
  const notes: string[] = [];
  const interval = refined(times, usual);
  const { even, gaps } = evenness(times, steps, interval);
  if (even && gaps === 0)
    return {
      channels: columns.map((c) => ({ ...c, interval, start: times[0]! })),
      notes,
    };
  const total = Math.round((times[n - 1]! - times[0]!) / interval) + 1;
  if (total > Math.max(n * MOST_FILL, 2_000_000))
    throw new Unreadable(
      `Between samples lie ${seconds(usual)}, but the file spans ${seconds(times[n - 1]! - times[0]!)} with long breaks in it. Cut it into its parts and take each.`,
    );
  if (even) {
    notes.push(
      `${gaps} ${gaps === 1 ? 'gap' : 'gaps'} in the recording, the first at ${seconds(firstGap(times, interval))}; left open.`,
    );
    return { channels: columns.map((c) => filled(c, times, interval, total, false)), notes };
  }
  const [low, high] = quantiles(steps, [0.02, 0.98], 200_000) as [number, number];
  const fine = finestOf(steps, [low, interval], times[n - 1]! - times[0]!);
  const count = Math.round((times[n - 1]! - times[0]!) / fine) + 1;
  notes.push(
    `Steps vary from ${seconds(low)} to ${seconds(high)}; put onto even steps of ${seconds(fine)}, each value held until the next.`,
  );
  return { channels: columns.map((c) => filled(c, times, fine, count, true)), notes };
}

/** Samples that uneven steps may be spread over, however few were given. */
const MOST_HELD = 200_000;

/** The finest step that still makes no more samples than the recording is worth: the finer, the fewer are lost. */
function finestOf(steps: Float64Array, otherwise: readonly number[], span: number): number {
  const most = Math.max(MOST_FILL * steps.length, MOST_HELD);
  let least = Infinity;
  for (const s of steps) if (s > 0 && s < least) least = s;
  return [least, ...otherwise].find((s) => s > 0 && span / s <= most) ?? otherwise.at(-1)!;
}

/**
 * Even samples whose times have too few digits: neighbours share a time, steps are none, one or two of the
 * last digit, and each time is the even one rounded.
 *
 * @returns the true step, or undefined when this is not so
 */
function coarselyEven(times: Float64Array, steps: Float64Array): number | undefined {
  let digit = Infinity;
  for (const s of steps) if (s > 0 && s < digit) digit = s;
  const n = times.length;
  const mean = (times[n - 1]! - times[0]!) / (n - 1);
  if (!(mean > 0) || mean > 1.9 * digit) return undefined;
  let same = 0;
  for (let i = 1; i < n; i++) {
    const step = steps[i - 1]! / digit;
    if (Math.abs(step - Math.round(step)) > 0.02) return undefined;
    if (Math.round(step) === 0) same++;
    if (Math.abs(times[i]! - times[0]! - i * mean) > 1.05 * digit) return undefined;
  }
  return same > 0 ? mean : undefined;
}

/** The step over a whole unbroken run, which rounding in the file disturbs least. */
function refined(times: Float64Array, usual: number): number {
  let steps = 0;
  let span = 0;
  for (let i = 1; i < times.length; i++) {
    const step = times[i]! - times[i - 1]!;
    if (step < 1.5 * usual) {
      steps++;
      span += step;
    }
  }
  const mean = steps > 0 ? span / steps : usual;
  return Math.abs(mean - usual) < 0.2 * usual ? mean : usual;
}

/** Whether all moments lie on the grid (within rounding), gaps apart, and how many gaps there are. */
function evenness(times: Float64Array, steps: Float64Array, interval: number) {
  let gaps = 0;
  let off = 0;
  // What the last digits of a double make of a large time.
  const digit = Math.max(...[times[times.length - 1]!, times[0]!].map(Math.abs)) * 1e-12;
  let origin = times[0]!;
  let k = 0;
  for (let i = 1; i < times.length; i++) {
    k++;
    const step = steps[i - 1]!;
    if (step > 1.6 * interval) {
      const whole = Math.round(step / interval);
      if (Math.abs(step / interval - whole) > 0.3) off++;
      gaps++;
      origin = times[i]!;
      k = 0;
      continue;
    }
    const d = Math.abs(times[i]! - origin - k * interval);
    if (d > interval * (0.5 + EVEN) + digit) off++;
  }
  const even = off <= times.length * 0.001 && gaps <= Math.max(3, times.length * 0.02);
  return { even, gaps };
}

function firstGap(times: Float64Array, interval: number): number {
  for (let i = 1; i < times.length; i++) if (times[i]! - times[i - 1]! > 1.6 * interval) return times[i - 1]!;
  return times[0]!;
}

function filled(c: Named, times: Float64Array, interval: number, total: number, hold: boolean): Channel {
  const samples = new Float32Array(total).fill(NaN);
  for (let i = 0; i < times.length; i++) {
    const a = Math.round((times[i]! - times[0]!) / interval);
    const b = hold && i + 1 < times.length ? Math.round((times[i + 1]! - times[0]!) / interval) : a + 1;
    samples.fill(c.samples[i]!, a, Math.max(b, a + 1));
  }
  return { ...c, samples, interval, start: times[0]! };
}

const SPANS = [
  [1, 's'],
  [1e-3, 'ms'],
  [1e-6, 'µs'],
] as const;

/** A moment or span with a unit one would say. */
export function seconds(s: number): string {
  const [least, unit] = SPANS.find(([from]) => Math.abs(s) >= from || s === 0) ?? [1e-9, 'ns'];
  return `${Number((s / least).toPrecision(6))} ${unit}`;
}
