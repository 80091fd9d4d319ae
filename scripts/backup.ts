import { closeDatabase } from '@/services/running/setup';
import { makeBackup } from '@/services/backup/make';
import { backUpNow } from '@/services/backup/schedule';

// npm run backup [FILE]: the whole shop as one file, while others go on working. VANTLE_BACKUP_PASSPHRASE encrypts it.
const [file] = process.argv.slice(2);
const passphrase = process.env.VANTLE_BACKUP_PASSPHRASE || undefined;
process.env.VANTLE_DATABASE_URL ??= 'file:data/vantle.db';
try {
  const done = file ? { file, ...(await makeBackup(file, passphrase)) } : await backUpNow('', passphrase);
  console.log(`${done.file}: ${(done.bytes / 1e6).toFixed(1)} MB, read through and whole.`);
  await closeDatabase();
} catch (e) {
  console.error(e instanceof Error ? e.message : String(e));
  process.exit(1);
}
