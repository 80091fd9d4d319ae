import type { Channel } from '../channel';
import type { ReadAs } from './read-as';

const two = (n: number): string => String(Math.floor(n)).padStart(2, '0');

/** A moment of a day as one reads it off a clock, with tenths where there are any. */
function clockWords(seconds: number): string {
  const s = ((seconds % 86_400) + 86_400) % 86_400;
  const rest = Math.round((s % 60) * 10) / 10;
  const said = Number.isInteger(rest) ? two(rest) : `${two(rest)}${rest.toFixed(1).slice(-2)}`;
  return `${two(s / 3600)}:${two((s / 60) % 60)}:${said}`;
}

/**
 * Clock times counted from the first sample: nobody looks for 36,920 s.
 *
 * @param channels starting at seconds of the day, or of the calendar
 * @param as how the file is read
 * @returns the channels, starting at 0 s the earliest, with a note that says when that was; all as they were where the
 *   time is no clock, or counts from midnight
 * @example countedFromFirst([{ start: 36900, … }], { timeUnit: 'clock', clockFrom: 'first' }).notes // ['0 s is 10:15:00 …']
 */
export function countedFromFirst(
  channels: readonly Channel[],
  as: Pick<ReadAs, 'timeUnit' | 'clockFrom'>,
): { channels: Channel[]; notes: string[] } {
  if (as.timeUnit !== 'clock' || as.clockFrom !== 'first' || channels.length === 0)
    return { channels: [...channels], notes: [] };
  const first = Math.min(...channels.map((c) => c.start));
  return {
    channels: channels.map((c) => ({ ...c, start: c.start - first })),
    notes: [`0 s is ${clockWords(first)} by the clock of the file.`],
  };
}
