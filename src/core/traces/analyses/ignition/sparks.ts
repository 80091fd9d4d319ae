import type { Channel } from '../../channel';
import { reachOf } from '../../crank';
import { median, noiseOf, quantile, smooth } from '../../signal';

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

/** Seconds within which a second rise is the ringing of the same spark. */
const NEXT = 0.001;
const BLOCKS = 32;
/** Seconds that a coil gives nothing before it fires again, and what counts as nothing, as a share of firing. */
const CALM = 0.0003;
const REST = 0.06;

/** How far firing usually reaches: the middle of what the blocks with sparks in them reach. */
function firingLevel(v: Float32Array): number {
  const tops: number[] = [];
  for (let k = 0; k < BLOCKS; k++) {
    let top = 0;
    const end = Math.floor(((k + 1) * v.length) / BLOCKS);
    for (let i = Math.floor((k * v.length) / BLOCKS); i < end; i++) if (v[i]! > top) top = v[i]!;
    tops.push(top);
  }
  tops.sort((a, b) => b - a);
  // The second highest, so that one wild block does not set it.
  return median(tops.filter((t) => t >= 0.4 * tops[1]!));
}

/** Moments at which a voltage fires, in seconds. */
function firingMoments(v: Float32Array, c: Channel, noise: number): number[] {
  const level = firingLevel(v);
  if (!(level > 7 * noise)) return [];
  // Between two sparks the coil is charged, and gives nothing: noise on the burning line is no second spark.
  const calm = smooth(v, Math.max(3, Math.round(CALM / 4 / c.interval)));
  const enough = Math.max(2, Math.round(CALM / c.interval));
  const times: number[] = [];
  let rest = enough;
  for (let i = 1; i < v.length; i++) {
    // A shunted spark fires at less than half of what the others ask for, and must not be missed.
    if (rest >= enough && v[i]! > 0.28 * level) {
      const back = Math.min(1, (v[i]! - 0.28 * level) / Math.max(v[i]! - v[i - 1]!, 1e-12));
      const at = c.start + (i - back) * c.interval;
      if (at - (times.at(-1) ?? -Infinity) > NEXT) times.push(at);
      rest = 0;
    } else if (rest < enough) rest = calm[i]! < REST * level ? rest + 1 : 0;
  }
  return times;
}

/**
 * Sparks in an ignition voltage: firing peak, burning, and the ringing of the coil after it. Works on
 * either side of the coil and with either polarity.
 *
 * @param side `primary` has a battery voltage at rest and falls to near nothing while current flows
 */
export function sparksOf(c: Channel, side: 'primary' | 'secondary'): Spark[] {
  const { sign, rest } = reachOf(c.samples);
  const v = c.samples.map((x) => sign * (x - rest));
  const noise = noiseOf(v);
  const per = 1 / c.interval;
  const firing = firingMoments(v, c, noise);
  return firing.flatMap((at, k): Spark[] => {
    const i0 = Math.round((at - c.start) / c.interval);
    const until = Math.min(
      v.length,
      Math.round(((firing[k + 1] ?? Infinity) - c.start) / c.interval),
      i0 + Math.round(0.02 * per),
    );
    // At the very end of the recording its burning is not seen.
    if (until - i0 < NEXT * per || v.length - i0 < 0.003 * per) return [];
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
    const now = Math.abs(d) > least ? Math.sign(d) : 0;
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
