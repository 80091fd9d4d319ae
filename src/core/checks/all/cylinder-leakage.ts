import { z } from 'zod';
import { defineCheck, type Finding } from '../contract';
import { choice, like, list } from '../fields';
import { CYLINDERS } from '../words';

const HEARD = [
  'nowhere in particular',
  'intake',
  'exhaust',
  'oil filler',
  'radiator',
  'next plug hole',
] as const;
const MEANS: Record<(typeof HEARD)[number], string> = {
  'nowhere in particular': '',
  intake: 'Air in the intake: the intake valve.',
  exhaust: 'Air in the exhaust: the exhaust valve.',
  'oil filler': 'Air at the oil filler: the rings or the piston.',
  radiator: 'Bubbles in the radiator: the head gasket or a crack.',
  'next plug hole': 'Air at the next plug hole: the gasket between the two.',
};

export default defineCheck({
  id: 'cylinder-leakage',
  title: 'Cylinder leakage',
  question: 'How much air does each cylinder lose, and where to?',
  explains:
    'Air is let into the cylinder at top dead centre and the share that is lost is read. The place where it is heard says which part leaks. Up to 10 % is good, up to 20 % used, beyond that a fault.',
  have: ['leakage tester', 'compressed air'],
  codes: ['P0300-P0312'],
  source: 'Limits 10 and 20 %: common practice, no source.',
  needs: ['piston at top dead centre of compression', 'engine warm'],
  caution: 'air pressure can turn the engine: secure it, hands and tools off',
  minutes: 45,
  input: z.object({
    losses: list({
      title: 'Loss',
      unit: '%',
      each: 'cylinder',
      labels: CYLINDERS,
      least: 1,
      min: 0,
      max: 100,
    }),
    heard: choice({ title: 'Heard at', options: HEARD }),
  }),
  example: {
    losses: [
      { at: '1', entered: '8' },
      { at: '2', entered: '9' },
      { at: '3', entered: '46' },
      { at: '4', entered: '12' },
    ],
    heard: 'exhaust',
  },
  run: (i) =>
    i.losses.map((r): Finding => {
      const loss = like(r.value, r);
      const about = `Cylinder ${r.at}`;
      if (r.value === 0)
        return {
          about,
          verdict: 'unsure',
          because: `${loss} lost: every engine loses something. Is the air on, and the valve of the tester open?`,
          figure: loss,
        };
      if (r.value <= 10 + 1e-9)
        return { about, verdict: 'pass', because: `${loss} lost, tight.`, figure: loss };
      if (r.value <= 20 + 1e-9)
        return {
          about,
          verdict: 'unsure',
          because: `${loss} lost: worn, hardly a fault by itself.`,
          figure: loss,
        };
      return { about, verdict: 'fail', because: `${loss} lost. ${MEANS[i.heard]}`.trim(), figure: loss };
    }),
  draw: (i) => ({
    kind: 'bars',
    unit: '%',
    high: 20,
    bars: i.losses.map((r) => ({
      at: r.at,
      value: r.value,
      verdict: byLoss(r.value),
    })),
  }),
});

/** The verdict of a loss alone, in percent; nothing lost at all is a tester that is not connected. */
function byLoss(percent: number): Finding['verdict'] {
  if (percent === 0) return 'unsure';
  if (percent <= 10) return 'pass';
  return percent <= 20 ? 'unsure' : 'fail';
}
