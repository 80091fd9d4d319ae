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
  parts: (state) => ({
    feed: piece('+', 't30'),
    contact: piece('t30', 'inside', OPEN),
    burn: piece('inside', 't87'),
    load: piece('t87', 'ground', 5),
    coilFeed: piece('+', 't86'),
    coil: piece('t86', 't85', COIL),
    control: piece('t85', 'pin'),
    driver: piece('pin', 'ground', state === 'on' ? 0.2 : OPEN),
  }),
  react: (v, supply): Record<string, number> =>
    Math.abs((v.t86 ?? 0) - (v.t85 ?? 0)) > PULLS_IN * supply ? { contact: 0.02 } : {},
  substitute: {
    name: 'a known-good relay in its place',
    replaces: { coil: COIL, burn: 0.02, contact: undefined },
    across: ['t87', 'ground'],
  },
  faults: [
    opened('no-feed', 'no feed at 30', 'feed'),
    shorted('shorted-feed', 'feed at 30 shorted to ground, fuse blown', 't30', 'ground', { feed: OPEN }),
    opened('no-coil-feed', 'no coil feed at 86', 'coilFeed'),
    opened('open-coil', 'open coil in the relay', 'coil'),
    opened('open-control', 'open control wire or dead driver', 'driver'),
    shorted('control-to-ground', 'control wire shorted to ground (relay always on)', 't85', 'ground'),
    opened('no-contact', 'contact does not close', 'burn'),
    resistive('burnt', 'burnt contact', 'burn', [0.6, 2, 8, 40]),
    { id: 'welded', name: 'welded contact', variants: [{ contact: 0.02 }] },
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
