import { canSignIn } from '@/services/access/who';
import { closeDatabase, prepare } from '@/services/running/setup';

/** Brings the shop's own database to the current schema. */
try {
  await prepare('own', (done, of) =>
    console.log(`Cases brought up to date with newer rules: ${done} of ${of}`),
  );
  console.log(`Owner: ${(await canSignIn()) ? 'yes' : 'no'}`);
  await closeDatabase();
} catch (e) {
  console.error(`The database could not be made ready: ${e instanceof Error ? e.message : String(e)}`);
  process.exit(1);
}
