import { z } from 'zod';
import { Refusal } from '@/core/checks/contract';
import { timeAt, type Channel } from '../channel';
import { defineAnalysis, one, type TraceFinding } from '../contract';
import { mod } from '../engine';
import { number, pick, text } from '../settings';
import { edgesOf, median, noiseOf, quantiles, smooth, spread, stateLevels } from '../signal';
import { fixed, listed, moment, plural } from '../words';

/** A toothed wheel as its signal shows it. */
export interface Wheel {
  /** Teeth that would be there without the gap, and teeth the gap leaves out. */
  teeth: number;
  gap: number;
  /** Seconds of each tooth. */
  times: number[];
  /** For each whole revolution, the index in `times` of the first tooth after the gap. */
  turns: number[];
  /** Gaps where none belongs: seconds. */
  strayGaps: number[];
  /** Other places of the revolution, in teeth, at which a gap alike comes as often: any of them may be the gap. */
  alike: number[];
}

/** Whether noise is so large beside the swing that teeth may be made or lost by it. */
function tooNoisy(c: Channel): boolean {
  const [low, high] = quantiles(c.samples, [0.03, 0.97]) as [number, number];
  return noiseOf(c.samples) > 0.085 * (high - low);
}

/** Moments at which a toothed wheel's signal goes down through its middle, or up: one per tooth. */
function teethOf(c: Channel, rising: boolean): number[] {
  const noise = noiseOf(c.samples);
  const levels = stateLevels(c.samples);
  if (!levels) return [];
  const [low, high] = quantiles(c.samples, [0.03, 0.97]) as [number, number];
  const swing = Math.max(high - low, levels.high - levels.low);
  const mid = (low + high) / 2;
  for (const width of [1, 3, 5, 9]) {
    const clear = (4.5 * noise) / Math.sqrt(width);
    if (clear > 0.3 * swing) continue;
    const h = Math.max(0.12 * swing, clear / 2);
    const s = width === 1 ? c.samples : smooth(c.samples, width);
    const edges = edgesOf(s, mid - h, mid + h);
    return edges.filter((e) => e.rising === rising).map((e) => timeAt(c, e.at));
  }
  return [];
}

/**
 * Tooth pattern of a crank wheel from the moments of its teeth: a gap is a distance that is a whole number
 * of times those around it; teeth per revolution is the number that most gaps are apart.
 *
 * @param shift teeth by which another of the gaps alike is taken as the gap
 * @returns undefined when no gap repeats
 */
function wheelOf(times: readonly number[], shift = 0): Wheel | undefined {
  if (times.length < 12) return undefined;
  const d = times.slice(1).map((t, i) => t - times[i]!);
  const ratio = d.map((x, i) => {
    const around = [d[i - 3], d[i - 2], d[i - 1], d[i + 1], d[i + 2], d[i + 3]].filter(
      (y) => y !== undefined,
    );
    return x / median(around);
  });
  const gaps = ratio.flatMap((r, i) => (r > 1.6 ? [{ i, size: Math.round(r) - 1 }] : []));
  if (gaps.length < 2) return undefined;
  // Positions counted in whole teeth, missing ones included.
  const place: number[] = [0];
  ratio.forEach((r) => place.push(place.at(-1)! + (r > 1.6 ? Math.round(r) : 1)));
  const at = gaps.map((g) => place[g.i + 1]!);
  // The number of teeth by which most gaps repeat.
  const counts = new Map<number, number>();
  for (let a = 0; a < at.length; a++)
    for (let b = a + 1; b < Math.min(at.length, a + 6); b++) {
      const n = at[b]! - at[a]!;
      if (n >= 8 && n <= 400) counts.set(n, (counts.get(n) ?? 0) + 1);
    }
  const repeated = [...counts]
    .filter(([, n]) => n >= 0.6 * Math.max(...counts.values()))
    .sort((a, b) => a[0] - b[0]);
  const teeth = repeated[0]?.[0];
  if (teeth === undefined) return undefined;
  // The gap stands at one place of the revolution; others are teeth that are missing or lost.
  const heaps = new Map<number, number[]>();
  at.forEach((p, k) => heaps.set(mod(p, teeth), [...(heaps.get(mod(p, teeth)) ?? []), k]));
  const weight = (members: readonly number[]) => members.length * sizeOf(members, gaps);
  const byWeight = [...heaps].sort((a, b) => weight(b[1]) - weight(a[1]));
  const best = byWeight[0]!;
  const alike = byWeight
    .slice(1)
    .filter((h) => weight(h[1]) > 0.8 * weight(best[1]))
    .map(([p]) => mod(p - best[0], teeth));
  const home = mod(best[0] + shift, teeth);
  const members = heaps.get(home) ?? best[1];
  const gap = Math.round(median(members.map((k) => gaps[k]!.size)));
  const turns = place.flatMap((p, i) => (mod(p, teeth) === home ? [i] : []));
  const strayGaps = gaps.filter((_, k) => !members.includes(k)).map((g) => times[g.i]!);
  return { teeth, gap, times: [...times], turns, strayGaps, alike };
}

