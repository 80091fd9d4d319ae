/** How well odds held: what was said of each cause before, against what it turned out to be. */

/**
 * Brier score over all causes and the unseen: the sum over every possible answer of (said − was)², where `was`
 * is 1 for the one that it turned out to be. 0 is certain and right, 2 is certain and wrong. After Brier,
 * "Verification of forecasts expressed in terms of probability", Monthly Weather Review 78 (1950) 1–3.
 *
 * @param shares what each cause was given, 0 to 1
 * @param unseen what was kept for something not met before
 * @param truth key of the cause that it was; undefined when it was none that was met before
 * @returns 0 to 2
 * @example brier(new Map([['pump', 0.7], ['filter', 0.2]]), 0.1, 'pump') // 0.3² + 0.2² + 0.1² = 0.14
 */
export function brier(
  shares: ReadonlyMap<string, number>,
  unseen: number,
  truth: string | undefined,
): number {
  let sum = (unseen - (truth === undefined ? 1 : 0)) ** 2;
  let met = truth === undefined;
  for (const [key, share] of shares) {
    if (key === truth) met = true;
    sum += (share - (key === truth ? 1 : 0)) ** 2;
  }
  return met ? sum : sum + 1;
}

/** One thing that was said with some share, and whether it was so. */
export interface Said {
  share: number;
  right: boolean;
}

/** What was said within a band of shares: how often, what on average, and how often it was so. */
export interface Band {
  from: number;
  to: number;
  n: number;
  said: number;
  was: number;
}

/**
 * The reliability table: whether what was said to be likely at 70 % was so in seven of ten. After Murphy and
 * Winkler, "Reliability of subjective probability forecasts of precipitation and temperature", Applied
 * Statistics 26 (1977) 41–47.
 *
 * @param said in any order
 * @param bands how many bands of equal width; each takes its upper edge in
 * @returns the bands from 0 to 1, empty ones too, with 0 for what they would have said and been
 */
export function reliability(said: readonly Said[], bands = 10): Band[] {
  const mean = (list: readonly number[]) =>
    list.length === 0 ? 0 : list.reduce((a, b) => a + b, 0) / list.length;
  return Array.from({ length: bands }, (_, b) => {
    const [from, to] = [b / bands, (b + 1) / bands];
    const inside = said.filter((s) => s.share > from && s.share <= to);
    return {
      from,
      to,
      n: inside.length,
      said: mean(inside.map((s) => s.share)),
      was: mean(inside.map((s) => (s.right ? 1 : 0))),
    };
  });
}
