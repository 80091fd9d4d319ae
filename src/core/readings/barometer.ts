import type { Reading } from '@/core/case';
import { readEntry } from './entry';
import { convert, findUnit } from './units';

const BAROMETER = /^(?:baro(?:meter|metric(?: pressure)?)?|(?:ambient|atmospheric|outside air) pressure)$/i;
/** Air pressure where anybody drives, in Pa: 4 500 m up to the highest on record, about 1085 hPa (WMO). */
const AIR = [55_000, 110_000] as const;

/**
 * Air pressure outside, from a reading of it in the same test.
 *
 * @param readings all readings of the test; one named barometer, barometric, ambient or atmospheric pressure counts
 * @returns Pa, or undefined when it was not read or cannot be air pressure
 * @example barometerOf([{ label: 'Barometer', entered: '850 mbar' }]) // 85 000
 */
export function barometerOf(readings: readonly Pick<Reading, 'label' | 'entered'>[]): number | undefined {
  for (const r of readings) {
    if (!BAROMETER.test(r.label.trim())) continue;
    const entry = readEntry(r.entered);
    if (entry.kind !== 'quantity' || !/pressure/.test(findUnit(entry.quantity.unit)?.measures ?? ''))
      continue;
    const pascal = convert({ ...entry.quantity, unit: entry.quantity.unit.replace(/ abs$/, '') }, 'Pa').value;
    // 1.1 bar is 110,000.000 000 01 Pa to a computer.
    if (pascal > AIR[0] - 1 && pascal < AIR[1] + 1) return pascal;
  }
  return undefined;
}
