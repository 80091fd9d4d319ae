import { timeAt, type Channel } from '../channel';
import { mod } from '../engine';
import { edgesOf, median, noiseOf, quantiles, smooth, spread, stateLevels } from '../signal';

/** A toothed wheel as its signal shows it. */
export interface Wheel {
  /** Teeth that would be there without the gap, and teeth the gap leaves out. */
  teeth: number;
  gap: number;
  /** Seconds of each tooth. */
  times: number[];
  /** For each whole revolution, the index in `times` of the first tooth after the gap. */
  turns: number[];
  /** Gaps where none belongs: seconds. */
  strayGaps: number[];
  /** Other places of the revolution, in teeth, at which a gap alike comes as often: any of them may be the gap. */
  alike: number[];
}

/** Whether noise is so large beside the swing that teeth may be made or lost by it. */
export function tooNoisy(c: Channel): boolean {
  const [low, high] = quantiles(c.samples, [0.03, 0.97]) as [number, number];
  return noiseOf(c.samples) > 0.07 * (high - low);
}

/** Moments at which a toothed wheel's signal goes down through its middle, or up: one per tooth. */
export function teethOf(c: Channel, rising: boolean): number[] {
  const noise = noiseOf(c.samples);
  const levels = stateLevels(c.samples);
  if (!levels) return [];
  const [low, high] = quantiles(c.samples, [0.03, 0.97]) as [number, number];
  const swing = Math.max(high - low, levels.high - levels.low);
  const mid = (low + high) / 2;
  for (const width of [1, 3, 5, 9]) {
    const clear = (4.5 * noise) / Math.sqrt(width);
    if (clear > 0.3 * swing) continue;
    const h = Math.max(0.12 * swing, clear / 2);
    const s = width === 1 ? c.samples : smooth(c.samples, width);
    const edges = edgesOf(s, mid - h, mid + h);
    return edges.filter((e) => e.rising === rising).map((e) => timeAt(c, e.at));
  }
  return [];
}

/**
 * Tooth pattern of a crank wheel from the moments of its teeth: a gap is a distance that is a whole number
 * of times those around it; teeth per revolution is the number that most gaps are apart.
 *
 * @param shift teeth by which another of the gaps alike is taken as the gap
 * @param perTurn how often the pattern comes in one turn, see `gapsPerTurn`
 * @returns undefined when no gap repeats
 */
export function wheelOf(times: readonly number[], shift = 0, perTurn = 1): Wheel | undefined {
  if (times.length < 12) return undefined;
  const d = times.slice(1).map((t, i) => t - times[i]!);
  const ratio = d.map((x, i) => {
    const around = [d[i - 3], d[i - 2], d[i - 1], d[i + 1], d[i + 2], d[i + 3]].filter(
      (y) => y !== undefined,
    );
    return x / median(around);
  });
  const gaps = ratio.flatMap((r, i) => (r > 1.6 ? [{ i, size: Math.round(r) - 1 }] : []));
  if (gaps.length < 2) return undefined;
  // Positions counted in whole teeth, missing ones included.
  const place: number[] = [0];
  ratio.forEach((r) => place.push(place.at(-1)! + (r > 1.6 ? Math.round(r) : 1)));
  const at = gaps.map((g) => place[g.i + 1]!);
  // The number of teeth by which most gaps repeat.
  const counts = new Map<number, number>();
  for (let a = 0; a < at.length; a++)
    for (let b = a + 1; b < Math.min(at.length, a + 6); b++) {
      const n = at[b]! - at[a]!;
      if (n >= 8 && n <= 400) counts.set(n, (counts.get(n) ?? 0) + 1);
    }
  const repeated = [...counts]
    .filter(([, n]) => n >= 0.6 * Math.max(...counts.values()))
    .sort((a, b) => a[0] - b[0]);
  if (repeated[0] === undefined) return undefined;
  const teeth = repeated[0][0] * perTurn;
  // The gap stands at one place of the revolution; others are teeth that are missing or lost.
  const heaps = new Map<number, number[]>();
  at.forEach((p, k) => heaps.set(mod(p, teeth), [...(heaps.get(mod(p, teeth)) ?? []), k]));
  const weight = (members: readonly number[]) => members.length * sizeOf(members, gaps);
  const byWeight = [...heaps].sort((a, b) => weight(b[1]) - weight(a[1]));
  const best = byWeight[0]!;
  const alike = byWeight
    .slice(1)
    .filter((h) => weight(h[1]) > 0.8 * weight(best[1]))
    .map(([p]) => mod(p - best[0], teeth));
  const home = mod(best[0] + shift, teeth);
  const members = heaps.get(home) ?? best[1];
  const gap = Math.round(median(members.map((k) => gaps[k]!.size)));
  const turns = place.flatMap((p, i) => (mod(p, teeth) === home ? [i] : []));
  // Two teeth side by side do not break off turn after turn at one place: gaps like the first are the wheel's own.
  const own = gap >= 2 ? [0, ...alike].flatMap((a) => heaps.get(mod(best[0] + a, teeth)) ?? []) : members;
  const strayGaps = gaps.filter((_, k) => !own.includes(k)).map((g) => times[g.i]!);
  return { teeth, gap, times: [...times], turns, strayGaps, alike };
}

const sizeOf = (members: readonly number[], gaps: readonly { size: number }[]) =>
  median(members.map((k) => gaps[k]!.size));

