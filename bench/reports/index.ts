import { pick, random } from '@/sim/random';
import { drawContent, LANGUAGES } from './content';
import type { Layout, Printed } from './kit';
import { LAYOUTS_A } from './layouts-a';
import { LAYOUTS_B } from './layouts-b';
import { LAYOUTS_C } from './layouts-c';
import { spoil } from './spoil';

/**
 * Three groups. The first was looked at while the reader was written, the second only in the sum until it was
 * measured once, the third was written afterwards and measured before anything was mended on it.
 */
export const GROUPS: Record<string, readonly Layout[]> = {
  'looked at': [...LAYOUTS_A, ...LAYOUTS_B].filter((_, i) => i % 2 === 0),
  'held out at first': [...LAYOUTS_A, ...LAYOUTS_B].filter((_, i) => i % 2 === 1),
  'written afterwards': LAYOUTS_C,
};
export const LAYOUTS: readonly Layout[] = Object.values(GROUPS).flat();

/** A report of a layout by its seed, clean or spoiled as copying, wrapping and misreading spoil it. */
export function printReport(layout: Layout, seed: number, spoiled: boolean): Printed {
  const r = random(seed * 7919 + layout.name.length * 104_729);
  const languages = layout.languages ?? LANGUAGES;
  const language = r() < 0.5 && languages.includes('en') ? 'en' : pick(r, languages);
  const printed = layout.print(drawContent(r, language), r);
  return spoiled ? spoil(printed, r) : printed;
}
