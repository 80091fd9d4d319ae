/** Rates at which a test may fail with a cause, and how often it is so among pairs of a test and a cause. By judgement. */
const RATES = [0.05, 0.15, 0.35, 0.6, 0.8, 0.95] as const;
const USUAL = [0.62, 0.07, 0.06, 0.06, 0.08, 0.11] as const;
/** A test that a cause is about is done on this share of its cases, or more. */
const OFTEN = 0.4;
/** How far general practice is trusted: spread of log-odds around its rate, and what is left for being wrong. */
const SPREAD = 0.8;
const DOUBT = 0.1;

const logit = (p: number): number => Math.log(p / (1 - p));

/**
 * How often a test fails with a cause. Most tests are about something else and nearly never fail, the others nearly
 * always do: so one stray failure means little and three in a row mean much, which a single pseudo-count cannot say.
 * Posterior mean over a grid of rates (a discrete mixture as the prior of a binomial; Bayes' rule).
 *
 * @param fails weight of the cause's cases in which it failed
 * @param passes weight of those in which it passed
 * @param practice chance that it fails by general practice; undefined where that says nothing
 * @param done on which share of the cause's cases it was done: what is hardly ever done is about something else
 * @returns chance between 0 and 1
 * @example failRate(3, 0) // 0.84, after three failures
 * @example failRate(1, 1, undefined, 0.05) // 0.2, a test that was hardly ever done
 */
export function failRate(fails: number, passes: number, practice?: number, done = 1): number {
  const about = Math.min(1, done / OFTEN) ** 1.5;
  const prior = RATES.map((rate, k) => {
    if (practice === undefined) return k === 0 ? 1 - about * (1 - USUAL[0]) : about * USUAL[k]!;
    const off = (logit(rate) - logit(Math.min(0.97, Math.max(0.02, practice)))) / SPREAD;
    return Math.exp(-0.5 * off * off) + DOUBT * USUAL[k]!;
  });
  let sum = 0;
  let mean = 0;
  RATES.forEach((rate, k) => {
    const w = prior[k]! * rate ** fails * (1 - rate) ** passes;
    sum += w;
    mean += w * rate;
  });
  return mean / sum;
}
