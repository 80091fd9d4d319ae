import { Refusal } from '@/core/checks/contract';
import { timeAt, type Channel } from '../../channel';
import { median, edgesOf, smooth, stateLevels } from '../../signal';
import type { Drop } from './find-drops';

/** One time through all injectors: the drop of each in turn, undefined where there was none. */
export interface Pass {
  drops: (Drop | undefined)[];
  /** How often each injector was opened; NaN where that was not recorded. */
  pulses: number;
}

/** Pulses closer than this, in seconds, open one injector many times; common practice, no source. */
const ONE_TRAIN = 0.5;
/** Seconds by which the pressure may seem to fall before its pulse. */
const EARLY = 0.25;

/** Levels this far apart, in their own spread, are not crossed by noise. */
const CLEAR = 7;

/** Groups of pulses, one for each time an injector was opened. */
function trainsOf(c: Channel): { from: number; to: number; count: number }[] {
  const levels = stateLevels(c.samples);
  if (!levels) return [];
  // Smoothing would wash away pulses of one sample, as a slow logger sees them; noise asks for it.
  const s = levels.contrast > CLEAR ? c.samples : smooth(c.samples, 3);
  const at = (share: number) => levels.low + share * (levels.high - levels.low);
  const out: { from: number; to: number; count: number }[] = [];
  for (const e of edgesOf(s, at(0.35), at(0.65))) {
    const t = timeAt(c, e.at);
    const last = out.at(-1);
    if (last && t - last.to < ONE_TRAIN) {
      last.to = t;
      if (e.rising) last.count++;
    } else if (e.rising) out.push({ from: t, to: t, count: 1 });
    else if (last) last.to = t;
  }
  return out;
}

/**
 * Which injector each drop is of, by the moments at which injectors were pulsed.
 *
 * @param n injectors of one pass
 * @throws Refusal when the pulses do not make whole passes
 */
export function placedByPulses(drops: readonly Drop[], pulsed: Channel, n: number): Pass[] {
  const trains = trainsOf(pulsed);
  if (trains.length === 0 || trains.length % n !== 0)
    throw new Refusal(
      `"${pulsed.name}" shows ${trains.length} injectors opened, and passes of ${n} are asked for. Enter how many were pulsed in one pass, or choose a stretch of whole passes.`,
      'injectors',
    );
  return Array.from({ length: trains.length / n }, (_, p) => ({
    pulses: Math.round(median(trains.slice(p * n, (p + 1) * n).map((t) => t.count))),
    drops: trains.slice(p * n, (p + 1) * n).map((t, k) => {
      const next = trains[p * n + k + 1]?.from ?? Infinity;
      return drops.find((d) => d.from > t.from - EARLY && d.from < next - EARLY);
    }),
  }));
}

const whole = (drops: readonly (Drop | undefined)[], n: number): Pass[] =>
  Array.from({ length: drops.length / n }, (_, p) => ({
    pulses: NaN,
    drops: drops.slice(p * n, (p + 1) * n),
  }));

/** How near to a whole number of usual distances a distance in a steady rhythm lies. */
const STEADY = 0.15;

/**
 * Puts drops in their places in the row of injectors. In a steady rhythm a distance of two usual ones has an
 * injector in it that made no drop; where pauses differ, only the count tells.
 *
 * @param n injectors of one pass
 * @throws Refusal when it is not told where a drop is missing
 */
export function placedByRhythm(drops: readonly Drop[], n: number): Pass[] {
  const gaps = drops.slice(1).map((d, i) => d.from - drops[i]!.from);
  const usual = median(gaps.filter((g) => g < 1.3 * Math.min(...gaps)));
  const steps = gaps.map((g) => g / usual);
  const steady = (x: number) => Math.abs(x - Math.round(x)) < STEADY && x < 2 + STEADY;
  const row: (Drop | undefined)[] = [drops[0]];
  let rhythm = true;
  drops.slice(1).forEach((d, i) => {
    // Between two passes the pause may be any.
    if (row.length % n !== 0) {
      if (!steady(steps[i]!)) rhythm = false;
      else for (let k = 1; k < Math.round(steps[i]!) && row.length % n !== 0; k++) row.push(undefined);
    }
    row.push(d);
  });
  const left = row.length > drops.length;
  const fits = rhythm && row.length % n === 0;
  const full = drops.length % n === 0;
  if (full && left && fits)
    throw new Refusal(
      `${drops.length} drops make ${drops.length / n} passes of ${n}, and their rhythm leaves room for ${row.length - drops.length} more: it is not told whether an injector let nothing through. Add a channel with the injector pulses.`,
    );
  if (full) return whole(drops, n);
  if (fits) return whole(row, n);
  throw new Refusal(
    `${drops.length} drops are in this stretch, and passes of ${n} injectors leave ${n - (drops.length % n)} out: it is not told which injector made none. Add a channel with the injector pulses, or choose a stretch that begins before the first and ends after the last.`,
  );
}
