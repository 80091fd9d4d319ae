import { createHash } from 'node:crypto';
import { createReadStream, createWriteStream } from 'node:fs';
import { mkdir, open } from 'node:fs/promises';
import path from 'node:path';
import { Writable } from 'node:stream';
import { pipeline } from 'node:stream/promises';
import { createGunzip } from 'node:zlib';
import { extract } from 'tar-stream';
import { Problem } from '@/core/problem';
import { Manifest } from './manifest';
import { isSealed, unsealing } from './seal';

/** Reads backups: to check one, and to put one back. */

const BROKEN = 'This backup is not whole, or was damaged. Take an older one.';

async function headOf(file: string): Promise<Buffer> {
  const handle = await open(file, 'r').catch(() => {
    throw new Problem(`"${file}" is not there, or cannot be read.`, 'gone');
  });
  try {
    const { buffer, bytesRead } = await handle.read(Buffer.alloc(64), 0, 64, 0);
    return buffer.subarray(0, bytesRead);
  } finally {
    await handle.close();
  }
}

/** Whether a backup asks for a passphrase. */
export const asksPassphrase = async (file: string): Promise<boolean> => isSealed(await headOf(file));

/**
 * Reads a backup through, holding every part against its hash.
 *
 * @param to gives where a part goes; nowhere: it is only checked
 * @throws Problem for another passphrase, and where anything is missing or not what it was
 */
async function readThrough(
  file: string,
  passphrase: string | undefined,
  to: (name: string) => Writable | Promise<Writable>,
): Promise<Manifest> {
  const head = await headOf(file);
  const sealed = isSealed(head);
  if (sealed && !passphrase)
    throw new Problem('This backup is encrypted. Give its passphrase (VANTLE_BACKUP_PASSPHRASE).');
  const tar = extract();
  let manifest: Manifest | undefined;
  let files = 0;
  let database = false;
  const reading = (async () => {
    for await (const entry of tar) {
      const { name } = entry.header;
      if (name === 'manifest.json') {
        const parts: Buffer[] = [];
        for await (const part of entry) parts.push(part as Buffer);
        const parsed = Manifest.safeParse(JSON.parse(Buffer.concat(parts).toString('utf8')));
        if (!parsed.success) throw new Problem('This is a backup of a kind that this version does not know.');
        manifest = parsed.data;
        continue;
      }
      // Only what a backup has: nothing is ever written beside the folder it goes to.
      const stored = /^files\/([0-9a-f]{64})(\.thumb)?$/.exec(name);
      if (!stored && name !== 'shop.db') throw new Problem(BROKEN);
      const hash = createHash('sha256');
      const out = await to(name);
      await pipeline(
        entry,
        async function* (source: AsyncIterable<unknown>) {
          for await (const piece of source) {
            hash.update(piece as Buffer);
            yield piece;
          }
        },
        out,
      );
      const digest = hash.digest('hex');
      if (stored ? !stored[2] && digest !== stored[1] : digest !== manifest?.database)
        throw new Problem(BROKEN);
      if (stored) files++;
      else database = true;
    }
  })();
  try {
    const source = createReadStream(file);
    await Promise.all([
      sealed
        ? pipeline(source, unsealing(passphrase!), createGunzip(), tar)
        : pipeline(source, createGunzip(), tar),
      reading,
    ]);
  } catch (e) {
    throw e instanceof Problem ? e : new Problem(BROKEN, 'invalid', { cause: e });
  }
  if (!manifest || !database || files !== manifest.files) throw new Problem(BROKEN);
  return manifest;
}

/** Reads a backup through without keeping anything. */
export const checkBackup = (file: string, passphrase?: string): Promise<Manifest> =>
  readThrough(file, passphrase, () => new Writable({ write: (_chunk, _encoding, done) => done() }));

/**
 * Unpacks a backup into a folder that is empty or not there.
 *
 * @returns what it holds; the database is `shop.db` in it, the files are under `files/`
 */
export async function unpackBackup(
  file: string,
  passphrase: string | undefined,
  folder: string,
): Promise<Manifest> {
  await mkdir(path.join(folder, 'files'), { recursive: true, mode: 0o700 });
  return readThrough(file, passphrase, async (name) => {
    const hash = name.startsWith('files/') ? name.slice('files/'.length) : '';
    const at = hash ? path.join(folder, 'files', hash.slice(0, 2), hash) : path.join(folder, 'shop.db');
    await mkdir(path.dirname(at), { recursive: true });
    return createWriteStream(at, { mode: 0o600 });
  });
}
