import { describe, expect, it } from 'vitest';
import { relay } from '@/core/checks/all/relay';
import { fourWire } from '@/core/checks/all/four-wire-sensor';
import { switchedFeed } from '@/core/checks/all/switched-feed';
import { switchedGround } from '@/core/checks/all/switched-ground';
import { threeWire } from '@/core/checks/all/three-wire-sensor';
import { twoWire } from '@/core/checks/all/two-wire-sensor';
import { solve } from './network';
import { explainCircuit, substituteWorks, truthTable, type Circuit, type Probed } from './truth-table';

const CIRCUITS = [switchedGround, switchedFeed, relay, twoWire, threeWire, fourWire];

describe('nodal analysis', () => {
  it('divides a voltage (Ohm, Kirchhoff)', () => {
    const v = solve(
      [
        { a: '+', b: 'm', ohms: 1000 },
        { a: 'm', b: 'ground', ohms: 3000 },
      ],
      { '+': 12, ground: 0 },
    );
    expect(v.m!.volts).toBeCloseTo(9, 2);
    expect(v.m!.source).toBeCloseTo(750, 0);
  });
  it('balances a Wheatstone bridge', () => {
    const bridge = (r4: number) => {
      const v = solve(
        [
          { a: '+', b: 'l', ohms: 100 },
          { a: 'l', b: 'ground', ohms: 200 },
          { a: '+', b: 'r', ohms: 150 },
          { a: 'r', b: 'ground', ohms: r4 },
          { a: 'l', b: 'r', ohms: 50 },
        ],
        { '+': 10, ground: 0 },
      );
      return v.l!.volts - v.r!.volts;
    };
    expect(Math.abs(bridge(300))).toBeLessThan(1e-3);
    expect(bridge(310)).toBeLessThan(0);
  });
  it('refuses a resistance of 0', () => {
    expect(() => solve([{ a: '+', b: 'm', ohms: 0 }], { '+': 1 })).toThrow('above 0');
  });
});

const probe = (text: string): Probed[] =>
  text.split(' ').map((t) => {
    const [node = '', state = '', volts = ''] = t.split(':');
    return { node, state, volts: Number(volts) };
  });
const names = (c: Circuit, supply: number, text: string, lit = {}) =>
  explainCircuit(c, supply, probe(text), lit).explains.map((f) => f.id);

describe('a switched-ground solenoid (common practice, no source)', () => {
  it('reads battery voltage on the control wire when off and near 0 when on', () => {
    const t = truthTable(switchedGround, 12.6);
    expect(t.control!.off!.low).toBeCloseTo(12.6, 1);
    expect(t.control!.on!.high).toBeLessThan(0.15);
    expect(
      explainCircuit(switchedGround, 12.6, probe('feed:off:12.6 control:off:12.5 control:on:0.1')).healthy,
    ).toBe(true);
  });
  it('drifting 0.4 V that drops to a clean 0 is an open coil with a good driver', () => {
    expect(names(switchedGround, 12.6, 'feed:off:12.6 control:off:0.4 control:on:0')).toEqual(['open-coil']);
  });
  it('a plain 0 V could also be the wire on ground, and the lamp tells', () => {
    const zero = 'feed:off:12.6 control:off:0 control:on:0';
    expect(names(switchedGround, 12.6, zero)).toEqual(
      expect.arrayContaining(['open-coil', 'control-to-ground', 'driver-on']),
    );
    expect(names(switchedGround, 12.6, zero, { off: false, on: true })).toEqual(['open-coil']);
    expect(names(switchedGround, 12.6, zero, { off: true, on: true })).not.toContain('open-coil');
  });
  it('a test lamp in place of an open coil lights when switched on', () => {
    const open = switchedGround.faults.find((f) => f.id === 'open-coil');
    expect(substituteWorks(switchedGround, 12.6, open)).toEqual({ off: false, on: true });
  });
  it('names the next place to probe when two faults read alike', () => {
    const r = explainCircuit(switchedGround, 12.6, probe('feed:on:12.6 control:off:12.6 control:on:12.6'));
    expect(r.explains.map((f) => f.id)).toEqual(expect.arrayContaining(['open-control', 'dead-driver']));
    expect(r.next?.node).toBe('pin');
  });
});

describe('other circuits', () => {
  it('a relay whose coil clicks but gives nothing', () => {
    expect(names(relay, 12.6, 't30:on:12.6 t86:on:12.6 t85:on:0.1 t87:on:0')).toEqual(['no-contact']);
    expect(names(relay, 12.6, 't30:on:12.6 t87:off:12.6 t85:off:12.6')).toEqual(['welded']);
  });
  it('voltage on the ground side is the ground', () => {
    expect(names(switchedFeed, 12.6, 'feed:on:12.4 return:on:6.1')).toEqual(['bad-ground']);
    expect(names(switchedFeed, 12.6, 'feed:on:12.4 return:on:12.4')).toEqual(['open-ground']);
  });
  it('a temperature sensor: unplugged to 5 V and bridged to 0 leaves the sensor', () => {
    expect(names(twoWire, 5, 'signal:in:5 signal:out:5 signal:bridged:0')).toEqual(['open-sensor']);
    expect(names(twoWire, 5, 'signal:in:5 signal:out:5 signal:bridged:5')).toEqual(
      expect.arrayContaining(['open-ground']),
    );
  });
  it('a supply that comes back when the sensor is unplugged', () => {
    expect(names(threeWire, 5, 'supply:in:0.1 supply:out:5')).toEqual(['shorted-inside']);
    expect(names(threeWire, 5, 'supply:in:0 supply:out:0')).toEqual(
      expect.arrayContaining(['supply-to-ground', 'no-regulator']),
    );
  });
});

describe.each(CIRCUITS.map((c) => [c.id, c] as const))('%s', (_, circuit) => {
  const supply = circuit.supply.usual;
  const middle = (t: ReturnType<typeof truthTable>): Probed[] =>
    circuit.nodes.flatMap((n) =>
      circuit.states.map((s) => {
        const e = t[n.id]![s.id]!;
        return { node: n.id, state: s.id, volts: (e.low + e.high) / 2 };
      }),
    );

  it('takes the readings of a healthy circuit for healthy', () => {
    expect(explainCircuit(circuit, supply, middle(truthTable(circuit, supply))).healthy).toBe(true);
  });

  it('finds each fault among those that explain its own readings', () => {
    for (const fault of circuit.faults) {
      const found = middle(truthTable(circuit, supply, fault));
      expect(
        explainCircuit(circuit, supply, found).explains.map((f) => f.id),
        fault.id,
      ).toContain(fault.id);
    }
  });

  it('is not blind to any of its faults', () => {
    for (const fault of circuit.faults) {
      // Voltages cannot show a part that is open inside; the check says so and offers the lamp.
      if (fault.id === 'open-load') continue;
      const { healthy } = explainCircuit(circuit, supply, middle(truthTable(circuit, supply, fault)));
      const lamp = JSON.stringify(substituteWorks(circuit, supply, fault));
      expect(healthy && lamp === JSON.stringify(substituteWorks(circuit, supply)), fault.id).toBe(false);
    }
  });
});
