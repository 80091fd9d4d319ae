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
  return quantileOf(some(samples, most), share);
}

/** Several quantiles of the same samples. */
export function quantiles(samples: ArrayLike<number>, shares: readonly number[], most = 20_000): number[] {
  const kept = some(samples, most);
  return shares.map((s) => quantileOf(kept, s));
}

/** Middle value; NaN without samples. */
export const median = (samples: ArrayLike<number>): number => quantile(samples, 0.5, Infinity);

/** Quantile of samples that are put into another order by it. */
function quantileOf(a: Float64Array, share: number): number {
  if (a.length === 0) return NaN;
  const x = (a.length - 1) * share;
  const i = Math.floor(x);
  const at = select(a, i);
  if (x === i || i + 1 >= a.length) return at;
  // What is selected has all that are larger behind it.
  let next = Infinity;
  for (let k = i + 1; k < a.length; k++) if (a[k]! < next) next = a[k]!;
  return at + (next - at) * (x - i);
}

/**
 * The value that would stand at a place if the samples were sorted, by partitioning around pivots (Hoare 1961, Find):
 * afterwards nothing before the place is larger, and nothing behind it smaller.
 */
function select(a: Float64Array, place: number): number {
  let [from, to] = [0, a.length - 1];
  while (from < to) {
    // The middle one of three is seldom a bad pivot, also where samples are sorted already.
    const mid = (from + to) >> 1;
    if (a[mid]! < a[from]!) swap(a, mid, from);
    if (a[to]! < a[from]!) swap(a, to, from);
    if (a[to]! < a[mid]!) swap(a, to, mid);
    const pivot = a[mid]!;
    let i = from;
    let k = to;
    while (i <= k) {
      while (a[i]! < pivot) i++;
      while (a[k]! > pivot) k--;
      if (i <= k) swap(a, i++, k--);
    }
    if (place <= k) to = k;
    else if (place >= i) from = i;
    else break;
  }
  return a[place]!;
}

function swap(a: Float64Array, i: number, k: number): void {
  const v = a[i]!;
  a[i] = a[k]!;
  a[k] = v;
}

/** Samples that are there, in even steps where there are more than asked for; a copy. */
function some(samples: ArrayLike<number>, most: number): Float64Array {
  const step = Math.max(1, samples.length / most);
  const kept = new Float64Array(Math.ceil(samples.length / step));
  let n = 0;
  for (let x = 0; x < samples.length && n < kept.length; x += step) {
    const v = samples[Math.floor(x)]!;
    if (v === v) kept[n++] = v;
  }
  return kept.subarray(0, n);
}

/** 1 / Φ⁻¹(3/4): makes the median absolute deviation of a normal distribution its standard deviation. */
const TO_SIGMA = 1.4826;

/**
 * Median absolute deviation as a standard deviation.
 *
 * @param most samples looked at; a longer signal is looked at in even steps
 */
export function spread(samples: ArrayLike<number>, most = Infinity): number {
  const kept = some(samples, most);
  const mid = quantileOf(kept, 0.5);
  for (let i = 0; i < kept.length; i++) kept[i] = Math.abs(kept[i]! - mid);
  return TO_SIGMA * quantileOf(kept, 0.5);
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
