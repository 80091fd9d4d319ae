import { z } from 'zod';
import { interpolate } from '@/core/readings';
import { defineCheck, type Finding } from '../contract';
import { choice, like, optional, quantity } from '../fields';

/**
 * Least voltage of a 12 V battery under starter load by its temperature in °C. The steps are those
 * of the trade's load-test table (9.6 V at 21 °C and less in the cold), from memory.
 */
const LEAST = [
  { x: -18, y: 8.5 },
  { x: -12, y: 8.7 },
  { x: -7, y: 8.9 },
  { x: -1, y: 9.1 },
  { x: 4, y: 9.3 },
  { x: 10, y: 9.4 },
  { x: 16, y: 9.5 },
  { x: 21, y: 9.6 },
];

/** Least cranking voltage at a temperature, for a system of 12 or 24 V. */
export function leastCranking(celsius: number, system: 12 | 24): number {
  const at = Math.min(21, Math.max(-18, celsius));
  return (interpolate(LEAST, at) ?? 9.6) * (system / 12);
}

/** What a starter that turns an engine takes off a 12 V battery at least; a solenoid alone takes less. Common practice, no source. */
const LEAST_FALL = 0.5;

export default defineCheck({
  id: 'cranking-voltage',
  title: 'Cranking voltage',
  question: 'Does the battery hold up while the starter turns?',
  explains:
    'The starter is the heaviest load there is. A charged battery stays above 9.6 V at room temperature, a little less in the cold. A low figure means a weak battery only if it was charged and the starter turned freely.',
  have: ['multimeter', 'battery'],
  codes: ['P0562', 'P0615-P0617', 'U3003', 'P0685'],
  source: 'Load-test table of the trade, from memory; common practice.',
  needs: ['measured on the battery posts', 'engine does not start (fuel off)'],
  caution: 'gear in neutral, hands away from belts',
  minutes: 5,
  input: z.object({
    system: choice({ given: true, title: 'System', options: ['12 V', '24 V'] }),
    rest: quantity({ title: 'Before', unit: 'V', min: 0, max: 40 }),
    lowest: quantity({ title: 'Lowest while cranking', unit: 'V', min: 0, max: 40 }),
    temperature: optional({
      title: 'Battery temperature',
      help: '21 °C when left empty',
      unit: '°C',
      min: -50,
      max: 80,
    }),
  }),
  example: { system: '12 V', rest: '12.5 V', lowest: '8.7 V', temperature: '18 °C' },
  run(i) {
    const system = i.system === '12 V' ? 12 : 24;
    const least = leastCranking(i.temperature?.value ?? 21, system);
    const charged = i.rest.value >= 1.03 * system;
    const findings: Finding[] = [];
    if (i.lowest.value > i.rest.value + 0.05)
      findings.push({
        verdict: 'unsure',
        because: 'The voltage went up while cranking: that is no cranking, or the readings are swapped.',
      });
    else if (i.rest.value - i.lowest.value < (LEAST_FALL * system) / 12 - 1e-9)
      findings.push({
        verdict: 'unsure',
        because: `It fell by only ${like(i.rest.value - i.lowest.value, i.lowest, 2)}: the starter drew next to nothing. Did the engine turn? If not, its circuit comes before the battery.`,
      });
    else if (i.lowest.value < system / 12)
      findings.push({
        verdict: 'unsure',
        because: `Nothing cranks at ${like(i.lowest.value, i.lowest)}: a probe or a battery post let go. Read it again at the posts themselves.`,
      });
    else if (i.lowest.value >= least - 1e-9)
      findings.push({
        verdict: 'pass',
        because: `Lowest ${like(i.lowest.value, i.lowest)}, at least ${like(least, i.lowest, 1)} is wanted.`,
      });
    else
      findings.push({
        verdict: charged ? 'fail' : 'unsure',
        because: `Lowest ${like(i.lowest.value, i.lowest)}, under ${like(least, i.lowest, 1)}.${charged ? ' Battery weak, or the starter draws too much: measure its current.' : ` But it had only ${like(i.rest.value, i.rest)} to begin with: charge it and test again.`}`,
      });
    return findings;
  },
});
