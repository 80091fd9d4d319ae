import { describe, expect, it } from 'vitest';
import { relay } from '@/core/checks/all/relay';
import { fourWire } from '@/core/checks/all/four-wire-sensor';
import { switchedFeed } from '@/core/checks/all/switched-feed';
import { switchedGround } from '@/core/checks/all/switched-ground';
import { threeWire } from '@/core/checks/all/three-wire-sensor';
import { twoWire } from '@/core/checks/all/two-wire-sensor';
import { solve } from './network';
import {
  explainCircuit,
  substituteWorks,
  truthTable,
  type Circuit,
  type CircuitFault,
  type Probed,
} from './truth-table';

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

describe('what was told wrongly before (common practice, no source)', () => {
  it('a relay with an open coil has all the voltage at the coil and does not pull', () => {
    const open = 't30:on:12.6 t86:on:12.6 t85:on:0.1 t87:on:0 t30:off:12.6 t86:off:12.6 t85:off:0 t87:off:0';
    expect(names(relay, 12.6, open)).toEqual(['open-coil']);
  });
  it('a driver that drops a volt by design is a good one, until its ground shows otherwise', () => {
    const volt = 'feed:on:12.4 control:off:12.6 control:on:1.0 pin:on:1.0';
    expect(explainCircuit(switchedGround, 12.6, probe(`${volt} earth:on:0.02`)).healthy).toBe(true);
    const bad = explainCircuit(switchedGround, 12.6, probe(`${volt} earth:on:0.9`));
    expect(bad.healthy).toBe(false);
    expect(bad.explains.map((f) => f.id)).toEqual(['bad-ground']);
  });
  it('an oxygen signal at 0.45 V is not acquitted: an open signal reads the same', () => {
    const r = explainCircuit(
      fourWire,
      13.8,
      probe('heater:on:13.7 control:on:0.3 signal:on:0.45 pin:on:0.45'),
    );
    expect(r.healthy).toBe(true);
    expect(r.explains.map((f) => f.id)).toEqual(expect.arrayContaining(['open-inside', 'dead-cell']));
    const lively = explainCircuit(fourWire, 13.8, probe('heater:on:13.7 control:on:0.3 pin:on:0.82'));
    expect(lively.explains.map((f) => f.id)).not.toContain('open-inside');
  });
  it('a signal at battery voltage is shorted to battery, in any state', () => {
    expect(names(threeWire, 5, 'signal:in:12.6 signal:out:12.6')).toEqual(['signal-to-battery']);
    expect(names(twoWire, 5, 'signal:in:12.6 signal:out:12.6')).toEqual(['signal-to-battery']);
  });
  it('resistance in the feed shows only under load, and is told from the ground', () => {
    expect(names(switchedFeed, 12.6, 'in:off:12.6 in:on:7 feed:on:6.9 return:on:0')).toEqual(['bad-supply']);
    expect(names(switchedFeed, 12.6, 'in:on:12.5 out:on:12.4 feed:on:7 return:on:0')).toEqual(['bad-feed']);
  });
});

describe('other circuits', () => {
  it('a relay whose coil clicks but gives nothing', () => {
    // Whether it clicked is no voltage: a coil that does not pull reads the same as a contact that does not close.
    expect(names(relay, 12.6, 't30:on:12.6 t86:on:12.6 t85:on:0.1 t87:on:0')).toEqual([
      'open-coil',
      'no-contact',
    ]);
    expect(names(relay, 12.6, 't30:on:12.6 t87:off:12.6 t85:off:12.6')).toEqual([
      'welded',
      'output-to-battery',
    ]);
  });
  it('voltage on the ground side is the ground', () => {
    expect(names(switchedFeed, 12.6, 'feed:on:12.4 return:on:6.1')).toEqual(['bad-ground']);
    expect(names(switchedFeed, 12.6, 'feed:on:12.4 return:on:12.4')).toEqual(['open-ground']);
  });
  it('a temperature sensor: unplugged to 5 V and bridged to 0 leaves the sensor', () => {
    expect(names(twoWire, 5, 'signal:in:5 signal:out:5 signal:bridged:0')).toEqual([
      'open-sensor',
      'bad-plug',
    ]);
    expect(names(twoWire, 5, 'signal:in:5 signal:out:5 signal:bridged:5')).toEqual(
      expect.arrayContaining(['open-ground']),
    );
  });
  it('a supply that comes back when the sensor is unplugged', () => {
    // A supply wire that is nearly open gives 5 V to a meter and nothing to a sensor.
    expect(names(threeWire, 5, 'supply:in:0.1 supply:out:5')).toEqual([
      'bad-supply',
      'weak-regulator',
      'shorted-inside',
    ]);
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

  /** Itself, or the open piece that its resistance comes close to. */
  const named = (fault: CircuitFault, among: CircuitFault[]) =>
    among.some(
      (f) => f === fault || f.variants.some((v) => Object.keys(v).some((k) => k in fault.variants[0]!)),
    );

  it('finds each fault, in each of its forms, among those that explain its own readings', () => {
    for (const fault of circuit.faults)
      for (const variant of fault.variants) {
        const found = middle(truthTable(circuit, supply, { ...fault, variants: [variant] }));
        const r = explainCircuit(circuit, supply, found);
        // What leaves every reading good is told by other means.
        if (r.healthy) continue;
        expect(named(fault, r.explains), `${fault.id} ${JSON.stringify(variant)}`).toBe(true);
      }
  });

  it('never acquits with one of its faults in it', () => {
    for (const fault of circuit.faults) {
      if (fault.unseen) continue;
      // A little resistance hides among good readings; its worst form has to show.
      const worst = { ...fault, variants: fault.variants.slice(-1) };
      const r = explainCircuit(circuit, supply, middle(truthTable(circuit, supply, worst)));
      expect(r.healthy && !named(fault, r.explains), fault.id).toBe(false);
    }
  });
});
