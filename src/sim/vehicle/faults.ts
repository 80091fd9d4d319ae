/** Where a code is kept in the simulated vehicle. */
export type Place = 'engine' | 'transmission' | 'abs' | 'body';

/** When a fault shows itself: at once with the key, with the engine running, or only on the road. */
export type Shows = 'key' | 'running' | 'road';

export interface SimFault {
  id: string;
  label: string;
  /** Codes that come back while the fault is there. */
  sets: { at: Place; code: string; type?: number; shows: Shows }[];
  /** Codes that lie there from before and will not come back. */
  litter?: { at: Place; code: string }[];
  silent?: Place[];
  volts?: number;
  /** Values the fault bends, by J1979 parameter. */
  bends?: Partial<Record<number, number>>;
}

const FLAT_BATTERY: SimFault['litter'] = [
  { at: 'engine', code: 'P0562' },
  { at: 'transmission', code: 'P0562' },
  { at: 'abs', code: 'C1225' },
  { at: 'body', code: 'B1D08' },
  { at: 'body', code: 'U0140' },
];

/** Faults to choose from. Invented, each as its like would show itself on a car. */
export const SIM_FAULTS: readonly SimFault[] = [
  { id: 'healthy', label: 'nothing wrong', sets: [] },
  {
    id: 'boot',
    label: 'split intake boot',
    sets: [
      { at: 'engine', code: 'P0171', shows: 'road' },
      { at: 'engine', code: 'P0507', shows: 'running' },
    ],
    bends: { 0x07: 155 },
  },
  {
    id: 'pump',
    label: 'tired fuel pump',
    sets: [
      { at: 'engine', code: 'P0171', shows: 'road' },
      { at: 'engine', code: 'P0087', shows: 'road' },
    ],
  },
  {
    id: 'coil',
    label: 'coil of cylinder 3',
    sets: [
      { at: 'engine', code: 'P0303', shows: 'running' },
      { at: 'engine', code: 'P0300', shows: 'running' },
    ],
  },
  {
    id: 'crank',
    label: 'crankshaft sensor dropping out hot',
    sets: [{ at: 'engine', code: 'P0335', shows: 'road' }],
  },
  {
    id: 'hose',
    label: 'split charge-air hose',
    sets: [
      { at: 'engine', code: 'P0299', shows: 'road' },
      { at: 'engine', code: 'P0101', shows: 'road' },
    ],
  },
  {
    id: 'coolant',
    label: 'coolant sensor unplugged',
    sets: [{ at: 'engine', code: 'P0118', shows: 'key' }],
    bends: { 0x05: 0 },
  },
  {
    id: 'supply',
    label: '5 V supply shorted',
    sets: [
      { at: 'engine', code: 'P0641', shows: 'key' },
      { at: 'engine', code: 'P0107', shows: 'key' },
      { at: 'engine', code: 'P0122', shows: 'key' },
    ],
    bends: { 0x0b: 0, 0x11: 0 },
  },
  {
    id: 'abs',
    label: 'brake module without supply',
    sets: [
      { at: 'engine', code: 'U0121', shows: 'key' },
      { at: 'transmission', code: 'U0121', shows: 'key' },
      { at: 'body', code: 'U0415', shows: 'key' },
    ],
    silent: ['abs'],
  },
  {
    id: 'wheel',
    label: 'left front wheel speed sensor open',
    sets: [
      { at: 'abs', code: 'C0035', type: 0x13, shows: 'key' },
      { at: 'engine', code: 'U0415', shows: 'road' },
    ],
  },
  {
    id: 'purge',
    label: 'purge valve stuck open',
    sets: [
      { at: 'engine', code: 'P0496', shows: 'road' },
      { at: 'engine', code: 'P0172', shows: 'road' },
    ],
    bends: { 0x07: 108 },
  },
  {
    id: 'gear',
    label: 'input speed sensor of the gearbox',
    sets: [
      { at: 'transmission', code: 'P0715', shows: 'road' },
      { at: 'transmission', code: 'P0731', shows: 'road' },
      { at: 'engine', code: 'P0700', shows: 'road' },
    ],
  },
  {
    id: 'cold',
    label: 'thermostat stuck open',
    sets: [{ at: 'engine', code: 'P0128', shows: 'road' }],
    bends: { 0x05: 98 },
  },
  { id: 'flat', label: 'only a flat battery, weeks ago', sets: [], litter: FLAT_BATTERY },
  {
    id: 'flat-boot',
    label: 'split intake boot, and a flat battery before',
    sets: [
      { at: 'engine', code: 'P0171', shows: 'road' },
      { at: 'engine', code: 'P0507', shows: 'running' },
    ],
    litter: FLAT_BATTERY,
    bends: { 0x07: 155 },
  },
];
