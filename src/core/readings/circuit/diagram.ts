/**
 * How a circuit is drawn: lines from left to right, each a row of places where one probes and of the pieces between
 * them. Symbols are those of IEC 60617 where it has one: a box for a resistor, a box with a stroke for a coil.
 */
export type DiagramSymbol = 'wire' | 'fuse' | 'switch' | 'load' | 'coil' | 'resistor' | 'plug' | 'cell';

export type DiagramItem =
  | { end: 'supply' | 'ground' | 'controller'; label: string }
  /** A node of the circuit, by its id. */
  | { place: string }
  /** Pieces of the circuit by name, drawn as one symbol. */
  | { parts: string[]; symbol: DiagramSymbol; label: string };

export interface Diagram {
  lines: DiagramItem[][];
  /** Lines that meet at their right end, as the three wires of a sensor do inside it. */
  joins?: { lines: number[]; parts?: string[]; label: string };
  /** A symbol of one line that moves one of another, as a coil its contact: `[line, part]` each. */
  moves?: { from: [number, string]; to: [number, string] };
}

/** Where a drawing begins and ends. */
export const battery: DiagramItem = { end: 'supply', label: 'battery' };
export const ground: DiagramItem = { end: 'ground', label: '' };
export const controller: DiagramItem = { end: 'controller', label: 'controller' };
/** A place where one probes. */
export const at = (place: string): DiagramItem => ({ place });
/** One symbol for one piece or more. */
export const drawn = (symbol: DiagramSymbol, label: string, ...parts: string[]): DiagramItem => ({
  parts,
  symbol,
  label,
});
/** A stretch of wire. */
export const wire = (...parts: string[]): DiagramItem => drawn('wire', '', ...parts);
