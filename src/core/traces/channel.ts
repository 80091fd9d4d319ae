/** One sampled signal: even steps from `start` on. A sample that is missing is NaN. */
export interface Channel {
  name: string;
  unit: string;
  samples: Float32Array;
  /** Seconds from one sample to the next. */
  interval: number;
  /** Seconds at the first sample. */
  start: number;
}

/** A recording: its channels, each with its own steps, and what was noticed while reading it. */
export interface Trace {
  channels: Channel[];
  notes: string[];
}

/** Moment of a sample, in seconds. */
export const timeAt = (c: Channel, i: number): number => c.start + i * c.interval;

/** Sample at or after a moment, held to the ends of the channel. */
function indexAt(c: Channel, seconds: number): number {
  const i = Math.ceil((seconds - c.start) / c.interval - 1e-9);
  return Math.min(Math.max(i, 0), c.samples.length);
}

/** Moment after the last sample, in seconds. */
export const endOf = (c: Channel): number => c.start + c.samples.length * c.interval;

/**
 * A stretch of a channel, sharing its memory.
 *
 * @param from seconds; the sample at or after it is the first
 * @param to seconds; the first sample at or after it is left out
 */
export function stretch(c: Channel, from: number, to: number): Channel {
  const a = indexAt(c, from);
  const b = Math.max(indexAt(c, to), a);
  return { ...c, samples: c.samples.subarray(a, b), start: timeAt(c, a) };
}

/** From the first to the last moment of all channels, in seconds; 0 to 0 without any. */
export function spanOf(channels: readonly Channel[]): { from: number; to: number } {
  if (channels.length === 0) return { from: 0, to: 0 };
  return {
    from: Math.min(...channels.map((c) => c.start)),
    to: Math.max(...channels.map(endOf)),
  };
}

/**
 * Value at a moment, on the straight line between its neighbours.
 *
 * @returns NaN outside the channel and where a neighbour is missing
 */
export function valueAt(c: Channel, seconds: number): number {
  const x = (seconds - c.start) / c.interval;
  const i = Math.floor(x);
  const f = x - i;
  if (i < 0 || i >= c.samples.length) return NaN;
  const a = c.samples[i]!;
  return f < 1e-9 || i + 1 >= c.samples.length ? a : a + (c.samples[i + 1]! - a) * f;
}
