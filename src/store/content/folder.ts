import { randomUUID } from 'node:crypto';
import { createReadStream } from 'node:fs';
import { copyFile, link, mkdir, open, readdir, rm, stat, unlink } from 'node:fs/promises';
import path from 'node:path';
import { CONTENT_NAME, type ContentStore } from './contract';

/**
 * A folder of this machine, or of a disk that several share. A content is written beside its place and linked in whole.
 *
 * @param folder need not be there yet
 */
export function folderStore(folder: string): ContentStore {
  const placeOf = (name: string) => path.join(folder, name.slice(0, 2), name);
  return {
    async putBytes(name, content) {
      const place = placeOf(name);
      await mkdir(path.dirname(place), { recursive: true });
      const beside = `${place}.${randomUUID()}`;
      const handle = await open(beside, 'w');
      try {
        await handle.writeFile(content);
        await handle.sync();
      } finally {
        await handle.close();
      }
      try {
        await linkInto(beside, place);
      } finally {
        await unlink(beside);
      }
    },
    async putFile(name, file) {
      const place = placeOf(name);
      await mkdir(path.dirname(place), { recursive: true });
      try {
        await linkInto(file, place);
      } catch {
        // Another disk: it is copied beside its place first.
        const beside = `${place}.${randomUUID()}`;
        try {
          await copyFile(file, beside);
          await linkInto(beside, place);
        } finally {
          await rm(beside, { force: true });
        }
      }
    },
    async open(name) {
      try {
        const { size } = await stat(placeOf(name));
        return { stream: createReadStream(placeOf(name)), bytes: size };
      } catch {
        return undefined;
      }
    },
    async list() {
      const found: { name: string; bytes: number }[] = [];
      for (const part of (await readdir(folder).catch(() => [])).sort()) {
        if (!/^[0-9a-f]{2}$/.test(part)) continue;
        for (const name of (await readdir(path.join(folder, part))).sort())
          if (CONTENT_NAME.test(name))
            found.push({ name, bytes: (await stat(path.join(folder, part, name))).size });
      }
      return found;
    },
  };
}

async function linkInto(file: string, place: string): Promise<void> {
  try {
    await link(file, place);
  } catch (e) {
    // Already there: same name, same content.
    if (!(e instanceof Error && 'code' in e && e.code === 'EEXIST')) throw e;
  }
}
