import { z } from 'zod';
import { Refusal } from '@/core/checks/contract';
import { timeAt, type Channel } from '../channel';
import { defineAnalysis, one, type TraceFinding } from '../contract';
import { number, text } from '../settings';
import { bin, edgesOf, median, noiseOf, quantiles, smooth, spread, stateLevels } from '../signal';
import { figure, fixed, listed, moment } from '../words';

/** One injector pulsed: what was there before, what was left, what came back. */
export interface Drop {
  /** Seconds at which the pressure fell and at which it was brought back. */
  from: number;
  to: number;
  rest: number;
  left: number;
  drop: number;
  /** Pressure it comes back to before the next; NaN where the recording ends first. */
  recovered: number;
  /** Standard error of the drop. */
  error: number;
}

/** Samples a second that plateaus are looked at with. */
const MOST_POINTS = 40_000;

/** Pressure plateaus: stretches between steep changes, as [from, to) in samples. */
function plateaus(s: Float32Array, high: number, low: number): { from: number; to: number; up: boolean }[] {
  const out: { from: number; to: number; up: boolean }[] = [];
  // Nearer to rest than to the deepest drop: an injector that lets through half as much drops too.
  const mid = high - 0.32 * (high - low);
  const margin = 0.12 * (high - low);
  let up: boolean | undefined;
  let from = 0;
  for (let i = 0; i < s.length; i++) {
    const v = s[i]!;
    if (v !== v) continue;
    const now = v > mid + margin ? true : v < mid - margin ? false : up;
    if (now !== up) {
      if (up !== undefined) out.push({ from, to: i, up });
      up = now;
      from = i;
    }
  }
  if (up !== undefined) out.push({ from, to: s.length, up });
  return out;
}

/**
 * Drops of a rail pressure while one injector after the other is pulsed and the pressure is brought back
 * to rest in between.
 *
 * @returns drops in order; none when the pressure never falls clear of its noise
 */
function pressureDrops(c: Channel): Drop[] {
  const by = Math.max(1, Math.floor(c.samples.length / MOST_POINTS));
  const x = bin(c.samples, by);
  const interval = c.interval * by;
  const noise = noiseOf(x);
  const [bottom, top] = quantiles(x, [0.01, 0.98], Infinity) as [number, number];
  // Smoothed, the swing must stand clear of what noise is left: a fifth of its own, and some.
  const wide = smooth(x, 25);
  const [b, t] = quantiles(wide, [0.01, 0.98], Infinity) as [number, number];
  if (!(t - b > 6 * noiseOf(wide) + 0.4 * noise)) return [];
  const width = Math.max(3, 2 * Math.ceil(((5 * noise) / Math.max(top - bottom, 1e-12)) * 12) + 1);
  const s = smooth(x, Math.min(width, Math.max(3, Math.floor(x.length / 300))));
  // The rest pressure is where the signal is most often in its upper part.
  const rest = median(s.filter((v) => v > bottom + 0.6 * (top - bottom)));
  const parts = plateaus(s, rest, bottom).filter((p) => p.to - p.from > x.length / 2000);
  const drops: Drop[] = [];
  for (let i = 1; i < parts.length; i++) {
    const low = parts[i]!;
    const before = parts[i - 1]!;
    if (low.up || !before.up) continue;
    // Levels first from the middle of each part, then the flanks where the pressure leaves them.
    const held = median(
      x.subarray(
        Math.floor(before.from + 0.4 * (before.to - before.from)),
        Math.max(before.from + 1, Math.floor(before.to - 0.15 * (before.to - before.from))),
      ),
    );
    const reached = median(
      x.subarray(
        Math.floor(low.from + 0.55 * (low.to - low.from)),
        Math.max(low.from + 1, Math.floor(low.to - 0.1 * (low.to - low.from))),
      ),
    );
    const start = lastBefore(low.from, before.from, (k) => s[k]! > held - 0.12 * (held - reached));
    const end = parts[i + 1]
      ? lastBefore(low.to, low.from, (k) => s[k]! < reached + 0.12 * (held - reached))
      : x.length;
    const pause = Math.max(1, Math.round(0.04 * (start - before.from)));
    const quiet = x.subarray(
      Math.max(before.from, Math.round(start - 0.4 * (start - before.from))),
      Math.max(start - pause, before.from + 1),
    );
    const settled = Math.max(low.from, Math.round(low.from + 0.55 * (end - low.from)));
    const left = x.subarray(settled, Math.max(end - Math.round(0.04 * (end - low.from)), settled + 1));
    const a = median(quiet);
    const b = median(left);
    const error = 1.25 * Math.sqrt(spread(quiet) ** 2 / quiet.length + spread(left) ** 2 / left.length);
    drops.push({
      from: c.start + start * interval,
      to: c.start + end * interval,
      rest: a,
      left: b,
      drop: a - b,
      recovered: NaN,
      error,
    });
  }
  drops.forEach((d, i) => (d.recovered = drops[i + 1]?.rest ?? lastLevel(parts, x)));
  return drops;
}

