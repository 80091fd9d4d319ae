import { createHash, randomUUID } from 'node:crypto';
import { createReadStream } from 'node:fs';
import { link, mkdir, open, readdir, readFile, rm, stat, unlink, writeFile } from 'node:fs/promises';
import path from 'node:path';

/**
 * Stored files, by the hash of their content: the same photo twice is one file. A file is written
 * beside its place and put there whole; a broken upload leaves nothing behind.
 */

/** Where files are kept: `VANTLE_FILES`, else `data/files`. */
function filesFolder(): string {
  // The bundler must not follow a path that is known only when the shop runs.
  return path.resolve(/* turbopackIgnore: true */ process.cwd(), process.env.VANTLE_FILES ?? 'data/files');
}

const HASH = /^[0-9a-f]{64}$/;

function placeOf(hash: string): string {
  if (!HASH.test(hash)) throw new Error('That is not the name of a stored file.');
  return path.join(filesFolder(), hash.slice(0, 2), hash);
}

/** Where files are while they come in; what was cut off is swept from there. */
export const incomingFolder = (): string => path.join(filesFolder(), 'incoming');

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
  const place = placeOf(hash);
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
  return hash;
}

async function linkInto(file: string, place: string): Promise<void> {
  try {
    await link(file, place);
  } catch (e) {
    // Already there: same name, same content.
    if (!(e instanceof Error && 'code' in e && e.code === 'EEXIST')) throw e;
  }
}

/** Puts a received file into its place as it is, without ever holding the whole of it; gives the hash. */
export async function keepReceived(file: string): Promise<string> {
  const digest = createHash('sha256');
  for await (const piece of createReadStream(file)) digest.update(piece as Buffer);
  const hash = digest.digest('hex');
  const place = placeOf(hash);
  await mkdir(path.dirname(place), { recursive: true });
  await linkInto(file, place);
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
export async function keepThumbnail(hash: string, content: Uint8Array): Promise<void> {
  await writeFile(`${placeOf(hash)}.thumb`, content);
}

/** A stored file or its small picture as a stream with its size, or undefined. */
export async function openStored(
  hash: string,
  thumb: boolean,
): Promise<{ stream: NodeJS.ReadableStream; bytes: number } | undefined> {
  if (!HASH.test(hash)) return undefined;
  const file = placeOf(hash) + (thumb ? '.thumb' : '');
  try {
    const { size } = await stat(file);
    return { stream: createReadStream(file), bytes: size };
  } catch {
    return undefined;
  }
}

export const readReceived = (file: string): Promise<Buffer> => readFile(file);
export const dropReceived = (file: string): Promise<void> => rm(file, { force: true });

/** The whole content of a stored file, or undefined. */
export async function readStored(hash: string): Promise<Buffer | undefined> {
  if (!HASH.test(hash)) return undefined;
  return readFile(placeOf(hash)).catch(() => undefined);
}

/** Every stored file and small picture, by name and path; what is still coming in is none. */
export async function storedFiles(): Promise<{ name: string; path: string }[]> {
  const folder = filesFolder();
  const found: { name: string; path: string }[] = [];
  for (const part of (await readdir(folder).catch(() => [])).sort()) {
    if (!/^[0-9a-f]{2}$/.test(part)) continue;
    for (const name of (await readdir(path.join(folder, part))).sort())
      if (/^[0-9a-f]{64}(?:\.thumb)?$/.test(name)) found.push({ name, path: path.join(folder, part, name) });
  }
  return found;
}

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
