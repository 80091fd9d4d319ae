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

const COIL = 30;
/** A solenoid fed with battery voltage, whose ground the controller switches. */
export const switchedGround: Circuit = {
  id: 'switched-ground',
  title: 'Circuit switched on the ground side',
  explains:
    'Battery feeds the part all the time; the controller gives it ground. The control wire reads battery voltage when off, through the coil, and near 0 V when on. Off and 0 V, drifting, that drops to a clean 0 when switched on: open coil, and the driver works. Off alone does not tell an open coil from a short to ground or a driver stuck on.',
  nodes: [
    { id: 'feed', label: 'Feed at the part' },
    { id: 'control', label: 'Control wire at the part' },
    { id: 'pin', label: 'Control pin at the controller' },
    { id: 'earth', label: 'Ground at the controller' },
  ],
  states: OFF_ON,
  supply: BATTERY,
  fixed: fromSupply,
  // A transistor of two stages drops a volt by design.
  designs: [{}, { drop: 2.7 }],
  parts: (state) => ({
    feed: piece('+', 'feed'),
    coil: piece('feed', 'control', COIL),
    control: piece('control', 'pin'),
    driver: piece('pin', 'chip', state === 'on' ? 0.15 : OPEN),
    drop: piece('chip', 'earth'),
    ground: piece('earth', 'ground'),
  }),
  substitute: {
    name: 'a test lamp in place of the part',
    replaces: { coil: COIL },
    across: ['feed', 'control'],
  },
  protects: ['feed', 'driver'],
  diagram: {
    lines: [
      [
        battery,
        drawn('fuse', 'fuse', 'feed'),
        at('feed'),
        drawn('coil', 'part', 'coil'),
        at('control'),
        wire('control'),
        at('pin'),
        drawn('switch', 'driver', 'driver', 'drop'),
        at('earth'),
        wire('ground'),
        ground,
      ],
    ],
  },
  faults: [
    opened('open-feed', 'open feed (fuse or wire)', 'feed'),
    resistive('bad-feed', 'resistance in the feed', 'feed', 0.8),
    shorted('shorted-feed', 'feed shorted to ground, fuse blown', 'feed', 'ground', { feed: OPEN }),
    opened('open-coil', 'open coil', 'coil'),
    {
      ...resistive('weak-coil', 'resistance of the coil too high', 'coil', 60),
      unseen: 'its ohms, unplugged',
    },
    shorted('shorted-coil', 'coil shorted inside', 'feed', 'control', { driver: OPEN }),
    opened('open-control', 'open control wire', 'control'),
    resistive('bad-control', 'resistance in the control wire', 'control', 0.8),
    shorted('control-to-ground', 'control wire shorted to ground', 'control', 'ground'),
    shorted('control-to-battery', 'control wire shorted to battery', 'control', '+', { driver: OPEN }),
    opened('dead-driver', 'dead driver in the controller (or no command)', 'driver'),
    {
      id: 'driver-on',
      name: 'driver stuck on',
      variants: [{ driver: 0.15 }],
      // Worn or of another make, a driver drops more than that.
      also: [{ variants: [{ driver: 1.2 }] }, { variants: [{ driver: 3 }] }],
    },
    resistive('weak-driver', 'weak driver: it drops more than a driver does', 'drop', 0.8),
    opened('open-ground', 'open ground of the controller', 'ground'),
    resistive('bad-ground', 'resistance in the ground of the controller', 'ground', 0.8),
  ],
};

export default circuitCheck(switchedGround, {
  have: ['multimeter', 'test lamp', 'solenoid', 'injector', 'valve'],
  codes: [
    'P0201-P0212',
    'P0443-P0445',
    'P0743',
    'P0748',
    'P0753',
    'P0758',
    'P0403',
    'P2425',
    'P0010',
    'P0200',
  ],
  minutes: 12,
  example: {
    supply: '12.4 V',
    feed_off: '12.4 V',
    control_off: '0.4 V',
    control_on: '0.02 V',
    substitute: 'works when switched on only',
  },
});