/** Level of the last plateau, where the pressure was brought back after the last drop. */
function lastLevel(parts: readonly { from: number; to: number; up: boolean }[], x: Float32Array): number {
  const last = parts.at(-1);
  return last?.up ? median(x.subarray(Math.floor((last.from + last.to) / 2), last.to)) : NaN;
}

/** Walks back from a crossing to the last sample that holds. */
function lastBefore(from: number, to: number, holds: (k: number) => boolean): number {
  let k = from;
  while (k > to && !holds(k)) k--;
  return k;
}

/** Which place in the row each drop has, from the moments at which injectors were pulsed. */
function placedBy(drops: readonly Drop[], pulses: readonly number[], n: number): (Drop | undefined)[][] {
  // Pulses come in groups, one group for each injector.
  const gaps = pulses.slice(1).map((t, i) => t - pulses[i]!);
  const longest = Math.max(...gaps, 0);
  const groups = pulses.filter((_, i) => i === 0 || gaps[i - 1]! > 0.3 * longest);
  const passes: (Drop | undefined)[][] = [];
  groups.forEach((t, k) => {
    const next = groups[k + 1] ?? Infinity;
    const pass = Math.floor(k / n);
    (passes[pass] ??= Array.from({ length: n }, () => undefined))[k % n] = drops.find(
      (d) => d.from > t - 0.2 * longest && d.from < next - 0.2 * longest,
    );
  });
  return passes;
}

/**
 * Puts drops in their places in the row of injectors: a distance of two usual ones has an injector in it
 * that let nothing through.
 *
 * @param n injectors
 * @returns for each pass the drop of each injector in turn, undefined where there was none; or a sentence
 *   when drops are missing and their distances do not say where
 */
function rowsOf(drops: readonly Drop[], n: number): (Drop | undefined)[][] | string {
  const gaps = drops.slice(1).map((d, i) => d.from - drops[i]!.from);
  const usual = Math.min(...gaps);
  const passes: (Drop | undefined)[][] = [[drops[0]]];
  drops.slice(1).forEach((d, i) => {
    let row = passes.at(-1)!;
    const steps = Math.max(1, Math.round(gaps[i]! / usual - 0.2));
    // A full row begins the next pass, whatever the pause before it.
    if (row.length === n) passes.push((row = []));
    else for (let k = 1; k < steps && row.length < n; k++) row.push(undefined);
    if (row.length === n) passes.push((row = []));
    row.push(d);
  });
  const short = passes.filter((p) => p.length < n);
  if (short.length === 0) return passes;
  return `${drops.length} drops are in this stretch, and ${n} injectors make ${passes.length * n}: the first or the last of a pass lets nothing through, or was not recorded. Add a channel with the injector pulses, or choose a stretch that begins before the first and ends after the last.`;
}

