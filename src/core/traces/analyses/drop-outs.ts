import { z } from 'zod';
import { Refusal } from '@/core/checks/contract';
import { timeAt, type Channel } from '../channel';
import { defineAnalysis, type TraceFinding } from '../contract';
import { triggersOf } from '../crank';
import { number } from '../settings';
import { converterStep, median, noiseOf, quantiles, spread } from '../signal';
import { fixed, listed, moment, plural } from '../words';

type DisturbanceKind = 'missing' | 'drop-out' | 'frozen' | 'spike';

/** A stretch in which a channel does not tell the truth. */
export interface Disturbance {
  kind: DisturbanceKind;
  channel: string;
  /** Seconds. */
  from: number;
  to: number;
  /** How far it leaves what the channel does around it, in its unit. */
  by: number;
}

/** Blocks that a baseline is made of within one window. */
const BLOCKS = 8;

/** What the channel does slowly: the middle of blocks, over a window around each (a running line). */
function baseline(s: Float32Array, window: number): Float32Array {
  const size = Math.max(1, Math.round(window / BLOCKS));
  const n = Math.ceil(s.length / size);
  // What lies far outside the channel's usual range is left out at once, however much of it there is.
  const [low, high] = quantiles(s, [0.1, 0.9]) as [number, number];
  const reach = 0.5 * (high - low) + 4 * noiseOf(s);
  const usual = s.map((v) => (v > low - reach && v < high + reach ? v : NaN));
  const mids = Float64Array.from({ length: n }, (_, k) => {
    const block = usual.subarray(k * size, (k + 1) * size);
    const kept = block.reduce((m, v) => m + (v === v ? 1 : 0), 0);
    return kept * 2 > block.length ? median(block) : NaN;
  });
  // Around each block the line that most pairs of blocks agree on (Theil 1950, Sen 1968): a drop-out that
  // fills a quarter of the window moves neither its slope nor its height. The window is cut short at the ends.
  const wide = Float64Array.from(mids, (_, k) => {
    const from = Math.max(0, k - BLOCKS / 2);
    const near = mids.subarray(from, Math.min(n, k + BLOCKS / 2 + 1));
    const slopes: number[] = [];
    for (let a = 0; a < near.length; a++)
      for (let b = a + 1; b < near.length; b++) slopes.push((near[b]! - near[a]!) / (b - a));
    const slope = median(slopes);
    return median(near.map((v, a) => v - (slope === slope ? slope : 0) * (a + from - k)));
  });
  bridged(wide);
  return Float32Array.from(s, (_, i) => {
    const x = (i + 0.5) / size - 0.5;
    const k = Math.min(Math.max(Math.floor(x), 0), Math.max(n - 2, 0));
    // Beyond the middle of the first and last block the line between the nearest two goes on.
    return wide[k]! + ((wide[k + 1] ?? wide[k]!) - wide[k]!) * (x - k);
  });
}

/** Where nothing usable lies in a whole window, the straight line from side to side. */
function bridged(list: Float64Array): void {
  let last = -1;
  for (let k = 0; k < list.length; k++) {
    if (list[k] !== list[k]) continue;
    const from = last < 0 ? list[k]! : list[last]!;
    for (let j = last + 1; j < k; j++) list[j] = from + ((list[k]! - from) * (j - last)) / (k - last);
    last = k;
  }
  if (last >= 0) list.fill(list[last]!, last + 1);
}

/**
 * Where a channel goes missing, drops out, freezes or spikes.
 *
 * @param window seconds that the longest disturbance lasts; what changes more slowly is the signal itself
 */
