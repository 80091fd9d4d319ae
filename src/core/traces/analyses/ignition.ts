import { z } from 'zod';
import { Refusal } from '@/core/checks/contract';
import { timeAt, type Channel } from '../channel';
import { defineAnalysis, type TraceFinding } from '../contract';
import { mapEvents } from './cylinder-map';
import { firingsOf, reachOf, triggersOf } from '../crank';
import { number, pick } from '../settings';
import { median, noiseOf, quantile, smooth, spread } from '../signal';
import { figure, fixed, plural } from '../words';
import { triggerCylinder, triggerRole } from './trigger';

/** One spark, measured. Times in seconds, voltages in the channel's unit with the polarity taken off. */
export interface Spark {
  at: number;
  peak: number;
  /** From the peak to the end of burning. */
  burnTime: number;
  burnVoltage: number;
  /** Swings of the coil after burning that stand out of the noise. */
  ringing: number;
  /** Primary side only: current on until the peak; NaN when not seen. */
  dwell: number;
}

/**
 * Sparks in an ignition voltage: firing peak, burning, and the ringing of the coil after it. Works on
 * either side of the coil and with either polarity.
 *
 * @param side `primary` has a battery voltage at rest and falls to near nothing while current flows
 */
function sparksOf(c: Channel, side: 'primary' | 'secondary'): Spark[] {
  const { sign, rest } = reachOf(c.samples);
  const v = c.samples.map((x) => sign * (x - rest));
  const noise = noiseOf(v);
  const per = 1 / c.interval;
  // A shunted spark fires at less than half of what the others ask for, and must not be missed.
  const firing = firingsOf({ ...c, samples: v }, 0.28, 0.22);
  return firing.flatMap((at, k): Spark[] => {
    const i0 = Math.round((at - c.start) / c.interval);
    const until = Math.min(
      v.length,
      Math.round(((firing[k + 1] ?? Infinity) - c.start) / c.interval),
      i0 + Math.round(0.02 * per),
    );
    if (until - i0 < 0.003 * per) return [];
    let top = i0;
    for (let i = i0; i < Math.min(i0 + Math.round(0.0003 * per) + 2, until); i++)
      if (v[i]! > v[top]!) top = i;
    const peak = v[top]!;
    // Burning: the level held after the peak has fallen and before it ends; looked at a short while after the peak.
    const from = top + Math.max(2, Math.round(0.00012 * per));
    const early = v.subarray(from, Math.min(until, from + Math.max(8, Math.round(0.0005 * per))));
    const level = median(early);
    if (!(level > 3 * noise))
      return [
        { at, peak, burnTime: 0, burnVoltage: level, ringing: 0, dwell: dwellOf(c, sign, rest, top, side) },
      ];
    const width = Math.max(3, Math.round(0.00006 * per));
    const s = smooth(v.subarray(top, until), width);
    // The burning line may rise towards its end; it is over where the voltage last stood above half of it.
    let end = from - top;
    let gone = 0;
    const mostGap = Math.max(3, Math.round(0.00006 * per));
    for (let i = from - top; i < s.length; i++) {
      if (s[i]! > 0.5 * level) {
        if (gone > mostGap) break;
        end = i;
        gone = 0;
      } else gone++;
    }
    return [
      {
        at,
        peak,
        burnTime: end * c.interval,
        burnVoltage: median(v.subarray(from, top + Math.max(end - width, from - top + 1))),
        ringing: ringingOf(s.subarray(end), Math.max((4 * noise) / Math.sqrt(width), 0.07 * level)),
        dwell: dwellOf(c, sign, rest, top, side),
      },
    ];
  });
}

/** Whole swings about the level that the coil comes to rest at. */
function ringingOf(s: Float32Array, least: number): number {
  const rest = quantile(s.subarray(Math.floor(s.length * 0.6)), 0.5);
  let swings = 0;
  let side = 0;
  let extreme = 0;
  for (let i = 0; i < s.length; i++) {
    const d = s[i]! - rest;
    const now = d > least ? 1 : d < -least ? -1 : 0;
    if (now !== 0 && now !== side) {
      swings++;
      side = now;
      extreme = i;
    }
    if (side !== 0 && i - extreme > s.length / 3) break;
  }
  // The first swing is the fall from burning itself.
  return Math.max(0, Math.floor((swings - 1) / 2));
}

