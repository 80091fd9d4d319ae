import { z } from 'zod';
import { defineCheck, type Finding } from '../contract';
import { like, optional, quantity } from '../fields';
import { inside } from '../words';

/** ISO 22241-1: urea content by mass of the 32.5 % solution. */
const UREA = { low: 31.8, high: 33.2 };

export default defineCheck({
  id: 'urea-concentration',
  title: 'Urea concentration',
  question: 'Is what is in the tank really urea solution, and does the sensor know it?',
  explains:
    'The solution freezes lowest and doses right at 32.5 % by mass. Water, fuel or old stock change it. A refractometer on a sample is the truth against which the tank sensor is held.',
  have: ['refractometer', 'urea sample', 'quality sensor'],
  codes: ['P203A-P203F', 'P206A', 'P206B', 'P207F', 'P20EE', 'P2BA8'],
  source: 'ISO 22241-1: 31.8 to 33.2 % by mass. Sensor agreement within 1.5 %: common practice, no source.',
  caution: 'urea solution creeps and eats connectors; rinse with water',
  minutes: 10,
  input: z.object({
    sample: quantity({ title: 'Refractometer', unit: '%', min: 0, max: 100 }),
    sensor: optional({ title: 'Tank sensor says', unit: '%', min: 0, max: 100 }),
  }),
  example: { sample: '32,4 %', sensor: '27 %' },
  run(i) {
    const good = inside(i.sample.value, UREA.low, UREA.high);
    const findings: Finding[] = [
      {
        about: 'Solution',
        figure: like(i.sample.value, i.sample),
        verdict: good ? 'pass' : 'fail',
        because: good
          ? `${like(i.sample.value, i.sample)} is between 31.8 and 33.2 %.`
          : `${like(i.sample.value, i.sample)} is ${i.sample.value < UREA.low ? 'too thin (water, or another fluid)' : 'too thick (water has evaporated)'}; 31.8 to 33.2 % is wanted. Drain, rinse, fill fresh.`,
      },
    ];
    if (i.sensor) {
      const off = i.sensor.value - i.sample.value;
      const agrees = Math.abs(off) <= 1.5 + 1e-9;
      findings.push({
        about: 'Sensor',
        verdict: agrees ? 'pass' : 'fail',
        because: agrees
          ? `The tank sensor agrees with the sample (${like(i.sensor.value, i.sensor)}).`
          : `The tank sensor says ${like(i.sensor.value, i.sensor)} for a sample of ${like(i.sample.value, i.sample)}: the sensor or its wiring, ${good ? 'not the fluid' : 'as well as the fluid'}.`,
      });
    }
    return findings;
  },
});
