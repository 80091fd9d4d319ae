import { Problem } from '@/core/problem';
import { createHash } from 'node:crypto';
import { readFile } from 'node:fs/promises';
import { fileTypeFromBuffer } from 'file-type';
import sharp from 'sharp';
import { Attachment } from '@/core/case';
import { withoutPlace, withoutTags, type CaseFile } from '@/core/exchange';
import { withoutPngText } from '@/core/exchange/png-chunks';
import { db } from '@/store/database';
import {
  dropReceived,
  headOfReceived,
  storeContent,
  keepReceived,
  keepThumbnail,
  openStored,
  readReceived,
  receive,
  TooLarge,
} from '@/store/files';
import { attachmentByHash } from '@/store/shop';
import { getRow } from '@/store/rows';
import type { ExtractedFiles } from './extracted-files';
import { isHeic, jpegOfHeic } from './heic';
import { applyChanges } from '../cases/save';
import { drawUpSoon } from '../traces/traces-like';

/** The most one file may have. */
export const MOST_BYTES = 50 * 1024 * 1024;
/** The most a recording may have: ten million samples as text are some 200 MB. */
const MOST_RECORDING_BYTES = 600 * 1024 * 1024;
const THUMB = 360;

/** The test or part it belongs to has not arrived yet, or is gone: worth trying again for a while. */
export class OwnerMissing extends Problem {
  constructor(message: string) {
    super(message, 'gone');
  }
}

export interface Upload {
  caseId: string;
  /** Id of the attachment row, made by the browser: sending twice does no harm. */
  id: string;
  name: string;
  testId: string | null;
  partId: string | null;
  /** The scan whose screen it shows. */
  scanId?: string | null;
  /** A recorded signal: text, sound or JSON, kept as it is, and allowed to be long. */
  recording?: boolean;
}

/** Pictures are written anew without anything but their pixels; these kinds can be. */
const PICTURES: Record<string, 'jpeg' | 'png' | 'webp' | 'avif' | 'tiff' | 'gif'> = {
  'image/jpeg': 'jpeg',
  'image/png': 'png',
  'image/webp': 'webp',
  'image/avif': 'avif',
  'image/tiff': 'tiff',
  'image/gif': 'gif',
};
/** What carries a place or a text beside the pixels of a picture, by how it begins in the file. */
const MORE_THAN_PIXELS = [
  ...[
    'Exif\0\0',
    'http://ns.adobe.com/xap/',
    '<x:xmpmeta',
    'XMP DataXMP',
    '8BIM',
    'eXIf',
    'tEXt',
    'iTXt',
    'zTXt',
  ],
].map((mark) => Buffer.from(mark, 'latin1'));
const carriesMore = (picture: Buffer): boolean => MORE_THAN_PIXELS.some((mark) => picture.includes(mark));
/** Films that say a place in tags: WebM and Matroska. */
const TAGGED = new Set(['video/webm', 'video/matroska', 'audio/webm']);
/** What may carry a place and cannot be cleaned is kept as it came, and says so. */
const AS_IT_CAME = 'Kept as it came: a place it may carry could not be taken out.';
const FILMS = new Set(['video/mp4', 'video/quicktime', 'video/x-m4v', 'audio/x-m4a', 'video/3gpp']);

const PROGRAMS = new Set([
  'application/x-msdownload',
  'application/x-elf',
  'application/x-mach-binary',
  'application/java-vm',
  'application/vnd.android.package-archive',
  'application/x-apple-diskimage',
  'application/x.ms.shortcut',
]);

/** What a text may be, when its content has no signature. */
function textType(content: Buffer, name: string): string {
  const head = content.subarray(0, 4096);
  if (head.includes(0)) return 'application/octet-stream';
  return /\.csv$/i.test(name) ? 'text/csv' : 'text/plain';
}

interface Prepared {
  content: Uint8Array;
  mime: string;
  name: string;
  thumb?: Buffer;
  converted?: true;
  /** What its row says of it. */
  note?: string;
}

