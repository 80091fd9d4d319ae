import { describe, expect, it } from 'vitest';
import { fourWire } from '@/core/checks/all/four-wire-sensor';
import { relay } from '@/core/checks/all/relay';
import { switchedFeed } from '@/core/checks/all/switched-feed';
import { switchedGround } from '@/core/checks/all/switched-ground';
import { threeWire } from '@/core/checks/all/three-wire-sensor';
import { twoWire } from '@/core/checks/all/two-wire-sensor';
import type { DiagramItem } from './diagram';
import type { Resistor } from './network';
import type { Circuit } from './truth-table';

// A drawing that shows another circuit than the one that is computed would send somebody to the wrong wire: what is
// drawn is held against the network, piece by piece.

const CIRCUITS: Circuit[] = [fourWire, relay, switchedFeed, switchedGround, threeWire, twoWire];

/** Every piece of the circuit, whatever state it is in. */
const piecesOf = (circuit: Circuit): Record<string, Resistor> =>
  Object.assign({}, ...circuit.states.map((s) => circuit.parts(s.id, circuit.supply.usual)));

/** The node that an item of the drawing is, when it is one. */
const nodeOf = (item: DiagramItem): string | undefined =>
  'place' in item
    ? item.place
    : 'end' in item
      ? { supply: '+', ground: 'ground', controller: undefined }[item.end]
      : undefined;

/** All nodes reached from `from` through the pieces of these names alone. */
function reached(circuit: Circuit, from: string, names: readonly string[]): Set<string> {
  const pieces = names.map((n) => piecesOf(circuit)[n]!);
  const there = new Set([from]);
  for (let grown = true; grown;) {
    grown = false;
    for (const { a, b } of pieces)
      for (const [x, y] of [
        [a, b],
        [b, a],
      ] as const)
        if (there.has(x) && !there.has(y)) {
          there.add(y);
          grown = true;
        }
  }
  return there;
}

describe.each(CIRCUITS.map((c) => [c.id, c] as const))('the drawing of %s', (_, circuit) => {
  const items = circuit.diagram.lines.flat();
  const drawnParts = [
    ...items.flatMap((i) => ('parts' in i ? i.parts : [])),
    ...(circuit.diagram.joins?.parts ?? []),
  ];

  it('shows each probe point once, and no other', () => {
    expect(items.flatMap((i) => ('place' in i ? [i.place] : [])).sort()).toEqual(
      circuit.nodes.map((n) => n.id).sort(),
    );
  });

  it('shows each piece at most once, and only pieces there are', () => {
    expect(new Set(drawnParts).size).toBe(drawnParts.length);
    for (const name of drawnParts) expect(piecesOf(circuit), name).toHaveProperty(name);
  });

  it('joins its places as the network does', () => {
    for (const line of circuit.diagram.lines) {
      let from: string | undefined;
      let between: string[] = [];
      for (const item of line) {
        if ('parts' in item) {
          between.push(...item.parts);
          continue;
        }
        const to = nodeOf(item);
        if (from !== undefined && to !== undefined)
          expect([...reached(circuit, from, between)], `${from} to ${to} by ${between.join(', ')}`).toContain(
            to,
          );
        from = to;
        between = [];
      }
    }
  });

  it('has the lines that meet meet in the network', () => {
    const { joins, lines } = circuit.diagram;
    if (!joins) return;
    const ends = joins.lines.map((i) => {
      const line = lines[i]!;
      const last = line.findLastIndex((item) => nodeOf(item) !== undefined);
      const after = line.slice(last + 1).flatMap((item) => ('parts' in item ? item.parts : []));
      return reached(circuit, nodeOf(line[last]!)!, after);
    });
    const common = [...ends[0]!].filter((node) => ends.every((e) => e.has(node)));
    expect(common).toHaveLength(1);
  });

  it('has a place for every fault that the check can name', () => {
    for (const fault of circuit.faults) {
      const shown = fault.adds
        ? fault.adds.flatMap(({ a, b }) => [a, b]).some((n) => circuit.nodes.some((node) => node.id === n))
        : fault.variants.every((v) => Object.keys(v).every((name) => drawnParts.includes(name)));
      expect(shown, fault.name).toBe(true);
    }
  });
});
