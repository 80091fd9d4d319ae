import { at, controller, drawn, ground, wire } from '@/core/readings/circuit/diagram';
import { fromSupply, OPEN, opened, piece, resistive, shorted } from '@/core/readings/circuit/pieces';
import type { Circuit } from '@/core/readings/circuit/truth-table';
import { circuitCheck } from '../circuit-check';

/** A sensor with supply, ground and signal, such as a pressure or position sensor. */
export const threeWire: Circuit = {
  id: 'three-wire-sensor',
  title: 'Three-wire sensor',
  explains:
    '5 V supply, ground near 0, signal between 0.5 and 4.5 V. Measured plugged in, then unplugged: a supply that comes back when this sensor is unplugged was pulled down inside it; one that stays away is the wire, the controller, or a neighbour on the same supply.',
  nodes: [
    { id: 'supply', label: 'Supply at the plug' },
    { id: 'return', label: 'Ground at the plug' },
    { id: 'signal', label: 'Signal at the plug' },
    { id: 'pin', label: 'Signal at the controller' },
  ],
  states: [
    { id: 'in', label: 'plugged in' },
    { id: 'out', label: 'unplugged' },
  ],
  supply: { label: 'Sensor supply', usual: 5 },
  fixed: fromSupply,
  parts: (state) => {
    const plug = state === 'in' ? 0.02 : OPEN;
    return {
      regulator: piece('+', 'five', 10),
      supplyWire: piece('five', 'supply'),
      plugSupply: piece('supply', 'sSupply', plug),
      contactSupply: piece('sSupply', 'upper'),
      top: piece('upper', 'wiper', 2500),
      bottom: piece('wiper', 'lower', 2500),
      through: piece('wiper', 'sSignal', 100),
      inner: piece('upper', 'lower', OPEN),
      contactReturn: piece('lower', 'sReturn'),
      plugSignal: piece('sSignal', 'signal', plug),
      plugReturn: piece('sReturn', 'return', plug),
      ground: piece('return', 'ground'),
      signalWire: piece('signal', 'pin'),
      pulldown: piece('pin', 'ground', 220_000),
      pullup: piece('pin', '+', OPEN),
    };
  },
  range: [
    { top: 600, bottom: 4400 },
    { top: 4400, bottom: 600 },
  ],
  // Controllers pull an open signal down or up.
  designs: [{}, { pulldown: OPEN, pullup: 220_000 }],
  diagram: {
    lines: [
      [
        { end: 'supply', label: 'supply' },
        wire('regulator', 'supplyWire'),
        at('supply'),
        drawn('plug', 'plug', 'plugSupply', 'contactSupply'),
        drawn('resistor', 'upper part', 'top'),
      ],
      [
        controller,
        at('pin'),
        wire('signalWire'),
        at('signal'),
        drawn('plug', 'plug', 'plugSignal', 'through'),
      ],
      [
        ground,
        wire('ground'),
        at('return'),
        drawn('plug', 'plug', 'plugReturn', 'contactReturn'),
        drawn('resistor', 'lower part', 'bottom'),
      ],
    ],
    joins: { lines: [0, 1, 2], parts: ['inner'], label: 'sensor' },
  },
  faults: [
    opened('open-supply', 'open supply wire', 'supplyWire'),
    resistive('bad-supply', 'resistance in the supply wire', 'supplyWire', 100),
    opened('no-regulator', 'no supply from the controller', 'regulator'),
    resistive('weak-regulator', 'supply of the controller weak', 'regulator', 100),
    shorted('supply-to-ground', 'supply wire (or a neighbour on it) shorted to ground', 'supply', 'ground'),
    shorted(
      'supply-to-battery',
      'supply wire (or a neighbour on it) shorted to battery',
      'supply',
      'battery',
      {},
      {
        battery: 12.6,
      },
    ),
    { id: 'shorted-inside', name: 'sensor pulls its supply down inside', variants: [{ inner: 0.05 }] },
    opened('plug-supply', 'supply contact in the plug, or open inside the sensor', 'plugSupply'),
    resistive('contact-supply', 'resistance in the supply contact of the plug', 'contactSupply', 100),
    opened('open-ground', 'open ground wire', 'ground'),
    resistive('bad-ground', 'resistance in the ground wire', 'ground', 100),
    opened('plug-ground', 'ground contact in the plug, or open inside the sensor', 'plugReturn'),
    resistive('contact-ground', 'resistance in the ground contact of the plug', 'contactReturn', 100),
    opened('open-signal', 'open signal wire', 'signalWire'),
    resistive('bad-signal', 'resistance in the signal wire', 'signalWire', 1000),
    shorted('signal-to-ground', 'signal wire shorted to ground', 'signal', 'ground'),
    shorted('signal-to-supply', 'signal wire shorted to the supply', 'signal', 'five'),
    shorted(
      'signal-to-battery',
      'signal wire shorted to battery',
      'signal',
      'battery',
      {},
      { battery: 12.6 },
    ),
    opened('dead-sensor', 'signal open inside the sensor', 'through'),
    opened('plug-signal', 'signal contact in the plug', 'plugSignal'),
    resistive(
      'contact-signal',
      'resistance in the signal contact of the plug or inside the sensor',
      'through',
      1000,
    ),
    resistive('worn-top', 'sensor reads too low: resistance on its supply side', 'top', 5000),
    resistive('worn-bottom', 'sensor reads too high: resistance on its ground side', 'bottom', 5000),
    opened('open-top', 'sensor open on its supply side', 'top'),
    opened('open-bottom', 'sensor open on its ground side', 'bottom'),
  ],
};

export default circuitCheck(threeWire, {
  question: 'Supply, ground, signal or the sensor itself?',
  have: ['multimeter', 'pressure sensor', 'position sensor'],
  codes: [
    'P0105-P0109',
    'P0120-P0124',
    'P0190-P0194',
    'P0450-P0454',
    'P0641-P0643',
    'P0651-P0653',
    'P0697-P0699',
    'P2135',
  ],
  needs: ['key on', 'leads proven on the battery first'],
  minutes: 10,
  example: { supply: '5 V', supply_in: '0.1 V', supply_out: '5.0 V', return_in: '0 V' },
});
