import type { Verdict } from '@/core/case';
import type { Channel } from '../../channel';
import { converterStep, edgesOf, median, noiseOf, quantiles, stateLevels } from '../../signal';
import { figure, fixed, listed, moment } from '../../words';
import type { Disturbance, DisturbanceKind } from './disturbance';
import { slowDisturbances } from './slow';
import { OUTPUT, TOOTHED } from './switching';

const SAYS: Partial<Record<DisturbanceKind, string>> = {
  missing: 'has no value',
  'drop-out': 'drops out',
  frozen: 'stands still',
  spike: 'spikes',
};

/** What measures something goes from value to value; it does not jump. */
const MEASURES =
  /sensor|press|temp|level|position|flow|travel|pedal|throttle|\bmap\b|\bmaf\b|\btps\b|\biat\b|\bect\b|\bo2\b|lambda|accel|torque|speed|curr/iu;
/** A drop-out of the length looked for has to leave so many samples. */
const SAMPLES = 4;
/** A signal that goes to and fro so often is not slow. */
const TURNS = 40;
/** Nine tenths of what is nothing but noise lie within so many of its deviations, and some to spare. */
const WITHIN_NOISE = 5;
/** What ought to stand still: of it that is what is wanted. */
const STEADY =
  /supply|batter|\bb\+|\bub\b|reference|\bref\b|5 ?v\b|terminal|ignition feed|klemme|\bgnd\b|ground/iu;

/**
 * What a channel that does not pulse does: where it leaves what it does slowly, or why that cannot be told.
 *
 * @param window seconds that the longest disturbance lasts
 */
export function lookAtSlow(
  c: Channel,
  window: number,
): { verdict: Verdict; because: string; list: Disturbance[]; first: Disturbance | undefined } {
  const list = slowDisturbances(c, window);
  const first = list[0];
  const fast = movesFast(c);
  if (first?.kind !== 'missing' && !fast && !STEADY.test(c.name) && !MEASURES.test(c.name)) {
    const levels = switchedLevels(c);
    if (levels)
      return {
        verdict: 'unsure',
        because: `${c.name} jumps between ${figure(levels.low, c.unit)} and ${figure(levels.high, c.unit)}, as a switch does that is pressed: whether it drops out is not told. Name it for what it measures, if it is no switch.`,
        list: [],
        first: undefined,
      };
  }
  if (first && OUTPUT.test(c.name) && list.every((d) => d.kind === 'spike'))
    return {
      verdict: 'unsure',
      because: `${c.name} spikes ${list.length === 1 ? 'once' : `${list.length} times`}: what is switched makes spikes of its own, and whether any of these is none of its own is not told.`,
      list: [],
      first: undefined,
    };
  if (first && !(fast && first.kind !== 'missing')) {
    const kinds = Object.entries(SAYS).flatMap(([kind, says]) => {
      const n = list.filter((d) => d.kind === kind).length;
      return n > 0 ? [`${says} ${n === 1 ? 'once' : `${n} times`}`] : [];
    });
    return {
      verdict: 'fail',
      because: `${c.name} ${listed(kinds)}, the first time from ${moment(first.from)} for ${fixed((first.to - first.from) * 1000, 'ms', 2)}.`,
      list,
      first,
    };
  }
  const still = isStill(c);
  if (still && !STEADY.test(c.name))
    return {
      verdict: 'unsure',
      because: `${c.name} stays at ${figure(median(c.samples), c.unit)} throughout: nothing drops out, and nothing shows that it answers. Record it while it has to move.`,
      list,
      first,
    };
  if (still && !/gnd|ground/iu.test(c.name) && isNothing(c))
    return {
      verdict: 'unsure',
      because: `${c.name} stays at nothing throughout: it is not there, or not connected.`,
      list,
      first,
    };
  if (!still && fast)
    return {
      verdict: 'unsure',
      because: `${c.name} moves faster than it can be followed and does not pulse evenly: whether something is missing is not told. Sample it faster, or choose a stretch at steady speed.`,
      list,
      first,
    };
  if (/^m?V$/.test(c.unit) && TOOTHED.test(c.name) && !STEADY.test(c.name))
    return {
      verdict: 'unsure',
      because: `${c.name} should pulse, and no pulse stands clear of its noise: nothing is told.`,
      list,
      first,
    };
  if (c.interval > window / SAMPLES)
    return {
      verdict: 'unsure',
      because: `${c.name} has a sample every ${figure(c.interval * 1000, 'ms')}: what drops out for less passes between two of them. Sample it faster.`,
      list,
      first,
    };
  return {
    verdict: 'pass',
    because: still
      ? `${c.name} stays at ${figure(median(c.samples), c.unit)} throughout.`
      : `${c.name} is whole.`,
    list,
    first,
  };
}

/** Does not move but for its noise, the steps of the converter, or a fiftieth of its level. */
function isStill(c: Channel): boolean {
  const [low, middle, high] = quantiles(c.samples, [0.002, 0.5, 0.998]) as [number, number, number];
  const flips = c.samples.reduce((n, v, i) => n + (i > 0 && v !== c.samples[i - 1] ? 1 : 0), 0);
  const steps = flips > 0.05 * c.samples.length ? 3 * converterStep(c.samples) : 0;
  return high - low <= Math.max(8 * noiseOf(c.samples), steps, 0.02 * Math.abs(middle));
}

/** Stands at nothing: a supply that is not there does not drop out. */
const isNothing = (c: Channel): boolean =>
  Math.abs(median(c.samples)) < Math.max(4 * noiseOf(c.samples), c.unit === 'V' ? 0.2 : 0);

/** The two levels of a channel that knows nothing in between. */
function switchedLevels(c: Channel): { low: number; high: number } | undefined {
  const levels = stateLevels(c.samples);
  if (!levels || levels.contrast < 15) return undefined;
  const { low, high } = levels;
  const [a, b] = [low + 0.1 * (high - low), high - 0.1 * (high - low)];
  const between = c.samples.reduce((n, v) => n + (v > a && v < b ? 1 : 0), 0);
  return between < 0.01 * c.samples.length ? levels : undefined;
}

/**
 * Goes through its whole range and back again and again, about as long at the one end as at the other: no line can be
 * laid through it. Spikes are short.
 */
function movesFast(c: Channel): boolean {
  const [low, high] = quantiles(c.samples, [0.05, 0.95]) as [number, number];
  // What stays within its own noise goes nowhere.
  if (high - low < WITHIN_NOISE * noiseOf(c.samples)) return false;
  const edges = edgesOf(c.samples, low + 0.25 * (high - low), high - 0.25 * (high - low));
  if (edges.length < 2 * TURNS) return false;
  const cycles = edges.flatMap((e, i) => {
    const [a, b] = [edges[i + 1], edges[i + 2]];
    return e.rising && a && b ? [{ up: a.at - e.at, whole: b.at - e.at }] : [];
  });
  const usual = median(cycles.map((x) => x.whole));
  // A spike that rings goes to and fro as well, for a moment.
  const covered = cycles.reduce((sum, x) => sum + (x.whole < 5 * usual ? x.whole : 0), 0);
  const duty = median(cycles.map((x) => x.up / x.whole));
  return covered > 0.4 * c.samples.length && duty > 0.15 && duty < 0.85;
}
