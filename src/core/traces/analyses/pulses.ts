import { z } from 'zod';
import { Refusal } from '@/core/checks/contract';
import { timeAt, type Channel } from '../channel';
import { defineAnalysis, one, type TraceFinding } from '../contract';
import { number } from '../settings';
import {
  edgesOf,
  median,
  noiseOf,
  peaksOf,
  quantiles,
  smooth,
  spread,
  stateLevels,
  type Edge,
} from '../signal';
import { figure, moment, plural } from '../words';

/** What a switching or swinging signal does. Times in seconds. */
export interface Pulses {
  kind: 'two levels' | 'peaks';
  low: number;
  high: number;
  edges: Edge[];
  /** Positions of rising edges, or of peaks, in samples. */
  beats: number[];
  period: number;
  /** Spread of the period as a share of it. */
  jitter: number;
  /** Share of the time above the middle; NaN for peaks. */
  duty: number;
  shortest: number;
}

/** How many times the noise a threshold must stand clear of the levels. */
const CLEAR = 4.5;

/**
 * Edges, pulses and period of a signal. One that rests at two levels is measured at half height (IEEE Std
 * 181-2011), any other by its peaks. Noise is smoothed as far as the shortest pulse allows.
 *
 * @returns undefined when nothing repeats above the noise
 */
function pulsesOf(c: Channel): Pulses | undefined {
  const noise = noiseOf(c.samples);
  const levels = stateLevels(c.samples);
  if (!levels) return undefined;
  // Two levels, or something that swings in between: a sine rests nowhere.
  const swing = levels.high - levels.low;
  const inside = between(c.samples, levels.low + 0.25 * swing, levels.high - 0.25 * swing);
  const wide = widthFor(noise, swing);
  const twoLevels = inside < 0.22 && swing > 2 * noise;
  for (const width of widths(wide)) {
    const found = twoLevels
      ? byEdges(c, smooth(c.samples, width), levels.low, levels.high)
      : byPeaks(c, width, noise);
    if (found) return found;
  }
  return undefined;
}

/** Samples to smooth over so that noise stays clear of thresholds a quarter of the swing away. */
function widthFor(noise: number, swing: number): number {
  const need = (CLEAR * noise) / (0.25 * swing);
  return need <= 1 ? 1 : 2 * Math.ceil(need ** 2 / 2) + 1;
}

const widths = (first: number): number[] => (first > 1 ? [first, 2 * first + 1] : [1, 5]);

function between(s: Float32Array, low: number, high: number): number {
  let n = 0;
  let all = 0;
  for (const v of s) {
    if (v !== v) continue;
    all++;
    if (v > low && v < high) n++;
  }
  return all === 0 ? 0 : n / all;
}

function byEdges(c: Channel, s: Float32Array, low: number, high: number): Pulses | undefined {
  const swing = high - low;
  const edges = edgesOf(s, low + 0.3 * swing, high - 0.3 * swing);
  const rising = edges.filter((e) => e.rising).map((e) => e.at);
  if (rising.length < 3) return undefined;
  const gaps = differences(rising);
  const period = median(gaps);
  let up = 0;
  let whole = 0;
  let shortest = Infinity;
  for (let i = 0; i + 1 < edges.length; i++) {
    const wide = edges[i + 1]!.at - edges[i]!.at;
    shortest = Math.min(shortest, wide);
    if (edges[i]!.rising && i + 2 < edges.length) {
      up += wide;
      whole += edges[i + 2]!.at - edges[i]!.at;
    }
  }
  return {
    kind: 'two levels',
    low,
    high,
    edges,
    beats: rising,
    period: period * c.interval,
    jitter: spread(gaps) / period,
    duty: up / whole,
    shortest: shortest * c.interval,
  };
}

function byPeaks(c: Channel, width: number, noise: number): Pulses | undefined {
  const s = smooth(c.samples, width);
  const [low, high] = quantiles(s, [0.02, 0.98]) as [number, number];
  const least = Math.max(0.4 * (high - low), (CLEAR * noise) / Math.sqrt(width));
  const peaks = peaksOf(s, least);
  if (peaks.length < 3) return undefined;
  // Flanks are steepest halfway, so crossings of the middle tell the period better than rounded tops.
  const edges = edgesOf(s, low + 0.35 * (high - low), low + 0.65 * (high - low));
  const rising = edges.filter((e) => e.rising).map((e) => e.at);
  const beats =
    rising.length >= 3 && Math.abs(rising.length - peaks.length) <= 1 ? rising : peaks.map((p) => p.at);
  const gaps = differences(beats);
  const period = median(gaps);
  return {
    kind: 'peaks',
    low,
    high,
    edges,
    beats,
    period: period * c.interval,
    jitter: spread(gaps) / period,
    duty: NaN,
    shortest: Math.min(...gaps) * c.interval,
  };
}

