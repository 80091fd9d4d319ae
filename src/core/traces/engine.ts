import { readFiringOrder } from '@/core/vehicle';

/** When each cylinder of an engine fires. */
export interface FiringPlan {
  /** Cylinders in the order they fire. */
  order: number[];
  /** Crank degrees of each firing, counted from the first of the order. */
  angles: number[];
  /** Crank degrees until the same cylinder fires again: 720, or 360 for a two-stroke. */
  cycle: number;
}

/**
 * Firing plan from what stands on the vehicle.
 *
 * @param order for instance `1-3-4-2`
 * @param strokes 2 or 4
 * @param angles degrees of each firing for engines that fire unevenly, `0 90 240 330 480 570`; empty for even
 * @returns the plan, or a sentence saying what cannot be
 * @example firingPlan('1-3-2', 4) // { order: [1, 3, 2], angles: [0, 240, 480], cycle: 720 }
 */
export function firingPlan(order: string, strokes: number | null = 4, angles = ''): FiringPlan | string {
  const layout = readFiringOrder(order, null, strokes);
  if (typeof layout === 'string') return layout;
  const cycle = (strokes ?? 4) * 180;
  const n = layout.order.length;
  if (angles.trim() === '')
    return { order: layout.order, angles: layout.order.map((_, i) => (i * cycle) / n), cycle };
  const typed = angles
    .trim()
    .split(/[\s,;]+/)
    .map(Number);
  if (
    typed.length !== n ||
    typed.some((a) => !(a >= 0 && a < cycle)) ||
    typed.some((a, i) => i > 0 && a <= typed[i - 1]!)
  )
    return `Write one rising angle for each of the ${n} firings, from 0 up to ${cycle}: for instance 0 90 240 330 480 570.`;
  return { order: layout.order, angles: typed.map((a) => a - typed[0]!), cycle };
}

/** Crank degrees by which a cylinder fires after another; 0 … cycle. */
export function degreesAfter(plan: FiringPlan, cylinder: number, reference: number): number {
  const at = (c: number) => plan.angles[plan.order.indexOf(c)]!;
  return mod(at(cylinder) - at(reference), plan.cycle);
}

/** Remainder that is never negative. */
export const mod = (x: number, by: number): number => ((x % by) + by) % by;

/**
 * The firing nearest to an angle.
 *
 * @param angle degrees after the firing of the first cylinder of the order
 * @returns its place in the order, degrees past it (negative before), and the room to the next firing on that side
 */
export function nearestFiring(
  plan: FiringPlan,
  angle: number,
): { place: number; past: number; room: number } {
  let place = 0;
  let past = Infinity;
  plan.angles.forEach((a, i) => {
    const d = mod(angle - a + plan.cycle / 2, plan.cycle) - plan.cycle / 2;
    if (Math.abs(d) < Math.abs(past)) {
      past = d;
      place = i;
    }
  });
  const n = plan.order.length;
  const next = mod(place + (past >= 0 ? 1 : -1), n);
  const room =
    n === 1 ? plan.cycle : mod((past >= 0 ? 1 : -1) * (plan.angles[next]! - plan.angles[place]!), plan.cycle);
  return { place, past, room };
}
