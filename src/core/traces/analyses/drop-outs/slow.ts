import { timeAt, type Channel } from '../../channel';
import { converterStep, median, noiseOf, quantile, quantiles, spread } from '../../signal';
import type { Disturbance, DisturbanceKind } from './disturbance';

/** Samples that tell how a whole channel scatters. */
const ENOUGH = 60_000;
/** Samples that the middle of one block is told from. */
const IN_BLOCK = 400;
/** Blocks that a baseline is made of within one window. */
const BLOCKS = 8;

/** What the channel does slowly: the middle of blocks, over a window around each (a running line). */
function baseline(s: Float32Array, window: number): Float32Array {
  const size = Math.max(1, Math.round(window / BLOCKS));
  const n = Math.ceil(s.length / size);
  // What lies far outside the channel's usual range is left out at once, however much of it there is.
  const [low, high] = quantiles(s, [0.1, 0.9]) as [number, number];
  // A channel that stands still has no range and no noise; what it usually is stays all the same.
  const reach = 0.5 * (high - low) + 4 * noiseOf(s) + 0.005 * Math.max(Math.abs(low), Math.abs(high)) + 1e-9;
  const usual = s.map((v) => (v > low - reach && v < high + reach ? v : NaN));
  const mids = Float64Array.from({ length: n }, (_, k) => {
    const block = usual.subarray(k * size, (k + 1) * size);
    const kept = block.reduce((m, v) => m + (v === v ? 1 : 0), 0);
    return kept * 2 > block.length ? quantile(block, 0.5, IN_BLOCK) : NaN;
  });
  // Around each block the line that most pairs of blocks agree on (Theil 1950, Sen 1968): a drop-out that
  // fills a quarter of the window moves neither its slope nor its height. The window is cut short at the ends.
  const wide = Float64Array.from(mids, (_, k) => {
    const from = Math.max(0, k - BLOCKS / 2);
    const near = mids.subarray(from, Math.min(n, k + BLOCKS / 2 + 1));
    const slopes: number[] = [];
    for (let a = 0; a < near.length; a++)
      for (let b = a + 1; b < near.length; b++) slopes.push((near[b]! - near[a]!) / (b - a));
    const slope = median(slopes);
    return median(near.map((v, a) => v - (slope === slope ? slope : 0) * (a + from - k)));
  });
  bridged(wide);
  return Float32Array.from(s, (_, i) => {
    const x = (i + 0.5) / size - 0.5;
    const k = Math.min(Math.max(Math.floor(x), 0), Math.max(n - 2, 0));
    // Beyond the middle of the first and last block the line between the nearest two goes on.
    return wide[k]! + ((wide[k + 1] ?? wide[k]!) - wide[k]!) * (x - k);
  });
}

/** Where nothing usable lies in a whole window, the straight line from side to side. */
function bridged(list: Float64Array): void {
  let last = -1;
  for (let k = 0; k < list.length; k++) {
    if (list[k] !== list[k]) continue;
    const from = last < 0 ? list[k]! : list[last]!;
    for (let j = last + 1; j < k; j++) list[j] = from + ((list[k]! - from) * (j - last)) / (k - last);
    last = k;
  }
  if (last >= 0) list.fill(list[last]!, last + 1);
}

/**
 * Where a channel goes missing, drops out, freezes or spikes.
 *
 * @param window seconds that the longest disturbance lasts; what changes more slowly is the signal itself
 */
export function slowDisturbances(c: Channel, window: number): Disturbance[] {
  const s = c.samples;
  const out: Disturbance[] = [];
  const push = (kind: DisturbanceKind, a: number, b: number, by: number) =>
    out.push({ kind, channel: c.name, from: timeAt(c, a), to: timeAt(c, b), by });
  for (const [a, b] of runs(s.length, (i) => s[i]! !== s[i]!)) push('missing', a, b, NaN);
  const base = baseline(s, Math.max(8, (2 * window) / c.interval));
  const off = Float32Array.from(s, (v, i) => v - base[i]!);
  const [q1, q3] = quantiles(off, [0.1, 0.9]) as [number, number];
  const own = spread(off, ENOUGH);
  const noise = noiseOf(s);
  // Beyond what the signal itself does: its usual swing and half as much again, and clear of its noise.
  const [low, high] = quantiles(s, [0.05, 0.95]) as [number, number];
  const least = Math.max(
    6.5 * own,
    3.4 * Math.max(Math.abs(q1), Math.abs(q3)),
    // Less than an eighth of its range is nothing one would act on, however still the channel is.
    0.12 * (high - low),
    4 * stepOf(s),
    1e-9,
  );
  const join = Math.max(1, Math.round((0.02 * window) / c.interval));
  const still = stillRuns(c, window);
  for (const [a, b] of still) {
    let by = 0;
    for (let i = a; i < b; i++) if (Math.abs(off[i]!) > Math.abs(by)) by = off[i]!;
    // Still where the signal usually is: frozen. Still far away from it: gone.
    const level = median(off.subarray(a, b).map((v) => Math.abs(v)));
    push(level > least && Math.abs(s[a]!) < 0.5 * Math.abs(base[a]!) ? 'drop-out' : 'frozen', a, b, by);
  }
  const coarse = c.interval > window / 4;
  // What it does of itself: moved by hand, or gone from one value to another for good.
  const goesBy = (a: number, b: number) =>
    isMoved(c, [a, b], off, noise) || (coarse && !comesBack(s, [a, b]));
  const inStill = (a: number, b: number) => still.some(([x, y]) => x - join < b && y + join > a);
  for (const [a, b] of joined(
    runs(s.length, (i) => Math.abs(off[i]!) > least),
    join,
  )) {
    if (inStill(a, b) || goesBy(a, b)) continue;
    let by = 0;
    for (let i = a; i < b; i++) if (Math.abs(off[i]!) > Math.abs(by)) by = off[i]!;
    const long = (b - a) * c.interval > 0.08 * window && b - a > 4;
    push(long ? 'drop-out' : 'spike', a, b, by);
  }
  return out.sort((x, y) => x.from - y.from);
}

