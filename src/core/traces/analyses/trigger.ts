import type { Role } from '../contract';
import { number } from '../settings';

/** Channel that fires once a cycle at a known cylinder: what places everything else on the crank. */
export const triggerRole = (o: { optional?: boolean; also?: string } = {}): Role => ({
  id: 'trigger',
  name: 'Trigger on a known cylinder',
  ...(o.optional ? { optional: true } : {}),
  guess: new RegExp(`trig|sync|cyl${o.also ? `|${o.also}` : ''}`, 'i'),
});

/**
 * The setting for the cylinder on which the trigger sits.
 *
 * @returns a setting of 1 to 24
 */
export const triggerCylinder = () => number({ label: 'Cylinder of the trigger', is: 1, min: 1, max: 24 });

/**
 * The setting for the angle between trigger and top dead centre.
 *
 * @returns a setting in degrees of crank
 */
export const triggerAdvance = () =>
  number({
    label: 'The trigger comes before top dead centre by',
    unit: '°',
    is: 0,
    min: -360,
    max: 360,
  });
