import { writeQuantity, type Quantity } from '@/core/readings';

/**
 * How much an answer tells about a class (Quinlan, "Induction of decision trees", Machine Learning 1,
 * 1986; thresholds as in his C4.5, 1993).
 */

/**
 * Entropy of a set by its class counts, in bits.
 *
 * @param counts how many there are of each class, 0 or more
 * @example entropy([9, 5]) // 0.940
 */
export function entropy(counts: readonly number[]): number {
  const n = counts.reduce((a, b) => a + b, 0);
  if (n === 0) return 0;
  return counts.reduce((h, c) => (c === 0 ? h : h - (c / n) * Math.log2(c / n)), 0);
}

const countsOf = (labels: readonly string[]): number[] => {
  const counts = new Map<string, number>();
  for (const l of labels) counts.set(l, (counts.get(l) ?? 0) + 1);
  return [...counts.values()];
};

/**
 * Information gained about the class by knowing the group, in bits.
 *
 * @param labels the class of each member
 * @param groups the group of each member, same length
 * @example over Quinlan's 14 days the gain of outlook is 0.246 bits
 */
export function informationGain(labels: readonly string[], groups: readonly string[]): number {
  const names = [...new Set(groups)];
  const after = names.reduce((h, g) => {
    const inside = labels.filter((_, i) => groups[i] === g);
    return h + (inside.length / labels.length) * entropy(countsOf(inside));
  }, 0);
  return entropy(countsOf(labels)) - after;
}

/**
 * The threshold that tells most about the class: halfway between two neighbouring values.
 *
 * @param values one per member
 * @param labels the class of each member, same length
 * @returns the threshold and its gain in bits, or undefined when all values are equal
 */
export function bestThreshold(
  values: readonly number[],
  labels: readonly string[],
): { at: number; gain: number } | undefined {
  const order = values.map((_, i) => i).sort((a, b) => values[a]! - values[b]!);
  const classes = [...new Set(labels)];
  const of = labels.map((l) => classes.indexOf(l));
  const low = classes.map(() => 0);
  const high = classes.map(() => 0);
  for (const c of of) high[c]!++;
  const before = entropy(high);
  const n = values.length;
  let best: { at: number; gain: number } | undefined;
  // One sweep from low to high, each value passing from the upper side to the lower.
  for (let i = 0; i + 1 < n; i++) {
    const c = of[order[i]!]!;
    low[c]!++;
    high[c]!--;
    const [v, next] = [values[order[i]!]!, values[order[i + 1]!]!];
    if (v === next) continue;
    const gain = before - ((i + 1) / n) * entropy(low) - ((n - i - 1) / n) * entropy(high);
    if (!best || gain > best.gain + 1e-12) best = { at: (v + next) / 2, gain };
  }
  return best;
}

/**
 * What an answer with two outcomes seems to tell of a class by chance alone, in bits: the bias of mutual
 * information in small samples (Miller, "Note on the bias of information estimates", 1955).
 *
 * @param classes how many classes there are
 * @param members how many members
 */
export function chanceGain(classes: number, members: number): number {
  return members === 0 ? 0 : (classes - 1) / (2 * members * Math.LN2);
}

/**
 * Whether a cut in two tells more about the class than its own description costs: the minimum
 * description length test of Fayyad & Irani ("Multi-interval discretization of continuous-valued
 * attributes for classification learning", IJCAI 1993; formula from memory).
 *
 * @param labels the class of each member
 * @param low whether each member lies on the lower side, same length
 * @example tellsMoreThanChance(['a', 'a', 'b', 'b'], [true, true, false, false]) // true
 */
export function tellsMoreThanChance(labels: readonly string[], low: readonly boolean[]): boolean {
  const n = labels.length;
  const sides = [labels.filter((_, i) => low[i]), labels.filter((_, i) => !low[i])].map(countsOf);
  const all = countsOf(labels);
  const gain = informationGain(
    labels,
    low.map((l) => (l ? 'low' : 'high')),
  );
  const before = all.length * entropy(all);
  const after = sides.reduce((sum, counts) => sum + counts.length * entropy(counts), 0);
  // log2(3^k − 2) is k·log2(3) for more classes than a number can hold.
  const classes = all.length > 30 ? all.length * Math.log2(3) : Math.log2(3 ** all.length - 2);
  return n > 1 && gain > (Math.log2(n - 1) + classes - (before - after)) / n;
}

/** A threshold in words: one place more than was measured where it falls between two steps of it. */
export function writeEdge(edge: Quantity, decimals: number): string {
  const steps = edge.value * 10 ** decimals;
  return writeQuantity(edge, Math.abs(steps - Math.round(steps)) < 1e-9 ? decimals : decimals + 1);
}
