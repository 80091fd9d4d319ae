import { bin } from '../../signal';

/** How far one signal comes after another. */
export interface Delay {
  /** Samples; negative when it comes before. */
  samples: number;
  /** Correlation with this delay, and without one; without sign. */
  fit: number;
  atOnce: number;
  /** Whether the delay lays them clearly better on each other. */
  seen: boolean;
}

/** Points that delays are looked for with, before the last step at full sharpness. */
const POINTS = 500;
/** Below this correlation two signals do not tell how they lie to each other. */
const ALIKE = 0.75;

/** Correlation (Pearson) of two signals, the second moved back by so many samples, where both have values. */
export function correlation(a: Float32Array, b: Float32Array, by: number): number {
  let [n, sa, sb, saa, sbb, sab] = [0, 0, 0, 0, 0, 0];
  for (let i = Math.max(0, -by); i < a.length && i + by < b.length; i++) {
    const [x, y] = [a[i]!, b[i + by]!];
    if (x !== x || y !== y) continue;
    n++;
    sa += x;
    sb += y;
    saa += x * x;
    sbb += y * y;
    sab += x * y;
  }
  const va = saa - (sa * sa) / n;
  const vb = sbb - (sb * sb) / n;
  return va > 0 && vb > 0 ? (sab - (sa * sb) / n) / Math.sqrt(va * vb) : 0;
}

/**
 * By how much a signal comes after another, by the delay that correlates them best; scale and offset do not matter.
 *
 * @param most samples looked to either side
 */
export function delayOf(a: Float32Array, b: Float32Array, most: number): Delay {
  const by = Math.max(1, Math.ceil(a.length / POINTS));
  const [x, y] = [bin(a, by), bin(b, by)];
  const reach = Math.max(2, Math.ceil(most / by));
  let best = { lag: 0, fit: -1 };
  const at = (lag: number) => Math.abs(correlation(x, y, lag));
  // From none outwards, so that of two alike the shorter is taken.
  for (let lag = 0; lag <= reach; lag++)
    for (const l of lag === 0 ? [0] : [lag, -lag]) {
      const fit = at(l);
      if (fit > best.fit + 1e-4) best = { lag: l, fit };
    }
  let sharp = best.lag * by;
  let fit = -1;
  const values = new Map<number, number>();
  const look = (l: number) => {
    if (values.has(l)) return;
    const f = Math.abs(correlation(a, b, l));
    values.set(l, f);
    if (f > fit) [sharp, fit] = [l, f];
  };
  // Around the best of the coarse steps: in quarters of a step, then sample by sample.
  const quarter = Math.max(1, Math.ceil(by / 4));
  for (let l = best.lag * by - by; l <= best.lag * by + by; l += quarter) look(l);
  const around = sharp;
  for (let l = around - quarter; l <= around + quarter; l++) look(l);
  // Between samples by the parabola through the best and its neighbours.
  const [f0, f1, f2] = [values.get(sharp - 1), fit, values.get(sharp + 1)];
  const bend = f0 === undefined || f2 === undefined ? 0 : f0 - 2 * f1 + f2;
  const samples = bend < 0 ? sharp + (0.5 * (f0! - f2!)) / bend : sharp;
  const atOnce = Math.abs(correlation(a, b, 0));
  return { samples, fit, atOnce, seen: fit > ALIKE && 1 - atOnce > 2 * (1 - fit) };
}

/**
 * Delays of several signals against the one that goes best with all, moved so that the middle one comes at 0.
 *
 * @returns one for each, in samples; the correlation it was found at
 */
export function delaysOf(rows: readonly Float32Array[], most: number): Delay[] {
  const none: Delay = { samples: 0, fit: 1, atOnce: 1, seen: false };
  const pairs: Delay[][] = rows.map(() => rows.map(() => none));
  rows.forEach((a, i) =>
    rows.slice(i + 1).forEach((b, m) => {
      const d = delayOf(a, b, most);
      pairs[i]![i + 1 + m] = d;
      pairs[i + 1 + m]![i] = { ...d, samples: -d.samples };
    }),
  );
  const total = pairs.map((p) => p.reduce((s, d) => s + d.fit, 0));
  const reference = total.indexOf(Math.max(...total));
  return pairs[reference]!;
}

/** A signal moved earlier by so many samples, a fraction of one by the straight line; NaN where it ends. */
export function movedBack(s: Float32Array, samples: number): Float32Array {
  const whole = Math.floor(samples);
  const f = samples - whole;
  return s.map((_, i) => {
    const [a, b] = [s[i + whole], s[i + whole + 1]];
    if (a === undefined) return NaN;
    if (f === 0 || b === undefined) {
      if (f === 0) return a;
      return NaN;
    }
    return a + (b - a) * f;
  });
}

/** Signals that come at their own delays, laid together: the stretch that all of them have, and where it begins. */
export function laidTogether(
  rows: readonly Float32Array[],
  delays: readonly number[],
): { rows: Float32Array[]; first: number } {
  const first = Math.max(0, Math.ceil(-Math.min(...delays)));
  const last = Math.max(0, Math.ceil(Math.max(...delays))) + 1;
  const until = Math.max(first, rows[0]!.length - last);
  return {
    first,
    rows: rows.map((r, i) => (delays[i] === 0 ? r : movedBack(r, delays[i]!)).subarray(first, until)),
  };
}
