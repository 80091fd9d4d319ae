import { createHash, randomUUID } from 'node:crypto';
import { createReadStream, createWriteStream } from 'node:fs';
import { chmod, mkdir, open, rename, rm, stat } from 'node:fs/promises';
import path from 'node:path';
import { pipeline } from 'node:stream/promises';
import { createGzip } from 'node:zlib';
import { pack } from 'tar-stream';
import { contentStore } from '@/store/content';
import { storedFiles } from '@/store/files';
import { snapshotInto } from '@/store/snapshot';
import { sealing } from './seal';
import type { Manifest } from './manifest';
import { checkBackup } from './read';

/**
 * A backup is one file: a gzipped tar of `manifest.json`, `shop.db` (SQLite), and `files/` named by their hash, after
 * that encrypted (age) where a passphrase is given. Nothing of it needs Vantle to be read. Secrets stay out.
 */

export const ENDING = '.vantle-backup';

/** The SHA-256 of a file. */
export async function hashOf(file: string): Promise<string> {
  const hash = createHash('sha256');
  for await (const piece of createReadStream(file)) hash.update(piece as Buffer);
  return hash.digest('hex');
}

/**
 * Backs the shop up while others go on writing, and reads what was written once more before it counts.
 *
 * @param file where it goes; it is there only when it is whole
 * @param passphrase to encrypt it with, or none
 * @param at now
 * @returns what is in it, and its size in bytes
 */
export async function makeBackup(
  file: string,
  passphrase: string | undefined,
  at = new Date(),
): Promise<Manifest & { bytes: number }> {
  await mkdir(path.dirname(path.resolve(file)), { recursive: true });
  const beside = `${file}.${randomUUID()}.part`;
  const database = `${beside}.db`;
  try {
    const { shop, cases } = await snapshotInto(database);
    // After the database: a file that is added meanwhile is one more, none that a row names is missing.
    const files = await storedFiles();
    const manifest: Manifest = {
      format: 'vantle-backup/1',
      at: at.toISOString(),
      shop,
      cases,
      files: files.length,
      database: await hashOf(database),
    };
    const tar = pack();
    const entries = (async () => {
      tar.entry({ name: 'manifest.json', mtime: at }, JSON.stringify(manifest, null, 2));
      const add = (name: string, size: number, from: NodeJS.ReadableStream) =>
        pipeline(from, tar.entry({ name, size, mtime: at }));
      await add('shop.db', (await stat(database)).size, createReadStream(database));
      for (const { name } of files) {
        const content = await contentStore().open(name);
        if (!content) throw new Error(`The file ${name} is not in the store any more.`);
        await add(`files/${name}`, content.bytes, content.stream);
      }
      tar.finalize();
    })();
    const out = createWriteStream(beside, { mode: 0o600 });
    const gzip = createGzip({ level: 1 });
    await Promise.all([
      passphrase ? pipeline(tar, gzip, sealing(passphrase), out) : pipeline(tar, gzip, out),
      entries.catch((e: unknown) => tar.destroy(e as Error)),
    ]);
    const handle = await open(beside, 'r+');
    await handle.sync();
    await handle.close();
    await checkBackup(beside, passphrase);
    await chmod(beside, 0o600);
    await rename(beside, file);
    return { ...manifest, bytes: (await stat(file)).size };
  } finally {
    await rm(beside, { force: true });
    await rm(database, { force: true });
  }
}
