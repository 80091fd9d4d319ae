import { z } from 'zod';
import { Refusal } from '@/core/checks/contract';
import type { Channel } from '../../channel';
import { defineAnalysis, type TraceFinding } from '../../contract';
import { triggersOf } from '../../crank';
import { number } from '../../settings';
import { median, quantile, quantiles, trainOf } from '../../signal';
import { fixed, listed, moment, plural } from '../../words';
import type { Disturbance } from './disturbance';
import { disturbersOf } from './interference';
import { lookAtSlow } from './slow-look';
import { lookAtPulses, type Witness } from './switching';
import { rayleigh, together } from './together';

export const dropOuts = defineAnalysis({
  id: 'drop-outs',
  title: 'Drop-outs and glitches',
  question: 'Where does the signal go missing, freeze or spike, and what else happens at that moment?',
  explains:
    'Each channel is held against what it does slowly around each moment. What leaves that by more than the channel usually moves is a spike when short and a drop-out when longer; a stretch without any movement on a channel that otherwise never stands still is frozen; what a foot or a hand moves is none of these. Of a sensor that switches, each pulse is held against the pattern its wheel repeats: pulses missing or too many, silence, a swing that sinks. Another channel tells whether it was turning meanwhile. Spikes that come with the switching of another channel are interference: the sensor itself is then not judged. Disturbances that come at the same moment on several channels point to what these share: supply, ground, connector. With a firing channel, whether they keep step with it is tested.',
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
    const firing = given.channels.firing ?? [];
    const channels = (given.channels.signals ?? []).filter((c) => !firing.includes(c));
    if (channels.length === 0) throw new Refusal('Choose the signals to look through.');
    const trains = new Map([...channels, ...firing].map((c) => [c, trainOf(c)] as const));
    const found = channels.map((c) => {
      const train = trains.get(c);
      const others = [...channels, ...firing].filter((o) => o !== c);
      const look = train
        ? lookAtPulses(
            c,
            train,
            others.flatMap((o) => witnessOf(o, trains.get(o))),
          )
        : { ...lookAtSlow(c, settings.longest / 1000), extras: [] };
      const spikes = [...look.list.filter((d) => d.kind === 'spike').map((d) => d.from), ...look.extras];
      const by = disturbersOf(
        spikes,
        c,
        others.filter((o) => !alike(o, c)),
      );
      return { c, by, spikes, ...look };
    });
    const all = found.flatMap((f) => f.list);
    const beats = firing[0] ? triggersOf(firing[0]) : [];
    const findings = found.map(({ c, list, first, verdict, because, by, spikes }): TraceFinding => {
      const step = firing[0] && inStep(spikes, beats);
      // What another wire does to it is not its own fault, and what it does otherwise is not told.
      const disturbed =
        (by.length > 0 || step) && list.every((d) => d.kind === 'spike' || d.kind === 'extra pulses');
      return {
        verdict: disturbed ? 'unsure' : verdict,
        because: disturbed
          ? `${because} They come with ${by[0]?.name ?? firing[0]!.name}: the sensor itself is not told.`
          : because,
        about: c.name,
        figure: String(list.length),
        ...(first ? { place: { channel: c.name, from: first.from, to: first.to } } : {}),
        reading: { label: `disturbances, ${c.name}`, entered: String(list.length), limit: 'max 0' },
      };
    });
    for (const { c, by } of found)
      for (const d of by)
        findings.push({
          verdict: 'fail',
          because: `${d.name} disturbs ${c.name}: ${d.hits} of ${plural(d.of, 'spike')} come within ${fixed(d.within * 1000, 'ms', 2)} of its switching (chance of that by accident ${d.chance < 0.001 ? 'below 0.001' : d.chance.toFixed(3)}). Look at how the two wires lie, at the screen and at the ground they share.`,
          about: 'interference',
          figure: `${Math.round((100 * d.hits) / d.of)} %`,
        });
    for (const group of together(
      all.filter((d) => d.kind !== 'extra pulses'),
      settings.within / 1000,
    ).slice(0, 20)) {
      const names = [...new Set(group.map((d) => d.channel))];
      findings.push({
        verdict: 'fail',
        because: `At ${moment(group[0]!.from)} ${listed(names)} are disturbed together: look at what they share.`,
        about: 'together',
        place: { channel: names[0]!, from: group[0]!.from, to: Math.max(...group.map((d) => d.to)) },
      });
    }
    if (firing[0] && all.length > 0) findings.push(stepFinding(all, firing[0], beats));
    return {
      findings,
      marks: all
        .slice(0, 400)
        .map((d) => ({ at: d.from, channel: d.channel, words: d.kind, verdict: 'fail' as const })),
    };
  },
});

/** Two channels of one kind: what both have is shared, not sent from one to the other. */
const alike = (a: Channel, b: Channel): boolean =>
  a.unit === b.unit && Math.abs(quantile(a.samples, 0.5) - quantile(b.samples, 0.5)) < 1e-9;

/** A channel that shows whether something turned: pulses, or a speed. */
function witnessOf(c: Channel, train: ReturnType<typeof trainOf>): Witness[] {
  const index = (t: number) => Math.round((t - c.start) / c.interval);
  if (train) {
    const gaps = train.beats.slice(1).map((x, i) => x - train.beats[i]!);
    const usual = median(gaps);
    return [
      {
        name: c.name,
        turned: (from, to) => {
          const [a, b] = [index(from), index(to)];
          const n = train.beats.filter((x) => x > a && x < b).length;
          const fit = (b - a) / usual;
          if (fit < 2 || (fit < 4 && n < 2)) return undefined;
          if (n <= 1) return 0;
          return n / fit;
        },
      },
    ];
  }
  if (!/rpm|speed|drehzahl|km\/h|mph/iu.test(`${c.name} ${c.unit}`)) return [];
  const top = quantiles(c.samples, [0.95])[0]!;
  return [
    {
      name: c.name,
      turned: (from, to) => {
        const piece = c.samples.subarray(Math.max(0, index(from)), Math.max(1, index(to)));
        if (piece.length === 0 || !(top > 0)) return undefined;
        return median(piece) / top;
      },
    },
  ];
}

/** Whether spikes keep a place between the beats of something. */
function inStep(spikes: readonly number[], beats: readonly number[]): boolean {
  const r = rayleigh(spikes, beats);
  return r.n >= 5 && r.chance < 0.01 && r.length > 0.5;
}

function stepWords(r: ReturnType<typeof rayleigh>, tied: boolean, firing: string): string {
  if (r.n < 5)
    return `Only ${plural(r.n, 'disturbance')} between beats of ${firing}: too few to say whether they keep step.`;
  if (tied)
    return `They keep step with ${firing}: ${Math.round(100 * r.phase)} % of the way from one to the next (chance of that by accident ${r.chance < 0.001 ? 'below 0.001' : r.chance.toFixed(3)}).`;
  return `They do not keep step with ${firing} (chance of as much by accident ${r.chance.toFixed(2)}).`;
}

function stepFinding(all: readonly Disturbance[], firing: Channel, beats: readonly number[]): TraceFinding {
  const moments = all.filter((d) => d.kind !== 'missing').map((d) => d.from);
  const r = rayleigh(moments, beats);
  const tied = inStep(moments, beats);
  return {
    verdict: tied ? 'fail' : 'unsure',
    because: stepWords(r, tied, firing.name),
    about: 'in step',
    figure: r.length.toFixed(2),
  };
}