function disturbancesOf(c: Channel, window: number): Disturbance[] {
  const s = c.samples;
  const out: Disturbance[] = [];
  const push = (kind: DisturbanceKind, a: number, b: number, by: number) =>
    out.push({ kind, channel: c.name, from: timeAt(c, a), to: timeAt(c, b), by });
  for (const [a, b] of runs(s.length, (i) => s[i]! !== s[i]!)) push('missing', a, b, NaN);
  const base = baseline(s, Math.max(8, (2 * window) / c.interval));
  const off = Float32Array.from(s, (v, i) => v - base[i]!);
  const [q1, q3] = quantiles(off, [0.1, 0.9]) as [number, number];
  const own = spread(off.filter((v) => v === v));
  // Beyond what the signal itself does: its usual swing and half as much again, and clear of its noise.
  const [low, high] = quantiles(s, [0.05, 0.95]) as [number, number];
  const least = Math.max(
    6.5 * own,
    3.4 * Math.max(Math.abs(q1), Math.abs(q3)),
    // Less than an eighth of its range is nothing one would act on, however still the channel is.
    0.12 * (high - low),
    4 * converterStep(s),
    1e-9,
  );
  const join = Math.max(1, Math.round((0.02 * window) / c.interval));
  const still = stillRuns(c, window);
  for (const [a, b] of still) {
    let by = 0;
    for (let i = a; i < b; i++) if (Math.abs(off[i]!) > Math.abs(by)) by = off[i]!;
    // Still where the signal usually is: frozen. Still far away from it: gone.
    const level = median(off.subarray(a, b).map((v) => Math.abs(v)));
    push(level > least && Math.abs(s[a]!) < 0.5 * Math.abs(base[a]!) ? 'drop-out' : 'frozen', a, b, by);
  }
  const inStill = (a: number, b: number) => still.some(([x, y]) => x - join < b && y + join > a);
  for (const [a, b] of joined(
    runs(s.length, (i) => Math.abs(off[i]!) > least),
    join,
  )) {
    if (inStill(a, b)) continue;
    let by = 0;
    for (let i = a; i < b; i++) if (Math.abs(off[i]!) > Math.abs(by)) by = off[i]!;
    const long = (b - a) * c.interval > 0.08 * window && b - a > 4;
    push(long ? 'drop-out' : 'spike', a, b, by);
  }
  return out.sort((x, y) => x.from - y.from);
}

/**
 * Stretches that stand still although the channel otherwise never does, in samples. Where noise is larger
 * than a converter step a dozen samples alike do not happen by themselves. Where it is smaller they do, and
 * only a jump at the end tells: the signal went on while the channel stood.
 */
function stillRuns(c: Channel, window: number): [number, number][] {
  const s = c.samples;
  const noise = noiseOf(s);
  const step = converterStep(s);
  const noisy = noise > 0.8 * step && noise > 0;
  const still = noisy ? 0.12 * noise : 0.01 * step;
  const found = runs(s.length, (i) => i > 0 && Math.abs(s[i]! - s[i - 1]!) <= still);
  const lengths = found.map(([a, b]) => b - a).sort((x, y) => x - y);
  const usual = lengths.length > 0 ? lengths[Math.floor(lengths.length * 0.95)]! : 0;
  const least = Math.max(14, noisy ? 6 * usual : 0, (0.04 * window) / c.interval);
  const jumps = (a: number, b: number) => {
    const after = Math.abs(s[b]! - s[b - 1]!);
    const before = Math.abs(s[a]! - s[a - 1]!);
    return Math.max(after, before) >= Math.max(3.5 * step, 4 * noise);
  };
  return found
    .filter(([a, b]) => b - a >= least && b < s.length && (noisy || jumps(a, b)))
    .map(([a, b]) => [a - 1, b]);
}

function runs(n: number, is: (i: number) => boolean): [number, number][] {
  const out: [number, number][] = [];
  let from = -1;
  for (let i = 0; i <= n; i++) {
    const yes = i < n && is(i);
    if (yes && from < 0) from = i;
    else if (!yes && from >= 0) {
      out.push([from, i]);
      from = -1;
    }
  }
  return out;
}

function joined(list: readonly [number, number][], room: number): [number, number][] {
  const out: [number, number][] = [];
  for (const [a, b] of list) {
    const last = out.at(-1);
    if (last && a - last[1] <= room) last[1] = b;
    else out.push([a, b]);
  }
  return out;
}

/** Disturbances that fall together on several channels. */
function together(all: readonly Disturbance[], within: number): Disturbance[][] {
  const groups: Disturbance[][] = [];
  for (const d of [...all].sort((a, b) => a.from - b.from)) {
    const last = groups.at(-1);
    if (last && d.from - within <= Math.max(...last.map((x) => x.to))) last.push(d);
    else groups.push([d]);
  }
  return groups.filter((g) => new Set(g.map((d) => d.channel)).size > 1);
}

/**
 * Whether moments keep a place between the beats of something else: the Rayleigh test of uniformity on
 * their phases (Mardia & Jupp, Directional Statistics, 2000, 6.3.1; the approximation of its chance after
 * Zar, Biostatistical Analysis, 27.4).
 *
 * @param moments seconds
 * @param beats seconds, rising
 * @returns mean phase 0 … 1, length of the mean vector, and the chance of as much by accident
 * @example rayleigh([0.5, 1.5, 2.5], [0, 1, 2, 3]) // phase 0.5, length 1
 */
