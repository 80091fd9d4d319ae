import { at, battery, controller, drawn, ground, wire } from '@/core/readings/circuit/diagram';
import { BATTERY, OPEN, opened, piece, resistive, shorted } from '@/core/readings/circuit/pieces';
import type { Circuit } from '@/core/readings/circuit/truth-table';
import { circuitCheck } from '../circuit-check';

/** What the controller gives an open signal; common practice, no source. */
const BIAS = 0.45;
/** A heated sensor: heater fed from battery and grounded by the controller, signal with its own ground. */
export const fourWire: Circuit = {
  id: 'four-wire-sensor',
  title: 'Four-wire heated sensor',
  explains:
    'Two wires are a heater, fed with battery voltage and grounded by the controller; two are the signal and its own ground. The heater is a switched-ground circuit; the signal of a warm sensor moves between 0.1 and 0.9 V. A signal that stays at 0.45 V is the controller’s own: open, or a cold or dead cell. A heater that leaks into the signal lifts it above 1 V.',
  nodes: [
    { id: 'heater', label: 'Heater feed' },
    { id: 'control', label: 'Heater control' },
    { id: 'signal', label: 'Signal at the plug', scale: 1 },
    { id: 'pin', label: 'Signal at the controller', scale: 1 },
    { id: 'return', label: 'Signal ground at the plug', scale: 1 },
  ],
  states: [
    { id: 'off', label: 'heater off' },
    { id: 'on', label: 'heater on' },
  ],
  supply: BATTERY,
  fixed: (_, supply) => ({ '+': supply, ground: 0, bias: BIAS }),
  parts: (state) => ({
    feed: piece('+', 'heater'),
    element: piece('heater', 'control', 6),
    controlWire: piece('control', 'driverPin'),
    driver: piece('driverPin', 'chip', state === 'on' ? 0.15 : OPEN),
    earth: piece('chip', 'ground'),
    // A warm cell stands at one end of its range or the other.
    lean: { ...piece('cell', 'sReturn', 300), emf: 0.1 },
    rich: { ...piece('cell', 'sReturn', 300), emf: 0.9 },
    inner: piece('cell', 'signal', 100),
    signalWire: piece('signal', 'pin'),
    pull: piece('bias', 'pin', 1e5),
    ownGround: piece('sReturn', 'return'),
    ground: piece('return', 'ground'),
  }),
  range: [{ lean: OPEN }, { rich: OPEN }],
  protects: ['feed', 'driver'],
  diagram: {
    lines: [
      [
        battery,
        drawn('fuse', 'fuse', 'feed'),
        at('heater'),
        drawn('load', 'heater', 'element'),
        at('control'),
        wire('controlWire'),
        drawn('switch', 'driver', 'driver'),
        wire('earth'),
        ground,
      ],
      [
        controller,
        at('pin'),
        wire('signalWire'),
        at('signal'),
        drawn('plug', 'plug', 'inner'),
        drawn('cell', 'cell', 'lean', 'rich'),
      ],
      [ground, wire('ground'), at('return'), drawn('plug', 'plug', 'ownGround')],
    ],
    joins: { lines: [1, 2], label: 'sensor' },
  },
  faults: [
    opened('no-heater-feed', 'no feed to the heater', 'feed'),
    resistive('bad-feed', 'resistance in the feed of the heater', 'feed', 0.15),
    shorted('shorted-feed', 'heater feed shorted to ground, fuse blown', 'heater', 'ground', { feed: OPEN }),
    opened('open-heater', 'heater open', 'element'),
    {
      ...resistive('weak-heater', 'resistance of the heater too high', 'element', 15),
      unseen: 'its ohms, unplugged',
    },
    opened('open-control', 'open control wire of the heater', 'controlWire'),
    resistive('bad-control', 'resistance in the control wire of the heater', 'controlWire', 0.15),
    opened('dead-driver', 'dead heater driver (or no command)', 'driver'),
    { id: 'driver-on', name: 'heater driver stuck on', variants: [{ driver: 0.15 }] },
    opened('open-earth', 'open ground of the controller', 'earth'),
    resistive('bad-earth', 'resistance in the ground of the controller', 'earth', 0.15),
    shorted('control-to-ground', 'heater control shorted to ground', 'control', 'ground'),
    shorted('control-to-battery', 'heater control shorted to battery', 'control', '+', { driver: OPEN }),
    opened('open-signal', 'open signal wire', 'signalWire'),
    resistive('bad-signal', 'resistance in the signal wire', 'signalWire', 3000),
    opened('open-inside', 'signal open inside the sensor or its plug', 'inner'),
    resistive('bad-plug', 'resistance in the signal contact of the plug', 'inner', 3000),
    { id: 'dead-cell', name: 'cell dead or still cold', variants: [{ lean: OPEN, rich: OPEN }] },
    shorted('signal-to-ground', 'signal wire shorted to ground', 'signal', 'ground'),
    shorted('signal-to-battery', 'signal wire shorted to battery', 'signal', '+'),
    {
      id: 'heater-leak',
      name: 'heater leaks into the signal',
      variants: [{}],
      adds: [piece('heater', 'cell', 3000)],
      also: [
        { variants: [{}], adds: [piece('heater', 'cell', 300)] },
        { variants: [{}], adds: [piece('control', 'cell', 300)] },
      ],
    },
    opened('open-ground', 'open signal ground', 'ground'),
    resistive('bad-ground', 'resistance in the signal ground', 'ground', 3000),
    opened('open-own-ground', 'signal ground open inside the sensor or its plug', 'ownGround'),
    resistive('bad-own-ground', 'resistance in the signal ground of the plug', 'ownGround', 3000),
  ],
};

export default circuitCheck(fourWire, {
  question: 'Heater or signal, wire or sensor?',
  have: ['multimeter', 'oxygen sensor', 'heated sensor'],
  codes: ['P0030-P0064', 'P0130-P0167', 'P2195-P2198'],
  needs: ['engine warm', 'leads proven on the battery first'],
  caution: 'exhaust is hot',
  minutes: 12,
  example: {
    supply: '13.8 V',
    heater_on: '13.7 V',
    control_off: '0.3 V',
    control_on: '0.05 V',
    signal_on: '0.6 V',
  },
});
