/** A place along a circuit or a command path where one can probe. */
export interface ChainNode {
  name: string;
  /** How likely the stretch that ends here is the broken one; any positive weight. */
  likely: number;
  /** What it costs to get a probe to it. */
  minutes: number;
  found: '' | 'good' | 'bad';
}

export type ChainState =
  | { state: 'contradiction'; bad: string; good: string }
  /** Good at its end. */
  | { state: 'whole'; at: string }
  | { state: 'found'; before: string; at: string }
  | {
      state: 'open';
      /** Last place known good, empty when none is. */
      from: string;
      /** First place known bad. */
      to: string;
      next: string;
      /** Expected minutes when each probe is chosen best, and when one goes along from the good end. */
      best: number;
      inOrder: number;
    };

/**
 * Where along a chain a fault lies, and where to probe next. Between the last good and the first
 * bad place lies the fault; the next probe is the one with the fewest expected minutes to the end,
 * found by going through all orders of halving (optimal binary search: Knuth, "Optimum binary
 * search trees", 1971, with a cost per probe added).
 *
 * The last place counts as bad if nothing was found there: that is the complaint. Found good, with no place
 * bad, the chain is whole. What feeds the first place counts as good.
 *
 * @param nodes along the path from its source on, at least two
 * @returns a contradiction, the stretch, or the next probe with both expectations in minutes
 * @throws RangeError with a sentence for fewer than two nodes, or minutes and weights not above 0
 */
export function searchChain(nodes: readonly ChainNode[]): ChainState {
  if (nodes.length < 2) throw new RangeError('A chain needs at least two places.');
  if (nodes.some((n) => !(n.likely > 0) || !(n.minutes > 0)))
    throw new RangeError('Minutes and likelihoods have to be above 0.');
  const bad = nodes.findIndex((n) => n.found === 'bad');
  const good = nodes.map((n) => n.found).lastIndexOf('good');
  if (bad === -1 && good === nodes.length - 1) return { state: 'whole', at: nodes[good]!.name };
  const last = bad === -1 ? nodes.length - 1 : bad;
  if (good >= last) return { state: 'contradiction', bad: nodes[last]!.name, good: nodes[good]!.name };
  if (last - good === 1)
    return { state: 'found', before: good < 0 ? '' : nodes[good]!.name, at: nodes[last]!.name };
  const plan = planOf(nodes, good, last);
  const weight = sum(nodes, good, last);
  let inOrder = 0;
  for (let i = good + 1; i <= last; i++) {
    // Found at i, having probed every place from the good end up to i (the last needs no probe).
    const probes = nodes.slice(good + 1, Math.min(i, last - 1) + 1).reduce((m, n) => m + n.minutes, 0);
    inOrder += (nodes[i]!.likely / weight) * probes;
  }
  return {
    state: 'open',
    from: good < 0 ? '' : nodes[good]!.name,
    to: nodes[last]!.name,
    next: nodes[plan.first]!.name,
    best: plan.cost / weight,
    inOrder,
  };
}

/** Weight of the stretches after `good` up to and including the one that ends at `bad`. */
function sum(nodes: readonly ChainNode[], good: number, bad: number): number {
  return nodes.slice(good + 1, bad + 1).reduce((s, n) => s + n.likely, 0);
}

/** Best first probe between a good and a bad place, and its expected minutes times the weight. */
function planOf(nodes: readonly ChainNode[], good: number, bad: number): { cost: number; first: number } {
  const known = new Map<string, { cost: number; first: number }>();
  const plan = (g: number, b: number): { cost: number; first: number } => {
    if (b - g <= 1) return { cost: 0, first: -1 };
    const key = `${g}:${b}`;
    const there = known.get(key);
    if (there) return there;
    let best = { cost: Infinity, first: -1 };
    for (let k = g + 1; k < b; k++) {
      const cost = nodes[k]!.minutes * sum(nodes, g, b) + plan(g, k).cost + plan(k, b).cost;
      if (cost < best.cost - 1e-9) best = { cost, first: k };
    }
    known.set(key, best);
    return best;
  };
  return plan(good, bad);
}