/** How long the primary was held near ground before firing. */
function dwellOf(c: Channel, sign: 1 | -1, rest: number, top: number, side: string): number {
  if (side !== 'primary') return NaN;
  // Held low the coil stands a battery voltage below rest, whatever way up the channel is.
  const battery = Math.abs(rest);
  const low = (i: number) => sign * (c.samples[i]! - rest) < -0.5 * battery;
  let i = top;
  const most = Math.round(0.02 / c.interval);
  while (i > 0 && top - i < Math.round(0.0004 / c.interval) && !low(i)) i--;
  if (!low(i)) return NaN;
  const end = i;
  let misses = 0;
  while (i > 0 && end - i < most && misses < 4) {
    if (low(i)) misses = 0;
    else misses++;
    i--;
  }
  return (end - i - misses) * c.interval;
}

/** Sparks of one cylinder, summed up. */
export interface CylinderSparks {
  name: string;
  channel: string;
  at: number;
  count: number;
  peak: number;
  burnTime: number;
  burnSpread: number;
  burnVoltage: number;
  ringing: number;
  dwell: number;
}

function sumUp(name: string, channel: string, sparks: readonly Spark[]): CylinderSparks {
  const of = (get: (s: Spark) => number) => median(sparks.map(get));
  return {
    name,
    channel,
    at: sparks[0]!.at,
    count: sparks.length,
    peak: of((s) => s.peak),
    burnTime: of((s) => s.burnTime),
    burnSpread: spread(sparks.map((s) => s.burnTime)),
    burnVoltage: of((s) => s.burnVoltage),
    ringing: of((s) => s.ringing),
    dwell: of((s) => s.dwell),
  };
}

