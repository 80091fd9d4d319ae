import type { Channel } from '../channel';
import { edgesOf, type Edge } from './edges';
import { smooth } from './filter';
import { stateLevels, type Levels } from './levels';
import { median, noiseOf, quantile, quantiles } from './robust';

/** Pulses of a sensor that switches, or swings, as a wheel with teeth makes it. */
export interface Train {
  /** Whether it rests at two levels; else it swings, as a coil does. */
  square: boolean;
  low: number;
  high: number;
  /** A pulse may be lost in the noise, or made by it. */
  noisy: boolean;
  edges: Edge[];
  /** Rising edges, in samples; of what swings the edges that are steeper. */
  beats: number[];
  /** Distances between rising edges in one turn of the pattern, their mean 1; [1] where all are alike. */
  pattern: number[];
}

/** Noise has to stay so many times below the thresholds of a pulse. */
const CLEAR = 4;
/** Share of the swing between the thresholds and the middle. */
const HYSTERESIS = 0.14;
/** A swing without levels has to repeat so often before it is a train of pulses and not a signal that moves. */
const SWINGS = 24;
const SQUARES = 6;
/** Levels over their own spread: clearer than that, a few pulses are enough. */
const CLEAN = 12;
/** Over the noise: a swing of less may lose a pulse in it. */
const NOISY = 14;
/** A coil's swing is that of its highest peaks. */
const NOISY_COIL = 20;
const LONGEST_PATTERN = 130;
/** Stretches without a pulse that a sensor which swings may have. */
const SILENCES = 4;
/** A pattern has to be seen so often: two faults are as far apart by chance. */
const TURNS = 3.5;
/** Logarithm of two distances that are not alike. */
const UNLIKE = 0.3;
/** Above this share of distances unlike those before them nothing repeats. */
const NO_PATTERN = 0.35;

/**
 * The pulses of a channel, with the pattern that a wheel with gaps or teeth of several widths repeats.
 *
 * @returns undefined for a channel that does not pulse, or whose pulses do not stand clear of its noise
 */
export function trainOf(c: Channel): Train | undefined {
  const levels = stateLevels(c.samples);
  if (!levels) return undefined;
  const noise = noiseOf(c.samples);
  const [bottom, top] = quantiles(c.samples, [0.01, 0.99]) as [number, number];
  const square = isSquare(c.samples, levels, noise);
  // Where the swing has sunk for most of the time, its levels are those of the sunken swing.
  const widest = top - bottom > 0.5 * (levels.high - levels.low);
  const [low, high] = square && !widest ? [levels.low, levels.high] : [bottom, top];
  const swing = high - low;
  if (!(swing > 2.5 * noise)) return undefined;
  // A coil swings around its rest, whatever its peaks are.
  const half = (low + high) / 2;
  const rest = median(c.samples);
  const middle = square || Math.abs(rest - half) > 0.12 * swing ? half : rest;
  const need = (CLEAR * noise) / (HYSTERESIS * swing);
  const width = need <= 1 ? 1 : 2 * Math.floor(Math.min(need, 6) ** 2 / 2) + 1;
  const s = smooth(c.samples, width);
  const reach = Math.max(HYSTERESIS * swing, (CLEAR * noise) / Math.sqrt(width));
  if (reach > 0.45 * swing) return undefined;
  const edges = edgesOf(s, middle - reach, middle + reach);
  const beats = square ? edges.filter((e) => e.rising).map((e) => e.at) : steeper(edges, s);
  const clean = square && levels.contrast > CLEAN;
  if (beats.length < (clean ? SQUARES : SWINGS)) return undefined;
  // Something that swings is seldom at its rest; spikes on a signal are.
  if (!square && !isEven(edges)) return undefined;
  // What was smoothed away is no pulse.
  const gaps = beats.slice(1).map((x, i) => x - beats[i]!);
  if (median(gaps) < 2.5 * width) return undefined;
  const pattern = patternOf(gaps);
  // Teeth of one wheel are never so unlike: a spike that swings back is.
  if (!square && pattern && Math.min(...pattern) < 0.15) return undefined;
  return (
    pattern && {
      square,
      low,
      high,
      noisy: swing < (square ? NOISY : NOISY_COIL) * noise,
      edges,
      beats,
      pattern,
    }
  );
}

/** A coil leaves its rest gently and goes through it steeply: of both kinds of edges those that are well defined. */
function steeper(edges: readonly Edge[], s: Float32Array): number[] {
  const kinds = [true, false].map((rising) => {
    const these = edges.filter((e) => e.rising === rising).map((e) => e.at);
    const slopes = these.map((at) =>
      Math.abs((s[Math.ceil(at) + 1] ?? NaN) - (s[Math.floor(at) - 1] ?? NaN)),
    );
    return { these, least: quantile(slopes, 0.05) };
  });
  return kinds.sort((a, b) => b.least - a.least)[0]!.these;
}

