import { Refusal } from '@/core/checks/contract';
import { endOf, valueAt, type Channel } from '../../channel';
import { median, medianOfFive, noiseOf, quantiles, smooth } from '../../signal';

/** One step of a command and what came of it. Shares are of the step. */
export interface StepAnswer {
  /** Seconds. */
  at: number;
  /** Size of the commanded step, in the command's unit. */
  step: number;
  /** Seconds until the answer has gone half the way; NaN when it never does. */
  lag: number;
  /** Seconds from a tenth to nine tenths of the way. */
  rise: number;
  /** How far it goes beyond where it comes to rest. */
  overshoot: number;
  /** Where it comes to rest, less the command. */
  error: number;
}

export interface Following {
  steps: StepAnswer[];
  /** The answer does not move at all while the command does. */
  stuck: boolean;
  /** Distance of the answer's last rest from its first, where the command came back: share of the range; NaN if it did not. */
  noReturn: number;
  range: number;
  /** Noise of the answer: share of the range. */
  noise: number;
}

const POINTS = 40_000;

/**
 * Two channels over the time that both have, at the finer of their steps.
 *
 * @param command one channel
 * @param answer the other
 * @param most how many points at the most; a longer stretch gets a wider step
 * @returns first moment and step in seconds, and both as they were at each
 */
export function onOneGrid(
  command: Channel,
  answer: Channel,
  most = POINTS,
): { t0: number; step: number; u: Float32Array; y: Float32Array } {
  const from = Math.max(command.start, answer.start);
  const to = Math.min(endOf(command), endOf(answer));
  const step = Math.max(Math.min(command.interval, answer.interval), (to - from) / most);
  const n = Math.floor((to - from) / step);
  if (n < 16) throw new Refusal('Command and answer do not overlap in time in this stretch.');
  const read = (c: Channel) => Float32Array.from({ length: n }, (_, i) => valueAt(c, from + i * step));
  return { t0: from, step, u: read(command), y: read(answer) };
}

/**
 * Follows each step of a command in the answer: lag, rise, overshoot (terms of IEEE Std 181-2011), the error
 * that stays, whether the answer is stuck, and whether it comes back to where it began.
 *
 * @param gain what the answer should be for a command of 1, and `offset` for 0
 */
export function followingOf(command: Channel, answer: Channel, gain = 1, offset = 0): Following {
  const { t0, step, u: rawU, y: rawY } = onOneGrid(command, answer);
  const noiseU = noiseOf(rawU);
  const noiseY = noiseOf(rawY);
  const range = spanOf(smooth(rawU, 5));
  if (!(range > 8 * noiseU))
    throw new Refusal(`The command "${command.name}" does not move in this stretch.`);
  const u = cleaned(rawU, noiseU, range);
  const y = cleaned(rawY, noiseY, Math.max(spanOf(rawY), 1e-9));
  const jumps = jumpsOf(u, 0.12 * range);
  const moved = spanOf(smooth(rawY, 9));
  const stuck = moved < 0.08 * Math.abs(gain) * range + 2 * noiseY;
  const steps = jumps.flatMap((j, k): StepAnswer[] => {
    const end = jumps[k + 1]?.from ?? u.length;
    if (end - j.to < 8) return [];
    const before = median(
      y.subarray(
        Math.max(
          k > 0 ? jumps[k - 1]!.to : 0,
          j.from - Math.max(6, Math.round(0.3 * (j.from - (jumps[k - 1]?.to ?? 0)))),
        ),
        Math.max(j.from, 1),
      ),
    );
    const settled = rawY.subarray(Math.round(j.to + 0.7 * (end - j.to)), end);
    const after = median(settled);
    const target = gain * median(u.subarray(Math.round(j.to + 0.7 * (end - j.to)), end)) + offset;
    const went = after - before;
    const wanted = gain * (j.after - j.before);
    const cross = (share: number) => {
      for (let i = j.from; i < end; i++)
        if ((y[i]! - before) * Math.sign(went) >= share * Math.abs(went)) return i;
      return NaN;
    };
    // Of a step that is not answered at all there is no lag to tell.
    const answered =
      Math.abs(went) > Math.max(0.25 * Math.abs(wanted), (3 * noiseY) / Math.sqrt(8)) &&
      Math.sign(went) === Math.sign(wanted);
    let top = -Infinity;
    for (let i = j.from; i < end; i++) top = Math.max(top, (y[i]! - after) * Math.sign(went));
    const middle = (j.from + j.to) / 2;
    return [
      {
        at: t0 + middle * step,
        step: j.after - j.before,
        lag: answered ? (cross(0.5) - middle) * step : NaN,
        rise: answered ? (cross(0.9) - cross(0.1)) * step : NaN,
        overshoot: answered ? Math.max(0, top - noiseY) / Math.abs(wanted) : 0,
        error: (after - target) / Math.abs(gain * range),
      },
    ];
  });
  const rest = Math.max(4, Math.round(0.04 * u.length));
  const first = median(u.subarray(0, rest));
  const last = median(u.subarray(-rest));
  const back = Math.abs(last - first) < 0.08 * range;
  return {
    steps,
    stuck,
    noReturn: back
      ? (median(rawY.subarray(-rest)) - median(rawY.subarray(0, rest))) / Math.abs(gain * range)
      : NaN,
    range,
    noise: noiseY / Math.abs(gain * range),
  };
}

/**
 * How far a signal moves, a hundredth at each end left out.
 *
 * @param s samples
 * @returns the distance between its quantiles 0.01 and 0.99, in its unit
 */
export const spanOf = (s: Float32Array): number => {
  const [a, b] = quantiles(s, [0.01, 0.99], Infinity) as [number, number];
  return b - a;
};

/** As smooth as its noise asks for, without rounding its corners more than needed. */
function cleaned(s: Float32Array, noise: number, range: number): Float32Array {
  const width = Math.min(21, Math.max(1, 2 * Math.ceil((noise / range) ** 2 * 200) + 1));
  return width <= 1 && noise === 0 ? s : smooth(medianOfFive(s), width);
}

/** Stretches in which a command goes from one rest to another. */
function jumpsOf(
  u: Float32Array,
  least: number,
): { from: number; to: number; before: number; after: number }[] {
  const reach = Math.max(4, Math.round(u.length / 400));
  const out: { from: number; to: number; before: number; after: number }[] = [];
  for (let i = reach; i + reach < u.length; i++) {
    if (Math.abs(u[i + reach]! - u[i - reach]!) < least) continue;
    let steepest = i;
    let j = i;
    while (j + reach < u.length && Math.abs(u[j + reach]! - u[j - reach]!) >= least) {
      if (Math.abs(u[j + 1]! - u[j - 1]!) > Math.abs(u[steepest + 1]! - u[steepest - 1]!)) steepest = j;
      j++;
    }
    const before = median(u.subarray(Math.max(0, i - 3 * reach), Math.max(i - reach + 1, 1)));
    const after = median(u.subarray(Math.min(j + reach, u.length - 1), Math.min(u.length, j + 4 * reach)));
    const half = (before + after) / 2;
    let mid = i;
    for (let k = i; k <= j; k++)
      if ((u[k]! - half) * Math.sign(after - before) >= 0) {
        mid = k;
        break;
      }
    if (Math.abs(after - before) >= least)
      out.push({ from: Math.max(0, mid - 1), to: mid + 1, before, after });
    i = j + reach;
  }
  return out;
}
