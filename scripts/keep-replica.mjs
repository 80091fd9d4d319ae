// Keeps a local copy of the database server's data in step, for reading (an embedded replica of libSQL). In a process of
// its own, since taking over what is new holds up whoever does it: node scripts/keep-replica.mjs FILE, with an IPC
// channel. The parent sends a number; the answer is that number once what the server had by then is in the file.
import { mkdirSync, rmSync } from 'node:fs';
import path from 'node:path';
import Database from 'libsql';

// All of the shop's data: nobody else's to read.
process.umask(0o077);
const [, , file] = process.argv;
const { VANTLE_DATABASE_URL: syncUrl = '', VANTLE_DATABASE_TOKEN: authToken } = process.env;
const open = () => new Database(file, { syncUrl, ...(authToken ? { authToken } : {}) });

function openAfresh() {
  for (const ending of ['', '-wal', '-shm', '-info']) rmSync(`${file}${ending}`, { force: true });
  return open();
}

let database;
try {
  mkdirSync(path.dirname(path.resolve(file)), { recursive: true });
  try {
    database = open();
    database.sync();
  } catch {
    // Half written, or of another server: a copy can always be taken again.
    database = openAfresh();
    database.sync();
  }
} catch (e) {
  console.error(
    `The copy of the database in ${file} cannot be kept, so every read asks the server: ${e?.message ?? e}`,
  );
  process.exit(1);
}
process.send({ ready: true });
process.on('message', (asked) => {
  try {
    database.sync();
    process.send({ asked, ok: true });
  } catch (e) {
    process.send({ asked, ok: false, because: String(e?.message ?? e) });
  }
});
process.on('disconnect', () => process.exit(0));