export const injectorDrops = defineAnalysis({
  id: 'injector-drops',
  title: 'Injector balance from rail pressure',
  question: 'Which injector lets through more or less than the others?',
  explains:
    'The rail is brought to rest, one injector is pulsed, the pressure drops; it is brought back, and the next is pulsed. Rest, what was left and the drop are read from the quiet parts. Each drop is held against the middle of the others; with two passes, both must say the same.',
  source: 'Common practice, no source; limit 15 % from the middle.',
  engine: 'none',
  roles: [
    { id: 'pressure', name: 'Rail pressure', guess: /rail|fuel|press|psi|bar|kpa/i },
    { id: 'pulses', name: 'Injector pulses', optional: true, guess: /inject|puls/i },
  ],
  settings: z.object({
    injectors: number({ label: 'Injectors pulsed in one pass', is: 4, min: 2, max: 16 }),
    order: text({ label: 'In this order', hint: 'as pulsed, for instance 1 2 3 4; empty for 1, 2, 3 …' }),
    most: number({ label: 'Most difference from the middle', unit: '%', is: 15, min: 2, max: 60 }),
  }),
  run(given, settings) {
    const c = one(given, 'pressure')!;
    const n = Math.round(settings.injectors);
    const names = settings.order.trim()
      ? settings.order.trim().split(/[\s,;-]+/)
      : Array.from({ length: n }, (_, i) => String(i + 1));
    if (names.length !== n)
      throw new Refusal(
        `${names.length} injectors stand in the order, ${n} are pulsed in one pass.`,
        'order',
      );
    const drops = pressureDrops(c);
    if (drops.length < 2)
      throw new Refusal(
        `The pressure in "${c.name}" does not fall and come back at least twice in this stretch. Bring it to rest before each injector is pulsed.`,
      );
    const pulsed = one(given, 'pulses');
    const passes = pulsed ? placedBy(drops, burstsOf(pulsed), n) : rowsOf(drops, n);
    if (typeof passes === 'string') throw new Refusal(passes);
    const middle = median(passes.flat().flatMap((d) => d?.drop ?? []));
    const findings = names.map((name, k): TraceFinding => {
      const own = passes.map((p) => p[k]);
      const there = own.filter((d) => d !== undefined);
      if (there.length === 0)
        return {
          verdict: 'fail',
          because: `Injector ${name} lets nothing through: no drop in its place.`,
          about: `injector ${name}`,
          figure: `0 ${c.unit}`,
          reading: {
            label: `pressure drop, injector ${name}`,
            entered: `0 ${c.unit}`,
            limit: limitOf(middle, settings.most, c.unit),
          },
        };
      const share = (d: Drop) => (d.drop - middle) / middle;
      const mean = there.reduce((a, d) => a + d.drop, 0) / there.length;
      const off = (mean - middle) / middle;
      const error = Math.sqrt(there.reduce((a, d) => a + d.error ** 2, 0)) / there.length / middle;
      const limit = settings.most / 100;
      const apart =
        there.length > 1 &&
        there.some((d) => Math.abs(share(d)) > limit + 2 * error) &&
        there.some((d) => Math.abs(share(d)) < limit - 2 * error);
      const verdict =
        apart || there.length < own.length
          ? 'unsure'
          : Math.abs(off) > limit + 2 * error
            ? 'fail'
            : Math.abs(off) < limit - 2 * error || Math.abs(off) < 0.6 * limit
              ? 'pass'
              : 'unsure';
      const what =
        Math.abs(off) < 0.005
          ? 'as much as the middle'
          : `${Math.abs(100 * off).toFixed(0)} % ${off > 0 ? 'more' : 'less'} than the middle of ${figure(middle, c.unit)}`;
      return {
        verdict,
        because: [
          `Injector ${name} drops ${listed(there.map((d) => fixed(d.drop, c.unit, decimals(middle))))} from ${figure(there[0]!.rest, c.unit, 4)} at rest: ${what}.`,
          slow(there[0]!) ? `It comes back to ${figure(there[0]!.recovered, c.unit, 4)} only.` : '',
          apart ? 'The passes do not agree; do a third.' : '',
          there.length < own.length ? 'In one pass it has no drop; do another.' : '',
        ]
          .filter(Boolean)
          .join(' '),
        about: `injector ${name}`,
        figure: fixed(mean, c.unit, decimals(middle)),
        // A drop that is missing altogether may be the circuit's; a drop of the wrong size is the injector's own.
        ...(verdict === 'fail'
          ? {
              speaks: [
                { says: 'for' as const, part: 'fuel injector', failure: '', where: `cylinder ${name}` },
              ],
            }
          : {}),
        place: { channel: c.name, from: there[0]!.from, to: there[0]!.to },
        reading: {
          label: `pressure drop, injector ${name}`,
          entered: fixed(mean, c.unit, decimals(middle)),
          limit: limitOf(middle, settings.most, c.unit),
        },
      };
    });
    const rests = drops.map((d) => d.rest);
    findings.push({
      verdict: '',
      because: `${passes.length === 1 ? 'One pass' : `${passes.length} passes`}; at rest ${figure(Math.min(...rests), c.unit, 4)} to ${figure(Math.max(...rests), c.unit, 4)}, brought back to ${figure(Math.min(...drops.map((d) => d.recovered).filter((v) => v === v), Infinity), c.unit, 4)} at the least, the first drop at ${moment(drops[0]!.from)}.`,
      about: 'rest',
    });
    return {
      findings,
      marks: passes.flatMap((p) =>
        p.flatMap((d, k) =>
          d ? [{ at: d.from, channel: c.name, words: names[k]!, verdict: findings[k]!.verdict }] : [],
        ),
      ),
      drawing: {
        kind: 'bars',
        unit: c.unit,
        bars: names.map((name, k) => {
          const there = passes.flatMap((p) => p[k]?.drop ?? []);
          return {
            at: name,
            value: there.length ? there.reduce((a, b) => a + b, 0) / there.length : 0,
            verdict: findings[k]!.verdict,
          };
        }),
        low: middle * (1 - settings.most / 100),
        high: middle * (1 + settings.most / 100),
      },
    };
  },
});

/** Beginnings of the pulses on a channel, in seconds. */
function burstsOf(c: Channel): number[] {
  const levels = stateLevels(c.samples);
  if (!levels) return [];
  const s = smooth(c.samples, 3);
  const [low, high] = [
    levels.low + 0.35 * (levels.high - levels.low),
    levels.low + 0.65 * (levels.high - levels.low),
  ];
  return edgesOf(s, low, high)
    .filter((e) => e.rising)
    .map((e) => timeAt(c, e.at));
}

/** Whether the pressure came back clearly short of where it stood before. */
const slow = (d: Drop): boolean => d.rest - d.recovered > 0.25 * d.drop + 2 * d.error;

const decimals = (middle: number): number => (middle >= 50 ? 0 : middle >= 5 ? 1 : middle >= 0.5 ? 2 : 3);
const limitOf = (middle: number, most: number, unit: string) =>
  `${fixed(middle * (1 - most / 100), '', decimals(middle) + 1)} to ${fixed(middle * (1 + most / 100), unit, decimals(middle) + 1)}`;
