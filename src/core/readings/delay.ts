import { sampleCorrelation } from 'simple-statistics';

/** Two series read at the same equal steps of time. */
export interface Lag {
  /** By how many steps the second comes after the first. */
  steps: number;
  /** Pearson correlation at that lag, −1 … 1. */
  correlation: number;
  /** The pairs that belong together at that lag. */
  pairs: { first: number; second: number }[];
}

const MIN_PAIRS = 4;

/**
 * Lines up two series by the lag at which they go together best (largest Pearson correlation).
 *
 * @param first the series that leads, at equal steps of time
 * @param second the series that follows, same length
 * @param most largest lag to try, in steps
 * @returns the best lag with its pairs; the smallest one where several are equally good
 * @throws RangeError with a sentence when there are too few values or one series does not move
 */
export function bestLag(first: readonly number[], second: readonly number[], most: number): Lag {
  if (first.length !== second.length) throw new RangeError('Both sensors need a value at every time.');
  if ([...first, ...second].some((v) => !Number.isFinite(v)))
    throw new RangeError('Both sensors need a number at every time.');
  if (first.length < MIN_PAIRS + 1)
    throw new RangeError(`At least ${MIN_PAIRS + 1} times are needed to line two sensors up.`);
  let best: Lag | undefined;
  for (let steps = 0; steps <= Math.min(most, first.length - MIN_PAIRS); steps++) {
    const a = first.slice(0, first.length - steps);
    const b = second.slice(steps);
    if (flat(a) || flat(b)) continue;
    const correlation = sampleCorrelation([...a], [...b]);
    if (!best || correlation > best.correlation + 1e-9)
      best = { steps, correlation, pairs: a.map((x, i) => ({ first: x, second: b[i]! })) };
  }
  if (!best) throw new RangeError('One of the two does not move; change the operating point and read again.');
  return best;
}

const flat = (v: readonly number[]) => Math.max(...v) === Math.min(...v);
