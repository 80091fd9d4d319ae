import { closeDatabase, loadDemo } from '@/services/setup';
import { DEMO_MEANINGS, DEMO_PEOPLE, SHOP_NAME, demoCases } from './shop';

/** Loads the demo shop once into the database that VANTLE_DATABASE_URL names. */
try {
  const cases = demoCases(new Date());
  if (await loadDemo({ shopName: SHOP_NAME, people: DEMO_PEOPLE, meanings: DEMO_MEANINGS, cases }))
    console.log(`The demo shop is loaded: ${cases.length} cases.`);
  await closeDatabase();
} catch (e) {
  console.error(`The demo shop could not be loaded: ${e instanceof Error ? e.message : String(e)}`);
  process.exit(1);
}
