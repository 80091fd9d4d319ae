import { displayWord } from '@/core/case';
import { csvLine } from '@/core/exchange';
import type { Review } from './review';

const HEAD = ['figure', 'about', 'value', 'unit', 'cases'];

/**
 * A review as a table for a spreadsheet: one figure a line, with the numbers of the cases behind it.
 *
 * @param review as `reviewOf` draws it up
 * @param currency the three letters of what was spent
 * @returns CSV with a head
 */
export function reviewCsv(review: Review, currency = ''): string {
  const rows: (string | number)[][] = [
    ...review.proof.map((p) => [
      'ended as',
      displayWord(p.grade) || 'no proof',
      p.cases.length,
      'cases',
      p.cases.join(' '),
    ]),
    ...review.comebacks.map((c) => [
      'came back',
      c.name,
      c.cases.length,
      `of ${c.of} repaired`,
      c.cases.join(' '),
    ]),
    ...review.testing.map((t) => [
      'testing before the repair, median',
      t.system,
      t.median,
      'min',
      t.cases.join(' '),
    ]),
    ...review.inVain.map((v) => [
      'replaced without success',
      v.part,
      v.cases.length,
      'cases',
      v.cases.join(' '),
    ]),
    ...review.inVain.flatMap((v) =>
      v.spent && v.spent.cases.length > 0
        ? [['spent without success', v.part, v.spent.sum.toFixed(2), currency, v.spent.cases.join(' ')]]
        : [],
    ),
    ...review.tests.map((t) => [
      'test finds something',
      t.question,
      t.perHour.toFixed(2),
      'times an hour',
      t.found.join(' '),
    ]),
    ...review.complaints.flatMap((c) =>
      c.causes.map((k) => [`complaint: ${c.symptom}`, k.name, k.cases.length, 'cases', k.cases.join(' ')]),
    ),
  ];
  return [HEAD, ...rows].map((row) => csvLine(row)).join('');
}
