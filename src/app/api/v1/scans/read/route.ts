import { readScanText } from '@/services/scans/scan-reading';
import { answer, Problem } from '../../../answer';
import { bytesOf, formOf } from '../../../body';

/** Far more than a report or a photo has. */
const MOST_BYTES = 30 * 1024 * 1024;

/** Reads a scan report and puts it nowhere: text as the body, or a form with `text` or `picture`. */
export function POST(request: Request) {
  return answer(request, 'look', async () => {
    const bytes = await bytesOf(
      request,
      MOST_BYTES,
      'That is more than 30 MB. Send the part with the codes, or a smaller picture.',
    );
    const type = request.headers.get('content-type') ?? '';
    if (!type.startsWith('multipart/form-data')) return readScanText(new TextDecoder().decode(bytes));
    const form = await formOf(bytes, type, 'text or picture');
    const picture = form.get('picture');
    if (picture instanceof File) {
      const { readScanPicture } = await import('@/services/scans/scan-picture');
      return readScanPicture(new Uint8Array(await picture.arrayBuffer()));
    }
    const text = form.get('text');
    if (typeof text !== 'string') throw new Problem('Send text or picture in the form.');
    return readScanText(text);
  });
}
