import { endOf, timeAt, valueAt, type Channel } from './channel';
import type { Adjusted, DerivedSpec } from './derived-spec';
import { edgesOf, median, smooth, stateLevels } from './signal';

/** A channel with its figures multiplied and moved; the same one where nothing is asked. */
export function adjusted(c: Channel, by: Adjusted | undefined): Channel {
  if (!by || (by.times === 1 && by.plus === 0)) return c;
  return { ...c, samples: c.samples.map((v) => v * by.times + by.plus) };
}

const unitOf = (spec: DerivedSpec, a: Channel, b: Channel | undefined): string => {
  switch (spec.kind) {
    case 'ratio':
      return a.unit === b?.unit ? '' : `${a.unit}/${b?.unit ?? ''}`;
    case 'integral':
      return a.unit === '' ? 's' : `${a.unit}·s`;
    case 'speed from a wheel':
      return 'rpm';
    default:
      return a.unit;
  }
};

/** Running sum of a channel times its step (trapezoids); missing samples add nothing. */
function integral(c: Channel): Float32Array {
  let sum = 0;
  let last = NaN;
  return c.samples.map((v) => {
    if (v === v && last === last) sum += ((v + last) / 2) * c.interval;
    if (v === v) last = v;
    return sum;
  });
}

/**
 * Turning speed from the pulses of a toothed wheel: each distance between rising edges is one tooth; a gap of the wheel
 * (a distance of about two or three teeth beside shorter neighbours) is bridged.
 *
 * @param teeth of a whole turn, the missing ones counted
 * @returns revolutions per minute, NaN before the first and after the last edge
 */
function speedOf(c: Channel, teeth: number): Float32Array {
  const out = new Float32Array(c.samples.length).fill(NaN);
  const levels = stateLevels(c.samples);
  if (!levels) return out;
  const at = (share: number) => levels.low + share * (levels.high - levels.low);
  const edges = edgesOf(c.samples, at(0.35), at(0.65)).filter((e) => e.rising);
  const gaps = edges.slice(1).map((e, i) => e.at - edges[i]!.at);
  gaps.forEach((g, i) => {
    const around = median(gaps.slice(Math.max(0, i - 3), i + 4));
    const passed = Math.max(1, Math.round(g / around));
    const rpm = ((passed / teeth) * 60) / (g * c.interval);
    out.fill(rpm, Math.ceil(edges[i]!.at), Math.ceil(edges[i + 1]!.at));
  });
  return out;
}

/**
 * Computes a channel from others.
 *
 * @returns undefined where a channel it is made of is not in the recording
 * @example difference of 5 V and 3 V: 2 V; ratio: 1.67; integral of 2 A over 3 s: 6 A·s
 */
export function derive(channels: readonly Channel[], spec: DerivedSpec): Channel | undefined {
  const a = channels.find((c) => c.name === spec.a);
  const b = channels.find((c) => c.name === spec.b);
  if (!a || ((spec.kind === 'difference' || spec.kind === 'ratio') && !b)) return undefined;
  const beside = (i: number) => {
    const t = timeAt(a, i);
    return t > endOf(b!) ? NaN : valueAt(b!, t);
  };
  const samples = {
    difference: () => a.samples.map((v, i) => v - beside(i)),
    // What is divided by nothing has no value.
    ratio: () => a.samples.map((v, i) => (beside(i) === 0 ? NaN : v / beside(i))),
    integral: () => integral(a),
    smoothed: () => smooth(a.samples, Math.max(1, Math.round(spec.by / 1000 / a.interval))),
    'speed from a wheel': () => speedOf(a, spec.by),
  }[spec.kind]();
  return { name: spec.name, unit: unitOf(spec, a, b), samples, interval: a.interval, start: a.start };
}

/** A recording as a person has laid it out: channels adjusted, computed ones behind them. */
export function laidOut(
  channels: readonly Channel[],
  o: { adjust: Readonly<Record<string, Adjusted>>; derived: readonly DerivedSpec[] },
): Channel[] {
  const all = channels.map((c) => adjusted(c, o.adjust[c.name]));
  for (const spec of o.derived) {
    const own = derive(all, spec);
    if (own) all.push(own);
  }
  return all;
}
