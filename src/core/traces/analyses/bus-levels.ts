import { z } from 'zod';
import { Refusal } from '@/core/checks/contract';
import { timeAt, type Channel } from '../channel';
import { defineAnalysis, one, type TraceFinding } from '../contract';
import { pick } from '../settings';
import { deviation, edgesOf, median, noiseOf, quantile, smooth, stateLevels } from '../signal';
import { figure, fixed, moment } from '../words';
import { verdictOf } from './verdict-of';

/** What one line of a bus does. Volts and seconds. */
export interface LineLevels {
  /** Undefined when the line does not move. */
  recessive: number | undefined;
  dominant: number | undefined;
  /** Level of a line that does not move. */
  stuckAt: number | undefined;
}

/** Bit rates that are looked for, in bit/s. */
const RATES = [
  1_000_000, 800_000, 500_000, 250_000, 125_000, 100_000, 83_333, 50_000, 33_333, 20_000, 19_200, 10_417,
  10_000, 9600,
];

/**
 * Limits of high-speed CAN, ISO 11898-2 (from memory): recessive 2.0 … 3.0 V on both lines; dominant 2.75 …
 * 4.5 V on the high, 0.5 … 2.25 V on the low line; between the lines 1.5 … 3.0 V dominant, −0.5 … 0.05 V
 * recessive. Single-wire LIN, ISO 17987-4 (from memory): recessive above 60 %, dominant below 40 % of the supply.
 */
const CAN = { recessive: [2, 3], high: [2.75, 4.5], low: [0.5, 2.25], apart: [1.5, 3] } as const;

/** Levels of one line: which of its two states is dominant follows from which way it is driven. */
function levelsOf(c: Channel, driven: 'up' | 'down'): LineLevels {
  const noise = noiseOf(c.samples);
  const levels = stateLevels(c.samples);
  const mid = quantile(c.samples, 0.5);
  const swing = levels ? levels.high - levels.low : 0;
  // Noise alone also has an upper and a lower half: real levels are far further apart.
  const still = !levels || deviation(c.samples) < Math.max(0.06, 1.15 * noise);
  if (!still && swing < 3.2 * noise)
    throw new Refusal(
      `The noise on "${c.name}" is as large as its levels are apart. Record again with the probe's ground close by.`,
    );
  if (still) return { recessive: undefined, dominant: undefined, stuckAt: mid };
  return driven === 'up'
    ? { recessive: levels.low, dominant: levels.high, stuckAt: undefined }
    : { recessive: levels.high, dominant: levels.low, stuckAt: undefined };
}

/**
 * Bit time from the distances between edges: the longest time of which all distances are whole multiples,
 * within the noise; the standard rate near it when there is one.
 *
 * @returns undefined with too few edges, or when no time fits
 */
function bitTimeOf(c: Channel): { seconds: number; standard: number | undefined; fit: number } | undefined {
  const levels = stateLevels(c.samples);
  if (!levels) return undefined;
  const noise = noiseOf(c.samples);
  const swing = levels.high - levels.low;
  const width = noise * 9 > swing ? 3 : 1;
  const s = width > 1 ? smooth(c.samples, width) : c.samples;
  const h = Math.max(0.12, Math.min(0.3, (4 * noise) / Math.sqrt(width) / swing)) * swing;
  const mid = (levels.low + levels.high) / 2;
  const edges = edgesOf(s, mid - h, mid + h);
  if (edges.length < 12) return undefined;
  // Rising and falling flanks are late by different amounts; like edges are measured against like.
  const gaps: number[] = [];
  for (let i = 2; i < edges.length; i++) gaps.push((edges[i]!.at - edges[i - 2]!.at) * c.interval);
  const all = edges.slice(1).map((e, i) => (e.at - edges[i]!.at) * c.interval);
  const short = quantile(all, 0.03);
  const usable = gaps.filter((g) => g < 40 * short);
  const misfit = (bit: number) => median(usable.map((g) => Math.abs(g / bit - Math.round(g / bit))));
  let best: { seconds: number; fit: number } | undefined;
  // A fraction of the bit time fits as well; the longest that fits is meant, so it is tried first.
  for (let bit = 1.3 * short; bit > 0.55 * short; bit *= 0.995) {
    const fit = misfit(bit);
    if (!best || fit < best.fit - 0.004) best = { seconds: bit, fit };
  }
  if (!best || best.fit > 0.12) return undefined;
  // All distances together tell it finer than any one.
  const n = usable.map((g) => Math.round(g / best.seconds));
  const total = n.reduce((a, b) => a + b, 0);
  const seconds = usable.reduce((a, b) => a + b, 0) / total;
  const rate = 1 / seconds;
  const near = RATES.reduce((a, b) => (Math.abs(Math.log(b / rate)) < Math.abs(Math.log(a / rate)) ? b : a));
  return { seconds, standard: Math.abs(near / rate - 1) < 0.04 ? near : undefined, fit: best.fit };
}

/** How well a level is known: better than 50 mV with little noise, worse with much. */
const slack = (c: Channel): number => Math.max(0.05, 0.8 * noiseOf(c.samples));

const inside = (v: number, [low, high]: readonly [number, number]) => v >= low && v <= high;

