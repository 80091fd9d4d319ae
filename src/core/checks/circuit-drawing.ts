import type { Verdict } from '@/core/case';
import { writeNumber, writeQuantity } from '@/core/readings';
import type { DiagramItem, DiagramSymbol } from '@/core/readings/circuit/diagram';
import {
  healthyTables,
  type Circuit,
  type CircuitFault,
  type CircuitFinding,
  type Expected,
  type Probed,
} from '@/core/readings/circuit/truth-table';

/** A place as it is drawn, with what a good circuit reads there and what was found. */
export interface DrawnPlace {
  label: string;
  readings: { state: string; expected: string; found: string; verdict: Verdict; next: boolean }[];
  /** A fault that is left touches this place, as a short to ground. */
  suspect: boolean;
}

export type DrawnItem =
  | Extract<DiagramItem, { end: string }>
  | { place: DrawnPlace }
  /** `suspect`: a fault that is left lies in it. */
  | { symbol: DiagramSymbol; label: string; suspect: boolean };

/** A circuit for the eye: its lines with expected and found voltages, and where the faults that are left would lie. */
export interface CircuitDrawing {
  kind: 'circuit';
  lines: DrawnItem[][];
  joins?: { lines: number[]; label: string; suspect: boolean };
  /** `[line, item]` of the symbol that moves another, and of the one it moves. */
  moves?: { from: [number, number]; to: [number, number] };
  /** Column heads and rows of the same as a table. */
  head: string[];
  rows: { cells: string[]; verdict: Verdict }[];
}

/**
 * @param supply volts, above 0
 * @param found readings so far; empty before the first
 * @param result what they mean; left out before the first reading
 */
export function drawCircuit(
  circuit: Circuit,
  supply: number,
  found: readonly Probed[] = [],
  result?: CircuitFinding,
): CircuitDrawing {
  const good = healthyTables(circuit, supply);
  // Where nothing is wrong, what else would read the same is no suspicion.
  const left = result && !result.healthy ? result.explains : [];
  const parts = new Set(left.flatMap(partsOf));
  const places = new Set(left.flatMap(placesOf));
  const isSuspect = (names: readonly string[]) => names.some((name) => parts.has(name));
  const verdictOf = (p: Probed) => (result?.wrong.includes(p) ? 'fail' : 'pass');
  const placeOf = (id: string): DrawnPlace => ({
    label: circuit.nodes.find((n) => n.id === id)?.label ?? id,
    readings: circuit.states.map((state) => {
      const p = found.find((x) => x.node === id && x.state === state.id);
      return {
        state: state.label,
        expected: [...new Set(good.map((table) => expectedAt(table[id]![state.id]!)))].join(' or '),
        found: p ? writeQuantity({ value: p.volts, unit: 'V' }, 2) : '',
        verdict: p ? verdictOf(p) : '',
        next: result?.next?.node === id && result.next.state === state.id,
      };
    }),
    suspect: places.has(id),
  });
  const { lines, joins, moves } = circuit.diagram;
  const where = ([line, part]: [number, string]): [number, number] => [
    line,
    lines[line]!.findIndex((item) => 'parts' in item && item.parts.includes(part)),
  ];
  return {
    kind: 'circuit',
    lines: lines.map((line) =>
      line.map((item): DrawnItem => {
        if ('place' in item) return { place: placeOf(item.place) };
        if ('end' in item) return item;
        return { symbol: item.symbol, label: item.label, suspect: isSuspect(item.parts) };
      }),
    ),
    ...(joins
      ? { joins: { lines: joins.lines, label: joins.label, suspect: isSuspect(joins.parts ?? []) } }
      : {}),
    ...(moves ? { moves: { from: where(moves.from), to: where(moves.to) } } : {}),
    head: ['Place', 'State', 'Expected', 'Found'],
    rows: circuit.nodes.flatMap((node) => {
      const place = placeOf(node.id);
      return place.readings.map((r) => ({
        cells: [place.label, r.state, r.expected, r.found],
        verdict: r.verdict,
      }));
    }),
  };
}

/** Pieces that a fault lies in. Where two places touch, what else changes with it (a fuse) is not the fault. */
const partsOf = (fault: CircuitFault): string[] =>
  fault.adds ? [] : fault.variants.flatMap((v) => Object.keys(v));

/** Places that a fault joins to something they should not touch. */
const placesOf = (fault: CircuitFault): string[] => (fault.adds ?? []).flatMap(({ a, b }) => [a, b]);

/** What a good circuit reads at a place, as a technician notes it. */
export function expectedAt(e: Expected): string {
  if (e.high - e.low > 0.3) return `${writeNumber(e.low, 1)} to ${writeNumber(e.high, 1)} V`;
  if (e.floats) return 'floats near 0 V';
  return writeQuantity({ value: (e.low + e.high) / 2, unit: 'V' }, 1);
}
