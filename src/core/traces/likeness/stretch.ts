import { normalised, type ChannelPrint } from './fingerprint';

/** Fewer windows than this have no shape. */
const LEAST = 8;

/**
 * Where a short course fits best into a longer one, both brought to mean 0 and deviation 1: the least of the distance
 * profile of z-normalised stretches (definition of Mueen et al. 2017, formed directly).
 *
 * @param pattern the short course, evenly sampled like `long`
 * @returns the place of its first value, and the root mean square distance; undefined where it does not fit in
 */
export function bestPlace(
  long: Float32Array,
  pattern: Float32Array,
): { at: number; distance: number } | undefined {
  const m = pattern.length;
  if (m < LEAST || m > long.length) return undefined;
  const q = normalised(pattern);
  let sum = 0;
  let squares = 0;
  for (let i = 0; i < m; i++) {
    sum += long[i]!;
    squares += long[i]! ** 2;
  }
  let best: { at: number; distance: number } | undefined;
  for (let at = 0; at + m <= long.length; at++) {
    if (at > 0) {
      sum += long[at + m - 1]! - long[at - 1]!;
      squares += long[at + m - 1]! ** 2 - long[at - 1]! ** 2;
    }
    const deviation = Math.sqrt(Math.max(0, squares / m - (sum / m) ** 2));
    if (!(deviation > 1e-6)) continue;
    let dot = 0;
    for (let i = 0; i < m; i++) dot += q[i]! * long[at + i]!;
    // The pattern has mean 0, so the mean of the other falls out.
    const distance = Math.sqrt(Math.max(0, 2 * (1 - dot / (m * deviation))));
    if (!best || distance < best.distance) best = { at, distance };
  }
  return best;
}

/** A marked stretch of a channel: its samples and how long it lasts, in seconds. */
export interface Stretch {
  samples: Float32Array;
  seconds: number;
}

/**
 * Where a marked stretch comes again in another recording, at the same speed.
 *
 * @returns seconds at which it begins there, and the distance; undefined where that recording is too coarse or too short
 */
export function stretchIn(
  c: ChannelPrint,
  s: Stretch,
): { from: number; to: number; distance: number } | undefined {
  const step = (c.to - c.from) / c.fine.length;
  const windows = Math.round(s.seconds / step);
  if (windows < LEAST || windows > c.fine.length || s.samples.length < windows) return undefined;
  const pattern = Float32Array.from({ length: windows }, (_, w) => {
    const [a, b] = [
      Math.floor((w * s.samples.length) / windows),
      Math.floor(((w + 1) * s.samples.length) / windows),
    ];
    let [n, sum] = [0, 0];
    for (let i = a; i < b; i++)
      if (s.samples[i]! === s.samples[i]!) {
        n++;
        sum += s.samples[i]!;
      }
    return n > 0 ? sum / n : 0;
  });
  const place = bestPlace(c.fine, pattern);
  return (
    place && {
      from: c.from + place.at * step,
      to: c.from + (place.at + windows) * step,
      distance: place.distance,
    }
  );
}
