import { BATTERY, OPEN, opened, piece, shorted } from '@/core/readings/circuit/pieces';
import type { Circuit } from '@/core/readings/circuit/truth-table';
import { circuitCheck } from '../circuit-check';

/** A heated sensor: heater fed from battery and grounded by the controller, signal with its own ground. */
export const fourWire: Circuit = {
  id: 'four-wire-sensor',
  title: 'Four-wire heated sensor',
  explains:
    'Two wires are a heater, fed with battery voltage and grounded by the controller; two are the signal and its own ground. The heater is a switched-ground circuit; the signal of a warm sensor moves between 0.1 and 0.9 V. A heater that leaks into the signal lifts it above 1 V.',
  nodes: [
    { id: 'heater', label: 'Heater feed' },
    { id: 'control', label: 'Heater control' },
    { id: 'signal', label: 'Signal', scale: 1 },
    { id: 'return', label: 'Signal ground', scale: 1 },
  ],
  states: [
    { id: 'off', label: 'heater off' },
    { id: 'on', label: 'heater on' },
  ],
  supply: BATTERY,
  fixed: (_, supply) => ({ '+': supply, ground: 0 }),
  parts: (state) => ({
    feed: piece('+', 'heater'),
    element: piece('heater', 'control', 6),
    driver: piece('control', 'ground', state === 'on' ? 0.15 : OPEN),
    // The cell as a divider of a volt: what it gives lies between its two ends.
    cellTop: piece('+', 'cell', 1e5),
    cellBottom: piece('cell', 'sReturn', 3000),
    signalWire: piece('cell', 'signal', 100),
    input: piece('signal', 'ground', 1e6),
    ownGround: piece('sReturn', 'return', 0.02),
    ground: piece('return', 'ground'),
  }),
  range: [{ cellBottom: 700 }, { cellBottom: 7700 }],
  faults: [
    opened('no-heater-feed', 'no feed to the heater', 'feed'),
    shorted('shorted-feed', 'heater feed shorted to ground, fuse blown', 'heater', 'ground', { feed: OPEN }),
    opened('open-heater', 'heater open', 'element'),
    opened('dead-driver', 'heater control open or dead driver', 'driver'),
    shorted('control-to-ground', 'heater control shorted to ground', 'control', 'ground'),
    opened('open-signal', 'open signal wire', 'signalWire'),
    shorted('signal-to-ground', 'signal wire shorted to ground', 'signal', 'ground'),
    {
      id: 'heater-leak',
      name: 'heater leaks into the signal',
      variants: [{}],
      adds: [piece('heater', 'cell', 3000)],
    },
    opened('open-ground', 'open signal ground', 'ground'),
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
