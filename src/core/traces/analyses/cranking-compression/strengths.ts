import { mod, type FiringPlan } from '../../engine';
import { median } from '../../signal';
import { SLICES, type Cranking } from './humps';

/** Share of each cylinder beside the sound ones. */
export interface Relative {
  /** Place in the order. */
  place: number;
  share: number;
  /** Standard error of the share. */
  error: number;
  count: number;
}

const raised = (d: number, reach: number) => (d < reach ? 0.5 + 0.5 * Math.cos((Math.PI * d) / reach) : 0);

/** Humps of one width on the crank: one for each firing and a level, with the products that least squares needs. */
interface Model {
  basis: Float64Array[];
  products: number[][];
}

function modelOf(plan: FiringPlan, reach: number): Model {
  const basis = plan.angles.map((at) =>
    Float64Array.from({ length: SLICES }, (_, k) => {
      const d = mod((k / SLICES) * plan.cycle - at + plan.cycle / 2, plan.cycle) - plan.cycle / 2;
      return raised(Math.abs(d), reach);
    }),
  );
  basis.push(new Float64Array(SLICES).fill(1));
  const products = basis.map((a) => basis.map((b) => dot(a, b)));
  // The least pull towards nothing keeps wide humps, which are nearly alike, from running away.
  for (let i = 0; i < plan.angles.length; i++) products[i]![i]! *= 1.0005;
  return { basis, products };
}

/**
 * Strengths of the humps that together make up a cycle, by least squares: humps are raised cosines of one
 * width. Where many cylinders overlap the ripple on top is small although each hump is large, so heights
 * read off the ripple would mislead; the width that fits best tells them apart.
 */
function strengths(cycle: Float64Array, { basis, products }: Model): { s: number[]; rest: number } {
  const s = solve(basis.map((a, i) => [...products[i]!, dot(a, cycle)]));
  let rest = 0;
  for (let k = 0; k < SLICES; k++) {
    let sum = 0;
    for (let i = 0; i < basis.length; i++) sum += s[i]! * basis[i]![k]!;
    rest += (cycle[k]! - sum) ** 2;
  }
  return { s: s.slice(0, -1), rest };
}

const dot = (a: Float64Array, b: Float64Array): number => {
  let sum = 0;
  for (let i = 0; i < a.length; i++) sum += a[i]! * b[i]!;
  return sum;
};

/** Gaussian elimination with row exchange; the last column is the right side. */
function solve(m: number[][]): number[] {
  const n = m.length;
  for (let c = 0; c < n; c++) {
    let best = c;
    for (let i = c + 1; i < n; i++) if (Math.abs(m[i]![c]!) > Math.abs(m[best]![c]!)) best = i;
    [m[c], m[best]] = [m[best]!, m[c]!];
    for (let i = 0; i < n; i++) {
      if (i === c) continue;
      const f = m[i]![c]! / (m[c]![c]! || 1e-12);
      for (let k = c; k <= n; k++) m[i]![k]! -= f * m[c]![k]!;
    }
  }
  return m.map((row, i) => row[n]! / (row[i]! || 1e-12));
}

/**
 * Strength of each cylinder's hump as a share of what a sound one makes: the middle of the upper cylinders,
 * the one that follows a weak one left out, since the engine has sped up before it. Its error comes from
 * cycles left out in turn (jackknife, Tukey 1958).
 */
export function relativeHeights(cranking: Cranking, plan: FiringPlan): Relative[] {
  const n = plan.order.length;
  const { cycles } = cranking;
  const total = new Float64Array(SLICES);
  for (const c of cycles) for (let k = 0; k < SLICES; k++) total[k]! += c[k]!;
  const without = (c: Float64Array) => total.map((v, k) => (v - c[k]!) / (cycles.length - 1));
  const whole = total.map((v) => v / cycles.length);
  const spacing = plan.cycle / n;
  let best: { model: Model; rest: number } | undefined;
  for (let w = 0.4; w <= 1.3; w += 0.05) {
    const model = modelOf(plan, w * spacing);
    const { rest } = strengths(whole, model);
    if (!best || rest < best.rest) best = { model, rest };
  }
  const { model } = best!;
  const shares = (s: readonly number[]) => {
    const high = Math.max(...s);
    const sound = s.filter((h, i) => h > 0.75 * high && s[mod(i - 1, n)]! > 0.75 * high);
    const reference = median(sound.length > 0 ? sound : s.filter((h) => h > 0.75 * high));
    return s.map((h) => h / reference);
  };
  const all = shares(strengths(whole, model).s);
  const parts = cycles.map((cycle) => shares(strengths(without(cycle), model).s));
  const c = cycles.length;
  return all.map((share, place) => {
    const middle = parts.reduce((a, p) => a + p[place]!, 0) / c;
    const jack = Math.sqrt(((c - 1) / c) * parts.reduce((a, p) => a + (p[place]! - middle) ** 2, 0));
    return { place, share, error: Math.max(jack, 0.012), count: c };
  });
}

/**
 * How alike one cycle of cranking is to the next: what single cycles have beside their mean, as a share of its swing.
 *
 * @returns 0 for cycles all alike
 */
export function unevenness(cycles: readonly Float64Array[]): number {
  const whole = Float64Array.from(
    { length: SLICES },
    (_, k) => cycles.reduce((sum, c) => sum + c[k]!, 0) / cycles.length,
  );
  const rms = (x: Float64Array) => Math.sqrt(x.reduce((sum, v) => sum + v * v, 0) / SLICES);
  return median(cycles.map((c) => rms(c.map((v, k) => v - whole[k]!)))) / (rms(whole) || 1);
}
