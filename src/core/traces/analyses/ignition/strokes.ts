import type { Spark } from './sparks';

/** Sparks further apart than this, in seconds, are of two strokes; common practice, no source. */
const ONE_STROKE = 0.012;
/** Distances between strokes are so many times those within one. */
const RATIO = 3;

/**
 * Sparks put together to strokes: several in quick succession are fired each time a cylinder is, at cranking and idle.
 *
 * @param sparks in order
 * @returns the sparks of each stroke
 * @example three sparks 4 ms apart, and 100 ms later three more: two strokes of three
 */
export function strokesOf(sparks: readonly Spark[]): Spark[][] {
  const gaps = sparks.slice(1).map((s, i) => s.at - sparks[i]!.at);
  const sorted = [...gaps].sort((a, b) => a - b);
  let split = 0;
  let ratio = RATIO;
  sorted.forEach((g, i) => {
    const next = sorted[i + 1];
    if (next !== undefined && g < ONE_STROKE && next / g > ratio) {
      ratio = next / g;
      split = Math.sqrt(g * next);
    }
  });
  const strokes: Spark[][] = [];
  sparks.forEach((s, i) => {
    if (i > 0 && gaps[i - 1]! < split) strokes.at(-1)!.push(s);
    else strokes.push([s]);
  });
  return strokes;
}

/** How many sparks most strokes have; the first and the last may be cut off by the recording. */
export function sparksPerStroke(strokes: readonly Spark[][]): { usual: number; least: number; most: number } {
  const inner = strokes.length > 3 ? strokes.slice(1, -1) : strokes;
  const counts = inner.map((s) => s.length).sort((a, b) => a - b);
  return {
    usual: counts[Math.floor(counts.length / 2)] ?? 0,
    least: counts[0] ?? 0,
    most: counts.at(-1) ?? 0,
  };
}
