/** A column with more gaps than this is one that is written only now and then. */
const SPARSE = 0.25;
/** Fewer rows do not show a habit. */
const LEAST = 40;

/**
 * Columns that a logger writes only when they change, or less often than others: each value holds until the next.
 * A gap in a column that is otherwise written in every row stays a gap.
 *
 * @returns the columns, and the names of those that were held
 */
export function heldWhereSparse<C extends { name: string; samples: Float32Array }>(
  columns: readonly C[],
): { held: C[]; names: string[] } {
  const gaps = columns.map((c) => c.samples.reduce((n, v) => n + (v === v ? 0 : 1), 0) / c.samples.length);
  const names: string[] = [];
  const held = columns.map((c, k) => {
    // Gaps that are spread over the whole, not one long silence.
    if (c.samples.length < LEAST || gaps[k]! < SPARSE || longestGap(c.samples) > 0.2 * c.samples.length)
      return c;
    names.push(c.name);
    let last = NaN;
    return { ...c, samples: c.samples.map((v) => (v === v ? (last = v) : last)) };
  });
  return { held, names };
}

function longestGap(s: Float32Array): number {
  let most = 0;
  let run = 0;
  for (const v of s) {
    run = v === v ? 0 : run + 1;
    if (run > most) most = run;
  }
  return most;
}
