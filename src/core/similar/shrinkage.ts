/** Fewest and most pseudo-cases. */
export const SHRINK = { least: 1, most: 40 };

/**
 * How many cases of the usual mix should stand behind a cause's own rate of something: many where the
 * rate hardly depends on the cause (a low-voltage code comes with anything), few where it does.
 *
 * Moment estimate of the intra-class correlation ρ of a beta-binomial, m = (1 − ρ) / ρ (Kleinman,
 * "Proportions with extraneous variance: single and independent samples", Journal of the American
 * Statistical Association 68, 1973; formula from memory).
 *
 * @param hits how much of each cause's weight has it
 * @param weight weight of each cause, in cases
 * @returns pseudo-cases, between the fewest and the most
 * @example shrinkage([5, 5, 5], [10, 10, 10]) // most: the rate is the same for every cause
 */
export function shrinkage(
  hits: ArrayLike<number>,
  weight: ArrayLike<number>,
  { least, most } = SHRINK,
): number {
  let n = 0;
  let h = 0;
  for (let c = 0; c < weight.length; c++) {
    n += weight[c]!;
    h += hits[c]!;
  }
  const p = n > 0 ? h / n : 0;
  if (p <= 0 || p >= 1) return most;
  let spread = 0;
  let own = 0;
  let noise = 0;
  for (let c = 0; c < weight.length; c++) {
    const w = weight[c]!;
    if (w <= 0) continue;
    const share = w / n;
    spread += share * (hits[c]! / w - p) ** 2;
    own += share * (1 - share);
    noise += (share * (1 - share)) / Math.max(w, 1);
  }
  const v = p * (1 - p);
  if (own - noise <= 0) return most;
  const rho = (spread - v * noise) / (v * (own - noise));
  // Rates next to nothing leave nothing to divide by: they say as little as none.
  if (!(rho > 0)) return most;
  if (rho >= 1) return least;
  return Math.min(most, Math.max(least, (1 - rho) / rho));
}
