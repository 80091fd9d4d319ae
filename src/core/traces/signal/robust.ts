/** Statistics that a few wild samples do not upset. Missing samples (NaN) are passed over. */

/**
 * Value below which a share of the samples lies, between neighbours on a straight line (Hyndman & Fan
 * 1996, type 7).
 *
 * @param share 0 … 1
 * @param most samples looked at; a longer signal is looked at in even steps
 * @returns NaN without samples
 * @example quantile([1, 2, 3, 4], 0.5) // 2.5
 */
export function quantile(samples: ArrayLike<number>, share: number, most = 20_000): number {
  return quantileSorted(sortedSample(samples, most), share);
}

/** Several quantiles of the same samples, sorted once. */
export function quantiles(samples: ArrayLike<number>, shares: readonly number[], most = 20_000): number[] {
  const sorted = sortedSample(samples, most);
  return shares.map((s) => quantileSorted(sorted, s));
}

/** Middle value; NaN without samples. */
export const median = (samples: ArrayLike<number>): number => quantile(samples, 0.5, Infinity);

function quantileSorted(sorted: Float64Array, share: number): number {
  if (sorted.length === 0) return NaN;
  const x = (sorted.length - 1) * share;
  const i = Math.floor(x);
  const a = sorted[i]!;
  return i + 1 < sorted.length ? a + (sorted[i + 1]! - a) * (x - i) : a;
}

function sortedSample(samples: ArrayLike<number>, most: number): Float64Array {
  const step = Math.max(1, samples.length / most);
  const kept = new Float64Array(Math.ceil(samples.length / step));
  let n = 0;
  for (let x = 0; x < samples.length && n < kept.length; x += step) {
    const v = samples[Math.floor(x)]!;
    if (!Number.isNaN(v)) kept[n++] = v;
  }
  return kept.subarray(0, n).sort();
}

/** 1 / Φ⁻¹(3/4): makes the median absolute deviation of a normal distribution its standard deviation. */
const TO_SIGMA = 1.4826;

/** Median absolute deviation as a standard deviation. */
export function spread(samples: ArrayLike<number>): number {
  const mid = median(samples);
  return TO_SIGMA * median(Float64Array.from(samples, (v) => Math.abs(v - mid)));
}

/**
 * Standard deviation of the noise on a signal that itself moves slowly from sample to sample: from the
 * second differences, whose variance for white noise is 6 times its own (von Neumann 1941, one order up).
 *
 * @returns 0 with fewer than three samples
 */
export function noiseOf(samples: ArrayLike<number>, most = 40_000): number {
  const n = samples.length - 2;
  if (n < 1) return 0;
  const step = Math.max(1, Math.floor(n / most));
  const out = new Float64Array(Math.ceil(n / step));
  for (let i = 0, k = 0; i < n; i += step, k++)
    out[k] = Math.abs(samples[i]! - 2 * samples[i + 1]! + samples[i + 2]!);
  const sigma = TO_SIGMA * quantile(out, 0.5);
  return Number.isNaN(sigma) ? 0 : sigma / Math.sqrt(6);
}

/** Mean of samples; NaN without any. */
export function meanOf(samples: ArrayLike<number>, from = 0, to = samples.length): number {
  let sum = 0;
  let n = 0;
  for (let i = Math.max(0, from); i < Math.min(to, samples.length); i++) {
    const v = samples[i]!;
    if (v === v) {
      sum += v;
      n++;
    }
  }
  return n === 0 ? NaN : sum / n;
}

/** Root of the mean square around the mean. */
export function deviation(samples: ArrayLike<number>): number {
  const mid = meanOf(samples);
  let sum = 0;
  let n = 0;
  for (let i = 0; i < samples.length; i++) {
    const v = samples[i]!;
    if (v === v) {
      sum += (v - mid) ** 2;
      n++;
    }
  }
  return n < 2 ? 0 : Math.sqrt(sum / (n - 1));
}

/**
 * Step of the converter that a signal went through: the smallest change that is no rounding of floats.
 *
 * @returns 0 for a signal that does not change
 */
export function converterStep(samples: ArrayLike<number>, most = 20_000): number {
  const step = Math.max(1, Math.floor(samples.length / most));
  const changes: number[] = [];
  let scale = 0;
  for (let i = 1; i < samples.length; i += step) {
    const d = Math.abs(samples[i]! - samples[i - 1]!);
    scale = Math.max(scale, Math.abs(samples[i]! || 0));
    if (d > 1e-6 * scale) changes.push(d);
  }
  return changes.length === 0 ? 0 : quantile(changes, 0.02);
}
