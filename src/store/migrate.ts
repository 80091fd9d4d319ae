import { chmod } from 'node:fs/promises';
import { fileURLToPath } from 'node:url';
import { migrate } from 'drizzle-orm/libsql/migrator';
import { connection } from './database';

/**
 * Brings the database to the current schema. Safe to call at every start; a local file is switched
 * to WAL. Committed writes survive a killed process: `synchronous` is FULL, libSQL's default here.
 */
export async function migrateDatabase(): Promise<void> {
  const { client, db, url } = connection();
  if (url.startsWith('file:')) {
    await client.execute('PRAGMA journal_mode = WAL');
    // Names, telephones and vehicles of customers stand in it: for whoever runs the server, and nobody else.
    const file = url.slice('file:'.length).split('?')[0]!;
    for (const beside of ['', '-wal', '-shm']) await chmod(file + beside, 0o600).catch(() => undefined);
  }
  await migrate(db, { migrationsFolder: fileURLToPath(new URL('./migrations', import.meta.url)) });
}
