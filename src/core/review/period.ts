import { z } from 'zod';

const DAY = /^\d{4}-\d{2}-\d{2}$/;
const day = z
  .string()
  .refine((d) => d === '' || (DAY.test(d) && !Number.isNaN(Date.parse(d))), 'Write a day as 2026-11-28.')
  .default('');

/** A time that is reviewed, by days; left empty: from the first case, or to today. */
export const ReviewPeriod = z
  .object({ from: day, to: day })
  .refine((p) => p.from === '' || p.to === '' || p.from <= p.to, 'The first day is after the last one.');
export type ReviewPeriod = z.infer<typeof ReviewPeriod>;

/**
 * The moments between which a period lies, in UTC as they are stored.
 *
 * @param period by days, each of which belongs to it
 * @returns from the first moment on, to before the second
 * @example momentsOf({ from: '2026-03-01', to: '2026-03-31' }) // from 1 March 00:00 to before 1 April 00:00
 */
export function momentsOf(period: ReviewPeriod): { from: string; before: string } {
  const after = (d: string) => new Date(Date.parse(d) + 86_400_000).toISOString();
  return {
    from: period.from === '' ? '' : new Date(Date.parse(period.from)).toISOString(),
    before: period.to === '' ? '9999' : after(period.to),
  };
}
