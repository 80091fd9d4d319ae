import { z } from 'zod';
import { convert, convertDifference, didAsWanted } from '@/core/readings';
import { defineCheck, Refusal } from '../contract';
import { ANY, choice, like, likeDifference, optional, quantity, type Read } from '../fields';

const WANT = ['has to rise', 'has to fall', 'has to change', 'must not change'] as const;
const AS = {
  'has to rise': 'rises',
  'has to fall': 'falls',
  'has to change': 'changes',
  'must not change': 'stays',
} as const;

export default defineCheck({
  id: 'must-change',
  title: 'Must change, must not change',
  question: 'Does the value do what it has to when something is done to it?',
  explains:
    'Something is done (a load switched on, vacuum applied, a connector wiggled) and one value is read before and after. A change smaller than the least that counts is none.',
  have: ['multimeter', 'scan tool', 'wiggle test', 'hand pump'],
  codes: [],
  source: 'Comparison: common practice, no source. 2 % counts as a change when nothing is given.',
  minutes: 5,
  input: z.object({
    before: quantity({ title: 'Before', unit: ANY }),
    after: quantity({ title: 'After', unit: ANY }),
    want: choice({ given: true, title: 'It', options: WANT }),
    least: optional({
      given: true,
      title: 'Least that counts',
      help: '2 % of the value when left empty',
      unit: ANY,
      above: 0,
    }),
  }),
  example: { before: '4.48 V', after: '4.47 V', want: 'has to fall', least: '0.5 V' },
  run(i) {
    const unit = i.before.unit || i.after.unit;
    let after: number;
    let least: number;
    try {
      after =
        i.after.unit === unit || i.after.unit === ''
          ? i.after.value
          : convert({ value: i.after.value, unit: i.after.unit }, unit).value;
      least = i.least
        ? leastOf(i.least, unit, i.before.value)
        : 0.02 * Math.max(Math.abs(i.before.value), Math.abs(after));
    } catch (e) {
      throw new Refusal(e instanceof Error ? e.message : 'The units do not fit.', 'after');
    }
    const good = didAsWanted(i.before.value, after, AS[i.want], least);
    const d = after - i.before.value;
    const decimals = Math.max(i.before.decimals, i.after.decimals);
    const moved =
      d === 0
        ? 'did not change at all'
        : `${d > 0 ? 'rose' : 'fell'} by ${likeDifference(Math.abs(d), { ...i.before, unit, as: unit, decimals })}`;
    const counts =
      !good && d !== 0 && Math.abs(d) <= least
        ? `, less than the ${likeDifference(least, { ...i.before, unit, as: unit, decimals })} that counts`
        : '';
    return [
      {
        verdict: good ? 'pass' : 'fail',
        figure: like(after, { ...i.after, unit, as: unit }),
        because: `It ${moved}${counts}; it ${i.want}.`,
      },
    ];
  },
});

/** The least change that counts, in the unit of the readings; a percentage is one of the value before. */
function leastOf(least: Read, unit: string, before: number): number {
  if (least.unit === '%' && unit !== '%') return Math.abs(before) * (least.value / 100);
  return convertDifference({ value: least.value, unit: least.unit || unit }, unit).value;
}
