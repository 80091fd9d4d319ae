/** A piece of a circuit: so many ohms between two places. `ground` and `+` are fixed. */
export interface Resistor {
  a: string;
  b: string;
  ohms: number;
  /** Volts that the piece itself gives, from `b` up to `a`, as a cell with its inner resistance. */
  emf?: number;
}

/** What a meter shows at a place, and how firmly the place is held there. */
export interface Potential {
  volts: number;
  /** Resistance seen from the place into the circuit; a high one floats and drifts. */
  source: number;
}

/** Input resistance of a usual multimeter on DC volts; common practice, no source. */
const METER = 10e6;
export const OPEN = 1e12;
export const WIRE = 0.02;

/**
 * Voltages in a network of resistors by nodal analysis: one equation of Kirchhoff's current law
 * per free node, solved by Gaussian elimination with pivoting. Every free node carries a meter of
 * 10 MΩ to ground, as when it is probed.
 *
 * @param parts resistors between named nodes, each above 0 Ω
 * @param fixed voltages of the nodes held from outside, in volts, `ground` among them
 * @returns volts and source resistance of every node
 * @throws RangeError when a resistance is not above 0
 * @example solve([{a:'+',b:'m',ohms:1000},{a:'m',b:'ground',ohms:1000}], {'+':12, ground:0}).m.volts // 6
 */
export function solve(
  parts: readonly Resistor[],
  fixed: Readonly<Record<string, number>>,
): Record<string, Potential> {
  if (parts.some((p) => !(p.ohms > 0))) throw new RangeError('Every resistance has to be above 0.');
  const free = [...new Set(parts.flatMap((p) => [p.a, p.b]))].filter((n) => !(n in fixed));
  const index = new Map(free.map((n, i) => [n, i]));
  const size = free.length;
  // Conductances on the left; on the right the currents fed in, then the unit matrix for the inverse.
  const width = 2 * size + 1;
  const matrix = new Float64Array(size * width);
  for (let i = 0; i < size; i++) {
    matrix[i * width + i] = 1 / METER;
    matrix[i * width + size + 1 + i] = 1;
  }
  const add = (here: string, there: string, conductance: number, own: number) => {
    const i = index.get(here);
    if (i === undefined) return;
    const j = index.get(there);
    matrix[i * width + i]! += conductance;
    matrix[i * width + size]! += conductance * (j === undefined ? own + (fixed[there] ?? 0) : own);
    if (j !== undefined) matrix[i * width + j]! -= conductance;
  };
  for (const { a, b, ohms, emf = 0 } of parts) {
    add(a, b, 1 / ohms, emf);
    add(b, a, 1 / ohms, -emf);
  }
  eliminate(matrix, size, width);
  const found: Record<string, Potential> = {};
  for (const [name, volts] of Object.entries(fixed)) found[name] = { volts, source: 0 };
  free.forEach((name, i) => {
    found[name] = {
      volts: matrix[i * width + size]!,
      source: matrix[i * width + size + 1 + i]!,
    };
  });
  return found;
}

/**
 * Gauss-Jordan elimination with partial pivoting, in place: the left square becomes the unit matrix.
 *
 * @param matrix rows one after the other, `size` of them
 * @param width numbers in a row: the square and its right sides
 */
function eliminate(matrix: Float64Array, size: number, width: number): void {
  for (let c = 0; c < size; c++) {
    let pivot = c;
    for (let r = c + 1; r < size; r++)
      if (Math.abs(matrix[r * width + c]!) > Math.abs(matrix[pivot * width + c]!)) pivot = r;
    if (pivot !== c) {
      const lead = matrix.slice(c * width, (c + 1) * width);
      matrix.copyWithin(c * width, pivot * width, (pivot + 1) * width);
      matrix.set(lead, pivot * width);
    }
    const by = matrix[c * width + c]!;
    for (let j = c; j < width; j++) matrix[c * width + j]! /= by;
    for (let r = 0; r < size; r++) {
      const f = matrix[r * width + c]!;
      if (r === c || f === 0) continue;
      for (let j = c; j < width; j++) matrix[r * width + j]! -= f * matrix[c * width + j]!;
    }
  }
}
