import type { Channel } from '../../channel';
import { triggersOf } from '../../crank';
import { mod, type FiringPlan } from '../../engine';
import { median, spread } from '../../signal';
import type { Cranking } from './humps';

/** Which cylinder each place of the row is. */
export interface Anchor {
  /** Added to a place of the row, it is a place of the firing order. */
  shift: number;
  sure: boolean;
  /** Crank degrees by which the trigger comes after the hump of its cylinder; negative before. */
  after: number;
  /** How far single triggers lie from that, in degrees. */
  scatter: number;
}

/** Which place in the row is which cylinder, from the trigger. */
export function anchorOf(
  cranking: Cranking,
  trigger: Channel,
  plan: FiringPlan,
  settings: { cylinder: number; advance: number },
): Anchor | string {
  const known = plan.order.indexOf(settings.cylinder);
  if (known < 0) return `Cylinder ${settings.cylinder} does not stand in the firing order.`;
  const times = triggersOf(trigger);
  const { humps } = cranking;
  const n = plan.order.length;
  // Where each trigger falls, in places: whole is on a hump.
  const votes = new Map<number, number>();
  const offsets: number[] = [];
  const degreesOff: number[] = [];
  for (const t of times) {
    const i = humps.findIndex((h) => h.at > t) - 1;
    if (i < 0) continue;
    const span = humps[i + 1]!.at - humps[i]!.at;
    const degrees =
      mod(plan.angles[humps[i + 1]!.place]! - plan.angles[humps[i]!.place]!, plan.cycle) || plan.cycle;
    const x = (t - humps[i]!.at) / span + settings.advance / degrees;
    const nearest = Math.round(x);
    votes.set(mod(humps[i]!.place + nearest, n), (votes.get(mod(humps[i]!.place + nearest, n)) ?? 0) + 1);
    offsets.push(x - nearest);
    degreesOff.push((x - nearest) * degrees - settings.advance);
  }
  const sorted = [...votes].sort((a, b) => b[1] - a[1]);
  if (sorted.length === 0)
    return 'No trigger falls into the steady cranking. Check the trigger channel, or run without it.';
  const [at, count] = sorted[0]!;
  const all = [...votes.values()].reduce((a, b) => a + b, 0);
  return {
    shift: mod(known - at, n),
    sure: count >= 0.7 * all && Math.abs(median(offsets)) < 0.36,
    after: median(degreesOff),
    scatter: spread(degreesOff),
  };
}
