import { demoCases } from '../../../demo/shop';
import { importCase } from '../exchange/import';
import { testShop } from './test-shop';

/** For tests: the cases of the demo shop as they stood on one day. */
export const DEMO_FILES = demoCases(new Date('2026-06-01T08:00:00Z'));

/** For tests: a shop of its own with the cases of the demo shop; what is given back throws it away. */
export async function testDemoShop(): Promise<() => Promise<void>> {
  const end = await testShop();
  for (const file of DEMO_FILES) await importCase(file, '');
  return end;
}
