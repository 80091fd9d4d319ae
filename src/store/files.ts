import { createHash, randomUUID } from 'node:crypto';
import { createReadStream } from 'node:fs';
import { mkdir, open, readdir, readFile, rm, stat } from 'node:fs/promises';
import path from 'node:path';
import { buffer } from 'node:stream/consumers';
import { contentStore, incomingFolder, type StoredContent } from './content';

/**
 * Stored files, by the hash of their content: the same photo twice is one file. A broken upload leaves nothing behind.
 */

export { incomingFolder };

const HASH = /^[0-9a-f]{64}$/;

/** Thrown when more comes than may; nothing of it is kept. */
export class TooLarge extends Error {}

/**
 * Takes a stream in, up to a number of bytes.
 *
 * @returns the path of the temporary file and its size; the caller removes it
 * @throws TooLarge when more comes; the stream's own error when it breaks
 */
export async function receive(
  stream: ReadableStream<Uint8Array>,
  most: number,
): Promise<{ file: string; bytes: number }> {
  const folder = incomingFolder();
  await mkdir(folder, { recursive: true });
  const file = path.join(folder, randomUUID());
  const handle = await open(file, 'w');
  let bytes = 0;
  try {
    const reader = stream.getReader();
    for (;;) {
      const { done, value } = await reader.read();
      if (done) break;
      bytes += value.byteLength;
      if (bytes > most) {
        await reader.cancel().catch(() => undefined);
        throw new TooLarge();
      }
      await handle.write(value);
    }
    await handle.sync();
    await handle.close();
    return { file, bytes };
  } catch (e) {
    await handle.close().catch(() => undefined);
    await rm(file, { force: true });
    throw e;
  }
}

/** Puts bytes into their place by hash; gives the hash. */
export async function storeContent(content: Uint8Array): Promise<string> {
  const hash = createHash('sha256').update(content).digest('hex');
  await contentStore().putBytes(hash, content);
  return hash;
}

/** Puts a received file into its place as it is, without ever holding the whole of it; gives the hash. */
export async function keepReceived(file: string): Promise<string> {
  const digest = createHash('sha256');
  for await (const piece of createReadStream(file)) digest.update(piece as Buffer);
  const hash = digest.digest('hex');
  await contentStore().putFile(hash, file);
  return hash;
}

/** The first bytes of a received file. */
export async function headOfReceived(file: string, bytes: number): Promise<Buffer> {
  const handle = await open(file, 'r');
  try {
    const { buffer, bytesRead } = await handle.read(Buffer.alloc(bytes), 0, bytes, 0);
    return buffer.subarray(0, bytesRead);
  } finally {
    await handle.close();
  }
}

/** Puts a small picture beside a stored file. */
export const keepThumbnail = (hash: string, content: Uint8Array): Promise<void> =>
  contentStore().putBytes(`${hash}.thumb`, content);

/** A stored file or its small picture as a stream with its size, or undefined. */
export async function openStored(hash: string, thumb: boolean): Promise<StoredContent | undefined> {
  return HASH.test(hash) ? contentStore().open(thumb ? `${hash}.thumb` : hash) : undefined;
}

export const readReceived = (file: string): Promise<Buffer> => readFile(file);
export const dropReceived = (file: string): Promise<void> => rm(file, { force: true });

/** The whole content of a stored file, or undefined. */
export async function readStored(hash: string): Promise<Buffer | undefined> {
  const stored = await openStored(hash, false);
  return stored && buffer(stored.stream);
}

/** Every stored file and small picture, by name and size in bytes; what is still coming in is none. */
export const storedFiles = (): Promise<{ name: string; bytes: number }[]> => contentStore().list();

const CUT_OFF_AFTER_MS = 24 * 60 * 60 * 1000;

/**
 * Throws away what uploads that were cut off have left: temporary files a day old.
 *
 * @returns how many
 */
export async function sweepIncoming(now = Date.now()): Promise<number> {
  const folder = incomingFolder();
  let swept = 0;
  for (const name of await readdir(folder).catch(() => [])) {
    const file = path.join(folder, name);
    const { mtimeMs } = await stat(file).catch(() => ({ mtimeMs: now }));
    if (now - mtimeMs < CUT_OFF_AFTER_MS) continue;
    await rm(file, { force: true });
    swept++;
  }
  return swept;
}
