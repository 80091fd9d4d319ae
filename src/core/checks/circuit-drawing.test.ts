import { describe, expect, it } from 'vitest';
import { explainCircuit, type Probed } from '@/core/readings/circuit/truth-table';
import { fourWire } from './all/four-wire-sensor';
import { relay } from './all/relay';
import { switchedFeed } from './all/switched-feed';
import { switchedGround } from './all/switched-ground';
import { threeWire } from './all/three-wire-sensor';
import { twoWire } from './all/two-wire-sensor';
import { drawCircuit, expectedAt, type CircuitDrawing } from './circuit-drawing';

const CIRCUITS = [fourWire, relay, switchedFeed, switchedGround, threeWire, twoWire];
const volts = (node: string, state: string, v: number): Probed => ({ node, state, volts: v });

/** What the drawing puts a halo round, by its words. */
const suspects = (d: CircuitDrawing): string[] => [
  ...d.lines.flat().flatMap((item) => {
    if ('place' in item) return item.place.suspect ? [item.place.label] : [];
    return 'symbol' in item && item.suspect ? [item.label || item.symbol] : [];
  }),
  ...(d.joins?.suspect ? [d.joins.label] : []),
];
const drawnOf = (circuit: (typeof CIRCUITS)[number], supply: number, probes: Probed[]) =>
  drawCircuit(circuit, supply, probes, explainCircuit(circuit, supply, probes));
const places = (d: CircuitDrawing) => d.lines.flat().flatMap((i) => ('place' in i ? [i.place] : []));

describe('a circuit drawn with what was found', () => {
  it.each(CIRCUITS.map((c) => [c.id, c] as const))(
    'suspects nothing in %s before a reading',
    (_, circuit) => {
      const d = drawCircuit(circuit, circuit.supply.usual);
      expect(suspects(d)).toEqual([]);
      expect(places(d).flatMap((p) => p.readings.filter((r) => r.found || r.verdict || r.next))).toEqual([]);
    },
  );

  it('suspects the ground where the ground side of the part carries voltage', () => {
    // A fed part with a bad ground: 12.3 V in, 7.1 V behind it. Ohm's law: more than half drops over the ground.
    const d = drawnOf(switchedFeed, 12.5, [volts('feed', 'on', 12.3), volts('return', 'on', 7.1)]);
    const [, , feed, ground] = places(d);
    expect(feed!.readings[1]).toMatchObject({ found: '12.30\u00a0V', verdict: 'pass' });
    expect(ground!.readings[1]).toMatchObject({ found: '7.10\u00a0V', verdict: 'fail' });
    expect(suspects(d)).toEqual(['wire']);
    expect(d.lines[0]!.at(-2)).toMatchObject({ symbol: 'wire', suspect: true });
  });

  it('suspects the place that a short touches, not the fuse that it blew', () => {
    // Every place dead, supply gone: open supply or a short that blew the fuse.
    const dead = [volts('in', 'on', 0), volts('out', 'on', 0), volts('feed', 'on', 0)];
    const r = explainCircuit(switchedFeed, 12.6, dead);
    const short = r.explains.filter((f) => f.adds);
    expect(short.length).toBeGreaterThan(0);
    const d = drawCircuit(switchedFeed, 12.6, dead, { ...r, explains: short });
    expect(suspects(d)).not.toContain('fuse');
    expect(suspects(d)).toContain('Into the switch');
  });

  it('suspects nothing while all that was read is as it has to be', () => {
    const probes = [volts('feed', 'on', 12.5)];
    const r = explainCircuit(switchedFeed, 12.6, probes);
    expect([r.healthy, r.explains.length > 0]).toEqual([true, true]);
    expect(suspects(drawCircuit(switchedFeed, 12.6, probes, r))).toEqual([]);
  });

  it('marks the reading that separates what is left, and only that', () => {
    const probes = [volts('t87', 'on', 0)];
    const r = explainCircuit(relay, 12.6, probes);
    expect(r.next).toBeDefined();
    const marked = places(drawCircuit(relay, 12.6, probes, r)).flatMap((p) =>
      p.readings.filter((x) => x.next).map((x) => [p.label, x.state]),
    );
    const node = relay.nodes.find((n) => n.id === r.next!.node)!;
    const state = relay.states.find((s) => s.id === r.next!.state)!;
    expect(marked).toEqual([[node.label, state.label]]);
  });

  it('holds no reading against one design that another gives', () => {
    // Some controllers pull an open signal down, others up: 5 V at the unplugged signal is good.
    const probes = [volts('supply', 'in', 5), volts('return', 'in', 0), volts('signal', 'out', 5)];
    const r = explainCircuit(threeWire, 5, probes);
    expect([r.healthy, r.wrong]).toEqual([true, []]);
    const signal = places(drawCircuit(threeWire, 5, probes, r)).find((p) => p.label === 'Signal at the plug');
    expect(signal?.readings[1]).toMatchObject({ verdict: 'pass' });
    // 220 kΩ up, a 10 MΩ meter at each end of the wire: 5 V × 5 / 5.22.
    expect(signal?.readings[1]?.expected.replaceAll('\u00a0', ' ')).toBe('0.0 V or 4.8 V');
  });

  it('finds the coil and the contact it moves', () => {
    const { moves, lines } = drawCircuit(relay, 12.6);
    const item = ([line, i]: [number, number]) => lines[line]![i];
    expect(item(moves!.from)).toMatchObject({ symbol: 'coil' });
    expect(item(moves!.to)).toMatchObject({ symbol: 'switch', label: 'contact' });
  });

  // Whatever fault is left after its own worst readings, the drawing shows somewhere to look.
  it.each(CIRCUITS.flatMap((c) => c.faults.map((f) => [c.id, f.name, c, f] as const)))(
    '%s shows where “%s” would lie',
    (_, __, circuit, fault) => {
      const finding = { explains: [fault], healthy: false, wrong: [], substitute: false };
      expect(suspects(drawCircuit(circuit, circuit.supply.usual, [], finding)).length).toBeGreaterThan(0);
    },
  );

  it('writes what a good circuit reads as a range, a value or a drift', () => {
    expect(expectedAt({ low: 0.42, high: 4.61, floats: false })).toBe('0.4 to 4.6 V');
    expect(expectedAt({ low: 12.5, high: 12.6, floats: false })).toBe('12.6\u00a0V');
    expect(expectedAt({ low: 0, high: 0.1, floats: true })).toBe('floats near 0 V');
    expect(expectedAt({ low: 4.9, high: 5.2, floats: false })).toBe('5.1\u00a0V');
    expect(expectedAt({ low: 4.9, high: 5.25, floats: false })).toBe('4.9 to 5.3 V');
  });
});
