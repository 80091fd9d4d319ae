import type { Verdict } from '@/core/case';
import { endOf, timeAt, type Channel } from '../../channel';
import { followPattern, median, noiseOf, quantile, type Break, type Train } from '../../signal';
import { figure, moment, plural } from '../../words';
import type { Disturbance } from './disturbance';
import { gapsOfTurn } from './gaps';
import { verdictOf } from '../verdict-of';

/** Switched by a control unit: that it goes quiet is nothing by itself. Common practice, no source. */
export const OUTPUT =
  /coil|ignit|inject|solenoid|valve|pump|relay|lamp|driver|pwm|duty|command|control|\bio\b|heater/iu;
/** On something that turns: it cannot go quiet from one tooth to the next. */
const SENSOR =
  /hall|sensor|\bck?ps?\b|\bcmps?\b|crank|cam\b|camshaft|wheel|speed|\bvss\b|tooth|pick-?up|reluctor|geber|drehzahl|capteur/iu;
/** A swing below this share of its own usual one has sunk; a coil's also falls with its speed. */
const SUNK = 0.62;
/** Of its usual speed: what turns, what stands, and what turns fast enough for a coil. */
const TURNS = 0.1;
const STANDS = 0.02;
const TURNS_FAST = 0.4;
/** A coil gives next to nothing in a gap of its wheel, and noise makes or hides a pulse there now and then. */
const FEW = 4;
/** Pulses that a silence would have had room for: noise hides no such thing. */
const LONG = 8;
const NOISY = 'its noise is too large to say that of single pulses';
/** As many pulses in a row, so that one odd pulse is no sinking. */
const SUNK_FOR = 7;

/** Sensors that can do nothing but pulse. */
export const TOOTHED = /hall|\bck?ps?\b|\bcmps?\b|crank|camshaft|tooth|pick-?up|reluctor/iu;

/** Noise below this share of the swing makes no pulse. */
const QUIET = 0.03;

export interface Witness {
  name: string;
  /** How fast it turned meanwhile, of its usual speed; undefined where it does not tell. */
  turned: (from: number, to: number) => number | undefined;
}

export interface SwitchingLook {
  verdict: Verdict;
  because: string;
  list: Disturbance[];
  /** The one that tells most. */
  first: Disturbance | undefined;
  /** Moments of pulses too many, which something else may have caused. */
  extras: number[];
}

/**
 * What a train of pulses does where it leaves its own pattern: pulses missing or too many, silence, a swing that
 * sinks; and whether that is a fault, or it stands still, or cannot be told.
 *
 * @param c the channel
 * @param train its pulses, of `trainOf`
 * @param others what may have seen that it was turning meanwhile
 * @returns the verdict with its sentence, and each disturbance with its place in seconds
 */
