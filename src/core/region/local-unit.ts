import { findUnit, unitOf } from '@/core/readings';
import { localUnit, type Region } from './regions';

const BARE = /^[-−–+]?\d[\d\s.,'’]*$/;

/**
 * Writes behind a bare number the unit that the region's gauges show, where that is not the field's own: what is kept
 * then says itself what it is in, wherever it is read.
 *
 * @param text as typed, `185`
 * @param unit the field's own, `°C`
 * @param region where the shop is; undefined where it never said
 * @param others what else stands in the same form: another unit typed there holds for bare numbers (`carryUnits`)
 * @returns the number with its unit, or undefined where nothing is to be written
 * @example 185 typed into a field of °C in the United States // '185 °F'
 */
export function withLocalUnit(
  text: string,
  unit: string,
  region: Region | undefined,
  others: readonly string[],
): string | undefined {
  const local = localUnit(unit, region);
  if (local === unit || !BARE.test(text.trim())) return undefined;
  const kind = findUnit(unit)?.measures;
  const another = others
    .map((other) => unitOf(other))
    .some((u) => u !== local && findUnit(u)?.measures === kind);
  return another ? undefined : `${text.trim()} ${local}`;
}
