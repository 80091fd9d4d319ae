import type { Channel } from '@/core/traces';
import { recordWithScope, SCOPE_TESTS } from '@/sim/scope/scope';
import { random } from '@/sim/random';

/** Every kind of recording of the simulated scope, with every fault of it. */
export const KINDS = SCOPE_TESTS.flatMap((t) => t.faults.map((f) => ({ test: t.id, fault: f.id })));
const ORDERS = ['1-3-4-2', '1-3-4-2', '1-5-3-6-2-4', '1-3-2'];

/** One recording as another instrument on another day would have made it: louder, shifted, slower or cut. */
export function otherwise(channels: readonly Channel[], seed: number): Channel[] {
  const r = random(seed);
  const stretch = 0.8 + 0.5 * r();
  return channels.map((c) => {
    const [gain, offset] = [0.4 + 2 * r(), (r() - 0.5) * 4];
    return { ...c, interval: c.interval * stretch, samples: c.samples.map((v) => gain * v + offset) };
  });
}

export function recordingOf(kind: { test: string; fault: string }, seed: number): Channel[] {
  const order = ORDERS[seed % ORDERS.length]!;
  return otherwise(recordWithScope({ ...kind, order, seed }), seed);
}
