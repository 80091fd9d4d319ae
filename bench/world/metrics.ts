/** Measures of a ranking. */

/**
 * nDCG at k with gains of 0 and 1 (Järvelin & Kekäläinen, "Cumulated gain-based evaluation of IR
 * techniques", ACM TOIS 20, 2002).
 *
 * @param gains gain of each ranked item, best-ranked first
 * @param relevant how many relevant items there are in all
 */
export function ndcg(gains: readonly number[], relevant: number, k = 10): number {
  let dcg = 0;
  for (let i = 0; i < Math.min(k, gains.length); i++) dcg += gains[i]! / Math.log2(i + 2);
  let best = 0;
  for (let i = 0; i < Math.min(k, relevant); i++) best += 1 / Math.log2(i + 2);
  return best === 0 ? 0 : dcg / best;
}

/** One over the rank of the first relevant item; 0 when there is none. */
export function reciprocalRank(gains: readonly number[]): number {
  const at = gains.findIndex((g) => g > 0);
  return at < 0 ? 0 : 1 / (at + 1);
}

export const mean = (list: readonly number[]): number =>
  list.length === 0 ? 0 : list.reduce((a, b) => a + b, 0) / list.length;
