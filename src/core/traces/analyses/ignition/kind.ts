import type { Channel } from '../../channel';
import { median } from '../../signal';
import type { Spark } from './sparks';

const VOLTS = /^(k|m)?v(olts?)?( ?dc)?$/i;
const COIL = /coil|ignit|spark|plug|second|primary|kv/i;
const OTHER = /current|amp|trigger|sync|cam|crank|sensor|pressure|inject|pulse|starter/i;
/** A spark fires at so many times the voltage that it burns at; a switched voltage stands where it jumped to. */
const PEAK_OVER_BURN = 1.6;

/**
 * Why a channel is not the voltage of an ignition coil, by its unit, its name or its shape.
 *
 * @returns undefined for one that may be
 */
export function otherKind(c: Channel, sparks: readonly Spark[]): string | undefined {
  if (c.unit !== '' && !VOLTS.test(c.unit)) return `is measured in ${c.unit}`;
  if (OTHER.test(c.name) && !COIL.test(c.name)) return 'is something else by its name';
  // Called a coil it is judged as one, however badly it fires.
  if (COIL.test(c.name)) return undefined;
  const burning = sparks.filter((s) => s.burnTime > 0);
  if (sparks.length === 0) return undefined;
  if (
    burning.length < sparks.length / 2 ||
    median(burning.map((s) => s.peak / s.burnVoltage)) < PEAK_OVER_BURN
  )
    return 'has no firing peak over a burning voltage';
  return undefined;
}
