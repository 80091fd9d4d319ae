import { at, battery, drawn, ground, wire } from '@/core/readings/circuit/diagram';
import {
  BATTERY,
  fromSupply,
  OFF_ON,
  OPEN,
  opened,
  piece,
  resistive,
  shorted,
} from '@/core/readings/circuit/pieces';
import type { Circuit } from '@/core/readings/circuit/truth-table';
import { circuitCheck } from '../circuit-check';

const COIL = 85;
/** A relay pulls in from about 60 % of its voltage; common practice, no source. */
const PULLS_IN = 0.6;

/** A relay with a switched-ground coil, terminals by DIN 72552. */
export const relay: Circuit = {
  id: 'relay',
  title: 'Relay by its terminals',
  explains:
    '30 is fed all the time, 86 feeds the coil, the controller grounds 85, and 87 goes to the load. Off: 85 at battery voltage, 87 at 0. On: 85 near 0 and 87 at battery voltage. A click shows the coil, only 87 under load shows the contact.',
  nodes: [
    { id: 't30', label: '30, feed' },
    { id: 't86', label: '86, coil feed' },
    { id: 't85', label: '85, coil control' },
    { id: 't87', label: '87, output' },
  ],
  states: OFF_ON,
  supply: BATTERY,
  fixed: fromSupply,
  // A transistor of two stages drops a volt by design.
  designs: [{}, { earth: 8 }],
  parts: (state) => ({
    feed: piece('+', 't30'),
    contact: piece('t30', 'inside', OPEN),
    burn: piece('inside', 't87'),
    load: piece('t87', 'ground', 5),
    coilFeed: piece('+', 't86'),
    coil: piece('t86', 't85', COIL),
    control: piece('t85', 'pin'),
    driver: piece('pin', 'chip', state === 'on' ? 0.2 : OPEN),
    earth: piece('chip', 'ground'),
  }),
  // Current pulls it in, not voltage: an open coil has all the voltage and does not pull.
  react: (v, supply, ohms): Record<string, number> =>
    (Math.abs((v.t86 ?? 0) - (v.t85 ?? 0)) * COIL) / ohms.coil! > PULLS_IN * supply ? { contact: 0.02 } : {},
  substitute: {
    name: 'a known-good relay in its place',
    replaces: { coil: COIL, burn: 0.02, contact: undefined },
    across: ['t87', 'ground'],
  },
  protects: ['feed', 'coilFeed', 'driver'],
  diagram: {
    lines: [
      [
        battery,
        drawn('fuse', 'fuse', 'feed'),
        at('t30'),
        drawn('switch', 'contact', 'contact', 'burn'),
        at('t87'),
        drawn('load', 'load', 'load'),
        ground,
      ],
      [
        battery,
        drawn('fuse', 'fuse', 'coilFeed'),
        at('t86'),
        drawn('coil', 'coil', 'coil'),
        at('t85'),
        wire('control'),
        drawn('switch', 'driver', 'driver'),
        wire('earth'),
        ground,
      ],
    ],
    moves: { from: [1, 'coil'], to: [0, 'contact'] },
  },
  faults: [
    opened('no-feed', 'no feed at 30', 'feed'),
    resistive('bad-feed', 'resistance in the feed of 30', 'feed', 0.3),
    shorted('shorted-feed', 'feed at 30 shorted to ground, fuse blown', 't30', 'ground', { feed: OPEN }),
    opened('no-coil-feed', 'no coil feed at 86', 'coilFeed'),
    resistive('bad-coil-feed', 'resistance in the coil feed', 'coilFeed', 3),
    shorted('shorted-coil-feed', 'coil feed shorted to ground, fuse blown', 't86', 'ground', {
      coilFeed: OPEN,
    }),
    opened('open-coil', 'open coil in the relay', 'coil'),
    resistive('weak-coil', 'coil resistance too high to pull in', 'coil', 110),
    opened('open-control', 'open control wire', 'control'),
    opened('dead-driver', 'dead driver in the controller (or no command)', 'driver'),
    resistive('bad-control', 'resistance in the control wire', 'control', 3),
    resistive('bad-earth', 'weak driver or bad ground of the controller', 'earth', 3),
    { id: 'driver-on', name: 'driver stuck on (relay always on)', variants: [{ driver: 0.2 }] },
    shorted('control-to-ground', 'control wire shorted to ground (relay always on)', 't85', 'ground'),
    shorted('control-to-battery', 'control wire shorted to battery', 't85', '+', { driver: OPEN }),
    opened('no-contact', 'contact does not close', 'burn'),
    resistive('burnt', 'burnt contact', 'burn', 0.3),
    { id: 'welded', name: 'welded contact', variants: [{ contact: 0.02 }] },
    shorted('output-to-ground', 'output at 87 shorted to ground, fuse blown', 't87', 'ground', {
      feed: OPEN,
    }),
    shorted('output-to-battery', 'output at 87 shorted to battery', 't87', '+'),
  ],
};

export default circuitCheck(relay, {
  have: ['multimeter', 'relay', 'known-good relay'],
  codes: ['P0230-P0232', 'P0685-P0690', 'P0480-P0485', 'P0615-P0617', 'P0627'],
  minutes: 10,
  example: {
    supply: '12.6 V',
    t30_on: '12.6 V',
    t86_on: '12.5 V',
    t85_on: '0.2 V',
    t87_on: '0 V',
    substitute: 'works when switched on only',
  },
});
