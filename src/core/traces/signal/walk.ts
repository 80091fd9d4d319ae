import { median } from './robust';

/** Something between two pulses that the pattern does not have. Places are numbers of pulses. */
export interface Break {
  kind: 'missing' | 'extra' | 'silence' | 'odd';
  /** The pulse before it. */
  after: number;
  /** The pulse with which it is in order again. */
  until: number;
  /** Pulses that are missing or too many; of a silence how many would have fitted. */
  count: number;
  /** Distance of a pulse of mean pattern just before it, in the unit of the gaps. */
  pace: number;
  /** Whether the pulses came more slowly before it, as those of something that runs down. */
  slowing: boolean;
}

/** A distance may differ so much from the one expected: the speed changes meanwhile. */
const SLOWER = 1.42;
const FASTER = 0.68;
/** Logarithm of how well a number of missing pulses has to fit. */
const FITS = 0.16;
/** More pulses than this are not counted: the speed may have changed meanwhile. */
const COUNTED = 8;
/** Over the last pulses before a stop those of a thing with mass come so much slower. */
const RUNS_DOWN = 1.25;
const BEFORE = 7;
/** In the widest distances of the pattern: a recording may end anywhere between two pulses. */
const ENDED = 2.2;
/** And so long is a silence; what is shorter and fits no number of missing pulses is only odd. */
const QUIET = 1.6;

/**
 * Follows pulses along their pattern, as fast as they come, and tells where they leave it.
 *
 * @param gaps distances between pulses, in any unit
 * @param pattern distances of one turn, their mean 1
 * @param rest from the last pulse to the end of what was recorded
 * @returns breaks in order; a silence that lasts to the end is until the pulse after the last
 * @example followPattern([1, 1, 1, 2, 1, 1, 1, 1], [1]) // one pulse missing after pulse 3
 */
export function followPattern(gaps: readonly number[], pattern: readonly number[], rest = 0): Break[] {
  const n = pattern.length;
  const widest = Math.max(...pattern);
  const out: Break[] = [];
  let { at, unit } = placeIn(gaps, 0, pattern, 1);
  const units: number[] = [];
  // Of a thing that runs down or up no pulse is where the one before would have it; until it keeps its pace again
  // all of that is one stop.
  let stop: Break | undefined;
  for (let i = 0; i < gaps.length; i++) {
    const g = gaps[i]!;
    const expected = unit * pattern[at]!;
    const ratio = g / expected;
    // A pulse too many late in its distance leaves a first part that would pass for a faster one.
    const next = (gaps[i + 1] ?? Infinity) / expected;
    const parted = !stop && next < 0.6 && Math.abs(ratio + next - 1) < 0.12;
    if (!parted && ratio > FASTER && ratio < SLOWER) {
      units.push(g / pattern[at]!);
      unit = 0.5 * unit + 0.5 * (g / pattern[at]!);
      at = (at + 1) % n;
      if (units.length >= BEFORE && !runsDown(units)) stop = undefined;
      continue;
    }
    const slowing = runsDown(units);
    if (stop) {
      stop.until = i + 1;
      if (g > QUIET * unit * widest) stop.kind = 'silence';
      ({ at, unit } = placeIn(gaps, i + 1, pattern, unit));
      units.length = 0;
      continue;
    }
    if (ratio >= SLOWER) {
      const missing = countMissing(g, unit, pattern, at);
      // After a slowing one only more of the same is told: the next pulse of a wheel that runs down is late.
      if (missing !== undefined && !slowing) {
        out.push({ kind: 'missing', after: i, until: i + 1, count: missing, slowing, pace: unit });
        at = (at + missing + 1) % n;
        continue;
      }
      stop = {
        kind: g > QUIET * unit * widest ? 'silence' : 'odd',
        after: i,
        until: i + 1,
        count: Math.max(1, Math.round(g / unit) - 1),
        slowing,
        pace: unit,
      };
      out.push(stop);
    } else {
      const extra = countExtra(gaps, i, expected);
      if (extra > 0) {
        out.push({ kind: 'extra', after: i, until: i + extra + 1, count: extra, slowing, pace: unit });
        i += extra;
        at = (at + 1) % n;
        continue;
      }
      out.push({ kind: 'odd', after: i, until: i + 1, count: 0, slowing, pace: unit });
    }
    ({ at, unit } = placeIn(gaps, i + 1, pattern, unit));
    units.length = 0;
  }
  // The pulse that should have come has not, nor the one after it.
  const left = rest / (unit * widest);
  if (left > ENDED && stop) {
    stop.kind = 'silence';
    stop.until = gaps.length + 1;
  } else if (left > ENDED)
    out.push({
      kind: 'silence',
      after: gaps.length,
      until: gaps.length + 1,
      count: Math.round(rest / unit),
      slowing: runsDown(units),
      pace: unit,
    });
  return out;
}

/** Whether the last pulses came ever more slowly. */
function runsDown(units: readonly number[]): boolean {
  const last = units.slice(-BEFORE);
  return last.length >= 3 && last.at(-1)! > RUNS_DOWN * Math.min(...last.slice(0, -1));
}

function countMissing(g: number, unit: number, pattern: readonly number[], at: number): number | undefined {
  let sum = pattern[at]!;
  let best: { count: number; off: number } | undefined;
  for (let count = 1; count <= COUNTED; count++) {
    sum += pattern[(at + count) % pattern.length]!;
    const off = Math.abs(Math.log(g / (unit * sum)));
    if (off < (best?.off ?? FITS)) best = { count, off };
  }
  return best?.count;
}

/** Pulses too many: several short distances that together are the one expected. */
function countExtra(gaps: readonly number[], i: number, expected: number): number {
  let sum = gaps[i]!;
  for (let k = 1; k <= 4 && i + k < gaps.length; k++) {
    sum += gaps[i + k]!;
    if (sum > FASTER * expected && sum < SLOWER * expected) return k;
    if (sum > expected) return 0;
  }
  return 0;
}

/** Where in the pattern the distances from one on are, and how fast they come. */
function placeIn(
  gaps: readonly number[],
  from: number,
  pattern: readonly number[],
  before: number,
): { at: number; unit: number } {
  const n = pattern.length;
  const look = gaps.slice(from, from + Math.max(4, Math.min(n + 2, 80)));
  if (look.length === 0) return { at: 0, unit: before };
  if (n === 1) return { at: 0, unit: median(look.slice(0, 4)) };
  let best = { at: 0, unit: 0, off: Infinity };
  for (let at = 0; at < n; at++) {
    const ratios = look.map((g, k) => g / pattern[(at + k) % n]!);
    const unit = median(ratios.slice(0, Math.max(4, ratios.length >> 1)));
    const off = ratios.reduce((sum, r) => sum + Math.min(0.7, Math.abs(Math.log(r / unit))), 0);
    if (off < best.off) best = { at, unit, off };
  }
  return best;
}
