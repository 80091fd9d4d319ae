import { figure } from '../../words';
import { median, noiseOf, quantiles, smooth } from '../../signal';

/** A channel that stands still moves less than this share of what the others move by. */
const SHARE = 0.15;

const spanOf = (s: Float32Array): number => {
  // What pulses is elsewhere for a hundredth of the time only.
  const [a, b] = quantiles(smooth(s, 5), [0.002, 0.998]) as [number, number];
  return b - a;
};

/** What a channel that does not move stays at, and by how much the others move. */
export interface Still {
  at: number;
  others: number;
}

/** Whether no channel goes anywhere but for its noise. */
export const noneMoves = (rows: readonly Float32Array[]): boolean =>
  rows.every((r) => spanOf(r) <= Math.max(6 * noiseOf(r), 0.005 * Math.abs(median(r))));

/**
 * Channels that stay where they are while the others move, all in one unit: one that never warms up, one that is stuck.
 *
 * @returns for each channel what it stays at; undefined for those that move, and for all where too few move to tell
 */
export function stillOnes(rows: readonly Float32Array[]): (Still | undefined)[] {
  const spans = rows.map(spanOf);
  return rows.map((r, k) => {
    const others = spans.filter((_, i) => i !== k);
    const usual = median(others);
    // Of what moves by hardly more than noise and steps nothing is told.
    const clear = usual > 12 * Math.max(...rows.map((x) => noiseOf(x)));
    const moving = others.filter((s) => s > 0.4 * usual).length;
    return clear && moving >= Math.min(2, others.length) && spans[k]! < SHARE * usual
      ? { at: median(r), others: usual }
      : undefined;
  });
}

/** What is said of a channel that stands still; of two, that it cannot be said which is wrong. */
export function stillWords(
  name: string,
  still: Still,
  o: { unit: string; count: number; alike?: boolean },
): string {
  const said = `${name} stays at ${figure(still.at, o.unit)} while the other${o.count > 2 ? 's move' : ' moves'} by ${figure(still.others, o.unit)}`;
  if (o.alike === false)
    return `${said}. By their names they measure different things: whether it should move with them is not told.`;
  return o.count > 2
    ? `${said}: it does not move.`
    : `${said}. With two channels it cannot be said which is wrong.`;
}
