import type { FiringPlan } from '@/core/traces';
import type { Firing } from './picture';

/** Firing moments within the cycles that are known. */
export function firingsOf(
  cycles: readonly number[],
  plan: FiringPlan | undefined,
  known: number,
  advance: number,
): Firing[] {
  if (!plan || cycles.length < 2 || plan.order.indexOf(known) < 0) return [];
  const from = plan.angles[plan.order.indexOf(known)]!;
  return cycles.slice(0, -1).flatMap((t, k) => {
    const length = cycles[k + 1]! - t;
    return plan.order.map((cylinder, i) => ({
      cylinder,
      at:
        t +
        ((((plan.angles[i]! - from + advance) % plan.cycle) + plan.cycle) % plan.cycle) *
          (length / plan.cycle),
    }));
  });
}
