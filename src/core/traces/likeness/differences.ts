import { channelDistance, pairsOf } from './distance';
import { WINDOWS, type Fingerprint } from './fingerprint';

/** A stretch of one recording in which another of its kind goes otherwise; seconds. */
export interface Difference {
  channel: string;
  from: number;
  to: number;
}

/** Differences below this, in deviations of the course and shares of the swing, are none. */
const COURSE = 1;
const SWING = 0.3;
const MOST = 3;

/**
 * Where two recordings differ, as stretches of the first: where its course or its swing leaves that of the other.
 *
 * @returns the largest differences of each channel that has a like, in order of time
 */
export function differencesOf(a: Fingerprint, b: Fingerprint): Difference[] {
  return pairsOf(a, b, channelDistance).flatMap((p) => {
    const [x, y] = [a.channels[p.a]!, b.channels[p.b]!];
    // Neighbours within the reach of time warping count as the same moment.
    const off = Float32Array.from({ length: WINDOWS }, (_, w) => {
      let least = Infinity;
      for (let k = Math.max(0, w - 4); k <= Math.min(WINDOWS - 1, w + 4); k++)
        least = Math.min(
          least,
          Math.max(
            Math.abs(x.course[w]! - y.course[k]!) / COURSE,
            Math.abs(x.swing[w]! - y.swing[k]!) / SWING,
          ),
        );
      return least;
    });
    const runs: { from: number; to: number; size: number }[] = [];
    off.forEach((v, w) => {
      if (v < 1) return;
      const last = runs.at(-1);
      if (last && w - last.to <= 1) {
        last.to = w + 1;
        last.size += v;
      } else runs.push({ from: w, to: w + 1, size: v });
    });
    const at = (w: number) => x.from + (w / WINDOWS) * (x.to - x.from);
    return runs
      .sort((m, n) => n.size - m.size)
      .slice(0, MOST)
      .sort((m, n) => m.from - n.from)
      .map((r) => ({ channel: x.name, from: at(r.from), to: at(r.to) }));
  });
}
