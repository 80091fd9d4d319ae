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

const LOAD = 6;

/** A load whose feed is switched and whose ground is fixed. */
export const switchedFeed: Circuit = {
  id: 'switched-feed',
  title: 'Circuit switched on the feed side',
  explains:
    'The switch or controller gives battery voltage, the part has its own ground. The feed reads 0 V when off and battery voltage when on; the ground side of the part stays near 0 V always. Voltage on the ground side is a bad ground.',
  nodes: [
    { id: 'in', label: 'Into the switch' },
    { id: 'out', label: 'Out of the switch' },
    { id: 'feed', label: 'Feed at the part' },
    { id: 'return', label: 'Ground side of the part' },
  ],
  states: OFF_ON,
  supply: BATTERY,
  fixed: fromSupply,
  parts: (state) => ({
    supply: piece('+', 'in'),
    driver: piece('in', 'switched', state === 'on' ? 0.1 : OPEN),
    contact: piece('switched', 'out'),
    wire: piece('out', 'feed'),
    load: piece('feed', 'return', LOAD),
    ground: piece('return', 'ground'),
  }),
  substitute: {
    name: 'a test lamp in place of the part',
    replaces: { load: LOAD },
    across: ['feed', 'return'],
  },
  protects: ['supply', 'driver'],
  diagram: {
    lines: [
      [
        battery,
        drawn('fuse', 'fuse', 'supply'),
        at('in'),
        drawn('switch', 'switch', 'driver', 'contact'),
        at('out'),
        wire('wire'),
        at('feed'),
        drawn('load', 'part', 'load'),
        at('return'),
        wire('ground'),
        ground,
      ],
    ],
  },
  faults: [
    opened('no-supply', 'no supply to the switch', 'supply'),
    resistive('bad-supply', 'resistance in the supply of the switch', 'supply', 0.15),
    shorted('shorted-supply', 'supply shorted to ground, fuse blown', 'in', 'ground', { supply: OPEN }),
    opened('dead-driver', 'switch or driver does not close', 'driver'),
    { id: 'driver-on', name: 'switch or driver stuck on', variants: [{ driver: 0.1 }] },
    resistive('bad-contact', 'resistance in the switch or driver', 'contact', 0.15),
    opened('open-feed', 'open feed wire', 'wire'),
    resistive('bad-feed', 'resistance in the feed wire', 'wire', 0.15),
    shorted('shorted-feed', 'feed wire shorted to ground, fuse blown', 'feed', 'ground', { supply: OPEN }),
    {
      id: 'feed-shut-off',
      name: 'feed wire shorted to ground, switched off by its driver',
      variants: [{ driver: OPEN }],
      adds: [piece('feed', 'ground', 0.05)],
    },
    shorted('feed-to-battery', 'feed wire shorted to battery', 'feed', '+'),
    opened('open-load', 'part open inside', 'load'),
    {
      ...resistive('weak-load', 'resistance of the part too high', 'load', 12),
      unseen: 'its current',
    },
    opened('open-ground', 'open ground', 'ground'),
    resistive('bad-ground', 'resistance in the ground', 'ground', 0.15),
  ],
};

export default circuitCheck(switchedFeed, {
  have: ['multimeter', 'test lamp', 'lamp', 'motor', 'heater', 'pump'],
  codes: ['P0230-P0232', 'P0480-P0485', 'P0627-P0629', 'P0670-P0684', 'B1000-B1FFF'],
  minutes: 12,
  example: { supply: '12.5 V', in_on: '12.4 V', feed_on: '12.3 V', return_on: '7.1 V', substitute: '' },
});
