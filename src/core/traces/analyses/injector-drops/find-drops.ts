import type { Channel } from '../../channel';
import { bin, median, noiseOf, quantiles, smooth, spread } from '../../signal';

/** One injector pulsed: what was there before, what was left, what came back. */
export interface Drop {
  /** Seconds at which the pressure fell and at which it was brought back. */
  from: number;
  to: number;
  /** Pressure just before it fell. */
  rest: number;
  left: number;
  drop: number;
  /** Pressure it comes back to before the next; NaN where the recording ends first. */
  recovered: number;
  /** Standard error of the drop. */
  error: number;
}

/** Samples that the pressure is looked at with. */
const MOST_POINTS = 40_000;
/** A fall counts from this share of what the falls around it make; an injector half stuck makes half. */
const LEAST_SHARE = 0.2;
/** A sag between two pulses goes slower than this share of the speed at which the injectors let down. */
const SAG = 0.15;

/** A fall from a turning point to the next, in samples. */
interface Fall {
  top: number;
  bottom: number;
  size: number;
}

/** Falls between turning points, each larger than `least`. */
function fallsOf(s: Float32Array, least: number): Fall[] {
  const out: Fall[] = [];
  let top = 0;
  let bottom = 0;
  let falling = false;
  for (let i = 1; i < s.length; i++) {
    const v = s[i]!;
    if (v !== v) continue;
    if (falling) {
      if (v < s[bottom]!) bottom = i;
      else if (v > s[bottom]! + least) {
        out.push({ top, bottom, size: s[top]! - s[bottom]! });
        falling = false;
        top = i;
      }
    } else if (v > s[top]!) top = i;
    else if (v < s[top]! - least) {
      falling = true;
      bottom = i;
    }
  }
  if (falling) out.push({ top, bottom, size: s[top]! - s[bottom]! });
  return out;
}

/** The part of a fall in which the pressure goes down fast: the injector open, not the sag before it. */
function fastPart(
  s: Float32Array,
  f: Fall,
  window: number,
  noise: number,
): { from: number; to: number; steepest: number; speed: number } {
  const slope = (i: number) => s[Math.max(0, i - window)]! - s[Math.min(s.length - 1, i + window)]!;
  let steepest = f.top;
  for (let i = f.top; i <= f.bottom; i++) if (slope(i) > slope(steepest)) steepest = i;
  const speed = slope(steepest);
  const fast = Math.max(SAG * speed, 4 * noise);
  let from = steepest;
  let quiet = 0;
  // Between many short pulses the pressure stands still for a moment.
  for (let i = steepest; i > f.top && quiet <= 3 * window; i--) {
    if (slope(i) > fast) {
      from = i;
      quiet = 0;
    } else quiet++;
  }
  let to = steepest;
  quiet = 0;
  for (let i = steepest; i < f.bottom && quiet <= 3 * window; i++) {
    if (slope(i) > fast) {
      to = i;
      quiet = 0;
    } else quiet++;
  }
  return { from, to, steepest, speed };
}

/** What the large falls around one make: the second largest, so that a single wild one does not set it. */
const aroundOf = (sizes: readonly number[], i: number): number => {
  const near = sizes.slice(Math.max(0, i - 6), i + 7).sort((a, b) => b - a);
  return near[Math.min(1, near.length - 1)]!;
};

/**
 * Drops of a rail pressure while one injector after the other is pulsed and the pressure is brought back in
 * between: falls that are fast, whatever the pressure before them was and however it was opened.
 *
 * @param c pressure, rising only where a pump brings it back
 * @returns drops in order, none when the pressure never falls clear of its noise; and the least fall that would
 *   have been seen
 */
