/** Older than this a date is that of something else, in years. */
const OLDEST = 15;

/**
 * When a report says it was made.
 *
 * @param said date and time as the report has them; dots mean day first, as does a first number over 12
 * @param now the time now, ISO 8601; nothing later is believed
 * @param offset minutes that local time is behind UTC, as `Date.getTimezoneOffset` gives them
 * @returns ISO 8601, or undefined where day and month may be the other way round, and for what cannot be
 * @example madeAt('14.03.2026 09:42', '2026-03-20T12:00:00Z', 0) // '2026-03-14T09:42:00.000Z'
 */
export function madeAt(said: string, now: string, offset: number): string | undefined {
  const m =
    /^(\d{1,4})([-/.])(\d{1,2})[-/.](\d{2,4})(?:(?:[ T,]|\sat\s|\sum\s){1,4}(\d{1,2}):(\d{2})(?::(\d{2}))?(?:\s?([ap])m)?)?/iu.exec(
      said.trim(),
    );
  if (!m) return undefined;
  const [, a, mark, b, c, hour = '12', minute = '0', second = '0', half] = m;
  const first = Number(a);
  const middle = Number(b);
  const last = Number(c);
  const orderOf = () => {
    if (a!.length === 4) return { year: first, month: middle, day: last };
    if (mark === '.' || first > 12) return { year: last, month: middle, day: first };
    return middle > 12 ? { year: last, month: first, day: middle } : undefined;
  };
  const order = orderOf();
  // 03/04/2026 is April to one shop and March to another.
  if (!order) return undefined;
  const year = order.year < 100 ? 2000 + order.year : order.year;
  const hours = (Number(hour) % (half ? 12 : 24)) + (half?.toLowerCase() === 'p' ? 12 : 0);
  const date = new Date(
    Date.UTC(year, order.month - 1, order.day, hours, Number(minute) + offset, Number(second)),
  );
  const local = new Date(date.getTime() - offset * 60_000);
  if (local.getUTCMonth() !== order.month - 1 || local.getUTCDate() !== order.day) return undefined;
  if (date.toISOString() > now || date.getUTCFullYear() < Number(now.slice(0, 4)) - OLDEST) return undefined;
  return date.toISOString();
}