const differences = (at: readonly number[]): number[] => at.slice(1).map((x, i) => x - at[i]!);

/** Distances that are not the usual one: where a pulse is missing, or one too many. */
function oddGaps(p: Pulses, share: number): { at: number; to: number; times: number }[] {
  const usual = median(differences(p.beats));
  return differences(p.beats).flatMap((g, i) => {
    const around = median(differences(p.beats.slice(Math.max(0, i - 4), i + 6)));
    const times = g / (Math.abs(around - usual) < 0.5 * usual ? around : usual);
    return Math.abs(times - 1) > share ? [{ at: p.beats[i]!, to: p.beats[i + 1]!, times }] : [];
  });
}

export const pulses = defineAnalysis({
  id: 'pulses',
  title: 'Pulses: period, frequency, duty',
  question: 'How fast does it pulse, how wide, and is a pulse missing?',
  explains:
    'A signal that rests at two levels is measured at half its height, any other by its peaks; noise is smoothed as far as the shortest pulse allows. A distance that differs from those around it is a pulse missing or one too many.',
  source:
    'State levels and half-height crossings after IEEE Std 181-2011; missing pulse by half a period, common practice, no source.',
  engine: 'none',
  roles: [{ id: 'signal', name: 'Signal', guess: /./ }],
  settings: z.object({
    odd: number({ label: 'A distance is odd when it differs by', unit: '%', is: 45, min: 5, max: 200 }),
    most: number({ label: 'Odd distances allowed', is: 0, min: 0, max: 1000 }),
  }),
  run(given, settings) {
    const c = one(given, 'signal')!;
    const p = pulsesOf(c);
    if (!p)
      throw new Refusal(
        `Nothing repeats in "${c.name}" above its noise. Choose a stretch with at least three pulses in it.`,
      );
    const place = (from: number, to: number) => ({
      channel: c.name,
      from: timeAt(c, from),
      to: timeAt(c, to),
    });
    const first = place(p.beats[0]!, p.beats[1]!);
    const odd = oddGaps(p, settings.odd / 100);
    const hz = 1 / p.period;
    const findings: TraceFinding[] = [
      {
        verdict: '',
        because: `${plural(p.beats.length, 'pulse')}, one every ${figure(p.period * 1000, 'ms', 4)} (${figure(hz, 'Hz', 4)}), from ${figure(p.low, c.unit)} to ${figure(p.high, c.unit)}.`,
        about: 'frequency',
        figure: figure(hz, 'Hz', 4),
        place: first,
        reading: { label: `${c.name}, frequency`, entered: figure(hz, 'Hz', 4), limit: '' },
      },
    ];
    if (p.kind === 'two levels')
      findings.push({
        verdict: '',
        because: `High for ${figure(p.duty * 100, '%')} of the time; the shortest pulse or pause lasts ${figure(p.shortest * 1000, 'ms')}.`,
        about: 'duty',
        figure: figure(p.duty * 100, '%'),
        place: first,
        reading: { label: `${c.name}, duty`, entered: figure(p.duty * 100, '%'), limit: '' },
      });
    const shown = odd.slice(0, 50);
    findings.push({
      verdict: odd.length <= settings.most ? 'pass' : 'fail',
      because:
        odd.length === 0
          ? 'No distance between pulses stands out.'
          : `${plural(odd.length, 'distance')} between pulses ${odd.length === 1 ? 'stands' : 'stand'} out, the first at ${moment(timeAt(c, odd[0]!.at))}: ${figure(odd[0]!.times, '')} times the usual.`,
      about: 'missing pulses',
      figure: String(odd.length),
      ...(odd[0] ? { place: place(odd[0].at, odd[0].to) } : {}),
      reading: {
        label: `${c.name}, odd distances`,
        entered: String(odd.length),
        limit: `max ${settings.most}`,
      },
    });
    return {
      findings,
      marks: shown.map((o) => ({
        at: timeAt(c, o.at),
        channel: c.name,
        words: o.times > 1 ? 'pulse missing' : 'pulse too many',
        verdict: 'fail' as const,
      })),
    };
  },
});
