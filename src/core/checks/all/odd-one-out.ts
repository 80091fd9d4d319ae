import { z } from 'zod';
import { compareSiblings, siblingSentence, siblingTolerance } from '@/core/readings';
import { defineCheck } from '../contract';
import { ANY, choice, list, optional, type Read, type ReadAt } from '../fields';
import { siblingBars } from '../words';

const KINDS = ['read as they are', 'what was left of a start'] as const;

/**
 * What each lost of what it began with. Values left over after different starts are no siblings; the losses are.
 *
 * @param left what was left of each
 * @param start what each began at, by the same names
 * @returns the losses, or a sentence that says which starts are missing
 */
function lost(left: ReadAt[], start: ReadAt[]): ReadAt[] | string {
  const open = left.filter((r) => !start.some((s) => s.at === r.at));
  if (open.length)
    return `What is left over depends on what each began at, which is missing for ${open.map((r) => r.at).join(', ')}.`;
  return left.map((r) => ({ ...r, value: start.find((s) => s.at === r.at)!.value - r.value }));
}

function compare(each: ReadAt[], band: Read | undefined) {
  const unit = each[0]?.unit ?? '';
  const values = each.map((r) => r.value);
  const stated = band && { value: band.value, unit: band.unit };
  return compareSiblings(
    each.map((r) => ({ at: r.at, value: r.value })),
    siblingTolerance(values, unit, stated),
  );
}

export default defineCheck({
  id: 'odd-one-out',
  title: 'Siblings: the odd one out',
  question: 'Which of several that ought to read alike does not?',
  explains:
    'Each is held against the median of the others, in units of their own spread, so that one bad reading does not drag the rest along. Two cannot say which is wrong, and all may be equally bad: that only a limit can tell.',
  have: ['several readings', 'cylinders', 'corners', 'banks', 'sensors'],
  codes: [],
  source:
    'Modified z-score, outlier above 3.5: Iglewicz & Hoaglin 1993, NIST/SEMATECH e-Handbook 1.3.5.17. The 10 % (5 °C) band: common practice, no source.',
  minutes: 10,
  input: z.object({
    each: list({ title: 'Readings', unit: ANY, each: 'member', labels: ['1', '2', '3', '4'], least: 1 }),
    kind: choice({ given: true, title: 'They are', options: KINDS }),
    start: list({
      title: 'Each began at',
      help: 'only for what was left of a start',
      unit: ANY,
      each: 'member',
      labels: ['1', '2', '3', '4'],
      least: 0,
    }),
    band: optional({
      given: true,
      title: 'May differ by',
      help: 'a share or an amount; 10 % or 5 °C when left empty',
      unit: ANY,
      above: 0,
    }),
  }),
  example: {
    each: [
      { at: '1', entered: '0.42 Ω' },
      { at: '2', entered: '0.43' },
      { at: '3', entered: '0.61' },
      { at: '4', entered: '0.42' },
    ],
    band: '10 %',
  },
  run(i) {
    const alike = i.kind === KINDS[1] ? lost(i.each, i.start) : i.each;
    if (typeof alike === 'string') return [{ verdict: 'unsure', because: alike }];
    return [
      siblingSentence(
        compare(alike, i.band),
        i.each[0]!.unit,
        Math.max(...i.each.map((r) => r.decimals)),
        'one',
      ),
    ];
  },
  draw(i) {
    const alike = i.kind === KINDS[1] ? lost(i.each, i.start) : i.each;
    return typeof alike === 'string'
      ? { kind: 'table', head: [], rows: [] }
      : siblingBars(alike, compare(alike, i.band));
  },
});