/**
 * The converter's step, as far as the channel shows one: of one that stands still but for a few jumps the jumps are no
 * steps.
 */
function stepOf(s: Float32Array): number {
  const step = converterStep(s);
  const changes = s.reduce((n, v, i) => n + (i > 0 && v !== s[i - 1] ? 1 : 0), 0);
  const usual = quantile(s, 0.5, ENOUGH);
  // At nothing there is no level to hold a jump against; one that lasts is no flicker of the last bit.
  const away = s.reduce((n, v) => n + (v !== usual ? 1 : 0), 0);
  const lasts = changes > 0 && away / changes > 2;
  const level =
    Math.abs(usual) || (lasts ? quantiles(s, [0, 1]).reduce((m, v) => Math.max(m, Math.abs(v)), 0) : 0);
  return changes < 0.01 * s.length && level > 0 ? Math.min(step, 0.02 * level) : step;
}

/** What a foot or a hand moves takes longer than this for half its way, in seconds. Common practice, no source. */
const BY_HAND = 0.008;

/**
 * Whether a stretch that leaves the line was reached and left gently, as something that is moved: what drops out
 * jumps, at its beginning or at its end.
 */
function isMoved(c: Channel, [a, b]: [number, number], off: Float32Array, noise: number): boolean {
  const s = c.samples;
  const step = Math.round(BY_HAND / c.interval);
  // A slow logger shows nothing of how it came there.
  if (step < 3) return false;
  let by = 0;
  for (let i = a; i < b; i++) if (Math.abs(off[i]!) > by) by = Math.abs(off[i]!);
  // The line follows a quick movement half way: the movement itself is held against.
  const [low, high] = quantiles(s.subarray(Math.max(0, a - 10 * step), b + 10 * step), [0, 1]) as [
    number,
    number,
  ];
  by = Math.max(by, 0.7 * (high - low));
  for (let i = Math.max(0, a - 2 * step); i + step < Math.min(s.length, b + 2 * step); i++)
    if (Math.abs(s[i + step]! - s[i]!) > 0.5 * by + 4 * noise) return false;
  return true;
}

/** Samples on either side of a stretch that tell where the channel came from and where it went. */
const BESIDE = 3;

/**
 * Whether a channel stands after a stretch where it stood before, and was elsewhere in between. A step leaves the line
 * as well; at a few values a second nothing but this tells it from what drops out.
 */
function comesBack(s: Float32Array, [a, b]: [number, number]): boolean {
  const before = median(s.subarray(Math.max(0, a - BESIDE), a));
  const after = median(s.subarray(b, b + BESIDE));
  if (before !== before || after !== after) return true;
  const away = s.subarray(a, b).reduce((most, v) => {
    const by = Math.min(Math.abs(v - before), Math.abs(v - after));
    return by > most ? by : most;
  }, 0);
  return away > 2 * Math.abs(after - before);
}

/**
 * Stretches that stand still although the channel otherwise never does, in samples. Where noise is larger
 * than a converter step a dozen samples alike do not happen by themselves. Where it is smaller they do, and
 * only a jump at the end tells: the signal went on while the channel stood.
 */
function stillRuns(c: Channel, window: number): [number, number][] {
  const s = c.samples;
  const noise = noiseOf(s);
  const step = converterStep(s);
  const noisy = noise > 0.8 * step && noise > 0;
  const still = noisy ? 0.12 * noise : 0.01 * step;
  const found = runs(s.length, (i) => i > 0 && Math.abs(s[i]! - s[i - 1]!) <= still);
  const lengths = found.map(([a, b]) => b - a).sort((x, y) => x - y);
  const usual = lengths.length > 0 ? lengths[Math.floor(lengths.length * 0.95)]! : 0;
  const least = Math.max(14, noisy ? 6 * usual : 0, (0.04 * window) / c.interval);
  const jumps = (a: number, b: number) => {
    const after = Math.abs(s[b]! - s[b - 1]!);
    const before = Math.abs(s[a]! - s[a - 1]!);
    return Math.max(after, before) >= Math.max(3.5 * step, 4 * noise);
  };
  return found
    .filter(([a, b]) => b - a >= least && b < s.length && (noisy || jumps(a, b)))
    .map(([a, b]) => [a - 1, b]);
}

function runs(n: number, is: (i: number) => boolean): [number, number][] {
  const out: [number, number][] = [];
  let from = -1;
  for (let i = 0; i <= n; i++) {
    const yes = i < n && is(i);
    if (yes && from < 0) from = i;
    else if (!yes && from >= 0) {
      out.push([from, i]);
      from = -1;
    }
  }
  return out;
}

function joined(list: readonly [number, number][], room: number): [number, number][] {
  const out: [number, number][] = [];
  for (const [a, b] of list) {
    const last = out.at(-1);
    if (last && a - last[1] <= room) last[1] = b;
    else out.push([a, b]);
  }
  return out;
}
