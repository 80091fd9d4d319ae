import { differenceInCalendarDays, format, parseISO } from 'date-fns';

/** "24 Nov 2026", in the reader's own time zone. */
export function day(iso: string | null): string {
  return iso ? format(parseISO(iso), 'd MMM yyyy') : '';
}
/** "24 Nov, 14:05" */
export function dayTime(iso: string | null): string {
  return iso ? format(parseISO(iso), 'd MMM, HH:mm') : '';
}
/** "today", "3 days", "5 weeks": how long ago. */
export function age(iso: string, now = new Date()): string {
  const days = differenceInCalendarDays(now, parseISO(iso));
  if (days <= 0) return 'today';
  if (days === 1) return '1 day';
  if (days < 15) return `${days} days`;
  if (days < 70) return `${Math.round(days / 7)} weeks`;
  return `${Math.round(days / 30)} months`;
}
/** "in 4 days", "today", "6 days late". */
export function until(iso: string, now = new Date()): string {
  const days = differenceInCalendarDays(parseISO(iso), now);
  if (days === 0) return 'today';
  return days > 0 ? `in ${days} day${days === 1 ? '' : 's'}` : `${-days} day${days === -1 ? '' : 's'} late`;
}
/** "today", "3 days ago". */
export const ago = (iso: string, now = new Date()): string => {
  const words = age(iso, now);
  return words === 'today' ? words : `${words} ago`;
};
/** "Fri 27 Nov, 16:00"; without the time where it is midnight. */
export function shortDay(iso: string): string {
  const at = parseISO(iso);
  return format(at, at.getHours() + at.getMinutes() === 0 ? 'EEE d MMM' : 'EEE d MMM, HH:mm');
}
