import { describe, expect, it } from 'vitest';
import { fourWire } from '@/core/checks/all/four-wire-sensor';
import { relay } from '@/core/checks/all/relay';
import { switchedFeed } from '@/core/checks/all/switched-feed';
import { switchedGround } from '@/core/checks/all/switched-ground';
import { threeWire } from '@/core/checks/all/three-wire-sensor';
import { twoWire } from '@/core/checks/all/two-wire-sensor';
import { solve, type Resistor } from './network';
import { OPEN } from './pieces';
import { explainCircuit, type Circuit, type CircuitFault, type Probed } from './truth-table';

/**
 * Every circuit is drawn with each single fault it can have: each piece open, resistive or, where it switches,
 * stuck on; each place shorted to ground, to its supply and to battery. The faults are made from the pieces of
 * the drawing, not from its list of faults, and solved here, with fuses that blow. The list must then have, among
 * the faults that explain all readings, one that touches the same piece or the same wire.
 */

interface Drawn {
  name: string;
  change: Record<string, number>;
  adds: Resistor[];
  held: Record<string, number>;
  /** Whether a fault of the list is this one. */
  is: (fault: CircuitFault) => boolean;
}

const FUSE_AMPS = 20;
const BATTERY = 12.6;
/** In between those of the lists, so that the values are not their own. */
const OHMS = [1, 4, 15, 50, 150, 800, 2500, 12_000, 60_000, 400_000, 1.2e6];

/** Places joined by good wire in any state, so that one probe cannot tell them apart. */
function net(circuit: Circuit, place: string): Set<string> {
  const joined = new Set([place]);
  const links = circuit.states.flatMap((s) =>
    Object.values(circuit.parts(s.id, circuit.supply.usual)).filter((p) => p.ohms <= 0.05),
  );
  for (let n = 0; n < 8; n++)
    for (const { a, b } of links) {
      if (joined.has(a)) joined.add(b);
      if (joined.has(b)) joined.add(a);
    }
  return joined;
}

function singleFaults(circuit: Circuit): Drawn[] {
  const [first] = circuit.states;
  const parts = circuit.parts(first!.id, circuit.supply.usual);
  const inState = (s: string, name: string) => circuit.parts(s, circuit.supply.usual)[name]!.ohms;
  const drawn: Drawn[] = [];
  for (const name of Object.keys(parts)) {
    const each = circuit.states.map((s) => inState(s.id, name));
    const least = Math.min(...each);
    // Pieces that are only there in another design or fault are no pieces of this one.
    if (least >= OPEN || name === 'bridge' || name === 'pull' || name === 'pulldown') continue;
    const touches = (fault: CircuitFault) =>
      [fault, ...(fault.also ?? [])].some((f) => f.variants.some((v) => name in v));
    drawn.push({ name: `${name} open`, change: { [name]: OPEN }, adds: [], held: {}, is: touches });
    for (const ohms of OHMS)
      // A switch or plug with resistance is the same as resistance beside it.
      if (ohms > 3 * least && ohms > 0.5 && each.every((o) => o < OPEN))
        drawn.push({ name: `${name} ${ohms} Ω`, change: { [name]: ohms }, adds: [], held: {}, is: touches });
    // The plug is pulled by hand; a relay's contact welds.
    if (each.some((o) => o >= OPEN) && !/^plug/.test(name))
      drawn.push({ name: `${name} stuck on`, change: { [name]: least }, adds: [], held: {}, is: touches });
  }
  const places = circuit.nodes.map((n) => n.id);
  const grounds = net(circuit, 'ground');
  const feeds = net(circuit, '+');
  for (const place of places) {
    const here = net(circuit, place);
    const is = (to: string[]) => (fault: CircuitFault) =>
      [fault, ...(fault.also ?? [])].some((f) =>
        (f.adds ?? []).some(
          (p) => (here.has(p.a) && to.includes(p.b)) || (here.has(p.b) && to.includes(p.a)),
        ),
      ) ||
      // A driver that leads all the time is a short of its wire, seen from outside.
      /^driver-on$/.test(fault.id);
    if (!grounds.has(place))
      drawn.push({
        name: `${place} to ground`,
        change: {},
        adds: [{ a: place, b: 'ground', ohms: 0.05 }],
        held: {},
        is: is(['ground', 'metal']),
      });
    // Ground wires on battery blow a fuse elsewhere; feeds are there already.
    if (!grounds.has(place) && !(feeds.has(place) && circuit.supply.usual > 6))
      drawn.push({
        name: `${place} to battery`,
        change: {},
        adds: [{ a: place, b: 'battery', ohms: 0.05 }],
        held: { battery: BATTERY },
        is: is(['battery', '+', 'five']),
      });
  }
  return drawn;
}

