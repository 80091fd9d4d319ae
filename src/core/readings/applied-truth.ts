import { linearRegression } from 'simple-statistics';

/** A value applied from outside, known to be true, and what the sensor said, in one unit. */
export interface Applied {
  truth: number;
  shown: number;
}

export interface Calibration {
  /** shown = offset + gain · truth, by least squares. */
  offset: number;
  gain: number;
  /** Largest distance of a point from that line. */
  nonlinearity: number;
  /** Largest distance of a point from the truth. */
  worst: number;
  worstAt: number;
  span: number;
}

/**
 * A sensor against applied truth: offset, gain and how straight it is, by ordinary least squares.
 *
 * @param points at least two different truths; three are needed to say anything of straightness
 * @returns offset, gain, largest distance from the line and from the truth
 * @throws RangeError with a sentence when the truths do not differ or a value is no number
 */
export function calibrate(points: readonly Applied[]): Calibration {
  if (points.some((p) => !Number.isFinite(p.truth) || !Number.isFinite(p.shown)))
    throw new RangeError('Every step needs the applied value and what was shown.');
  const truths = points.map((p) => p.truth);
  const span = Math.max(...truths) - Math.min(...truths);
  if (points.length < 2 || !(span > 0))
    throw new RangeError('Apply at least two different values; one alone cannot tell offset from gain.');
  const { m, b } = linearRegression(points.map((p) => [p.truth, p.shown]));
  const worst = points.reduce((a, p) => (Math.abs(p.shown - p.truth) > Math.abs(a.shown - a.truth) ? p : a));
  return {
    offset: b,
    gain: m,
    nonlinearity: Math.max(...points.map((p) => Math.abs(p.shown - (b + m * p.truth)))),
    worst: worst.shown - worst.truth,
    worstAt: worst.truth,
    span,
  };
}
