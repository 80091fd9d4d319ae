// npm run demo: the demo shop, in a database of its own; VANTLE_DATABASE_URL is left alone. Everybody is signed in as
// its lead, and so it is served to this machine only.
import { up } from './lib.mjs';

if (process.env.VANTLE_HOST) {
  console.error(
    'The demo is open to whoever reaches it, and is served on this machine only. Unset VANTLE_HOST.',
  );
  process.exit(1);
}
await up({
  databaseUrl: 'file:data/demo.db',
  loader: ['demo/load.ts'],
  label: 'run demo',
  env: { VANTLE_DEMO: 'yes' },
});
