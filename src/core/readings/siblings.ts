import { median } from 'simple-statistics';

/** One member of a group that ought to read alike: a cylinder, a corner, a bank, a sensor. */
export interface Sibling {
  at: string;
  value: number;
}

interface OddOne extends Sibling {
  /** Median of the others. */
  others: number;
  /** This one less the median of the others. */
  delta: number;
  /** Modified z-score against the others. */
  score: number;
}

export interface SiblingComparison {
  /**
   * `agree`: all alike (or all equally bad). `odd`: a minority stands out. `split`: they fall
   * apart with no majority. `two differ`: two only, so nobody can say which. `too few`: one or none.
   */
  outcome: 'agree' | 'odd' | 'split' | 'two differ' | 'too few';
  odd: OddOne[];
  /** Where they fall into two groups, each alike in itself: the lower one and the higher one. */
  groups?: { at: string[]; median: number }[];
  low: number;
  high: number;
  median: number;
}

/** Factor that makes the median absolute deviation comparable to a standard deviation. */
const MAD_FACTOR = 0.6745;
/** Above this a value is taken for an outlier. */
const OUTLIER = 3.5;

const mad = (values: number[], middle: number) => median(values.map((v) => Math.abs(v - middle)));

/**
 * Modified z-scores: 0.6745 · (x − median) / MAD. Iglewicz & Hoaglin 1993, in the NIST/SEMATECH
 * e-Handbook of Statistical Methods, 1.3.5.17.
 *
 * @param values at least one finite number
 * @returns one score per value; all 0 where the values are equal, infinite where only one differs
 */
export function modifiedZ(values: number[]): number[] {
  const middle = median(values);
  const spread = mad(values, middle);
  return values.map((v) => (v === middle ? 0 : (MAD_FACTOR * (v - middle)) / spread));
}

/**
 * Names the odd one out of a group that ought to read alike. Each member is held against the
 * median of the others, in units of their own spread (modified z-score above 3.5), and must
 * differ by more than `tolerance`, while the others lie within twice the tolerance of each other, so that four equal readings and a fifth one digit off do not
 * raise an alarm. The spread of the others is never taken for less than the tolerance.
 *
 * @param group labels and values in one unit; the order does not matter
 * @param tolerance the difference that is still alike, in the same unit, more than 0
 * @param bad the side on which a member can only be for being bad (a cylinder that is hardly missed, a wheel
 *   without a signal): then as many bad ones as good ones are named too
 * @returns the outcome with the odd ones and by how much
 * @throws RangeError when a value is not a finite number or the tolerance not above 0
 * @example compareSiblings(drops of 17 16 16 16 20 16 psi, 1.6) // odd: the fifth, +4
 * @example compareSiblings(falls of 90 12 88 15 rpm, 20, 'low') // odd: the second and the fourth
 */
export function compareSiblings(
  group: Sibling[],
  tolerance: number,
  bad?: 'low' | 'high',
): SiblingComparison {
  if (group.some((s) => !Number.isFinite(s.value)))
    throw new RangeError('Every member needs a finite number.');
  if (!(tolerance > 0)) throw new RangeError('The tolerance has to be more than 0.');
  const values = group.map((s) => s.value);
  const low = Math.min(...values);
  const high = Math.max(...values);
  const base = { odd: [], low, high, median: values.length ? median(values) : NaN };
  if (group.length < 2) return { ...base, outcome: 'too few' };
  // A hair of slack, so that a difference of exactly the tolerance is alike in any unit.
  const slack = tolerance * 1e-9 + 1e-12 * Math.max(Math.abs(low), Math.abs(high));
  if (group.length === 2)
    return { ...base, outcome: high - low > tolerance + slack ? 'two differ' : 'agree' };
  const odd = group.flatMap((s, i): OddOne[] => {
    const rest = values.filter((_, j) => j !== i);
    const others = median(rest);
    const spread = Math.max(mad(rest, others), (MAD_FACTOR * tolerance) / OUTLIER);
    const score = (MAD_FACTOR * (s.value - others)) / spread;
    return Math.abs(s.value - others) > tolerance + slack && Math.abs(score) > OUTLIER
      ? [{ ...s, others, delta: s.value - others, score }]
      : [];
  });
  // Beside others that are not alike themselves, nobody stands out: 1, 3, 9, 27 has no odd one.
  const rest = group.filter((s) => !odd.some((o) => o.at === s.at)).map((s) => s.value);
  const alike = rest.length > 0 && Math.max(...rest) - Math.min(...rest) <= 2 * tolerance + slack;
  if (odd.length > 0 && alike && rest.length > group.length / 2) return { ...base, odd, outcome: 'odd' };
  if (odd.length === 0 && high - low <= 2 * tolerance + slack) return { ...base, outcome: 'agree' };
  const groups = twoGroups(group, tolerance + slack);
  if (!groups) return { ...base, outcome: 'split' };
  const [lower, upper] = groups;
  const [off, right] = bad === 'high' ? [upper, lower] : [lower, upper];
  if (bad && off.length <= right.length) {
    const others = median(right.map((s) => s.value));
    const worse = off.map((s) => ({ ...s, others, delta: s.value - others, score: Infinity }));
    return { ...base, odd: worse, outcome: 'odd' };
  }
  return {
    ...base,
    outcome: 'split',
    groups: groups.map((g) => ({ at: g.map((s) => s.at), median: median(g.map((s) => s.value)) })),
  };
}

/** The lower and the higher of two groups with two members at least, each alike in itself and apart from the other. */
function twoGroups(group: Sibling[], tolerance: number): [Sibling[], Sibling[]] | undefined {
  const sorted = [...group].sort((a, b) => a.value - b.value);
  let cut = 1;
  for (let i = 2; i < sorted.length; i++)
    if (sorted[i]!.value - sorted[i - 1]!.value > sorted[cut]!.value - sorted[cut - 1]!.value) cut = i;
  const [lower, upper] = [sorted.slice(0, cut), sorted.slice(cut)];
  const alike = (g: Sibling[]) => g.at(-1)!.value - g[0]!.value <= tolerance;
  const gap = upper[0]!.value - lower.at(-1)!.value;
  const inOrder = (g: Sibling[]) => group.filter((s) => g.includes(s));
  return lower.length > 1 && upper.length > 1 && gap > tolerance && alike(lower) && alike(upper)
    ? [inOrder(lower), inOrder(upper)]
    : undefined;
}
