import { convert, findUnit, type Quantity } from './units';

/** Air pressure at sea level, in Pa; ISO 2533. What it is at the vehicle a barometer tells. */
const SEA_LEVEL = 101_325;

/** The unit without the word that says what it counts from: `bar` of `bar abs`. */
const plain = (sign: string) => sign.replace(/ abs$/, '');

/**
 * A pressure counted from the air outside in one counted from vacuum, or the other way round. The two differ by the
 * barometer, so that this is an offer to be taken, never a conversion by itself.
 *
 * @param q a gauge pressure (`bar`, `psi`) or an absolute one (`bar abs`)
 * @param unit of the other kind
 * @param air pressure outside, in Pa
 * @returns the pressure in that unit, or undefined where the two are not of those kinds
 * @example acrossTheAir({ value: 0.5, unit: 'bar' }, 'bar abs') // 1.51325 bar abs
 */
export function acrossTheAir(q: Quantity, unit: string, air = SEA_LEVEL): Quantity | undefined {
  const kinds = [findUnit(q.unit)?.measures, findUnit(unit)?.measures].join();
  const [from, to] = [plain(q.unit), plain(unit)];
  const sign = { 'pressure,absolute pressure': 1, 'absolute pressure,pressure': -1 }[kinds];
  if (sign === undefined || !findUnit(from) || !findUnit(to)) return undefined;
  const pascal = convert({ value: q.value, unit: from }, 'Pa').value + sign * air;
  return { value: convert({ value: pascal, unit: 'Pa' }, to).value, unit };
}
