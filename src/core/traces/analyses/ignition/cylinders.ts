import type { TraceFinding } from '../../contract';
import { median, spread } from '../../signal';
import { figure, fixed, plural } from '../../words';
import type { Spark } from './sparks';
import { sparksPerStroke } from './strokes';
import { verdictOf } from '../verdict-of';

/** Limits that sparks are held against: milliseconds, swings, per cent. */
export interface SparkLimits {
  burn: number;
  short: number;
  ringing: number;
  apart: number;
}

/** Sparks of one cylinder, summed up; times in seconds. */
export interface CylinderSparks {
  name: string;
  channel: string;
  at: number;
  /** First sparks of the strokes. */
  firsts: number[];
  count: number;
  /** How many sparks a stroke has. */
  perStroke: { usual: number; least: number; most: number };
  peak: number;
  burnTime: number;
  burnSpread: number;
  burnVoltage: number;
  ringing: number;
  /** Of the first spark. */
  dwell: number;
}

/** Of several sparks in a stroke the first tells the peak and the dwell, the last burns until it rings out. */
export function sumUp(name: string, channel: string, strokes: readonly Spark[][]): CylinderSparks {
  const firsts = strokes.map((s) => s[0]!);
  const lasts = strokes.map((s) => s.at(-1)!);
  const of = (list: readonly Spark[], get: (s: Spark) => number) => median(list.map(get));
  return {
    name,
    channel,
    at: firsts[0]!.at,
    firsts: firsts.map((s) => s.at),
    count: strokes.length,
    perStroke: sparksPerStroke(strokes),
    peak: of(firsts, (s) => s.peak),
    burnTime: of(lasts, (s) => s.burnTime),
    burnSpread: spread(lasts.map((s) => s.burnTime)),
    burnVoltage: of(firsts, (s) => s.burnVoltage),
    ringing: of(lasts, (s) => s.ringing),
    dwell: of(firsts, (s) => s.dwell),
  };
}

/** How many sparks a cylinder has each time it fires; several are made on purpose while cranking and at idle. */
function countOf(k: CylinderSparks, all: readonly CylinderSparks[]): TraceFinding[] {
  const { usual, least, most } = k.perStroke;
  const others = all.filter((o) => o !== k).map((o) => o.perStroke.usual);
  const apart = others.length > 1 && others.every((o) => o !== usual);
  if (usual < 2 && !apart) return [];
  const told = least === most ? String(usual) : `${least} to ${most}`;
  return [
    {
      verdict: apart ? 'unsure' : '',
      because: `${k.name}: ${told} spark${usual === 1 ? '' : 's'} in each stroke it fires in.${apart ? ` The others have ${median(others)}.` : ''}`,
      about: k.name,
      figure: String(usual),
      place: { channel: k.channel, from: k.at, to: k.at },
      reading: { label: `sparks in each stroke, ${k.name}`, entered: told, limit: '' },
    },
  ];
}

/** What the sparks of each cylinder come to. */
export function cylinderFindings(
  cylinders: readonly CylinderSparks[],
  settings: SparkLimits,
  unit: string,
): TraceFinding[] {
  return cylinders.flatMap((k): TraceFinding[] => {
    const place = { channel: k.channel, from: k.at, to: k.at + k.burnTime };
    const ms = k.burnTime * 1000;
    const error = ((1.25 * k.burnSpread) / Math.sqrt(k.count)) * 1000 + 0.01;
    // Sparks that are cut off for the next one on purpose tell nothing of how long they could burn.
    const several = k.perStroke.usual > 1;
    const burn = several ? '' : verdictOf(ms < settings.short + error, ms >= settings.burn - error);
    // The middle of all: with three, one odd one must not make the sound ones look odd.
    const others = cylinders.map((o) => o.peak);
    const odd = others.length > 2 ? k.peak / median(others) - 1 : 0;
    const low = odd < -settings.apart / 100;
    const long = k.burnTime > 1.25 * median(cylinders.map((o) => o.burnTime));
    const rows: TraceFinding[] = [
      {
        verdict: burn,
        because: `${k.name}: burns ${fixed(ms, 'ms', 2)} at ${figure(k.burnVoltage, unit)}, the middle of ${plural(k.count, 'spark')}${several ? ', the last of each stroke' : ''}.`,
        about: k.name,
        figure: fixed(ms, 'ms', 2),
        place,
        reading: {
          label: `burn time, ${k.name}`,
          entered: fixed(ms, 'ms', 2),
          limit: several ? '' : `min ${settings.burn} ms`,
        },
      },
      {
        verdict: Math.abs(odd) > settings.apart / 100 ? 'fail' : 'pass',
        because: `${k.name}: fires at ${figure(k.peak, unit)}${others.length > 2 ? `, ${Math.round(Math.abs(100 * odd))} % ${odd < 0 ? 'below' : 'above'} the others` : ''}.${low && long ? ' Low with a long burn: a shunt past the gap, as a shorted lead or a fouled plug.' : ''}`,
        about: k.name,
        figure: figure(k.peak, unit),
        place,
        reading: {
          label: `firing peak, ${k.name}`,
          entered: figure(k.peak, unit),
          limit:
            others.length > 2
              ? `${figure(median(others) * (1 - settings.apart / 100), '')} to ${figure(median(others) * (1 + settings.apart / 100), unit)}`
              : '',
        },
      },
      {
        verdict: several ? '' : verdictOf(k.ringing < settings.ringing - 1, k.ringing >= settings.ringing),
        because: `${k.name}: ${plural(Math.round(k.ringing), 'swing')} after burning.`,
        about: k.name,
        figure: String(Math.round(k.ringing)),
        place: { ...place, from: place.to, to: place.to + 0.003 },
        reading: {
          label: `swings after burning, ${k.name}`,
          entered: String(Math.round(k.ringing)),
          limit: several ? '' : `min ${settings.ringing}`,
        },
      },
    ];
    if (k.dwell > 0)
      rows.push({
        verdict: '',
        because: `${k.name}: current on for ${fixed(k.dwell * 1000, 'ms', 2)}${several ? ' before the first spark' : ''}.`,
        about: k.name,
        figure: fixed(k.dwell * 1000, 'ms', 2),
        place: { ...place, from: k.at - k.dwell, to: k.at },
        reading: { label: `dwell, ${k.name}`, entered: fixed(k.dwell * 1000, 'ms', 2), limit: '' },
      });
    return [...countOf(k, cylinders), ...rows];
  });
}

/** When every cylinder fails the same way none of them is to blame. */
export function allAlike(findings: readonly TraceFinding[], cylinders: number): TraceFinding[] {
  if (cylinders < 3) return [];
  return [
    ['burns', 'burn too short'],
    ['swing', 'ring out too soon'],
  ].flatMap(([word, what]): TraceFinding[] => {
    const failed = findings.filter((f) => f.verdict === 'fail' && f.because.includes(word!));
    return failed.length === cylinders
      ? [
          {
            verdict: '',
            because: `All ${cylinders} ${what}, alike: look at what they share (supply and ground of the coils, mixture, plugs of one age) before any one of them.`,
            about: 'all of them',
          },
        ]
      : [];
  });
}