const sizeOf = (members: readonly number[], gaps: readonly { size: number }[]) =>
  median(members.map((k) => gaps[k]!.size));

/** Crank degrees of moments, counted from the first tooth after the gap; whole turns go on counting. */
function anglesOn(wheel: Wheel, moments: readonly number[]): number[] {
  const { times, turns, teeth } = wheel;
  const angle: number[] = [];
  // Degrees of every tooth, by the place its turn gives it.
  const degrees = new Float64Array(times.length).fill(NaN);
  turns.forEach((first, turn) => {
    const next = turns[turn + 1];
    if (next === undefined) return;
    // Between two gaps the teeth are numbered by their distance, so that a lost tooth shifts none after it.
    let p = 0;
    degrees[first] = turn * 360;
    for (let i = first + 1; i < next; i++) {
      const around = median(
        [1, 2, 3, 4].flatMap((k) =>
          i - k > first
            ? [times[i - k]! - times[i - k - 1]!]
            : i + k < next
              ? [times[i + k]! - times[i + k - 1]!]
              : [],
        ),
      );
      p += Math.max(1, Math.round((times[i]! - times[i - 1]!) / around));
      degrees[i] = turn * 360 + (p / teeth) * 360;
    }
    degrees[next] = (turn + 1) * 360;
  });
  for (const t of moments) {
    let a = 0;
    let b = times.length - 1;
    if (t < times[0]! || t > times[b]!) {
      angle.push(NaN);
      continue;
    }
    while (a < b - 1) {
      const m = (a + b) >> 1;
      if (times[m]! <= t) a = m;
      else b = m;
    }
    angle.push(degrees[a]! + ((t - times[a]!) / (times[b]! - times[a]!)) * (degrees[b]! - degrees[a]!));
  }
  return angle;
}

/** Angle of one cam edge, revolution by revolution. */
export interface CamEdge {
  /** Degrees of the 720 after the gap that begins the cycle. */
  angle: number;
  /** Each cycle's own: seconds and degrees. */
  each: { at: number; angle: number }[];
  scatter: number;
  /** Degrees from the first to the last cycle, on the straight line through all. */
  drift: number;
}

/** Cam edges heaped by where in two turns they come; a heap seen in fewer than half the cycles is noise. */
function camEdges(wheel: Wheel, moments: readonly number[]): CamEdge[] {
  const angles = anglesOn(wheel, moments);
  const seen = moments.flatMap((at, i) =>
    Number.isNaN(angles[i]!) ? [] : [{ at, angle: mod(angles[i]!, 720), whole: angles[i]! }],
  );
  if (seen.length === 0) return [];
  const cycles = Math.max(1, Math.floor((seen.at(-1)!.whole - seen[0]!.whole) / 720));
  const sorted = [...seen].sort((a, b) => a.angle - b.angle);
  const heaps: (typeof seen)[] = [];
  for (const e of sorted) {
    const last = heaps.at(-1);
    if (last && e.angle - last.at(-1)!.angle < 12) last.push(e);
    else heaps.push([e]);
  }
  // The circle closes: a heap about 0 was cut in two.
  const [first, last] = [heaps[0]!, heaps.at(-1)!];
  if (heaps.length > 1 && first[0]!.angle + 720 - last.at(-1)!.angle < 12)
    heaps[0] = [...last.map((e) => ({ ...e, angle: e.angle - 720 })), ...(heaps.pop(), first)];
  return heaps
    .filter((h) => h.length >= 0.5 * cycles && h.length >= 2)
    .map((h) => {
      const each = [...h].sort((a, b) => a.at - b.at).map(({ at, angle }) => ({ at, angle }));
      // Scatter from turn to turn, so that a drift does not count as scatter.
      const steps = each.slice(1).map((e, i) => e.angle - each[i]!.angle);
      const scatter = steps.length > 1 ? spread(steps) / Math.SQRT2 : 0;
      return { angle: median(each.map((e) => e.angle)), each, scatter, drift: driftOf(each) };
    });
}