/**
 * Makes a file fit to be kept: its type by its content, a picture turned upright and without
 * location or other particulars, a film without its location.
 *
 * @throws Error with a sentence for content that cannot be cleaned or read
 */
async function prepare(content: Buffer, name: string): Promise<Prepared> {
  const mime = (await fileTypeFromBuffer(content))?.mime ?? textType(content, name);
  if (isHeic(mime)) {
    const jpeg = await prepare(await fromHeic(content, name), name.replace(/\.hei[cf]$/i, '.jpg'));
    return { ...jpeg, converted: true };
  }
  const picture = PICTURES[mime];
  if (picture) {
    try {
      // Only the pixels are carried over; quality high enough that a photographed display stays legible.
      const read = sharp(content, { failOn: 'error', animated: picture === 'gif' });
      const clean = await (picture === 'gif' ? read : read.rotate())
        .toFormat(picture, picture === 'png' || picture === 'gif' ? {} : { quality: 92 })
        .toBuffer();
      const thumb = await sharp(clean)
        .resize(THUMB, THUMB, { fit: 'inside', withoutEnlargement: true })
        .webp({ quality: 78 })
        .toBuffer();
      return { content: clean, mime, name, thumb };
    } catch {
      throw new Problem(`"${name}" is a broken picture; take it again.`);
    }
  }
  if (mime === 'image/apng') return { content: withoutPngText(content), mime, name };
  if (FILMS.has(mime)) return { content: withoutPlace(content), mime, name };
  if (TAGGED.has(mime)) {
    const clean = withoutTags(content);
    return clean ? { content: clean, mime, name } : { content, mime, name, note: AS_IT_CAME };
  }
  if (PROGRAMS.has(mime))
    throw new Problem(
      `"${name}" is a program, whatever its name says. Attach photos, films, recordings and documents.`,
    );
  return { content, mime, name, ...(/^(video|image|audio)\//.test(mime) ? { note: AS_IT_CAME } : {}) };
}

/** @throws Problem where the picture cannot be decoded */
async function fromHeic(content: Buffer, name: string): Promise<Buffer> {
  try {
    return await jpegOfHeic(content);
  } catch {
    throw new Problem(
      `"${name}" is a HEIC picture that cannot be read here. Set the camera to "most compatible" (JPEG) and take it again.`,
    );
  }
}

async function keepClean(file: string, name: string) {
  const { content, mime, thumb, name: kept, note } = await prepare(await readReceived(file), name);
  const hash = await storeContent(content);
  if (thumb) await keepThumbnail(hash, thumb);
  return { hash, mime, name: kept, bytes: content.byteLength, ...(note ? { note } : {}) };
}

/** A long recording is kept as it came, and never held as a whole; what needs cleaning is no recording. */
async function keepLong({ file, bytes }: { file: string; bytes: number }, name: string) {
  const head = await headOfReceived(file, 65_536);
  const mime = (await fileTypeFromBuffer(head))?.mime ?? textType(head, name);
  if (PROGRAMS.has(mime) || FILMS.has(mime) || TAGGED.has(mime) || mime.startsWith('image/'))
    throw new Problem(
      `"${name}" is no recording of a signal. Attach it to the case as a photo or file instead.`,
    );
  return { hash: await keepReceived(file), mime, name, bytes };
}

/**
 * Takes a file in for a case, a test or a part: checks size and content, strips the location, makes
 * the small picture, stores it by its hash, and only then writes the row.
 *
 * @throws Error with a sentence when it is too large, empty, or broken; then nothing is kept
 */
export async function takeFile(
  upload: Upload,
  body: ReadableStream<Uint8Array>,
  announced: number,
  who: string,
): Promise<Attachment> {
  const name = upload.name.slice(0, 200);
  const most = upload.recording ? MOST_RECORDING_BYTES : MOST_BYTES;
  const large = upload.recording
    ? `"${name}" is larger than ${MOST_RECORDING_BYTES / 1024 / 1024} MB. Export a shorter stretch of it, and take that.`
    : `"${name}" is larger than 50 MB. Shorten the film or make the picture smaller, and send it again.`;
  const there = await getRow(db(), 'attachment', upload.id);
  if (there) {
    await body.cancel().catch(() => undefined);
    return there;
  }
  if (announced > most) throw new Problem(large);
  let received: { file: string; bytes: number };
  try {
    received = await receive(body, most);
  } catch (e) {
    if (e instanceof TooLarge) throw new Problem(large, 'too large');
    throw e;
  }
  try {
    if (received.bytes === 0) throw new Problem(`"${name}" is empty.`);
    if (announced > 0 && received.bytes !== announced)
      throw new Problem(`"${name}" did not arrive whole. It is sent again.`);
    const kept =
      received.bytes > MOST_BYTES ? await keepLong(received, name) : await keepClean(received.file, name);
    const row = {
      testId: upload.testId,
      partId: upload.partId,
      scanId: upload.scanId ?? null,
      ...kept,
      at: new Date().toISOString(),
    };
    const [result] = await applyChanges(
      upload.caseId,
      [{ id: `file-${upload.id}`, ops: [{ op: 'add', kind: 'attachment', id: upload.id, row }] }],
      who,
    );
    if (!result?.ok) {
      const failed = result && 'error' in result ? result : undefined;
      const error = failed?.error ?? 'It could not be added to the case.';
      if (failed?.code === 'gone') throw new OwnerMissing(error);
      throw new Problem(error, failed?.code);
    }
    if (upload.recording) drawUpSoon();
    return Attachment.parse({ ...row, id: upload.id, caseId: upload.caseId });
  } finally {
    await dropReceived(received.file);
  }
}

/**
 * Stores the files that a case file brings with it, before its rows are written; the file then names
 * what is kept. A picture that carries more than its pixels is cleaned like an uploaded one.
 *
 * @throws Error with a sentence when one is broken, a program, or not what its checksum says
 */
export async function storeBrought(file: CaseFile, extracted?: ExtractedFiles): Promise<void> {
  for (const f of file.files ?? []) {
    if (f.data === undefined) continue;
    const name = f.name ?? 'a file';
    const beside = extracted?.of(f.data);
    if (beside === 'too large') throw new Problem(`"${name}" is larger than 50 MB.`);
    const brought = beside ? await readFile(beside.file) : Buffer.from(f.data, 'base64');
    if (brought.byteLength > MOST_BYTES) throw new Problem(`"${name}" is larger than 50 MB.`);
    const hash = createHash('sha256').update(brought).digest('hex');
    if (f.sha256 !== undefined && f.sha256 !== hash)
      throw new Problem(`The content of "${name}" is not what its checksum says; it was damaged on the way.`);
    const { content, mime, thumb, name: keptName, converted } = await prepare(brought, name);
    const carries = converted || !PICTURES[mime] || carriesMore(brought);
    // What was cleaned here before is kept to the byte, so that it is the same file again.
    const kept = carries ? content : brought;
    f.sha256 = await storeContent(kept);
    if (thumb) await keepThumbnail(f.sha256, thumb);
    f.bytes = kept.byteLength;
    if (converted) [f.name, f.mime] = [keptName, mime];
    f.mime ??= mime;
    await extracted?.stored(f.data);
    delete f.data;
  }
}

/** Types a browser may show in the page; everything else is given as a download. */
const SHOWN = /^(image\/(jpeg|png|webp|avif|gif)|application\/pdf|video\/(mp4|webm|quicktime)|audio\/)/;

const TYPE = /^[a-z]{1,20}\/[\w.+-]{1,100}$/i;

/** A stored file with what a browser has to be told of it, or undefined. */
export async function storedFile(hash: string, thumb: boolean) {
  const row = await attachmentByHash(db(), hash);
  if (!row) return undefined;
  const file = await openStored(hash, thumb);
  if (!file) return undefined;
  // A case file may have brought a type that is none.
  const own = TYPE.test(row.mime) ? row.mime : 'application/octet-stream';
  const mime = thumb ? 'image/webp' : own;
  return { ...file, mime, name: row.name.toWellFormed(), inline: thumb || SHOWN.test(mime) };
}
