/** Filters that do not move what they smooth: each output looks as far ahead as back. */

/**
 * Mean over a window around each sample, shorter at the ends; gaps (NaN) are passed over, and where the
 * whole window is missing so is its mean.
 *
 * @param width samples, made odd; 1 gives a copy
 */
export function smooth(samples: ArrayLike<number>, width: number): Float32Array {
  const half = Math.max(0, Math.floor(width / 2));
  const out = new Float32Array(samples.length);
  let sum = 0;
  let n = 0;
  for (let i = 0; i < Math.min(half, samples.length); i++) {
    const v = samples[i]!;
    if (v === v) {
      sum += v;
      n++;
    }
  }
  for (let i = 0; i < samples.length; i++) {
    const enter = samples[i + half];
    if (enter !== undefined && enter === enter) {
      sum += enter;
      n++;
    }
    const leave = samples[i - half - 1];
    if (leave !== undefined && leave === leave) {
      sum -= leave;
      n--;
    }
    if (n === 0) sum = 0;
    out[i] = n === 0 ? NaN : sum / n;
  }
  return out;
}

/** Median of five samples around each: takes away spikes of one or two samples and leaves steps. */
export function medianOfFive(samples: ArrayLike<number>): Float32Array {
  const out = new Float32Array(samples.length);
  const five = new Float64Array(5);
  for (let i = 0; i < samples.length; i++) {
    let n = 0;
    for (let j = Math.max(0, i - 2); j <= Math.min(samples.length - 1, i + 2); j++) {
      const v = samples[j]!;
      if (v !== v) continue;
      // Insertion keeps the few in order.
      let k = n++;
      while (k > 0 && five[k - 1]! > v) five[k] = five[--k]!;
      five[k] = v;
    }
    // The middle one, or the mean of the two in the middle; of none it is not a number.
    const middle = five[(n - 1) >> 1]!;
    out[i] = n === 0 ? NaN : (middle + five[n >> 1]!) / 2;
  }
  return out;
}

/**
 * Every `by` samples as their mean: fewer samples, less noise.
 *
 * @returns means, the last over what is left
 */
export function bin(samples: ArrayLike<number>, by: number): Float32Array {
  if (by <= 1) return Float32Array.from(samples);
  const out = new Float32Array(Math.ceil(samples.length / by));
  for (let i = 0; i < out.length; i++) {
    let sum = 0;
    let n = 0;
    for (let j = i * by; j < Math.min((i + 1) * by, samples.length); j++) {
      const v = samples[j]!;
      if (v === v) {
        sum += v;
        n++;
      }
    }
    out[i] = n === 0 ? NaN : sum / n;
  }
  return out;
}
