import { Refusal } from '@/core/checks/contract';
import { endOf, valueAt, type Channel } from '../../channel';
import { converterStep, median, noiseOf, quantile, smooth, spread } from '../../signal';

/** How one channel goes with the middle of the others. */
export interface Agreement {
  name: string;
  /** Middle distance from the others over the whole stretch. */
  bias: number;
  /** Stretches in which it leaves them: seconds. */
  apart: { from: number; to: number; by: number }[];
  /** How jagged it is: its own noise over that of the middle channel. */
  jagged: number;
}

const POINTS = 20_000;

/** What the roughest tenth of a channel's second differences begins at. */
const roughest = (s: Float32Array): number =>
  quantile(
    s.subarray(2).map((v, i) => Math.abs(v - 2 * s[i + 1]! + s[i]!)),
    0.9,
  );

/** Channels read at the same moments. */
export function aligned(channels: readonly Channel[]): { times: number[]; rows: Float32Array[] } {
  const from = Math.max(...channels.map((c) => c.start));
  const to = Math.min(...channels.map(endOf));
  const step = Math.max(...channels.map((c) => c.interval), (to - from) / POINTS);
  if (!(to - from > 4 * step)) throw new Refusal('The channels do not overlap in time in this stretch.');
  const n = Math.floor((to - from) / step);
  const times = Array.from({ length: n }, (_, i) => from + i * step);
  return { times, rows: channels.map((c) => Float32Array.from(times, (t) => valueAt(c, t))) };
}

/** Slope and offset that lay one channel on another, by the middle of pairwise slopes (Theil 1950, Sen 1968). */
function laidOn(x: Float32Array, y: Float32Array): { slope: number; offset: number } {
  const n = x.length;
  const slopes: number[] = [];
  const far = 0.3 * spread(x);
  // Pairs near in time and apart in value: a stretch in which one channel leaves the others spoils only the
  // pairs across its ends, not every pair with one foot in it.
  for (const apart of [n / 24, n / 16, n / 11].map(Math.floor)) {
    const step = Math.max(1, Math.floor((n - apart) / 1500));
    for (let i = 0; i + apart < n; i += step) {
      const dx = x[i + apart]! - x[i]!;
      if (Math.abs(dx) > far) slopes.push((y[i + apart]! - y[i]!) / dx);
    }
  }
  const slope = slopes.length > 10 ? median(slopes) : 1;
  return { slope, offset: median(Float64Array.from(x, (v, i) => y[i]! - slope * v)) };
}

const middleOf = (rows: readonly Float32Array[]): Float32Array =>
  Float32Array.from(rows[0]!, (_, i) => median(rows.map((r) => r[i]!)));

/** All channels in the measure of the first: on it, then on the middle of all, which one odd one cannot pull. */
function inOneMeasure(raw: readonly Float32Array[]): Float32Array[] {
  let rows = [...raw];
  let onto = raw[0]!;
  for (let round = 0; round < 3; round++) {
    const target = onto;
    rows = rows.map((r) => {
      const { slope, offset } = laidOn(r, target);
      return r.map((v) => slope * v + offset);
    });
    onto = middleOf(rows);
  }
  return rows;
}

/**
 * Which of several channels that should say the same does not, and when.
 *
 * @param tolerance how far one may lie from the middle of the others, in the channels' unit
 * @param lasting seconds that it must be apart
 * @param proportional whether a fixed factor and offset between channels are allowed, as between two pedal tracks
 */
export function agreementOf(
  channels: readonly { name: string }[],
  { times, rows: raw }: { times: number[]; rows: Float32Array[] },
  o: { tolerance: number; share: number; lasting: number; proportional: boolean },
): Agreement[] {
  const step = times[1]! - times[0]!;
  const rows = o.proportional ? inOneMeasure(raw) : raw;
  // What a coarse converter does to a channel is not the channel's noise, and hides what noise it has.
  const steps = rows.map((r) => converterStep(r));
  const noises = rows.map((r, i) => Math.max(noiseOf(r), 0.4 * steps[i]!));
  // Now and then jagged, as each time a damaged tooth goes by, shows in the roughest tenth only.
  const rough = rows.map((r, i) => Math.max(roughest(r), steps[i]!));
  const coarse = rows.map((_, i) => noises[i]! < 1.2 * steps[i]!);
  const window = Math.max(1, Math.round((0.6 * o.lasting) / step));
  const all = rows.length > 2 ? middleOf(rows) : undefined;
  return rows.map((r, k) => {
    // With three and more the middle of all is not pulled by the odd one; of two, each has only the other.
    const middle = all ?? rows[1 - k]!;
    const off = smooth(
      Float32Array.from(r, (v, i) => v - middle[i]!),
      window,
    );
    const noise = (noises[k]! * Math.SQRT2) / Math.sqrt(Math.max(1, window));
    const allowed = (i: number) => Math.max(o.tolerance, o.share * Math.abs(middle[i]!)) + 3 * noise;
    const apart: Agreement['apart'] = [];
    let from = -1;
    for (let i = 0; i <= off.length; i++) {
      const out = i < off.length && Math.abs(off[i]!) > allowed(i);
      if (out && from < 0) from = i;
      else if (!out && from >= 0) {
        if ((i - from) * step >= 0.6 * o.lasting)
          apart.push({ from: times[from]!, to: times[i - 1]!, by: median(off.subarray(from, i)) });
        from = -1;
      }
    }
    return {
      name: channels[k]!.name,
      bias: median(off),
      apart,
      jagged: coarse[k]
        ? 1
        : Math.max(
            noises[k]! / (median(noises.filter((_, i) => i !== k)) || 1e-12),
            rough[k]! / (median(rough.filter((_, i) => i !== k)) || 1e-12),
          ),
    };
  });
}

/** The one that is apart longest; with more than two, the others must be apart far less. */
export function oddOne(list: readonly Agreement[]): Agreement | undefined {
  const away = (a: Agreement) => a.apart.reduce((s, x) => s + x.to - x.from, 0);
  const sorted = [...list].sort((a, b) => away(b) - away(a));
  const [first, second] = sorted;
  if (!first || away(first) === 0) return undefined;
  return list.length > 2 && away(second!) < 0.5 * away(first) ? first : undefined;
}
