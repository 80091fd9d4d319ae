import { OPEN, WIRE, type Resistor } from './network';
import type { CircuitFault } from './truth-table';

/** Short forms for drawing circuits. Values are typical; common practice, no source. */

/** A piece between two places; a good wire when nothing else is said. */
export const piece = (a: string, b: string, ohms = WIRE): Resistor => ({ a, b, ohms });

/** Metal that a shorted wire touches, in volts above the battery's post, when current runs through it. */
const METAL = 0.4;

/** A short that is one: a twentieth of an ohm. */
const DEAD_SHORT = 0.05;

/** A piece that has gone open. */
export const opened = (id: string, name: string, part: string): CircuitFault => ({
  id,
  name,
  variants: [{ [part]: OPEN }],
});

/**
 * Two places that touch.
 *
 * @param also pieces that change with it, such as a fuse that blows
 * @param held voltages of places that the short brings in, such as a battery beside a 5 V circuit
 */
export const shorted = (
  id: string,
  name: string,
  a: string,
  b: string,
  also: Record<string, number> = {},
  held?: Record<string, number>,
): CircuitFault => ({
  id,
  name,
  variants: [also],
  adds: [piece(a, b, DEAD_SHORT)],
  ...(held ? { fixed: held } : {}),
  // A short to ground often ends on metal that is itself not quite at ground.
  ...(b === 'ground'
    ? { also: [{ variants: [also], adds: [piece(a, 'metal', DEAD_SHORT)], fixed: { metal: METAL } }] }
    : {}),
});

/** Ohms beyond which a piece is as good as open to a meter. */
const NEARLY_OPEN = 4e6;

/**
 * A piece with resistance it should not have, in steps of three from where it begins to show to nearly open.
 *
 * @param from ohms at which it may begin to show
 */
export const resistive = (id: string, name: string, part: string, from: number): CircuitFault => {
  const variants: Record<string, number>[] = [];
  for (let ohms = from; ohms < NEARLY_OPEN; ohms *= 3) variants.push({ [part]: ohms });
  return { id, name, variants: [...variants, { [part]: NEARLY_OPEN }] };
};

/** Held by a battery on one side and ground on the other. */
export const fromSupply = (_state: string, supply: number): Record<string, number> => ({
  '+': supply,
  ground: 0,
});

export const OFF_ON = [
  { id: 'off', label: 'switched off' },
  { id: 'on', label: 'switched on' },
];
export const BATTERY = { label: 'Battery voltage', usual: 12.6 };
export { OPEN };
