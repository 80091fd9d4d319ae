// npm run demo: the demo shop, in a database of its own; VANTLE_DATABASE_URL is left alone.
import { up } from './lib.mjs';

await up({ databaseUrl: 'file:data/demo.db', loader: ['demo/load.ts'], label: 'run demo' });
