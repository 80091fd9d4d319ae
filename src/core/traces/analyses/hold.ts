import { z } from 'zod';
import { Refusal } from '@/core/checks/contract';
import { timeAt, type Channel } from '../channel';
import { defineAnalysis, one, type TraceFinding } from '../contract';
import { number, pick } from '../settings';
import { bin, meanOf, quantiles, noiseOf } from '../signal';
import { figure, fixed } from '../words';
import { verdictOf } from './verdict-of';

/** A straight line through a stretch, with how sure its slope is. */
export interface Slope {
  /** Unit per second. */
  slope: number;
  /** Half the width of the 95 % interval of the slope. */
  margin: number;
  /** Value of the line at its beginning. */
  first: number;
}

/** Quantile 0.975 of Student's t for 1 … 30 degrees of freedom (table of Fisher & Yates, from memory). */
const T975 = [
  12.706, 4.303, 3.182, 2.776, 2.571, 2.447, 2.365, 2.306, 2.262, 2.228, 2.201, 2.179, 2.16, 2.145, 2.131,
  2.12, 2.11, 2.101, 2.093, 2.086, 2.08, 2.074, 2.069, 2.064, 2.06, 2.056, 2.052, 2.048, 2.045, 2.042,
];
/** Blocks whose means the line is laid through: their errors hang together far less than those of samples. */
const BLOCKS = 24;

/**
 * Slope by least squares through the means of 24 blocks, with its 95 % interval by Student's t
 * (NIST/SEMATECH e-Handbook 4.1.4.1). Means of blocks are used since neighbouring samples are not
 * independent, and an interval from them would be far too narrow.
 *
 * @param values even steps
 * @param step seconds
 */
export function slopeOf(values: ArrayLike<number>, step: number): Slope {
  const by = Math.max(1, Math.floor(values.length / BLOCKS));
  const y = [...bin(values, by)].slice(0, BLOCKS);
  const points = y.flatMap((v, i) => (v === v ? [{ x: (i * by + (by - 1) / 2) * step, y: v }] : []));
  const n = points.length;
  if (n < 3) throw new Refusal('There are too few samples in this stretch to tell a slope.');
  const mx = points.reduce((a, p) => a + p.x, 0) / n;
  const my = points.reduce((a, p) => a + p.y, 0) / n;
  const sxx = points.reduce((a, p) => a + (p.x - mx) ** 2, 0);
  const slope = points.reduce((a, p) => a + (p.x - mx) * (p.y - my), 0) / sxx;
  const rest = points.reduce((a, p) => a + (p.y - my - slope * (p.x - mx)) ** 2, 0);
  const t = T975[Math.min(n - 2, 30) - 1]!;
  return { slope, margin: t * Math.sqrt(rest / (n - 2) / sxx), first: my - slope * mx };
}

/** Where the steady part begins: after pumping up or switching off, once the fast change is over. */
function settledFrom(c: Channel): number {
  const by = Math.max(1, Math.floor(c.samples.length / 200));
  const s = bin(c.samples, by);
  let top = 0;
  for (let i = 1; i < s.length * 0.6; i++) if (s[i]! > s[top]!) top = i;
  const [low, high] = quantiles(s, [0.01, 0.99], Infinity) as [number, number];
  // Filling up: whatever rises to the highest value of the first part is not holding yet.
  const rises = s[0]! < low + 0.5 * (high - low) && s[top]! > low + 0.9 * (high - low) && top > 2;
  return rises ? Math.min((top + Math.ceil(0.05 * s.length)) * by, Math.floor(c.samples.length / 2)) : 0;
}

/** Where it has run empty: from there on it lies at the bottom, and says nothing of how it leaked. */
function emptyFrom(samples: Float32Array): number {
  const by = Math.max(1, Math.floor(samples.length / 200));
  const s = bin(samples, by);
  const [low, high] = quantiles(s, [0.01, 0.99], Infinity) as [number, number];
  let k = s.length;
  while (k > 0 && s[k - 1]! < low + 0.06 * (high - low)) k--;
  // A straight fall spends 6 % of its time in the last 6 %; twice as much is lying at the bottom.
  return s.length - k > 0.12 * s.length && k > 0.08 * s.length ? k * by : samples.length;
}

/** So many times its own swing from block to block a value that is left alone does not rise. By judgement. */
const RISE = 4;

/**
 * How much a value rises again after it has fallen: what is left to itself goes one way.
 *
 * @param part the steady part
 * @returns the largest rise from one block's mean to a later one's, 0 where it is within a quarter of the whole course
 *   or the noise of the blocks
 */
function risesBetween(part: Float32Array): number {
  const means = [...bin(part, Math.max(1, Math.floor(part.length / BLOCKS)))].filter((v) => v === v);
  const [low, high] = [Math.min(...means), Math.max(...means)];
  let lowest = Infinity;
  let rise = 0;
  let highest = -Infinity;
  let fall = 0;
  for (const v of means) {
    lowest = Math.min(lowest, v);
    highest = Math.max(highest, v);
    rise = Math.max(rise, v - lowest);
    fall = Math.max(fall, highest - v);
  }
  const both = Math.min(rise, fall);
  const noise = RISE * noiseOf(means);
  return both > 0.25 * (high - low) && both > Math.max(noise, RISE * noiseOf(part)) ? both : 0;
}

