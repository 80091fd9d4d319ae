import type { Disturbance } from './disturbance';

/** Disturbances that fall together on several channels. */
export function together(all: readonly Disturbance[], within: number): Disturbance[][] {
  const groups: Disturbance[][] = [];
  for (const d of [...all].sort((a, b) => a.from - b.from)) {
    const last = groups.at(-1);
    if (last && d.from - within <= Math.max(...last.map((x) => x.to))) last.push(d);
    else groups.push([d]);
  }
  return groups.filter((g) => new Set(g.map((d) => d.channel)).size > 1);
}

/**
 * Whether moments keep a place between the beats of something else: the Rayleigh test of uniformity on
 * their phases (Mardia & Jupp, Directional Statistics, 2000, 6.3.1; the approximation of its chance after
 * Zar, Biostatistical Analysis, 27.4).
 *
 * @param moments seconds
 * @param beats seconds, rising
 * @returns mean phase 0 … 1, length of the mean vector, and the chance of as much by accident
 * @example rayleigh([0.5, 1.5, 2.5], [0, 1, 2, 3]) // phase 0.5, length 1
 */
export function rayleigh(
  moments: readonly number[],
  beats: readonly number[],
): { phase: number; length: number; chance: number; n: number } {
  let x = 0;
  let y = 0;
  let n = 0;
  for (const t of moments) {
    const k = beats.findIndex((b) => b > t) - 1;
    if (k < 0) continue;
    const phase = ((t - beats[k]!) / (beats[k + 1]! - beats[k]!)) * 2 * Math.PI;
    x += Math.cos(phase);
    y += Math.sin(phase);
    n++;
  }
  if (n === 0) return { phase: 0, length: 0, chance: 1, n };
  const length = Math.hypot(x, y) / n;
  const big = length * n;
  const chance = Math.min(1, Math.exp(Math.sqrt(1 + 4 * n + 4 * (n * n - big * big)) - (1 + 2 * n)));
  const phase = (Math.atan2(y, x) / (2 * Math.PI) + 1) % 1;
  return { phase, length, chance, n };
}
