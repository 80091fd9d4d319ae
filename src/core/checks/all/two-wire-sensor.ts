import { at, drawn, ground, wire } from '@/core/readings/circuit/diagram';
import { fromSupply, OPEN, opened, piece, resistive, shorted } from '@/core/readings/circuit/pieces';
import type { Circuit } from '@/core/readings/circuit/truth-table';
import { circuitCheck } from '../circuit-check';

const AT_BATTERY = { battery: 12.6 };

/** A resistor sensor on a pull-up, such as a temperature sensor. */
export const twoWire: Circuit = {
  id: 'two-wire-sensor',
  title: 'Two-wire sensor',
  explains:
    'The controller feeds the signal wire through a resistor and the sensor pulls it down. Unplugged it has to jump to the supply, bridged to near 0 V: if it does both, wires and controller are good and the sensor is what is left.',
  nodes: [
    { id: 'signal', label: 'Signal at the plug' },
    { id: 'return', label: 'Ground at the plug' },
    { id: 'pin', label: 'Signal at the controller' },
  ],
  states: [
    { id: 'in', label: 'plugged in' },
    { id: 'out', label: 'unplugged' },
    { id: 'bridged', label: 'bridged' },
  ],
  supply: { label: 'Sensor supply', usual: 5 },
  fixed: fromSupply,
  parts: (state) => ({
    pullup: piece('+', 'pin', 2200),
    wire: piece('pin', 'signal'),
    plug: piece('signal', 'inside', state === 'in' ? 0.02 : OPEN),
    sensor: piece('inside', 'return', 2400),
    bridge: piece('signal', 'return', state === 'bridged' ? 0.1 : OPEN),
    ground: piece('return', 'ground'),
  }),
  range: [{ sensor: 200 }, { sensor: 18_000 }],
  diagram: {
    lines: [
      [
        { end: 'supply', label: 'supply' },
        drawn('resistor', 'pull-up', 'pullup'),
        at('pin'),
        wire('wire'),
        at('signal'),
        drawn('plug', 'plug', 'plug'),
        drawn('resistor', 'sensor', 'sensor'),
        at('return'),
        wire('ground'),
        ground,
      ],
    ],
  },
  faults: [
    opened('open-sensor', 'sensor open', 'sensor'),
    {
      id: 'shorted-sensor',
      name: 'sensor shorted or nearly so',
      variants: [{ sensor: 1 }, { sensor: 20 }, { sensor: 60 }, { sensor: 190 }],
    },
    opened('bad-plug', 'contact in the plug open', 'plug'),
    {
      ...resistive('wrong-sensor', 'sensor reads wrong, or resistance in its plug', 'sensor', 19_000),
      unseen: 'its ohms, unplugged, against its table',
    },
    opened('open-signal', 'open signal wire', 'wire'),
    resistive('bad-signal', 'resistance in the signal wire', 'wire', 30),
    opened('open-ground', 'open ground wire', 'ground'),
    resistive('bad-ground', 'resistance in the ground wire', 'ground', 30),
    opened('no-supply', 'no supply from the controller', 'pullup'),
    resistive('weak-supply', 'supply of the controller weak', 'pullup', 10_000),
    shorted('signal-to-ground', 'signal wire shorted to ground', 'signal', 'ground'),
    shorted('signal-to-supply', 'signal wire shorted to the supply', 'signal', '+'),
    {
      ...shorted('signal-to-battery', 'signal wire shorted to battery', 'signal', 'battery', {}, AT_BATTERY),
      also: [{ variants: [{}], adds: [piece('pin', 'battery', 0.05)], fixed: AT_BATTERY }],
    },
  ],
};

export default circuitCheck(twoWire, {
  question: 'Sensor, wires or controller?',
  have: ['multimeter', 'jumper wire', 'temperature sensor'],
  codes: ['P0110-P0119', 'P0070-P0074', 'P0180-P0184', 'P0195-P0199', 'P0710-P0714'],
  needs: ['key on', 'leads proven on the battery first'],
  minutes: 8,
  example: { supply: '5.02 V', signal_in: '5.0 V', signal_out: '5.0 V', signal_bridged: '0 V' },
});
