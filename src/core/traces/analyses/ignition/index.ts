import { z } from 'zod';
import { Refusal } from '@/core/checks/contract';
import { timeAt, type Channel } from '../../channel';
import { defineAnalysis, one, type TraceFinding } from '../../contract';
import { triggersOf } from '../../crank';
import type { FiringPlan } from '../../engine';
import { number, pick } from '../../settings';
import { mapEvents } from '../cylinder-map';
import { triggerCylinder, triggerRole } from '../trigger';
import { againstCompression, compressionPeaks } from './compression';
import { allAlike, cylinderFindings, sumUp, type CylinderSparks } from './cylinders';
import { otherKind } from './kind';
import { sparksOf, type Spark } from './sparks';
import { strokesOf } from './strokes';

export const ignition = defineAnalysis({
  id: 'ignition',
  title: 'Ignition: firing, burning, ringing',
  question: 'Does each spark fire, burn and ring out as it should?',
  explains:
    'The firing peak tells what the gap asks for, the time and voltage of burning what the mixture and the plug do with it, and the swings after it that the coil has something left. A shunt, as a fouled or shorted lead, lowers the peak and burns longer; a wide gap raises it and burns shorter. One channel per cylinder, or one channel for all with a trigger and the firing order. Several sparks in one stroke are counted, and judged by the first. With the starter current beside it, where the spark lies against the compression peak.',
  source:
    'Burning of 1.5 ms and more is healthy and 1.3 ms short; at least four swings after it; about 10 kV at idle: common practice, no source.',
  engine: 'helps',
  roles: [
    {
      id: 'voltage',
      name: 'Ignition voltage',
      many: true,
      guess: /kv|coil|ignit|second|primary|spark|plug/i,
    },
    triggerRole({ optional: true }),
    {
      id: 'cranking',
      name: 'Starter current',
      optional: true,
      guess: /starter|cranking|compression/i,
    },
  ],
  settings: z.object({
    side: pick({ label: 'Side of the coil', options: ['secondary', 'primary'] }),
    cylinder: triggerCylinder(),
    burn: number({ label: 'Healthy burn time, from', unit: 'ms', is: 1.5, min: 0.1, max: 10 }),
    short: number({ label: 'Short burn time, up to', unit: 'ms', is: 1.3, min: 0.1, max: 10 }),
    ringing: number({ label: 'Swings after it, at least', is: 4, min: 0, max: 20 }),
    apart: number({
      label: 'Firing peak may differ from the others by',
      unit: '%',
      is: 35,
      min: 5,
      max: 200,
    }),
  }),
  run(given, settings) {
    const channels = given.channels.voltage ?? [];
    const side = settings.side as 'primary' | 'secondary';
    const looked = channels.map((c) => {
      const sparks = sparksOf(c, side);
      return { c, sparks, strokes: strokesOf(sparks), other: otherKind(c, sparks) };
    });
    const coils = looked.filter((l) => !l.other && l.sparks.length > 0);
    const silent = looked.filter((l) => !l.other && l.sparks.length === 0);
    if (coils.length === 0)
      throw new Refusal(
        silent[0]
          ? `No spark stands out in "${silent[0].c.name}". Choose the side of the coil, and a stretch with several sparks.`
          : `"${looked[0]!.c.name}" ${looked[0]!.other}. Choose channels that hold the voltage of a coil.`,
      );
    const aside = [
      ...silent.map(({ c }): TraceFinding => ({
        verdict: 'unsure',
        because: `No spark stands out in ${c.name}: it does not fire, or its clamp does not see it.`,
        about: c.name,
      })),
      ...looked.flatMap(({ c, other }): TraceFinding[] =>
        other
          ? [
              {
                verdict: '',
                because: `${c.name} ${other}, and is not judged as ignition voltage.`,
                about: c.name,
              },
            ]
          : [],
      ),
    ];
    const trigger = one(given, 'trigger');
    const cylinders =
      trigger && given.engine && coils.length === 1
        ? byTrigger(coils[0]!, trigger, given.engine, settings.cylinder)
        : coils.map(({ c, strokes }) => sumUp(coils.length === 1 ? 'all sparks' : c.name, c.name, strokes));
    const found = cylinderFindings(cylinders, settings, coils[0]!.c.unit);
    const cranking = one(given, 'cranking');
    const peaks = cranking ? compressionPeaks(cranking) : [];
    const findings = [
      ...found,
      ...allAlike(found, cylinders.length),
      ...cylinders.flatMap((k) => againstCompression(k.name, k.firsts, peaks, given.engine)),
      ...aside,
    ];
    return {
      findings,
      marks: coils.flatMap(({ c, sparks }) =>
        sparks
          .slice(0, 200)
          .map((s) => ({ at: s.at, channel: c.name, words: 'spark', verdict: '' as const })),
      ),
      drawing: {
        kind: 'bars',
        unit: 'ms',
        bars: cylinders.map((k) => ({
          at: k.name.replace('cylinder ', ''),
          value: Number((k.burnTime * 1000).toFixed(2)),
          verdict: found.find((f) => f.about === k.name && f.because.includes('burns'))!.verdict,
        })),
        low: settings.burn,
      },
    };
  },
});

/** Strokes of one channel handed out to cylinders. */
function byTrigger(
  coil: { c: Channel; strokes: Spark[][] },
  trigger: Channel,
  plan: FiringPlan,
  cylinder: number,
): CylinderSparks[] {
  const { c, strokes } = coil;
  const map = mapEvents(
    plan,
    cylinder,
    triggersOf(trigger),
    strokes.map((s) => s[0]!.at),
    { every: plan.cycle, burst: 0, span: { from: c.start, to: timeAt(c, c.samples.length) } },
  );
  return [...plan.order]
    .sort((a, b) => a - b)
    .flatMap((k) => {
      const own = strokes.filter((s) => map.events.some((e) => e.cylinder === k && e.at === s[0]!.at));
      return own.length === 0 ? [] : [sumUp(`cylinder ${k}`, c.name, own)];
    });
}