/** All readings of a circuit with a fault in it, fuses and drivers opening as in life. */
function measured(circuit: Circuit, fault: Drawn, also: Record<string, number>): Probed[] {
  const supply = circuit.supply.usual;
  const blown = new Set<string>();
  const solved = (state: string) => {
    const parts = circuit.parts(state, supply);
    const fixed = { ...circuit.fixed(state, supply), ...fault.held };
    const ohms = (name: string, more: Record<string, number>) =>
      blown.has(name) ? OPEN : (fault.change[name] ?? also[name] ?? more[name] ?? parts[name]!.ohms);
    for (;;) {
      const at = (more: Record<string, number>) =>
        solve(
          [...Object.entries(parts).map(([n, p]) => ({ ...p, ohms: ohms(n, more) })), ...fault.adds],
          fixed,
        );
      const first = at({});
      const volts = Object.fromEntries(Object.entries(first).map(([n, p]) => [n, p.volts]));
      const now = Object.fromEntries(Object.keys(parts).map((n) => [n, ohms(n, {})]));
      const more = circuit.react?.(volts, supply, now) ?? {};
      const second = circuit.react ? at(more) : first;
      const gone = (circuit.protects ?? []).find(
        (n) =>
          !blown.has(n) &&
          Math.abs((second[parts[n]!.a]!.volts - second[parts[n]!.b]!.volts) / ohms(n, more)) > FUSE_AMPS,
      );
      if (!gone) return second;
      blown.add(gone);
    }
  };
  // A fuse that blows in one state is blown in the others too.
  circuit.states.forEach((s) => solved(s.id));
  return circuit.states.flatMap((s) => {
    const v = solved(s.id);
    return circuit.nodes.map((n) => ({ node: n.id, state: s.id, volts: v[n.id]!.volts }));
  });
}

describe.each(
  [switchedGround, switchedFeed, relay, twoWire, threeWire, fourWire].map((c) => [c.id, c] as const),
)('%s with each single fault drawn into it', (_, circuit) => {
  it('has the fault among those that explain all readings, or reads as a good one and says what would tell', () => {
    const missed: string[] = [];
    let told = 0;
    for (const fault of singleFaults(circuit))
      for (const design of circuit.designs ?? [{}])
        for (const range of circuit.range ?? [{}]) {
          const also = { ...design, ...range };
          const found = measured(circuit, fault, also);
          const r = explainCircuit(circuit, circuit.supply.usual, found);
          // A little resistance, or one of a part, that leaves every reading good.
          if (r.healthy) continue;
          told++;
          if (!r.explains.some(fault.is))
            missed.push(
              `${fault.name} ${JSON.stringify(also)}: ${r.explains.map((f) => f.id).join() || 'no fault'} for ${found
                .map((p) => `${p.node}:${p.state}:${p.volts.toFixed(2)}`)
                .join(' ')}`,
            );
        }
    expect(missed).toEqual([]);
    expect(told).toBeGreaterThan(20);
  });

  it('reads as a good one only where nothing that was measured could show it', () => {
    // Open and shorted pieces; resistance may hide.
    for (const fault of singleFaults(circuit).filter((f) => !/Ω/.test(f.name))) {
      const found = measured(circuit, fault, { ...circuit.designs?.[0], ...circuit.range?.[0] });
      const good = measured(
        circuit,
        { name: 'good', change: {}, adds: [], held: {}, is: () => false },
        { ...circuit.designs?.[0], ...circuit.range?.[0] },
      );
      const r = explainCircuit(circuit, circuit.supply.usual, found);
      if (!r.healthy || r.explains.some(fault.is)) continue;
      const off = found.map((p, i) => Math.abs(p.volts - good[i]!.volts));
      expect(Math.max(...off), `${fault.name} ${JSON.stringify(found)}`).toBeLessThan(
        0.09 * circuit.supply.usual,
      );
    }
  });
});