/** Crank degrees of moments, counted from the first tooth after the gap; whole turns go on counting. */
export function anglesOn(wheel: Wheel, moments: readonly number[]): number[] {
  const { times, turns, teeth } = wheel;
  const angle: number[] = [];
  // Degrees of every tooth, by the place its turn gives it.
  const degrees = new Float64Array(times.length).fill(NaN);
  turns.forEach((first, turn) => {
    const next = turns[turn + 1];
    if (next === undefined) return;
    // Between two gaps the teeth are numbered by their distance, so that a lost tooth shifts none after it.
    let p = 0;
    degrees[first] = turn * 360;
    for (let i = first + 1; i < next; i++) {
      const around = median(
        [1, 2, 3, 4].flatMap((k) => {
          if (i - k > first) return [times[i - k]! - times[i - k - 1]!];
          if (i + k < next) return [times[i + k]! - times[i + k - 1]!];
          return [];
        }),
      );
      p += Math.max(1, Math.round((times[i]! - times[i - 1]!) / around));
      degrees[i] = turn * 360 + (p / teeth) * 360;
    }
    degrees[next] = (turn + 1) * 360;
  });
  for (const t of moments) {
    let a = 0;
    let b = times.length - 1;
    if (t < times[0]! || t > times[b]!) {
      angle.push(NaN);
      continue;
    }
    while (a < b - 1) {
      const m = (a + b) >> 1;
      if (times[m]! <= t) a = m;
      else b = m;
    }
    angle.push(degrees[a]! + ((t - times[a]!) / (times[b]! - times[a]!)) * (degrees[b]! - degrees[a]!));
  }
  return angle;
}

/**
 * How often the pattern of a wheel comes in one turn: gaps opposite each other make it look like a wheel of half as many
 * teeth. The cam tells, whose edges come back after two turns, and not sooner.
 *
 * @param wheel as its own gaps show it
 * @param moments of the cam's edges
 */
export function gapsPerTurn(wheel: Wheel, moments: readonly number[]): number {
  const angles = anglesOn(wheel, moments).filter((a) => !Number.isNaN(a));
  if (angles.length < 4) return 1;
  for (const n of [1, 2, 3]) {
    const cycle = 720 * n;
    const cycles = (angles.at(-1)! - angles[0]!) / cycle;
    if (cycles < 2) break;
    const heaps: number[][] = [];
    for (const a of angles.map((x) => mod(x, cycle)).sort((x, y) => x - y)) {
      const last = heaps.at(-1);
      if (last && a - last.at(-1)! < 12) last.push(a);
      else heaps.push([a]);
    }
    const shares = heaps.map((h) => h.length / cycles).filter((share) => share > 0.25);
    if (shares.length > 0 && shares.every((share) => share > 0.75)) return n;
  }
  return 1;
}

/** Angle of one cam edge, revolution by revolution. */
export interface CamEdge {
  /** Degrees of the 720 after the gap that begins the cycle. */
  angle: number;
  /** Each cycle's own: seconds and degrees. */
  each: { at: number; angle: number }[];
  scatter: number;
  /** Degrees from the first to the last cycle, on the straight line through all. */
  drift: number;
}

/** Cam edges heaped by where in two turns they come; a heap seen in fewer than half the cycles is noise. */
export function camEdges(wheel: Wheel, moments: readonly number[]): CamEdge[] {
  const angles = anglesOn(wheel, moments);
  const seen = moments.flatMap((at, i) =>
    Number.isNaN(angles[i]!) ? [] : [{ at, angle: mod(angles[i]!, 720), whole: angles[i]! }],
  );
  if (seen.length === 0) return [];
  const cycles = Math.max(1, Math.floor((seen.at(-1)!.whole - seen[0]!.whole) / 720));
  const sorted = [...seen].sort((a, b) => a.angle - b.angle);
  const heaps: (typeof seen)[] = [];
  for (const e of sorted) {
    const last = heaps.at(-1);
    if (last && e.angle - last.at(-1)!.angle < 12) last.push(e);
    else heaps.push([e]);
  }
  // The circle closes: a heap about 0 was cut in two.
  const [first, last] = [heaps[0]!, heaps.at(-1)!];
  if (heaps.length > 1 && first[0]!.angle + 720 - last.at(-1)!.angle < 12)
    heaps[0] = [...last.map((e) => ({ ...e, angle: e.angle - 720 })), ...(heaps.pop(), first)];
  return heaps
    .filter((h) => h.length >= 0.5 * cycles && h.length >= 2)
    .map((h) => {
      const each = [...h].sort((a, b) => a.at - b.at).map(({ at, angle }) => ({ at, angle }));
      // Scatter from turn to turn, so that a drift does not count as scatter.
      const steps = each.slice(1).map((e, i) => e.angle - each[i]!.angle);
      const scatter = steps.length > 1 ? spread(steps) / Math.SQRT2 : 0;
      return { angle: median(each.map((e) => e.angle)), each, scatter, drift: driftOf(each) };
    });
}

/**
 * By how much an angle moves over a recording: the middle of the last third against that of the first, which lie two
 * thirds apart.
 *
 * @param each angles in degrees with their moments, in order
 * @returns degrees over the whole recording; 0 for fewer than six
 */
export function driftOf(each: readonly { at: number; angle: number }[]): number {
  if (each.length < 6) return 0;
  const third = Math.floor(each.length / 3);
  return (
    1.5 * (median(each.slice(-third).map((e) => e.angle)) - median(each.slice(0, third).map((e) => e.angle)))
  );
}
