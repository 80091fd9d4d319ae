import type { Reading } from '@/core/case';
import { readEntry, writeNumber } from './entry';

/** How far below the battery a place that is fed from it may read, and how far above; common practice, no source. */
const BELOW = 0.5;
const ABOVE = 0.3;

const BATTERY = /^(?:=|≈|~|about)?\s*(?:b\+|u_?bat(?:t)?|battery(?: voltage)?(?: ?\(b\+\))?)$/i;

/** The battery's own reading by its name; a battery lamp, sensor or cable is another place. */
const OWN = /^battery(?:\s+(?:voltage|posts?|terminals))?\s*(?:$|[,(]|at\b)/i;

/** Whether a limit says "battery voltage" instead of a figure. */
export const isBatteryLimit = (limit: string): boolean => BATTERY.test(limit.trim());

/** What a limit of battery voltage is held against, or why it cannot be. */
export type BatteryLimit = { limit: string } | { problem: string };

/**
 * Turns the limit `B+` into a range around what the battery read in the same test: what it read at another time
 * says nothing of now.
 *
 * @param readings all readings of the test; one named battery, B+ or battery voltage is the battery's own
 * @returns the range as a limit, or a sentence that asks for the battery's reading
 * @example batteryLimit([{ label: 'battery', entered: '12.6 V' }]) // { limit: '12.1..12.9 V' }
 */
export function batteryLimit(readings: readonly Pick<Reading, 'label' | 'entered'>[]): BatteryLimit {
  const own = readings.find((r) => BATTERY.test(r.label.trim()) || OWN.test(r.label.trim()));
  const entry = own && readEntry(own.entered, 'V');
  if (entry?.kind !== 'quantity' || entry.quantity.unit !== 'V')
    return { problem: 'B+ is what the battery reads: add a reading named “battery” to this test.' };
  const { value } = entry.quantity;
  const places = Math.max(entry.decimals, 1);
  return { limit: `${writeNumber(value - BELOW, places)}..${writeNumber(value + ABOVE, places)} V` };
}
