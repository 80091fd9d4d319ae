// npm start: a shop of one's own, empty at first, under data/ (or wherever VANTLE_DATABASE_URL says).
import { up } from './lib.mjs';

await up({
  databaseUrl: process.env.VANTLE_DATABASE_URL ?? 'file:data/vantle.db',
  loader: ['scripts/prepare.ts'],
  label: 'start',
});
