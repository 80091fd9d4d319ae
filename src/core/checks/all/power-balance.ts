import { z } from 'zod';
import { defineCheck, Refusal, type Finding } from '../contract';
import { count, list } from '../fields';
import { CYLINDERS, siblingBars, siblings } from '../words';

export default defineCheck({
  id: 'power-balance',
  title: 'Cylinder contribution',
  question: 'Which cylinder does not pull its weight?',
  explains:
    'Each cylinder is switched off in turn and the fall of engine speed noted. A healthy one is missed; a weak one is not. Idle control has to be off, or it makes up for what is lost.',
  have: ['scan tool', 'injector cut-out', 'engine speed'],
  codes: ['P0300-P0312', 'P0261-P0296'],
  source: 'Comparison with the siblings: common practice, no source.',
  needs: ['idle control held still', 'engine warm'],
  caution: 'unburnt fuel heats the catalyst: not longer than ten seconds each',
  minutes: 15,
  input: z.object({
    cylinders: count({ given: 'cylinders', title: 'Cylinders', min: 1, max: 16 }),
    falls: list({
      title: 'Fall of speed with the cylinder off',
      unit: 'rpm',
      each: 'cylinder',
      labels: CYLINDERS,
      least: 1,
      min: -500,
      max: 3000,
    }),
  }),
  example: {
    cylinders: '4',
    falls: [
      { at: '1', entered: '92' },
      { at: '2', entered: '18' },
      { at: '3', entered: '88' },
      { at: '4', entered: '95' },
    ],
  },
  run(i) {
    if (i.falls.length !== i.cylinders)
      throw new Refusal(
        `${i.falls.length} of ${i.cylinders} cylinders were switched off. Do all of them, then compare.`,
        'falls',
      );
    if (i.falls.every((f) => f.value <= 0))
      return [
        {
          verdict: 'unsure',
          because:
            'Speed falls with none of them: idle control makes up for it. Hold it still and do it again.',
        },
      ];
    const { finding, comparison } = siblings(i.falls, 0.25, 'cylinder', 'low');
    const weak = comparison.odd.filter((o) => o.delta < 0);
    const findings: Finding[] =
      comparison.outcome === 'odd' && weak.length === 0
        ? [
            {
              verdict: 'unsure',
              because: `${finding.because} One that is missed more than the others is not weak itself; the rest may be.`,
            },
          ]
        : [finding];
    for (const o of weak)
      findings.push({
        about: `Cylinder ${o.at}`,
        verdict: 'fail',
        because: `Hardly missed: it gives about ${o.others > 0 ? Math.max(0, Math.round((o.value / o.others) * 100)) : 0} % of what the others do. Spark, fuel, compression, in that order of minutes.`,
      });
    return findings;
  },
  draw: (i) => siblingBars(i.falls, siblings(i.falls, 0.25, 'cylinder', 'low').comparison),
});
