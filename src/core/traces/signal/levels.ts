import { quantiles } from './robust';

/** The two levels a switching signal rests at. */
export interface Levels {
  low: number;
  high: number;
  /** How clearly there are two: distance of the levels over their own spread. */
  contrast: number;
}

const BINS = 128;

/**
 * State levels of a two-state signal by the histogram method of IEEE Std 181-2011 (section 5.2): the
 * range is halved, and each level is the mean around the fullest bin of its half. Where to halve is
 * chosen by Otsu's method (Otsu 1979), so that a short pulse is not lost beside a long rest.
 *
 * @returns undefined for a signal that does not move
 */
export function stateLevels(samples: ArrayLike<number>): Levels | undefined {
  const [bottom, top] = quantiles(samples, [0.0005, 0.9995], 200_000) as [number, number];
  if (!(top > bottom)) return undefined;
  const width = (top - bottom) / BINS;
  const count = new Float64Array(BINS);
  const sum = new Float64Array(BINS);
  let n = 0;
  for (let i = 0; i < samples.length; i++) {
    const v = samples[i]!;
    if (v !== v) continue;
    const b = Math.min(BINS - 1, Math.max(0, Math.floor((v - bottom) / width)));
    count[b]!++;
    sum[b]! += Math.min(Math.max(v, bottom), top);
    n++;
  }
  const cut = otsu(count, n);
  const low = levelOf(count, sum, 0, cut);
  const high = levelOf(count, sum, cut, BINS);
  if (low === undefined || high === undefined) return undefined;
  const own = Math.sqrt((low.variance * low.n + high.variance * high.n) / (low.n + high.n)) + width / 3.46;
  return { low: low.at, high: high.at, contrast: (high.at - low.at) / own };
}

function otsu(count: Float64Array, n: number): number {
  let all = 0;
  for (let i = 0; i < BINS; i++) all += i * count[i]!;
  let best = -1;
  let cut = BINS >> 1;
  let below = 0;
  let weight = 0;
  for (let i = 0; i < BINS - 1; i++) {
    below += count[i]!;
    weight += i * count[i]!;
    if (below === 0 || below === n) continue;
    const gap = weight / below - (all - weight) / (n - below);
    const between = below * (n - below) * gap * gap;
    if (between > best) {
      best = between;
      cut = i + 1;
    }
  }
  return cut;
}

/** Mean of a part of the histogram, once with everything and once without what lies far from it. */
function levelOf(count: Float64Array, sum: Float64Array, from: number, to: number) {
  let full = from;
  for (let i = from; i < to; i++) if (count[i]! > count[full]!) full = i;
  let n = 0;
  let total = 0;
  // Around the fullest bin, as far as bins hold a fair share of it: ringing and flanks stay out.
  for (let i = full; i >= from && count[i]! > 0.1 * count[full]!; i--) {
    n += count[i]!;
    total += sum[i]!;
  }
  for (let i = full + 1; i < to && count[i]! > 0.1 * count[full]!; i++) {
    n += count[i]!;
    total += sum[i]!;
  }
  if (n === 0) return undefined;
  const at = total / n;
  let variance = 0;
  let all = 0;
  for (let i = from; i < to; i++) {
    if (count[i] === 0) continue;
    variance += count[i]! * (sum[i]! / count[i]! - at) ** 2;
    all += count[i]!;
  }
  return { at, variance: variance / all, n: all };
}
