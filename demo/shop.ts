import type { CaseFile } from '@/core/exchange';
import { airAndFuel } from './cases/air-and-fuel';
import { chassisAndDrive } from './cases/chassis-and-drive';
import { engineAndOthers } from './cases/engine-and-others';
import { measuredCases } from './cases/measured';
import { openCases } from './cases/open';
import { startingAndWiring } from './cases/starting-and-wiring';
import { throughTheShop } from './cases/through-the-shop';
import { clock } from './write';

/**
 * The demo shop: a garage below a weir, four people, and the cars that others could not fix.
 * Mara Voss leads; Tomasz Bielak and Aoife Kerr do the tests; Jun Okafor has the front desk.
 */
export const SHOP_NAME = 'Weir Lane Garage';

export const DEMO_PEOPLE = [
  { id: 'mara', name: 'Mara Voss', role: 'lead' as const },
  { id: 'tomasz', name: 'Tomasz Bielak', role: 'technician' as const },
  { id: 'aoife', name: 'Aoife Kerr', role: 'technician' as const },
  { id: 'jun', name: 'Jun Okafor', role: 'desk' as const },
];

/** Where its people sign in, and which programs ask. */
export const DEMO_ACCESS = {
  devices: ['Workshop PC', 'Tablet, bay 2', 'Front desk'],
  tokens: [{ name: 'parts order list', scope: 'look' as const }],
};

/** What it counts in, and what an hour of its work costs. */
export const DEMO_REGION = 'metric' as const;
export const DEMO_MONEY = { currency: 'EUR', hourRate: 92 };

/** What the makers of this world mean by their own codes, as the shop found out. */
export const DEMO_MEANINGS: Record<string, string> = {
  C1225: 'brake module supply voltage low',
  C1A20: 'air suspension compressor runs too long',
  C1A60: 'distance radar blocked or dirty',
  C1A67: 'distance radar not aligned after body work',
  B1479: 'refrigerant pressure implausible',
  B2799: 'immobiliser reader ring circuit',
  P1614: 'engine waits for the immobiliser',
};

/** What people in this shop say and nobody else would know. */
export const DEMO_WORDS = [
  { words: 'mardy', of: 'symptom' as const, concept: 'hard-start' },
  { words: 'down the weir hill', of: 'condition' as const, concept: 'decel' },
  { words: 'the village bus', of: 'vehicle' as const, concept: 'Brannock/Shire 16/2.3 diesel' },
];

/** All demo cases, in the order of their numbers, with dates counted back from `now`. */
export function demoCases(now: Date): CaseFile[] {
  const at = clock(now);
  return [
    ...startingAndWiring(at),
    ...chassisAndDrive(at),
    ...airAndFuel(at),
    ...engineAndOthers(at),
    ...openCases(at),
    ...measuredCases(at),
    ...throughTheShop(at),
  ].sort((a, b) => (a.number ?? 0) - (b.number ?? 0));
}
