import type { CaseFile } from '@/core/exchange';

/** Short forms for writing the demo cases. */

export type At = (daysAgo: number, time: string) => string;
type Test = NonNullable<CaseFile['tests']>[number];
type Reading = NonNullable<Test['readings']>[number];

/** A moment so many days before the demo shop was loaded. */
export function clock(now: Date): At {
  return (daysAgo, time) => {
    const [h = 0, m = 0] = time.split(':').map(Number);
    const d = new Date(now);
    d.setUTCDate(d.getUTCDate() - daysAgo);
    d.setUTCHours(h, m, 0, 0);
    return d.toISOString();
  };
}

/** A reading: what, as entered, limit. */
export const r = (label: string, entered: string, limit?: string): Reading => ({
  label,
  entered,
  ...(limit ? { limit } : {}),
});

/** A test: its name in this case, when, the question, readings, and the rest. */
export const t = (
  ref: string,
  at: string,
  question: string,
  readings: Reading[],
  more: Partial<Test> = {},
): Test => ({ ref, at, question, readings, by: 'Mara Voss', ...more });

/** A condition and whether it was met. */
export const c = (what: string, met: 'yes' | 'no' | '', reading?: string) => ({
  what,
  met,
  ...(reading ? { reading } : {}),
});

/** A case with what all of them share. */
export const demoCase = (file: Omit<CaseFile, 'format'>): CaseFile => ({
  format: 'vantle-case/1',
  lead: 'Mara Voss',
  ...file,
});

type Vehicle = CaseFile['vehicle'];
const four = { cylinders: 4, firingOrder: '1-3-4-2', firing: 'even' as const, strokes: 4 as const };

/** The makers and models of the demo world, by build. */
export const builds = {
  tessa16: {
    kind: 'car',
    make: 'Corvane',
    model: 'Tessa',
    engine: '1.6 petrol',
    fuel: 'petrol',
    market: 'Europe',
    displacement: '1.6 L',
    ...four,
  },
  marlo20d: {
    kind: 'car',
    make: 'Corvane',
    model: 'Marlo',
    engine: '2.0 diesel',
    fuel: 'diesel',
    market: 'Europe',
    displacement: '2.0 L',
    ...four,
  },
  brisk12t: {
    kind: 'car',
    make: 'Corvane',
    model: 'Brisk',
    engine: '1.2 turbo',
    fuel: 'petrol',
    market: 'Europe',
    displacement: '1.2 L',
    cylinders: 3,
    firingOrder: '1-2-3',
    strokes: 4,
  },
  drover28d: {
    kind: 'pickup',
    make: 'Haldric',
    model: 'Drover',
    engine: '2.8 diesel',
    fuel: 'diesel',
    market: 'Europe',
    displacement: '2.8 L',
    ...four,
  },
  lugger22d: {
    kind: 'van',
    make: 'Haldric',
    model: 'Lugger',
    engine: '2.2 diesel',
    fuel: 'diesel',
    market: 'Europe',
    displacement: '2.2 L',
    ...four,
  },
  aurel18h: {
    kind: 'car',
    make: 'Sunell',
    model: 'Aurel',
    engine: '1.8 hybrid',
    fuel: 'petrol hybrid',
    market: 'Europe',
    displacement: '1.8 L',
    ...four,
  },
  shire23d: {
    kind: 'bus',
    make: 'Brannock',
    model: 'Shire 16',
    engine: '2.3 diesel',
    fuel: 'diesel',
    market: 'Europe',
    displacement: '2.3 L',
    ...four,
  },
  lapwing650: {
    kind: 'motorcycle',
    make: 'Tervo',
    model: 'Lapwing 650',
    engine: '650 twin',
    fuel: 'petrol',
    market: 'Europe',
    displacement: '649 mL',
    cylinders: 2,
    firingOrder: '1-2',
    firing: 'odd',
    strokes: 4,
  },
  dales18: {
    kind: 'car',
    make: 'Wexmore',
    model: 'Dales',
    engine: '1.8 carburettor',
    fuel: 'petrol',
    market: 'Europe',
    displacement: '1.8 L',
    ...four,
  },
  nib10: {
    kind: 'car',
    make: 'Pellar',
    model: 'Nib',
    engine: '1.0 petrol',
    fuel: 'petrol',
    market: 'Europe',
    displacement: '1.0 L',
    cylinders: 3,
    firingOrder: '1-2-3',
    strokes: 4,
  },
  orbis30: {
    kind: 'car',
    make: 'Pellar',
    model: 'Orbis',
    engine: '3.0 V6',
    fuel: 'petrol',
    market: 'Europe',
    displacement: '3.0 L',
    cylinders: 6,
    firingOrder: '1-4-2-5-3-6',
    strokes: 4,
    banks: '1: 1 2 3, 2: 4 5 6',
  },
  grunnel40: {
    kind: 'machine',
    make: 'Grunnel',
    model: 'MT 40',
    engine: '1.5 diesel',
    fuel: 'diesel',
    market: 'Europe',
    displacement: '1.5 L',
    cylinders: 3,
    firingOrder: '1-3-2',
    strokes: 4,
  },
} satisfies Record<string, Vehicle>;

/** A vehicle of a build. */
export const car = (build: keyof typeof builds, year: number, vin = '', plate = ''): Vehicle => ({
  ...builds[build],
  year,
  vin,
  plate,
});

/** A computed check with its entries, as part of a test. */
export const k = (id: string, entries: NonNullable<Test['check']>['entries']): Partial<Test> => ({
  check: { id, entries },
});