export function pressureDrops(c: Channel): { drops: Drop[]; least: number } {
  const by = Math.max(1, Math.floor(c.samples.length / MOST_POINTS));
  const x = bin(c.samples, by);
  const interval = c.interval * by;
  const noise = noiseOf(x);
  const [bottom, top] = quantiles(x, [0.01, 0.99], Infinity) as [number, number];
  const wide = smooth(x, 25);
  const [b, t] = quantiles(wide, [0.01, 0.99], Infinity) as [number, number];
  // Smoothed, the swing must stand clear of what noise is left: a fifth of its own, and some.
  if (!(t - b > 6 * noiseOf(wide) + 0.4 * noise)) return { drops: [], least: Infinity };
  // Wide enough for the noise, and never wider than a short pulse lasts.
  const most = Math.max(3, Math.min(Math.round(0.24 / interval), Math.floor(x.length / 60)));
  const width = Math.min(
    most,
    Math.max(3, 2 * Math.ceil(((5 * noise) / Math.max(top - bottom, 1e-12)) * 12) + 1),
  );
  const s = smooth(x, width);
  const left = Math.max(noise / Math.sqrt(width), noiseOf(s));
  const least = Math.max(9 * left, 0.04 * (top - bottom));
  const falls = fallsOf(s, least);
  const window = Math.max(1, Math.round(0.06 / interval), Math.floor(width / 2));
  const parts = falls.map((f) => ({ ...f, ...fastPart(s, f, window, left) }));
  const speeds = parts.map((p) => p.speed);
  const sizes = parts.map((p) => s[p.from]! - s[p.to]!);
  const real = parts.filter(
    (p, i) =>
      sizes[i]! > LEAST_SHARE * aroundOf(sizes, i) &&
      p.speed > SAG * aroundOf(speeds, i) &&
      p.from > 2 * window,
  );
  const drops = real
    .map((p, i): Drop => {
      const next = real[i + 1]?.from ?? x.length;
      const past = real[i - 1];
      const begin = past ? past.to : 0;
      const bottom = rough(x, p.to, Math.min(next, p.to + 5 * window));
      // Where the pressure leaves its level: the last moment before the steepest that lies near it.
      const level = {
        high: upperLevel(s, Math.max(begin, p.steepest - 24 * window), p.steepest, bottom),
        low: bottom,
      };
      const from = lastNear(s, p.steepest, begin, level);
      const quiet = levelBefore(x, s, from - window, {
        from: begin,
        window,
        least: level.high - 0.2 * (level.high - level.low),
      });
      const rise = riseAfter(s, p.to, next, 0.25 * (s[from]! - bottom));
      const settled = levelAfter(x, p.to + Math.ceil(width / 2), rise - Math.ceil(width / 2), window);
      const a = median(quiet);
      const low = median(settled);
      return {
        from: c.start + from * interval,
        to: c.start + rise * interval,
        rest: a,
        left: low,
        drop: a - low,
        recovered: real[i + 1] ? NaN : lastLevel(x, rise, window),
        error: 1.25 * Math.sqrt(spread(quiet) ** 2 / quiet.length + spread(settled) ** 2 / settled.length),
      };
    })
    .map((d, i, all) => (all[i + 1] ? { ...d, recovered: all[i + 1]!.rest } : d));
  return { drops, least };
}

/** Middle of a few samples, one at least. */
const rough = (x: Float32Array, from: number, to: number): number =>
  median(x.subarray(Math.min(from, x.length - 1), Math.max(to, from + 1)));

/** Level that a stretch stands at before it falls to another: the middle of its upper part. */
function upperLevel(s: Float32Array, from: number, to: number, bottom: number): number {
  const part = s.subarray(Math.min(from, to), to + 1);
  const top = part.reduce((a, v) => (v > a ? v : a), -Infinity);
  return median(part.filter((v) => v > bottom + 0.7 * (top - bottom)));
}

/** Walks back from a flank to the last sample that lies near its upper level. */
function lastNear(
  s: Float32Array,
  from: number,
  until: number,
  level: { high: number; low: number },
): number {
  let k = from;
  while (k > until && !(s[k]! > level.high - 0.12 * (level.high - level.low))) k--;
  return k;
}

/** Samples just before a fall, as far back as the pressure stood there: up to a second. */
function levelBefore(
  x: Float32Array,
  s: Float32Array,
  at: number,
  o: { from: number; window: number; least: number },
): Float32Array {
  const end = Math.max(at, 1);
  let start = end;
  let below = 0;
  for (let i = end - 1; i >= o.from && end - i < 16 * o.window && below <= o.window; i--) {
    if (s[i]! > o.least) {
      start = i;
      below = 0;
    } else below++;
  }
  // What just came back up still settles.
  const settled = Math.round(start + 0.25 * (end - start));
  return x.subarray(Math.max(0, Math.min(settled, end - 1)), end);
}

/** Samples after a fall until the pressure is brought back: its later, settled part. */
function levelAfter(x: Float32Array, at: number, until: number, window: number): Float32Array {
  const end = Math.min(Math.max(until, at + 2), x.length);
  const start = Math.min(at + window, end - 2);
  return x.subarray(Math.max(0, start), Math.max(end, start + 1));
}

/** Where the pressure rises again after a fall. */
function riseAfter(s: Float32Array, from: number, until: number, by: number): number {
  let low = s[from]!;
  for (let i = from; i < until; i++) {
    if (s[i]! < low) low = s[i]!;
    if (s[i]! > low + by) {
      let k = i;
      while (k > from && s[k]! > low + 0.25 * by) k--;
      return k;
    }
  }
  return until;
}

/** Level that the pressure comes back to after the last drop; NaN where the recording ends first. */
function lastLevel(x: Float32Array, rise: number, window: number): number {
  return x.length - rise > 8 * window ? median(x.subarray(Math.floor((rise + x.length) / 2))) : NaN;
}