export function lookAtPulses(c: Channel, train: Train, others: readonly Witness[]): SwitchingLook {
  const output = OUTPUT.test(c.name);
  const gaps = train.beats.slice(1).map((x, i) => x - train.beats[i]!);
  const rest = c.samples.length - train.beats.at(-1)!;
  const list: Disturbance[] = [];
  const fails: string[] = [];
  const open: string[] = [];
  const notes: string[] = [];
  const extras: number[] = [];
  let first: Disturbance | undefined;
  const at = (i: number) => timeAt(c, train.beats[Math.min(i, train.beats.length - 1)]!);
  const tell = (d: Omit<Disturbance, 'channel'>, says: string, verdict: 'fail' | 'unsure') => {
    const accuses =
      verdict === 'fail' &&
      !output &&
      (!train.noisy || (train.square && d.kind === 'silence' && d.by >= LONG));
    list.push({ ...d, channel: c.name });
    if (accuses && !first) first = list.at(-1);
    (accuses ? fails : open).push(says);
  };

  const usual = median(gaps);
  const quiet = noiseOf(c.samples) < QUIET * (train.high - train.low);
  const sunk = sinking(c, train);
  if (sunk)
    tell(
      { kind: 'sinks', from: sunk.from, to: sunk.to, by: sunk.least },
      `its swing sinks from ${figure(sunk.usual, c.unit)} to ${figure(sunk.least, c.unit)} at ${moment(sunk.from)}`,
      'fail',
    );
  const breaks = followPattern(gaps, train.pattern, rest).filter(
    (b) =>
      b.kind === 'silence' ||
      // Pulses that are lost once the swing has sunk are told by that; a coil loses them at low speed by nature.
      (!(sunk && at(b.until) > sunk.from) && (train.square || isSteady(gaps, b.after, usual))),
  );
  const odd = breaks.filter((b) => b.kind === 'odd' && !b.slowing);
  if (odd.length > 0)
    tell(
      { kind: 'missing pulses', from: at(odd[0]!.after), to: at(odd[0]!.until), by: 0 },
      `${plural(odd.length, 'distance')} between pulses ${odd.length === 1 ? 'is' : 'are'} odd, the first at ${moment(at(odd[0]!.after))}, and no number of missing pulses fits`,
      'unsure',
    );
  const single = breaks.filter((b) => b.kind === 'missing' || b.kind === 'extra');
  for (const kind of ['missing', 'extra'] as const) {
    const these = single.filter((b) => b.kind === kind);
    if (these.length === 0) continue;
    const count = these.reduce((sum, b) => sum + b.count, 0);
    const says = `${plural(count, 'pulse')} ${count === 1 ? 'is' : 'are'} ${kind === 'missing' ? 'missing' : 'too many'}, the first at ${moment(at(these[0]!.after))}`;
    these.forEach((b, i) => {
      const d = { from: at(b.after), to: at(b.until), by: b.count };
      if (kind === 'extra') extras.push(d.from);
      if (i > 0) list.push({ ...d, kind: `${kind} pulses`, channel: c.name });
      else {
        // One pulse too many on a channel that is not quiet may be noise that crossed both thresholds.
        // Beside a distance that fits nothing the place in the pattern is lost, and one pulse tells nothing.
        const lost = odd.some((o) => Math.abs(o.after - b.after) <= 2 * train.pattern.length);
        const seen = count >= FEW || (train.square && !lost && (kind === 'missing' || quiet));
        tell({ ...d, kind: `${kind} pulses` }, says, seen ? 'fail' : 'unsure');
      }
    });
  }
  for (const b of breaks) {
    if (b.kind !== 'silence') continue;
    const [from, to] = [at(b.after), b.until >= train.beats.length ? endOf(c) : at(b.until)];
    const how = silent(c, train, b, from, to);
    const turned = others.map((o) => ({ name: o.name, turned: o.turned(from, to) }));
    // A coil gives nothing at low speed.
    const witness = turned.find(
      (o) => o.turned !== undefined && o.turned > (train.square ? TURNS : TURNS_FAST),
    );
    const stood = turned.find(
      (o) => o.turned !== undefined && o.turned < (train.square ? STANDS : TURNS_FAST),
    );
    const d = { kind: 'silence' as const, from, to, by: b.count };
    if (witness) tell(d, `${how} while ${witness.name} goes on`, 'fail');
    else if (b.slowing || (!train.square && b.pace > usual / TURNS_FAST))
      notes.push(`it runs down and stands from ${moment(from)}`);
    else if (stood)
      tell(
        d,
        `${how}, and ${stood.name} stops as well: it stands, or both have lost what they share`,
        'unsure',
      );
    else if (SENSOR.test(c.name))
      tell(d, `${how}, from one pulse to the next: nothing that turns can stop so`, 'fail');
    else
      tell(
        d,
        `${how}: a sensor cannot stop so, an output may be switched off. A channel that shows whether it was turning would tell`,
        'unsure',
      );
  }
  const gapsOwn = gapsOfTurn(train.pattern, c.name);
  if (gapsOwn && fails.length === 0)
    (gapsOwn.verdict === 'fail' && !train.noisy ? fails : open).push(gapsOwn.says);
  const whole = `${plural(train.beats.length, 'pulse')}, none missing, and the swing stays`;
  const says = [...fails, ...open];
  return {
    verdict: verdictOf(fails.length > 0, open.length === 0 && !train.noisy),
    because: `${c.name}: ${[...(says.length ? says : [whole]), ...notes, ...(train.noisy ? [NOISY] : [])].join('; ')}.`,
    list: list.sort((a, b) => a.from - b.from),
    first: first ?? list[0],
    extras,
  };
}