/**
 * Swings for most of the time, about as long above its rest as below it. A spike that rings swings too, for a moment;
 * a sensor may be silent for some stretches.
 */
function isEven(edges: readonly Edge[]): boolean {
  const cycles = edges.flatMap((e, i) => {
    const [a, b] = [edges[i + 1], edges[i + 2]];
    return e.rising && a && b ? [{ up: a.at - e.at, whole: b.at - e.at }] : [];
  });
  if (cycles.length === 0) return false;
  const even = cycles.filter((c) => c.up > 0.15 * c.whole && c.up < 0.85 * c.whole).length;
  const usual = median(cycles.map((c) => c.whole));
  const rest = cycles
    .map((c) => c.whole)
    .sort((a, b) => a - b)
    .slice(0, -SILENCES);
  const sum = (list: readonly number[]) => list.reduce((a, b) => a + b, 0);
  return even > 0.6 * cycles.length && sum(rest.filter((w) => w < 5 * usual)) > 0.6 * sum(rest);
}

/**
 * Rests at two levels: little of it lies in between, and at each it stands still but for its noise. A slow signal
 * that drops out now and then has a second level too, but wanders at the first.
 */
function isSquare(s: Float32Array, { low, high, contrast }: Levels, noise: number): boolean {
  const swing = high - low;
  if (swing / contrast > 3 * noise + 0.05 * swing) return false;
  const [a, b] = [low + 0.25 * swing, high - 0.25 * swing];
  let inside = 0;
  let n = 0;
  for (const v of s) {
    if (v !== v) continue;
    n++;
    if (v > a && v < b) inside++;
  }
  return n > 0 && inside < 0.22 * n;
}

/** After how many pulses a long distance mostly comes again. */
function usualSpacing(logs: readonly number[]): number | undefined {
  const long = logs.flatMap((l, i) => (l > UNLIKE ? [i] : []));
  const apart = long.slice(1).map((x, i) => x - long[i]!);
  if (apart.length < 6) return undefined;
  const usual = median(apart);
  const share = apart.filter((x) => x === usual).length / apart.length;
  return share >= 0.6 && usual > 1 && usual <= LONGEST_PATTERN ? usual : undefined;
}

/**
 * The distances that repeat: the shortest pattern after which distances are alike again.
 *
 * @param gaps between pulses, in order
 * @returns their mean 1; undefined where nothing repeats
 * @example patternOf([2, 2, 4, 2, 2, 4, 2, 2, 4, 2, 2, 4]) // [0.75, 0.75, 1.5]
 */
export function patternOf(gaps: readonly number[]): number[] | undefined {
  // Against those around it, so that a speed that changes is no pattern.
  const logs = gaps.map((g, i) => Math.log(g / median(gaps.slice(Math.max(0, i - 3), i + 4))));
  const unlike = (n: number) => {
    let bad = 0;
    for (let i = 0; i + n < logs.length; i++) if (Math.abs(logs[i + n]! - logs[i]!) > UNLIKE) bad++;
    return logs.length > n ? bad / (logs.length - n) : 1;
  };
  const even = unlike(1);
  let best = { n: 1, bad: even };
  for (let n = 2; n <= Math.min(LONGEST_PATTERN, Math.floor(logs.length / TURNS)); n++) {
    const bad = unlike(n);
    if (bad < 0.45 * even && bad < 0.8 * best.bad) best = { n, bad };
  }
  if (best.bad > NO_PATTERN) return undefined;
  // Where faults upset the count, the gaps of a wheel still mostly come after as many pulses.
  if (best.n === 1) {
    const n = usualSpacing(logs);
    if (n === undefined) return [1];
    best = { n, bad: best.bad };
  }
  // The longest stretch that keeps to it tells the distances.
  let [from, to, begin] = [0, 0, 0];
  for (let i = 0; i + best.n <= logs.length; i++) {
    const keeps = i + best.n < logs.length && Math.abs(logs[i + best.n]! - logs[i]!) <= UNLIKE;
    if (!keeps) {
      if (i + best.n - begin > to - from) [from, to] = [begin, i + best.n];
      begin = i + 1;
    }
  }
  const shares: number[][] = Array.from({ length: best.n }, () => []);
  for (let i = from; i + best.n <= to; i++) {
    const turn = gaps.slice(i, i + best.n).reduce((a, b) => a + b, 0) / best.n;
    shares[(i - from) % best.n]!.push(gaps[i]! / turn);
  }
  const pattern = shares.map((list) => median(list));
  if (pattern.some((v) => !(v > 0))) return undefined;
  const mean = pattern.reduce((a, b) => a + b, 0) / best.n;
  return pattern.map((v) => v / mean);
}