export const ignition = defineAnalysis({
  id: 'ignition',
  title: 'Ignition: firing, burning, ringing',
  question: 'Does each spark fire, burn and ring out as it should?',
  explains:
    'The firing peak tells what the gap asks for, the time and voltage of burning what the mixture and the plug do with it, and the swings after it that the coil has something left. A shunt, as a fouled or shorted lead, lowers the peak and burns longer; a wide gap raises it and burns shorter. One channel per cylinder, or one channel for all with a trigger and the firing order.',
  source:
    'Burning of 1.5 ms and more is healthy and 1.3 ms short; at least four swings after it; about 10 kV at idle: common practice, no source.',
  engine: 'helps',
  roles: [
    {
      id: 'voltage',
      name: 'Ignition voltage',
      many: true,
      guess: /kv|coil|ignit|second|primary|spark|plug/i,
    },
    triggerRole({ optional: true }),
  ],
  settings: z.object({
    side: pick({ label: 'Side of the coil', options: ['secondary', 'primary'] }),
    cylinder: triggerCylinder(),
    burn: number({ label: 'Healthy burn time, from', unit: 'ms', is: 1.5, min: 0.1, max: 10 }),
    short: number({ label: 'Short burn time, up to', unit: 'ms', is: 1.3, min: 0.1, max: 10 }),
    ringing: number({ label: 'Swings after it, at least', is: 4, min: 0, max: 20 }),
    apart: number({
      label: 'Firing peak may differ from the others by',
      unit: '%',
      is: 35,
      min: 5,
      max: 200,
    }),
  }),
  run(given, settings) {
    const channels = given.channels.voltage ?? [];
    const side = settings.side as 'primary' | 'secondary';
    const all = channels.map((c) => ({ c, sparks: sparksOf(c, side) }));
    const empty = all.find((a) => a.sparks.length === 0);
    if (empty)
      throw new Refusal(
        `No spark stands out in "${empty.c.name}". Choose the side of the coil, and a stretch with several sparks.`,
      );
    const cylinders =
      given.channels.trigger?.[0] && given.engine && all.length === 1
        ? byTrigger(all[0]!, given, settings.cylinder)
        : all.map(({ c, sparks }) => sumUp(all.length === 1 ? 'all sparks' : c.name, c.name, sparks));
    const unit = channels[0]!.unit;
    const findings = cylinders.flatMap((k): TraceFinding[] => {
      const place = { channel: k.channel, from: k.at, to: k.at + k.burnTime };
      const ms = k.burnTime * 1000;
      const error = ((1.25 * k.burnSpread) / Math.sqrt(k.count)) * 1000 + 0.01;
      const burn = ms < settings.short + error ? 'fail' : ms >= settings.burn - error ? 'pass' : 'unsure';
      // The middle of all: with three, one odd one must not make the sound ones look odd.
      const others = cylinders.map((o) => o.peak);
      const odd = others.length > 2 ? k.peak / median(others) - 1 : 0;
      const low = odd < -settings.apart / 100;
      const long = k.burnTime > 1.25 * median(cylinders.map((o) => o.burnTime));
      const rows: TraceFinding[] = [
        {
          verdict: burn,
          because: `${k.name}: burns ${fixed(ms, 'ms', 2)} at ${figure(k.burnVoltage, unit)}, the middle of ${plural(k.count, 'spark')}.`,
          about: k.name,
          figure: fixed(ms, 'ms', 2),
          place,
          reading: {
            label: `burn time, ${k.name}`,
            entered: fixed(ms, 'ms', 2),
            limit: `min ${settings.burn} ms`,
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
          verdict:
            k.ringing >= settings.ringing ? 'pass' : k.ringing >= settings.ringing - 1 ? 'unsure' : 'fail',
          because: `${k.name}: ${plural(Math.round(k.ringing), 'swing')} after burning.`,
          about: k.name,
          figure: String(Math.round(k.ringing)),
          place: { ...place, from: place.to, to: place.to + 0.003 },
          reading: {
            label: `swings after burning, ${k.name}`,
            entered: String(Math.round(k.ringing)),
            limit: `min ${settings.ringing}`,
          },
        },
      ];
      if (k.dwell > 0)
        rows.push({
          verdict: '',
          because: `${k.name}: current on for ${fixed(k.dwell * 1000, 'ms', 2)}.`,
          about: k.name,
          figure: fixed(k.dwell * 1000, 'ms', 2),
          place: { ...place, from: k.at - k.dwell, to: k.at },
          reading: { label: `dwell, ${k.name}`, entered: fixed(k.dwell * 1000, 'ms', 2), limit: '' },
        });
      return rows;
    });
    return {
      findings,
      marks: all.flatMap(({ c, sparks }) =>
        sparks
          .slice(0, 200)
          .map((s) => ({ at: s.at, channel: c.name, words: 'spark', verdict: '' as const })),
      ),
      drawing: {
        kind: 'bars',
        unit: 'ms',
        bars: cylinders.map((k) => ({
          at: k.name.replace('cylinder ', ''),
          value: Number((k.burnTime * 1000).toFixed(2)),
          verdict: findings.find((f) => f.about === k.name)!.verdict,
        })),
        low: settings.burn,
      },
    };
  },
});

/** Sparks of one channel handed out to cylinders. */
function byTrigger(
  all: { c: Channel; sparks: Spark[] },
  given: {
    channels: Readonly<Record<string, readonly Channel[]>>;
    engine?: Parameters<typeof mapEvents>[0] | undefined;
  },
  cylinder: number,
): CylinderSparks[] {
  const plan = given.engine!;
  const { c, sparks } = all;
  const map = mapEvents(
    plan,
    cylinder,
    triggersOf(given.channels.trigger![0]!),
    sparks.map((s) => s.at),
    {
      every: plan.cycle,
      burst: 0,
      span: { from: c.start, to: timeAt(c, c.samples.length) },
    },
  );
  return [...plan.order]
    .sort((a, b) => a - b)
    .flatMap((k) => {
      const own = sparks.filter((s) => map.events.some((e) => e.cylinder === k && e.at === s.at));
      return own.length === 0 ? [] : [sumUp(`cylinder ${k}`, c.name, own)];
    });
}
