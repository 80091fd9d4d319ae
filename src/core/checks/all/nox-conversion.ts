import { z } from 'zod';
import { conversion } from '../conversion';
import { defineCheck } from '../contract';
import { like, optional, quantity } from '../fields';
import { percent } from '../words';

/** Below this, in ppm, the sensors’ own error is larger than what is asked; common practice, no source. */
const LEAST_BEFORE = 50;

export default defineCheck({
  id: 'nox-conversion',
  title: 'NOx conversion of the catalyst',
  question: 'Does the catalyst with its urea take out enough?',
  explains:
    'Conversion is 1 − out / in at the same moment of exhaust. Both sensors have to be awake and warm; a tailpipe analyser lags them by about ten seconds, so hold the load steady that long.',
  have: ['NOx sensors', 'scan tool', 'tailpipe analyser'],
  codes: ['P20EE', 'P20EF', 'P207F', 'P2BAD', 'P2BAE', 'P2200-P2203'],
  source: 'Conversion: general engineering. The limit of 85 %: common practice, no source.',
  needs: ['catalyst above 250 °C', 'both sensors ready', 'load steady for 15 s'],
  caution: 'exhaust is hot and poisonous; extraction on',
  minutes: 25,
  input: z.object({
    before: quantity({ title: 'Before the catalyst', unit: 'ppm', min: 0, max: 20_000 }),
    after: quantity({ title: 'After the catalyst', unit: 'ppm', min: 0, max: 20_000 }),
    limit: optional({
      given: true,
      title: 'At least',
      help: '85 % when left empty',
      unit: '%',
      above: 0,
      max: 100,
    }),
  }),
  example: { before: '310 ppm', after: '148 ppm', limit: '' },
  run(i) {
    const limit = (i.limit?.value ?? 85) / 100;
    const c = conversion(i.before.value, i.after.value);
    const says = `${like(i.before.value, i.before)} in, ${like(i.after.value, i.after)} out`;
    if (c < 0)
      return [
        {
          verdict: 'unsure',
          because: `More comes out than goes in (${says}): sensors swapped, not at the same moment, or ammonia is read as NOx.`,
          figure: percent(c),
        },
      ];
    if (i.before.value < LEAST_BEFORE)
      return [
        {
          verdict: 'unsure',
          because: `${says}: too little comes in to judge by. Load the engine until more than ${LEAST_BEFORE} ppm come in.`,
          figure: percent(c),
        },
      ];
    if (i.after.value === 0)
      return [
        {
          verdict: 'unsure',
          because: `${says}: a very good catalyst, or a sensor that is not measuring yet and shows 0. Its status on the scan tool would tell.`,
          figure: percent(c),
        },
      ];
    return [
      {
        verdict: c >= limit - 1e-9 ? 'pass' : 'fail',
        because: `${says}: ${percent(c)} converted, ${c >= limit - 1e-9 ? 'at least' : 'under'} the ${percent(limit)} wanted.`,
        figure: percent(c),
      },
    ];
  },
});