function driftOf(each: readonly { at: number; angle: number }[]): number {
  if (each.length < 6) return 0;
  const third = Math.floor(each.length / 3);
  return (
    1.5 * (median(each.slice(-third).map((e) => e.angle)) - median(each.slice(0, third).map((e) => e.angle)))
  );
}

export const camCrank = defineAnalysis({
  id: 'cam-crank',
  title: 'Cam against crank',
  question: 'Do cam and crank stand to each other as they should, and does it stay so?',
  explains:
    'The teeth of the crank wheel and its gap give the crank angle at any moment; each edge of the cam signal is measured in degrees after the gap, turn by turn. Against the normal angles (stated, or taken from a known-good recording) the difference is shown in degrees and teeth. A gap where none belongs is a lost or broken tooth.',
  source: 'On one engine 4° was normal, −5° harmless, 10° and more set the code: common practice, no source.',
  engine: 'none',
  roles: [
    { id: 'crank', name: 'Crank wheel', guess: /crank|ckp|speed sensor/i },
    { id: 'cam', name: 'Cam signal', guess: /cam|cmp|phase/i },
  ],
  settings: z.object({
    edge: pick({ label: 'Edges used', options: ['falling', 'rising'] }),
    normal: text({
      label: 'Normal angles of the cam edges',
      hint: 'degrees after the gap over two turns, as 74 254 434; empty when not known',
    }),
    harmless: number({ label: 'Harmless up to', unit: '°', is: 5, min: 0, max: 90 }),
    fault: number({ label: 'A fault from', unit: '°', is: 10, min: 0, max: 90 }),
  }),
  run(given, settings) {
    const crank = one(given, 'crank')!;
    const cam = one(given, 'cam')!;
    const rising = settings.edge === 'rising';
    const normal = settings.normal.trim()
      ? settings.normal
          .trim()
          .split(/[\s,;]+/)
          .map((a) => Number(a.replace('°', '')))
      : [];
    if (normal.some((a) => Number.isNaN(a)))
      throw new Refusal('Write the normal angles as numbers in degrees, as in 74 254 434.', 'normal');
    const teeth = teethOf(crank, rising);
    const camAt = teethOf(cam, rising);
    const first = wheelOf(teeth);
    if (!first)
      throw new Refusal(
        `No gap repeats in "${crank.name}". Choose a stretch with at least three turns, or the other edges.`,
      );
    // Of gaps alike the one under which the cam stands nearest to normal is taken: a lost tooth is likelier than both faults.
    const tries = [0, ...(normal.length > 0 ? first.alike : [])].flatMap((shift) => {
      const w = wheelOf(teeth, shift)!;
      const e = camEdges(w, camAt);
      return e.length === 0
        ? []
        : [{ wheel: w, edges: e, off: normal.length > 0 ? offsetFrom(e, normal) : undefined }];
    });
    if (tries.length === 0)
      throw new Refusal(`No edge of "${cam.name}" comes back turn after turn in this stretch.`);
    const { wheel, edges, off } = tries.reduce((a, b) =>
      Math.abs(b.off ?? 0) < Math.abs(a.off ?? 0) ? b : a,
    );
    const openGap = first.alike.length > 0 && normal.length === 0;
    const tooth = 360 / wheel.teeth;
    const findings: TraceFinding[] = [
      {
        verdict: '',
        because: `${wheel.teeth} − ${wheel.gap} teeth; cam edges at ${listed(edges.map((e) => fixed(e.angle, '°', 1)))} after the gap.`,
        about: 'pattern',
        figure: `${wheel.teeth} − ${wheel.gap}`,
        place: {
          channel: crank.name,
          from: wheel.times[wheel.turns[0]!]!,
          to: wheel.times[wheel.turns[1]!]!,
        },
        reading: { label: 'cam edge after the gap', entered: fixed(edges[0]!.angle, '°', 1), limit: '' },
      },
    ];
    if (off !== undefined) {
      const a = Math.abs(off);
      const whole = Math.round(a / tooth);
      findings.unshift({
        verdict: a <= settings.harmless ? 'pass' : a >= settings.fault ? 'fail' : 'unsure',
        because: `The cam stands ${fixed(a, '°', 1)} ${off > 0 ? 'late' : 'early'} against normal.${a >= settings.harmless && whole > 0 ? ` That is ${plural(whole, 'tooth', 'teeth')} of the crank wheel.` : ''}`,
        about: 'cam against crank',
        figure: fixed(off, '°', 1),
        place: { channel: cam.name, from: edges[0]!.each[0]!.at, to: edges[0]!.each[0]!.at },
        reading: {
          label: 'cam against crank, off normal',
          entered: fixed(off, '°', 1),
          limit: `${-settings.harmless} to ${settings.harmless} °`,
        },
      });
    }
    const drift = edges.map((e) => e.drift).reduce((a, b) => (Math.abs(b) > Math.abs(a) ? b : a));
    const scatter = Math.max(...edges.map((e) => e.scatter));
    findings.push({
      verdict: Math.abs(drift) > Math.max(2, 3 * scatter) ? 'fail' : 'pass',
      because: `From beginning to end the angle moves by ${fixed(drift, '°', 1)}; from turn to turn it scatters by ${fixed(scatter, '°', 1)}.`,
      about: 'drift',
      figure: fixed(drift, '°', 1),
      reading: { label: 'drift of cam against crank', entered: fixed(drift, '°', 1), limit: '' },
    });
    findings.push({
      verdict: wheel.strayGaps.length === 0 ? 'pass' : openGap ? 'unsure' : 'fail',
      because:
        wheel.strayGaps.length === 0
          ? 'No tooth is missing outside the gap.'
          : `${plural(wheel.strayGaps.length, 'gap')} where none belongs, the first at ${moment(wheel.strayGaps[0]!)}: a lost or broken tooth.${openGap ? ' Which of the gaps is the wheel’s own cannot be told without the normal angles, so the angles above may count from the wrong one.' : ''}`,
      about: 'teeth',
      figure: String(wheel.strayGaps.length),
      ...(wheel.strayGaps.length > 0 && !openGap
        ? { speaks: [{ says: 'for' as const, part: 'reluctor ring', failure: '', where: 'crankshaft' }] }
        : {}),
      ...(wheel.strayGaps.length > 0
        ? { place: { channel: crank.name, from: wheel.strayGaps[0]!, to: wheel.strayGaps[0]! } }
        : {}),
      reading: { label: 'gaps where none belongs', entered: String(wheel.strayGaps.length), limit: 'max 0' },
    });
    if (tooNoisy(crank) || tooNoisy(cam))
      for (const f of findings)
        if (f.verdict !== '') {
          f.verdict = 'unsure';
          f.because += ' The noise is so large that teeth may be lost or made by it: record again with less.';
        }
    return {
      findings,
      gives: { normal: edges.map((e) => e.angle.toFixed(1)).join(' ') },
      marks: [
        ...wheel.turns
          .slice(0, 200)
          .map((i) => ({ at: wheel.times[i]!, channel: crank.name, words: 'gap', verdict: '' as const })),
        ...wheel.strayGaps
          .slice(0, 50)
          .map((at) => ({ at, channel: crank.name, words: 'tooth lost', verdict: 'fail' as const })),
      ],
      drawing: {
        kind: 'curve',
        x: 's',
        y: '°',
        lines: edges.slice(0, 3).map((e, i) => ({
          name: `edge ${i + 1}`,
          role: 'measured' as const,
          points: e.each.map((p) => ({
            x: Number(p.at.toFixed(3)),
            y: Number((p.angle - e.angle).toFixed(2)),
          })),
        })),
      },
    };
  },
});

/**
 * Degrees by which all edges lie off their normal angles: the middle of the distances to the nearest, under
 * the shift of one crank turn that fits better, since the gap comes twice a cycle.
 */
function offsetFrom(edges: readonly CamEdge[], normal: readonly number[]): number {
  const fits = [0, 360].map((shift) => {
    const d = edges.map((e) => {
      const all = normal.map((n) => mod(e.angle + shift - n + 360, 720) - 360);
      return all.reduce((a, b) => (Math.abs(b) < Math.abs(a) ? b : a));
    });
    const middle = median(d);
    return { middle, cost: median(d.map((x) => Math.abs(x - middle))) + 0.01 * Math.abs(middle) };
  });
  return fits[0]!.cost <= fits[1]!.cost ? fits[0]!.middle : fits[1]!.middle;
}
