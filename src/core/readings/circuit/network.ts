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
  const rows = free.map((_, i) =>
    Array.from({ length: 2 * size + 1 }, (_, j) => (j === size + 1 + i ? 1 : i === j ? 1 / METER : 0)),
  );
  for (const { a, b, ohms, emf = 0 } of parts) {
    const g = 1 / ohms;
    for (const [here, there, own] of [
      [a, b, emf],
      [b, a, -emf],
    ] as const) {
      const i = index.get(here);
      if (i === undefined) continue;
      const row = rows[i]!;
      row[i]! += g;
      row[size]! += g * own;
      const j = index.get(there);
      if (j === undefined) row[size]! += g * (fixed[there] ?? 0);
      else row[j]! -= g;
    }
  }
  for (let c = 0; c < size; c++) {
    let pivot = c;
    for (let r = c + 1; r < size; r++) if (Math.abs(rows[r]![c]!) > Math.abs(rows[pivot]![c]!)) pivot = r;
    [rows[c], rows[pivot]] = [rows[pivot]!, rows[c]!];
    const lead = rows[c]!;
    const by = lead[c]!;
    for (let j = c; j < lead.length; j++) lead[j]! /= by;
    rows.forEach((row, r) => {
      const f = row[c]!;
      if (r === c || f === 0) return;
      for (let j = c; j < row.length; j++) row[j]! -= f * lead[j]!;
    });
  }
  const found: Record<string, Potential> = {};
  for (const [name, volts] of Object.entries(fixed)) found[name] = { volts, source: 0 };
  free.forEach((name, i) => {
    found[name] = { volts: rows[i]![size]!, source: rows[i]![size + 1 + i]! };
  });
  return found;
}
