import { closeDatabase, loadDemo } from '@/services/running/setup';
import { DEMO_KNOWN_GOOD } from './known-good';
import { oldRecords } from './old-records';
import { demoFiles } from './pictures';
import { pastCases } from './past';
import { DEMO_PROCEDURES } from './procedures';
import { demoTraces } from './traces';
import {
  DEMO_ACCESS,
  DEMO_MEANINGS,
  DEMO_MONEY,
  DEMO_PEOPLE,
  DEMO_REGION,
  DEMO_WORDS,
  SHOP_NAME,
  demoCases,
} from './shop';

/** Loads the demo shop once into the database that VANTLE_DATABASE_URL names. */
try {
  const now = new Date();
  const cases = demoCases(now);
  // The browser tests look for single cases, and do so without hundreds of others around them.
  const past = process.env.VANTLE_DEMO_PAST === 'no' ? [] : pastCases(now);
  const content = {
    shopName: SHOP_NAME,
    people: DEMO_PEOPLE,
    region: DEMO_REGION,
    money: DEMO_MONEY,
    ...DEMO_ACCESS,
    meanings: DEMO_MEANINGS,
    cases,
    past,
    procedures: DEMO_PROCEDURES,
    knownGood: DEMO_KNOWN_GOOD,
    words: DEMO_WORDS,
    oldRecords: oldRecords(),
    files: async () => [...(await demoFiles()), ...demoTraces(now)],
  };
  if (await loadDemo(content)) console.log(`The demo shop is loaded: ${cases.length + past.length} cases.`);
  await closeDatabase();
} catch (e) {
  console.error(`The demo shop could not be loaded: ${e instanceof Error ? e.message : String(e)}`);
  process.exit(1);
}