export function rayleigh(
  moments: readonly number[],
  beats: readonly number[],
): { phase: number; length: number; chance: number; n: number } {
  let x = 0;
  let y = 0;
  let n = 0;
  for (const t of moments) {
    const k = beats.findIndex((b) => b > t) - 1;
    if (k < 0) continue;
    const phase = ((t - beats[k]!) / (beats[k + 1]! - beats[k]!)) * 2 * Math.PI;
    x += Math.cos(phase);
    y += Math.sin(phase);
    n++;
  }
  if (n === 0) return { phase: 0, length: 0, chance: 1, n };
  const length = Math.hypot(x, y) / n;
  const big = length * n;
  const chance = Math.min(1, Math.exp(Math.sqrt(1 + 4 * n + 4 * (n * n - big * big)) - (1 + 2 * n)));
  const phase = (Math.atan2(y, x) / (2 * Math.PI) + 1) % 1;
  return { phase, length, chance, n };
}

const SAYS: Record<DisturbanceKind, string> = {
  missing: 'has no value',
  'drop-out': 'drops out',
  frozen: 'stands still',
  spike: 'spikes',
};

export const dropOuts = defineAnalysis({
  id: 'drop-outs',
  title: 'Drop-outs and glitches',
  question: 'Where does the signal go missing, freeze or spike, and what else happens at that moment?',
  explains:
    'Each channel is held against what it does slowly around each moment. What leaves that by more than the channel usually moves is a spike when short and a drop-out when longer; a stretch without any movement on a channel that otherwise never stands still is frozen. Disturbances that come at the same moment on several channels point to what these share: supply, ground, connector. With a firing channel, whether they keep step with it is tested.',
  source:
    'Rayleigh test: Mardia & Jupp 2000. What disturbs several channels at once is what they share: common practice, no source.',
  engine: 'none',
  roles: [
    { id: 'signals', name: 'Signals', many: true, guess: /./ },
    {
      id: 'firing',
      name: 'Firing or switching to hold them against',
      optional: true,
      guess: /coil|ignit|inject|trig/i,
    },
  ],
  settings: z.object({
    longest: number({ label: 'A drop-out lasts up to', unit: 'ms', is: 200, min: 0.01, max: 60_000 }),
    within: number({ label: 'At the same moment means within', unit: 'ms', is: 5, min: 0, max: 5000 }),
  }),
  run(given, settings) {
    const channels = (given.channels.signals ?? []).filter((c) => !given.channels.firing?.includes(c));
    if (channels.length === 0) throw new Refusal('Choose the signals to look through.');
    const found = channels.map((c) => ({ c, list: disturbancesOf(c, settings.longest / 1000) }));
    const all = found.flatMap((f) => f.list);
    const findings = found.map(({ c, list }): TraceFinding => {
      const kinds = Object.entries(SAYS).flatMap(([kind, says]) => {
        const n = list.filter((d) => d.kind === kind).length;
        return n > 0 ? [`${says} ${n === 1 ? 'once' : `${n} times`}`] : [];
      });
      const first = list[0];
      return {
        verdict: list.length === 0 ? 'pass' : 'fail',
        because: first
          ? `${c.name} ${listed(kinds)}, the first time from ${moment(first.from)} for ${fixed((first.to - first.from) * 1000, 'ms', 2)}.`
          : `${c.name} is whole.`,
        about: c.name,
        figure: String(list.length),
        ...(first ? { place: { channel: c.name, from: first.from, to: first.to } } : {}),
        reading: { label: `disturbances, ${c.name}`, entered: String(list.length), limit: 'max 0' },
      };
    });
    for (const group of together(all, settings.within / 1000).slice(0, 20)) {
      const names = [...new Set(group.map((d) => d.channel))];
      findings.push({
        verdict: 'fail',
        because: `At ${moment(group[0]!.from)} ${listed(names)} are disturbed together: look at what they share.`,
        about: 'together',
        place: { channel: names[0]!, from: group[0]!.from, to: Math.max(...group.map((d) => d.to)) },
      });
    }
    const firing = given.channels.firing?.[0];
    if (firing && all.length > 0) {
      const beats = triggersOf(firing);
      const r = rayleigh(
        all.filter((d) => d.kind !== 'missing').map((d) => d.from),
        beats,
      );
      const tied = r.n >= 5 && r.chance < 0.01 && r.length > 0.5;
      findings.push({
        verdict: tied ? 'fail' : 'unsure',
        because:
          r.n < 5
            ? `Only ${plural(r.n, 'disturbance')} between beats of ${firing.name}: too few to say whether they keep step.`
            : tied
              ? `They keep step with ${firing.name}: ${Math.round(100 * r.phase)} % of the way from one to the next (chance of that by accident ${r.chance < 0.001 ? 'below 0.001' : r.chance.toFixed(3)}).`
              : `They do not keep step with ${firing.name} (chance of as much by accident ${r.chance.toFixed(2)}).`,
        about: 'in step',
        figure: r.length.toFixed(2),
      });
    }
    return {
      findings,
      marks: all
        .slice(0, 400)
        .map((d) => ({ at: d.from, channel: d.channel, words: d.kind, verdict: 'fail' as const })),
    };
  },
});
