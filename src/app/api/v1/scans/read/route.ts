import { readScanText } from '@/services/scan-reading';
import { answer, Problem } from '../../../answer';

/** Far more than a report or a photo has. */
const MOST_BYTES = 30 * 1024 * 1024;
const tooLarge = () =>
  new Problem('That is more than 30 MB. Send the part with the codes, or a smaller picture.', 'too large');

/** The body as bytes, given up as soon as it is too long, whatever its sender announced. */
async function bytesOf(request: Request): Promise<Uint8Array<ArrayBuffer>> {
  if (Number(request.headers.get('content-length') ?? 0) > MOST_BYTES) throw tooLarge();
  const parts: Uint8Array[] = [];
  let length = 0;
  for await (const part of (request.body ?? []) as AsyncIterable<Uint8Array>) {
    length += part.length;
    if (length > MOST_BYTES) throw tooLarge();
    parts.push(part);
  }
  const all = new Uint8Array(length);
  let at = 0;
  for (const part of parts) {
    all.set(part, at);
    at += part.length;
  }
  return all;
}

/** Reads a scan report and puts it nowhere: text as the body, or a form with `text` or `picture`. */
export function POST(request: Request) {
  return answer(async () => {
    const bytes = await bytesOf(request);
    const type = request.headers.get('content-type') ?? '';
    if (!type.startsWith('multipart/form-data')) return readScanText(new TextDecoder().decode(bytes));
    const form = await new Response(bytes, { headers: { 'content-type': type } }).formData().catch(() => {
      throw new Problem('The form could not be read. Send it as multipart/form-data with text or picture.');
    });
    const picture = form.get('picture');
    if (picture instanceof File) {
      const { readScanPicture } = await import('@/services/scan-picture');
      return readScanPicture(new Uint8Array(await picture.arrayBuffer()));
    }
    const text = form.get('text');
    if (typeof text !== 'string') throw new Problem('Send text or picture in the form.');
    return readScanText(text);
  });
}
