/** Time constants are tried from one sample to this share of the recording, each so many times the one before. */
const LONGEST_SHARE = 0.15;
const TIMES = 1.25;

/**
 * A command as something sluggish answers it: a lag of the first order, exact for what is held between samples
 * (Åström & Wittenmark, Computer-Controlled Systems, zero-order hold; from memory).
 *
 * @param u the command at even steps
 * @param samples the time constant, in steps
 * @returns the same length; it begins at the command's first value
 * @example sluggish(Float32Array.of(0, 1, 1), 1)[1] // 1 − 1/e = 0.632
 */
export function sluggish(u: Float32Array, samples: number): Float32Array {
  const takes = 1 - Math.exp(-1 / samples);
  let y = u[0] ?? 0;
  return u.map((v) => (y += takes * (v - y)));
}

/**
 * The time constant with which most of an answer lies on its command.
 *
 * @param u the command, `y` the answer, at the same even steps
 * @param onScale the share of the samples of `y` that lie on a command that was slowed down
 * @returns the constant in steps with the share it explains; undefined where the recording is too short
 */
export function timeConstant(
  u: Float32Array,
  onScale: (slowed: Float32Array) => number,
): { samples: number; share: number } | undefined {
  let best: { samples: number; share: number } | undefined;
  for (let samples = 1; samples < LONGEST_SHARE * u.length; samples *= TIMES) {
    const share = onScale(sluggish(u, samples));
    if (!best || share > best.share) best = { samples, share };
  }
  return best;
}
