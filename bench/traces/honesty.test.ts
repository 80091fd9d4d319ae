import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { Refusal } from '@/core/checks/contract';
import { ANALYSES, type Channel, type AnalysisInput, type TraceResult } from '@/core/traces';
import { normal, random } from '@/sim/random';
import { MAKERS, nameOf } from './index';
import type { Maker } from './kit';

/** What an analysis finds; undefined where it refuses to answer. */
function answer(
  maker: Maker,
  given: AnalysisInput,
  settings: Record<string, unknown>,
): TraceResult | undefined {
  const analysis = ANALYSES.find((a) => a.id === maker.analysis)!;
  try {
    return analysis.run(given, analysis.settings.parse(settings));
  } catch (e) {
    if (e instanceof Refusal) return undefined;
    throw e;
  }
}

const about = (result: TraceResult | undefined, verdict: string): string[] =>
  (result?.findings ?? []).filter((f) => f.verdict === verdict).map((f) => f.about!);

const mapped = (given: AnalysisInput, change: (c: Channel, role: string) => Channel): AnalysisInput => ({
  ...given,
  channels: Object.fromEntries(
    Object.entries(given.channels).map(([role, list]) => [role, list.map((c) => change(c, role))]),
  ),
});

/** What may stand still and be well: only nothing at all is wrong with it. */
const RESTS = /supply|bar$|°C$/;

/** A channel whose sensor gives nothing: where it rests, and noise. */
const dead = (c: Channel, seed: number): Channel => {
  const r = random(seed);
  const level = r() < 0.5 || RESTS.test(`${c.name} ${c.unit}`) ? 0 : c.samples[0]! || 0;
  const size = 0.002 * (Math.abs(level) || 1);
  return { ...c, samples: c.samples.map(() => level + size * normal(r)) };
};

const each = MAKERS.map((m) => [nameOf(m), m] as const);
const seeds = fc.integer({ min: 4_000_000, max: 4_999_999 });

describe('with the signal taken out', () => {
  it.each(each)(
    '%s acquits nothing',
    (_, maker) => {
      fc.assert(
        fc.property(seeds, (seed) => {
          const { given, settings } = maker.make(random(seed), 30);
          const result = answer(
            maker,
            mapped(given, (c) => dead(c, seed)),
            settings,
          );
          expect(about(result, 'pass')).toEqual([]);
        }),
        { numRuns: 4 },
      );
    },
    60_000,
  );
});

describe('with two channels exchanged', () => {
  const many = each.filter(
    ([, m]) => ['agreement', 'ignition'].includes(m.analysis) && !/pipe/.test(m.name ?? ''),
  );
  it.each(many)(
    '%s accuses the other one',
    (_, maker) => {
      fc.assert(
        fc.property(seeds, (seed) => {
          const { given, settings } = maker.make(random(seed), 30);
          const role = maker.analysis === 'ignition' ? 'voltage' : 'signals';
          const list = given.channels[role]!;
          const [a, b] = [list[0]!, list[1]!];
          if (a.unit !== b.unit || /speed|channel D/.test(a.name + b.name)) return;
          const exchanged = {
            ...given,
            channels: {
              ...given.channels,
              [role]: [{ ...a, ...b, name: a.name }, { ...b, ...a, name: b.name }, ...list.slice(2)],
            },
          };
          const other = (name: string) => (name === a.name ? b.name : name === b.name ? a.name : name);
          expect(about(answer(maker, exchanged, settings), 'fail').sort()).toEqual(
            about(answer(maker, given, settings), 'fail')
              .map(other)
              .sort(),
          );
        }),
        { numRuns: 5 },
      );
    },
    120_000,
  );
  const cylinders = each.filter(([, m]) => ['cranking-compression', 'pulsation'].includes(m.analysis));
  it.each(cylinders)(
    '%s moves with the cylinder that the trigger is said to be on',
    (_, maker) => {
      fc.assert(
        fc.property(seeds, (seed) => {
          const { given, settings } = maker.make(random(seed), 30);
          const plan = given.engine!;
          const even = plan.angles.every((x, i) => Math.abs(x - (i * plan.cycle) / plan.order.length) < 1e-9);
          if (!even || !given.channels.trigger) return;
          const by = (c: number, k: number) => plan.order[(plan.order.indexOf(c) + k) % plan.order.length]!;
          const known = settings.cylinder as number;
          const first = about(answer(maker, given, settings), 'fail').filter((x) => x.startsWith('cylinder'));
          const second = about(answer(maker, given, { ...settings, cylinder: by(known, 1) }), 'fail').filter(
            (x) => x.startsWith('cylinder'),
          );
          expect(second.sort()).toEqual(
            first.map((x) => `cylinder ${by(Number(x.split(' ')[1]), 1)}`).sort(),
          );
        }),
        { numRuns: 4 },
      );
    },
    60_000,
  );
});
