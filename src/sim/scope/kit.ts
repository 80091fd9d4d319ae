import type { Channel } from '@/core/traces/channel';
import type { FiringPlan } from '@/core/traces/engine';

/**
 * A simulated scope: stands in for an instrument until one is connected. Choose engine, test and fault;
 * it gives the recording with noise, ripple, jitter and changes of speed. It shares nothing with the
 * generators of the bench.
 */
export interface ScopeTest {
  id: string;
  title: string;
  faults: { id: string; label: string }[];
  record: (setup: { plan: FiringPlan; fault: string; chance: () => number }) => Channel[];
}

/** Repeatable chance (a linear congruence, Knuth's constants). */
export function chanceFrom(seed: number): () => number {
  let s = BigInt(seed) * 2_862_933_555_777_941_757n + 3_037_000_493n;
  return () => {
    s = (s * 6_364_136_223_846_793_005n + 1_442_695_040_888_963_407n) & 0xffff_ffff_ffff_ffffn;
    return Number(s >> 11n) / 2 ** 53;
  };
}

export const gauss = (chance: () => number) =>
  chance() + chance() + chance() + chance() + chance() + chance() - 3;

export interface Motion {
  /** Crank degrees at each sample. */
  angle: Float64Array;
  rate: number;
}

export function motion(
  plan: FiringPlan,
  o: { rate: number; seconds: number; rpm: (t: number) => number; uneven: number; chance: () => number },
): Motion {
  const angle = new Float64Array(Math.round(o.rate * o.seconds));
  let a = o.chance() * 720;
  const gap = 720 / plan.order.length;
  for (let i = 0; i < angle.length; i++) {
    angle[i] = a;
    const stroke = Math.sin((2 * Math.PI * a) / gap);
    a += ((o.rpm(i / o.rate) * (1 + o.uneven * stroke)) / 60) * (360 / o.rate);
  }
  return { angle, rate: o.rate };
}

export const channelOf = (name: string, unit: string, samples: Float32Array, rate: number): Channel => ({
  name,
  unit,
  samples,
  interval: 1 / rate,
  start: 0,
});

/** A pulse whenever the crank passes an angle. */
export function triggerOf(m: Motion, at: number, height: number, chance: () => number): Float32Array {
  const s = new Float32Array(m.angle.length);
  for (let i = 1; i < s.length; i++) {
    if (Math.floor((m.angle[i]! - at) / 720) > Math.floor((m.angle[i - 1]! - at) / 720))
      for (let k = 0; k < m.rate * 0.0012; k++)
        if (i + k < s.length) s[i + k] = height * Math.exp(-k / (m.rate * 0.0005));
  }
  return s.map((v) => v + 0.04 * gauss(chance));
}
