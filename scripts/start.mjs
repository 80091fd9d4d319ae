// npm start: a shop of one's own, empty at first, under data/ (or wherever VANTLE_DATABASE_URL says).
// npm start -- --shop: the same for the tablets in the shop's network, over TLS.
import { isLoopbackAddress } from './front.mjs';
import { up } from './lib.mjs';

await up({
  databaseUrl: process.env.VANTLE_DATABASE_URL ?? 'file:data/vantle.db',
  loader: ['scripts/prepare.ts'],
  label: 'start',
  shop: process.argv.includes('--shop') || !isLoopbackAddress(process.env.VANTLE_HOST || '127.0.0.1'),
});
