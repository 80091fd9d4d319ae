import { convert } from '@/core/readings';
import type { Read } from './fields';

/** The least that a good joint or closed contact has; common practice, no source. */
const LEAST_OHMS = 0.0005;

/**
 * Whether a drop of nothing was seen at all: a current leaves something on every joint, so a meter fine enough to show
 * it that shows 0 does not touch, and one too coarse for the limit shows 0 for everything.
 *
 * @param drop as typed, in volts
 * @param amps that flow, in A
 * @param limit of the drop, in V
 * @returns what to say, or undefined where the reading stands
 * @example 0 mV at 140 A is not seen: 0.5 mΩ would leave 70 mV, and the meter shows 1 mV
 */
export function zeroNotSeen(drop: Read, amps: number, limit: number): string | undefined {
  if (drop.value !== 0) return undefined;
  const half = convert({ value: 0.5 * 10 ** -drop.decimals, unit: drop.as }, 'V').value;
  if (half > limit) return 'Nothing, on a range too coarse to tell: read it in millivolts.';
  if (LEAST_OHMS * amps >= half)
    return 'Nothing at all: at this current even a good joint drops something. Are both probes touching metal?';
  return undefined;
}