export const busLevels = defineAnalysis({
  id: 'bus-levels',
  title: 'Bus levels and bit time',
  question: 'Do the bus lines reach their levels, is one stuck, and how long is a bit?',
  explains:
    'The two levels of each line are taken from how often each voltage occurs, and held against the standard. A line that does not move is stuck, and where it is stuck says to what. The bit time is the longest of which all distances between like edges are whole multiples.',
  source: 'ISO 11898-2 and ISO 17987-4 (limits from memory); state levels after IEEE Std 181-2011.',
  engine: 'none',
  roles: [
    { id: 'high', name: 'High line, or the single wire', guess: /high|can.?h|hi\b|lin/i },
    { id: 'low', name: 'Low line', optional: true, guess: /low|can.?l|lo\b/i },
  ],
  settings: z.object({ bus: pick({ label: 'Kind of bus', options: ['high-speed CAN', 'single wire'] }) }),
  run(given, settings) {
    const high = one(given, 'high')!;
    const low = one(given, 'low');
    const findings: TraceFinding[] = [];
    const single = settings.bus === 'single wire';
    const place = (c: Channel) => ({
      channel: c.name,
      from: timeAt(c, 0),
      to: timeAt(c, Math.min(c.samples.length - 1, 2000)),
    });
    const say = (
      c: Channel,
      name: string,
      what: string,
      v: number,
      range: readonly [number, number],
    ): TraceFinding => ({
      verdict: verdictOf(!inside(v, [range[0] - slack(c), range[1] + slack(c)]), inside(v, range)),
      because: `${name} ${what} ${fixed(v, 'V', 2)}; ${range[0]} to ${range[1]} V belongs there.`,
      about: `${name}, ${what}`,
      figure: fixed(v, 'V', 2),
      place: place(c),
      reading: {
        label: `${name}, ${what}`,
        entered: fixed(v, 'V', 2),
        limit: `${range[0]} to ${range[1]} V`,
      },
    });
    const stuck = (c: Channel, name: string, at: number): TraceFinding => ({
      verdict: 'fail',
      because: `${name} does not move: it stands at ${fixed(at, 'V', 2)}, ${whereStuck(at, single)}.`,
      about: `${name}, stuck`,
      figure: fixed(at, 'V', 2),
      place: place(c),
      reading: { label: `${name}, swing`, entered: '0 V', limit: `min ${single ? 5 : 0.5} V` },
    });
    const h = levelsOf(high, single ? 'down' : 'up');
    if (single) {
      const supply = quantile(high.samples, 0.995);
      if (h.stuckAt !== undefined) findings.push(stuck(high, high.name, h.stuckAt));
      else {
        findings.push(
          say(high, high.name, 'recessive', h.recessive!, [round2(0.6 * supply), round2(supply * 1.01)]),
        );
        findings.push(say(high, high.name, 'dominant', h.dominant!, [0, round2(0.4 * supply)]));
      }
    } else {
      if (h.stuckAt !== undefined) findings.push(stuck(high, high.name, h.stuckAt));
      else {
        findings.push(say(high, high.name, 'recessive', h.recessive!, CAN.recessive));
        findings.push(say(high, high.name, 'dominant', h.dominant!, CAN.high));
      }
      if (low) {
        const l = levelsOf(low, 'down');
        if (l.stuckAt !== undefined) findings.push(stuck(low, low.name, l.stuckAt));
        else {
          findings.push(say(low, low.name, 'recessive', l.recessive!, CAN.recessive));
          findings.push(say(low, low.name, 'dominant', l.dominant!, CAN.low));
        }
        if (h.dominant !== undefined && l.dominant !== undefined)
          findings.push(say(high, 'Between the lines', 'dominant', h.dominant - l.dominant, CAN.apart));
      }
    }
    const lowMoves = low && levelsOf(low, 'down').stuckAt === undefined ? low : undefined;
    const moving = h.stuckAt === undefined ? high : lowMoves;
    if (!moving && findings.length === 0) throw new Refusal('Neither line moves in this stretch.');
    const bit = moving ? bitTimeOf(moving) : undefined;
    if (moving)
      findings.push(
        bit
          ? {
              verdict: bit.standard ? 'pass' : 'unsure',
              because: `A bit lasts ${figure(bit.seconds * 1e6, 'µs', 4)}${bit.standard ? `: ${figure(bit.standard / 1000, 'kbit/s')}` : ', which is none of the usual rates'}.`,
              about: 'bit time',
              figure: figure(bit.seconds * 1e6, 'µs', 4),
              place: place(moving),
              reading: { label: 'bit time', entered: figure(bit.seconds * 1e6, 'µs', 4), limit: '' },
            }
          : {
              verdict: 'unsure',
              because: `Too few edges for a bit time, or they fit none, from ${moment(moving.start)}. Record with more samples per bit.`,
              about: 'bit time',
            },
      );
    return { findings, marks: [] };
  },
});

const round2 = (x: number) => Math.round(x * 100) / 100;

function whereStuck(v: number, single: boolean): string {
  if (v < 0.5) return 'as when shorted to ground';
  if (v > (single ? 0.9 * 12 : 7))
    return single ? 'as when nobody speaks, or shorted to the battery' : 'as when shorted to the battery';
  if (v > 4.5 && v < 5.5) return 'as when shorted to 5 V';
  if (v > 2 && v < 3) return 'at its rest level: nobody speaks, or it is open towards this point';
  return 'a level that belongs to neither state';
}
