import { timeAt, type Channel } from '../../channel';
import { edgesOf, noiseOf, quantiles } from '../../signal';

/** Another channel whose switching a sensor's spikes come with. */
export interface Disturber {
  name: string;
  /** Spikes that come with it, of all. */
  hits: number;
  of: number;
  /** Seconds around its switching. */
  within: number;
  /** Of as many hits by accident. */
  chance: number;
}

/** Spikes need to be so many, and come so often with the other, before anything is said. */
const LEAST = 5;
const MOST = 0.8;
const CHANCE = 1e-4;
/** What is sent from wire to wire comes at once, seconds. */
const AT_ONCE = 0.002;
/** Of the time between two switchings: what comes later belongs to something else of the same beat. */
const OF_GAP = 0.1;

/**
 * Which channels the spikes of a sensor come with, each spike just after the other has switched.
 *
 * @param spikes seconds
 * @param c the sensor
 * @param others channels that may disturb it
 * @returns the best, and others as good; the chance is that of the binomial distribution, each spike by itself
 *   falling so near with the share of the time that is so near
 */
export function disturbersOf(spikes: readonly number[], c: Channel, others: readonly Channel[]): Disturber[] {
  if (spikes.length < LEAST) return [];
  const found = others.flatMap((o): (Disturber & { lag: number })[] => {
    const events = switchingOf(o);
    if (events.length < LEAST) return [];
    const lags = spikes.map((t) => lagAfter(t, events, 2 * Math.max(c.interval, o.interval)));
    const sorted = lags.filter((l) => l < AT_ONCE).sort((a, b) => a - b);
    const span = events.at(-1)! - events[0]!;
    const gap = span / (events.length - 1);
    const within = Math.min(AT_ONCE, OF_GAP * gap);
    const hits = sorted.filter((l) => l <= within).length;
    const p = Math.min(
      1,
      (events.length * (within + 2 * Math.max(c.interval, o.interval))) / Math.max(span, 1e-9),
    );
    const chance = tail(spikes.length, hits, p);
    return hits >= MOST * spikes.length && chance < CHANCE
      ? [{ name: o.name, hits, of: spikes.length, within, chance, lag: sorted[hits >> 1]! }]
      : [];
  });
  const soonest = Math.min(...found.map((f) => f.lag));
  const near = 2 * c.interval + 0.2 * AT_ONCE;
  return found.filter((f) => f.lag <= soonest + near);
}

/** Moments at which a channel switches, either way. */
function switchingOf(c: Channel): number[] {
  const [low, high] = quantiles(c.samples, [0.001, 0.999]) as [number, number];
  if (!(high - low > 8 * noiseOf(c.samples))) return [];
  return edgesOf(c.samples, low + 0.35 * (high - low), low + 0.65 * (high - low)).map((e) => timeAt(c, e.at));
}

/** Seconds since the event before a moment; a moment just before one counts as with it. */
function lagAfter(t: number, events: readonly number[], early: number): number {
  let [a, b] = [0, events.length];
  while (a < b) {
    const m = (a + b) >> 1;
    if (events[m]! <= t + early) a = m + 1;
    else b = m;
  }
  return a === 0 ? Infinity : Math.max(0, t - events[a - 1]!);
}

/** Chance of at least k of n by a binomial distribution. */
export function tail(n: number, k: number, p: number): number {
  if (k <= 0) return 1;
  if (p >= 1) return 1;
  let log = n * Math.log(1 - p);
  let sum = 0;
  for (let i = 0; i <= n; i++) {
    if (i >= k) sum += Math.exp(log);
    log += Math.log((n - i) / (i + 1)) + Math.log(p) - Math.log(1 - p);
  }
  return Math.min(1, sum);
}
