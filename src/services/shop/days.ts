import { addDays, isValid, parse } from 'date-fns';
import { Problem } from '@/core/problem';

/**
 * The moments of some days, as the shop's clock has them: from the first moment of the first to before the first after
 * the last.
 *
 * @param from a day as 2026-11-28; empty: from the beginning
 * @param to the last day, which belongs to it; empty: without an end
 * @throws Problem where a day cannot be read, or the first is after the last
 */
export function momentsOf(from: string, to: string): { from: string; before: string } {
  const [first, last] = [from === '' ? undefined : dayOf(from), to === '' ? undefined : dayOf(to)];
  if (first && last && first > last)
    throw new Problem('The first day is after the last one. Write the earlier day first.');
  return {
    from: first?.toISOString() ?? '',
    before: last ? addDays(last, 1).toISOString() : '9999',
  };
}

function dayOf(text: string): Date {
  const at = parse(text, 'yyyy-MM-dd', new Date());
  if (!isValid(at)) throw new Problem(`“${text}” is no day. Write it as 2026-11-28.`);
  return at;
}
