import { KnownGood } from '@/core/case';

const tessa = { make: 'Corvane', model: 'Tessa', engine: '1.6 petrol' };
const lugger = { make: 'Haldric', model: 'Lugger', engine: '2.2 diesel' };

/** Values the demo shop read on healthy vehicles on purpose. */
export const DEMO_KNOWN_GOOD: KnownGood[] = [
  { ...tessa, year: 2017, label: 'rail pressure at full load', entered: '3.9 bar', note: 'Ms Quill’s car' },
  { ...tessa, year: 2019, label: 'rail pressure at full load', entered: '4.0 bar', note: 'courtesy car' },
  { ...tessa, year: 2019, label: 'rail pressure at idle', entered: '3.9 bar', note: 'courtesy car' },
  {
    ...tessa,
    year: 2019,
    label: 'long-term trim at idle',
    entered: '1.6 %',
    conditions: ['coolant above 80 °C'],
    note: 'courtesy car',
  },
  {
    ...lugger,
    year: 2018,
    label: 'differential pressure at 3000 rpm',
    entered: '88 mbar',
    conditions: ['coolant above 80 °C'],
    note: 'post van with a new filter',
  },
  {
    ...lugger,
    year: 2016,
    label: 'differential pressure at 3000 rpm',
    entered: '96 mbar',
    conditions: ['coolant above 80 °C'],
    note: 'the baker’s',
  },
  {
    make: 'Tarnwater',
    model: 'Pike 28',
    engine: '1.5 diesel, two of them',
    year: null,
    label: 'Manifold pressure',
    entered: '138 kPa',
    conditions: ['2400 rpm, hot'],
    note: 'the harbour master’s boat',
  },
  { ...lugger, year: 2016, label: 'current at rest', entered: '28 mA', note: 'the baker’s' },
].map((v, i) => KnownGood.parse({ id: `kg-${i}`, ...v }));
