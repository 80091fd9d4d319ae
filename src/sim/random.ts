/** Repeatable chance: a small generator (mulberry32, from memory) and what is drawn from it. */
export type Random = () => number;

export function random(seed: number): Random {
  let a = seed >>> 0;
  return () => {
    a = (a + 0x6d2b79f5) >>> 0;
    let t = Math.imul(a ^ (a >>> 15), 1 | a);
    t = (t + Math.imul(t ^ (t >>> 7), 61 | t)) ^ t;
    return ((t ^ (t >>> 14)) >>> 0) / 4_294_967_296;
  };
}

export const chance = (r: Random, p: number): boolean => r() < p;
export const pick = <T>(r: Random, list: readonly T[]): T => list[Math.floor(r() * list.length)]!;

/** Box and Muller 1958. */
export const normal = (r: Random): number => Math.sqrt(-2 * Math.log(1 - r())) * Math.cos(2 * Math.PI * r());

/** An index by weight. */
export function weighted(r: Random, weights: readonly number[]): number {
  let at = r() * weights.reduce((a, b) => a + b, 0);
  for (let i = 0; i < weights.length; i++) if ((at -= weights[i]!) < 0) return i;
  return weights.length - 1;
}