/** Whether most of a fall happens from one block to the next but one: a leak takes its time. By judgement. */
function fallsAtOnce(part: Float32Array): boolean {
  const means = [...bin(part, Math.max(1, Math.floor(part.length / BLOCKS)))].filter((v) => v === v);
  const whole = Math.max(...means) - Math.min(...means);
  const most = Math.max(...means.slice(2).map((v, i) => means[i]! - v));
  return most > 0.7 * whole && most > RISE * noiseOf(part);
}

const PER = { 'per second': 1, 'per minute': 60, 'per hour': 3600 } as const;

export const hold = defineAnalysis({
  id: 'hold',
  title: 'Pressure or level hold, value at rest',
  question: 'Does it hold, how fast does it leak, and what is it at rest?',
  explains:
    'A straight line is laid through the steady part, filling up set aside, and its fall is given with the interval it lies in at 95 % confidence. While the limit lies within the interval, the recording is too short to say. Level and swing at rest are given as well, for a voltage or a current that should be still.',
  source: 'Least squares with Student’s t: NIST/SEMATECH e-Handbook 4.1.4.1.',
  engine: 'none',
  roles: [
    {
      id: 'signal',
      name: 'Pressure, level, voltage or current',
      guess: /press|level|bar|kpa|psi|volt|curr|vacuum/i,
    },
  ],
  settings: z.object({
    fall: number({ label: 'May fall by at most', unit: 'in its unit', is: 0.1, min: 0, max: 1e6 }),
    per: pick({ label: 'in that time', options: ['per minute', 'per second', 'per hour'] }),
    skip: number({ label: 'Leave out at the beginning', unit: 's', is: 0, min: 0, max: 1e5 }),
  }),
  run(given, settings) {
    const c = one(given, 'signal')!;
    const from =
      settings.skip > 0 ? Math.min(Math.round(settings.skip / c.interval), c.samples.length) : settledFrom(c);
    const filled = c.samples.subarray(from);
    const part = filled.subarray(0, emptyFrom(filled));
    if (part.length < 24)
      throw new Refusal('Fewer than 24 samples are left in this stretch; leave out less, or record longer.');
    const factor = PER[settings.per as keyof typeof PER];
    const line = slopeOf(part, c.interval);
    const rate = -line.slope * factor;
    const margin = line.margin * factor;
    const unit = c.unit;
    const said = settings.per.replace('per ', '');
    // What is not there cannot leak: it has to stand clear of nothing by more than it may lose.
    const empty = Math.abs(meanOf(part)) < Math.max(4 * noiseOf(part), settings.fall);
    const worked = risesBetween(part);
    const stepped = fallsAtOnce(filled);
    const verdict =
      empty || worked > 0 || stepped
        ? 'unsure'
        : verdictOf(rate - margin > settings.fall, rate + margin <= settings.fall);
    const mean = meanOf(part);
    const [low, high] = quantiles(part, [0.005, 0.995]) as [number, number];
    const place = { channel: c.name, from: timeAt(c, from), to: timeAt(c, from + part.length - 1) };
    const whyUnsure = () => {
      if (empty) return ' It stands at nothing: there is nothing that could leak.';
      if (worked > 0)
        return ` In between it rises again by ${figure(worked, unit, 2)}: something feeds or uses it, and how it holds by itself is not told. Record it while nothing does.`;
      if (stepped)
        return ' Most of it falls at once, and the rest is level: something was switched, or its speed changed. Record it while nothing else does.';
      return ' The limit lies within that: record longer.';
    };
    const why = verdict === 'unsure' ? whyUnsure() : '';
    const findings: TraceFinding[] = [
      {
        verdict,
        because: `It ${rate >= 0 ? 'falls' : 'rises'} by ${figure(Math.abs(rate), unit)} in a ${said}, give or take ${figure(margin, unit, 2)} (95 %).${why}`,
        about: 'leak rate',
        figure: `${figure(rate, unit)} ${settings.per}`,
        place,
        reading: {
          label: `${c.name}, fall ${settings.per}`,
          entered: figure(rate, unit),
          limit: `max ${settings.fall}${unit ? ` ${unit}` : ''}`,
        },
      },
      {
        verdict: '',
        because: `At rest ${figure(mean, unit, 4)}, swinging from ${figure(low, unit, 4)} to ${figure(high, unit, 4)} over ${fixed(place.to - place.from, 's', 1)}.`,
        about: 'at rest',
        figure: figure(mean, unit, 4),
        place,
        reading: { label: `${c.name}, at rest`, entered: figure(mean, unit, 4), limit: '' },
      },
    ];
    return { findings, marks: [{ at: place.from, channel: c.name, words: 'holds from here', verdict: '' }] };
  },
});
