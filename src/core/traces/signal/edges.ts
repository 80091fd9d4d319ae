/** A crossing of a threshold, between samples. */
export interface Edge {
  /** Position in samples, a fraction. */
  at: number;
  rising: boolean;
}

/**
 * Edges of a signal by two thresholds, so that noise on a slow flank makes one edge, not many (a Schmitt
 * trigger). An edge stands where the signal last crossed the middle between the thresholds, on the
 * straight line between samples. Missing samples keep the state.
 *
 * @param low threshold below which the signal counts as low
 * @param high threshold above which it counts as high; above `low`
 * @returns edges in order, rising and falling in turn
 */
export function edgesOf(samples: ArrayLike<number>, low: number, high: number): Edge[] {
  const mid = (low + high) / 2;
  const out: Edge[] = [];
  let state: boolean | undefined;
  let up = -1;
  let down = -1;
  let before = NaN;
  for (let i = 0; i < samples.length; i++) {
    const v = samples[i]!;
    if (v !== v) continue;
    if (before < mid && v >= mid) up = i - (v - mid) / (v - before);
    else if (before > mid && v <= mid) down = i - (v - mid) / (v - before);
    if (v > high && state !== true) {
      if (state === false) out.push({ at: up, rising: true });
      state = true;
    } else if (v < low && state !== false) {
      if (state === true) out.push({ at: down, rising: false });
      state = false;
    }
    before = v;
  }
  return out;
}

/** A maximum that stands out. */
export interface Peak {
  at: number;
  value: number;
  /** How far it rises over the valley before it or what follows it, whichever is higher. */
  prominence: number;
}

/**
 * Peaks by prominence: a maximum counts when the signal falls at least so far on both sides before it
 * rises higher. One walk over the samples.
 *
 * @param least prominence that counts, above 0
 * @param apart samples that two peaks are apart at least; of closer ones the higher stays
 */
export function peaksOf(samples: ArrayLike<number>, least: number, apart = 1): Peak[] {
  const found: Peak[] = [];
  let valley = Infinity;
  let top = -Infinity;
  let topAt = -1;
  // It begins as if falling: what stands at the very start has no left side to rise from.
  let climbing = false;
  for (let i = 0; i < samples.length; i++) {
    const v = samples[i]!;
    if (v !== v) continue;
    if (!climbing) {
      if (v < valley) valley = v;
      else if (v - valley >= least) {
        climbing = true;
        top = v;
        topAt = i;
      }
    } else if (v > top) {
      top = v;
      topAt = i;
    } else if (top - v >= least) {
      found.push({ at: topAt, value: top, prominence: top - Math.max(valley, v) });
      climbing = false;
      valley = v;
    }
  }
  if (apart <= 1) return found;
  const kept: Peak[] = [];
  for (const p of found) {
    const last = kept.at(-1);
    if (!last || p.at - last.at >= apart) kept.push(p);
    else if (p.value > last.value) kept[kept.length - 1] = p;
  }
  return kept;
}
