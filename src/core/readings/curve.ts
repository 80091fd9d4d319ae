/** A point of a curve, both in fixed units. */
export interface Point {
  x: number;
  y: number;
}

/** One measured point held against the reference at the same x. */
interface CurvePoint extends Point {
  /** The reference there, interpolated; undefined beyond its ends, where nothing is judged. */
  reference?: number;
  side: 'above' | 'within' | 'below' | 'beyond';
}

export interface CurveComparison {
  points: CurvePoint[];
  judged: number;
  /** Where all judged points lie on one side outside the band. */
  everywhere: 'above' | 'within' | 'below' | 'mixed';
  /** How the excess over the reference goes with x, from three judged points on. */
  trend: 'steady' | 'growing' | 'steepening' | 'shrinking' | 'unclear';
}

/**
 * The value of a curve at x, by straight lines between its points.
 *
 * @param curve points sorted by x, at least two, no x twice
 * @param x where
 * @returns y, or undefined beyond the ends: a curve is never drawn on without saying so
 */
export function interpolate(curve: readonly Point[], x: number): number | undefined {
  const next = curve.findIndex((p) => p.x >= x);
  const b = curve[next];
  if (!b) return undefined;
  if (b.x === x) return b.y;
  const a = curve[next - 1];
  if (!a) return undefined;
  return a.y + ((b.y - a.y) * (x - a.x)) / (b.x - a.x);
}

/**
 * Sorts a curve by x and refuses what is no curve.
 *
 * @param points in any order
 * @returns the points by rising x
 * @throws RangeError with a sentence: fewer than two points, one x twice, a value that is no number
 */
export function asCurve(points: readonly Point[]): Point[] {
  if (points.some((p) => !Number.isFinite(p.x) || !Number.isFinite(p.y)))
    throw new RangeError('Every point of a curve needs two numbers.');
  if (points.length < 2) throw new RangeError('A curve needs at least two points.');
  const sorted = [...points].sort((a, b) => a.x - b.x);
  if (sorted.some((p, i) => i > 0 && sorted[i - 1]!.x === p.x))
    throw new RangeError('A curve has one value at each point; two were given for the same place.');
  return sorted;
}

/** On which side of a band a value lies. */
function sideOf(y: number, reference: number, half: number): 'above' | 'below' | 'within' {
  if (y > reference + half) return 'above';
  return y < reference - half ? 'below' : 'within';
}

/**
 * Holds measured points against a reference curve with a band.
 *
 * @param reference at least two points
 * @param measured at least one point, same units
 * @param band half the width of the band at a reference value, in the unit of y
 * @returns each point with its side, and what can be said of all
 * @throws RangeError when the reference is no curve
 */
export function compareCurve(
  reference: readonly Point[],
  measured: readonly Point[],
  band: (reference: number) => number,
): CurveComparison {
  const curve = asCurve(reference);
  const points = [...measured]
    .sort((a, b) => a.x - b.x)
    .map((p): CurvePoint => {
      const r = interpolate(curve, p.x);
      if (r === undefined) return { ...p, side: 'beyond' };
      const half = band(r) * (1 + 1e-9);
      return {
        ...p,
        reference: r,
        side: sideOf(p.y, r, half),
      };
    });
  const judged = points.filter((p) => p.side !== 'beyond');
  const sides = new Set(judged.map((p) => p.side));
  const [only] = sides;
  return {
    points,
    judged: judged.length,
    everywhere: sides.size === 1 && only && only !== 'beyond' ? only : 'mixed',
    trend: trendOf(judged, band),
  };
}

/** How the distance from the reference goes along x: its size, then its slope. */
function trendOf(judged: CurvePoint[], band: (r: number) => number): CurveComparison['trend'] {
  const excess = judged.map((p) => ({ x: p.x, d: Math.abs(p.y - p.reference!) }));
  if (excess.length < 3) return 'unclear';
  const slopes = excess.slice(1).map((e, i) => (e.d - excess[i]!.d) / (e.x - excess[i]!.x));
  const room = Math.max(...judged.map((p) => band(p.reference!))) / 2;
  const rise = excess.at(-1)!.d - excess[0]!.d;
  if (Math.abs(rise) <= room) return slopes.every((s) => Number.isFinite(s)) ? 'steady' : 'unclear';
  if (slopes.every((s) => s >= 0))
    return slopes.every((s, i) => i === 0 || s > slopes[i - 1]! * 1.05) ? 'steepening' : 'growing';
  return slopes.every((s) => s <= 0) ? 'shrinking' : 'unclear';
}