/** Whether the pulses around one come at a usual and even speed. */
function isSteady(gaps: readonly number[], i: number, usual: number): boolean {
  const [before, after] = [median(gaps.slice(Math.max(0, i - 12), i)), median(gaps.slice(i + 1, i + 13))];
  const slowest = Math.max(before || 0, after || 0);
  return slowest < 1.8 * usual && Math.abs(Math.log((before || slowest) / (after || slowest))) < 0.26;
}

/** "stays high (4.9 V) from 1.2 s for 35 ms", or to the end. */
function silent(c: Channel, train: Train, b: Break, from: number, to: number): string {
  // Its own last pulse is still in it.
  const begin = Math.ceil(train.beats[b.after]!);
  const end = b.until >= train.beats.length ? c.samples.length : Math.floor(train.beats[b.until]!);
  const stays = median(c.samples.subarray(begin + ((end - begin) >> 2), end));
  const share = (stays - train.low) / (train.high - train.low);
  const lowOrQuiet = share < 0.25 ? 'stays low' : 'is quiet';
  const level = share > 0.75 ? 'stays high' : lowOrQuiet;
  const lasts = end === c.samples.length ? 'to the end' : `for ${figure((to - from) * 1000, 'ms')}`;
  return `it ${level} (${figure(stays, c.unit)}) from ${moment(from)} ${lasts}`;
}

/** The first stretch over which the swing of the pulses is less than it was, at the same speed. */
function sinking(
  c: Channel,
  { edges, square, pattern }: Train,
): { from: number; to: number; usual: number; least: number } | undefined {
  const pulses: { at: number; swing: number; gap: number }[] = [];
  const inner = (a: number, b: number) => {
    const margin = (b - a) * (square ? 0.25 : 0.1);
    return c.samples.subarray(
      Math.ceil(a + margin),
      Math.max(Math.ceil(a + margin) + 1, Math.floor(b - margin) + 1),
    );
  };
  for (let i = 0; i + 2 < edges.length; i++) {
    if (!edges[i]!.rising) continue;
    const [up, down] = [inner(edges[i]!.at, edges[i + 1]!.at), inner(edges[i + 1]!.at, edges[i + 2]!.at)];
    const swing = square ? median(up) - median(down) : quantile(up, 0.9) - quantile(down, 0.1);
    pulses.push({ at: edges[i]!.at, swing, gap: edges[i + 2]!.at - edges[i]!.at });
  }
  if (pulses.length < 3 * SUNK_FOR) return undefined;
  // The speed of a whole turn of the pattern, whatever teeth it has.
  const gaps = pulses.map((p) => p.gap);
  pulses.forEach((p, i) => {
    const turn = gaps.slice(Math.max(0, Math.min(i, gaps.length - pattern.length)), i + pattern.length);
    p.gap = turn.reduce((a, b) => a + b, 0) / turn.length;
  });
  const usual = quantile(
    pulses.map((p) => p.swing),
    0.8,
  );
  const speed =
    1 /
    quantile(
      pulses.filter((p) => p.swing > SUNK * usual).map((p) => p.gap),
      0.5,
    );
  // A coil's swing is held against its speed.
  const low = pulses.map((p) => {
    const slower = square ? 1 : Math.min(1, 1 / (p.gap * speed));
    return p.swing < SUNK * usual * slower;
  });
  for (let i = 0; i + SUNK_FOR <= pulses.length; i++) {
    if (!low[i]) continue;
    let end = i;
    while (end < pulses.length && low[end]) end++;
    if (end - i >= SUNK_FOR) {
      const these = pulses.slice(i, end).map((p) => p.swing);
      return {
        from: timeAt(c, pulses[i]!.at),
        to: timeAt(c, pulses[end - 1]!.at),
        usual,
        least: Math.min(...these),
      };
    }
    i = end;
  }
  return undefined;
}
