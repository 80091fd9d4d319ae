import { readScanText } from '@/services/scan-reading';
import { answer, Problem } from '../../../answer';

/** Far more than a report; a body beyond it is not even read. */
const MOST_BYTES = 30 * 1024 * 1024;

/** Reads a scan report and puts it nowhere: text as the body, or a form with `text` or `picture`. */
export function POST(request: Request) {
  return answer(async () => {
    if (Number(request.headers.get('content-length') ?? 0) > MOST_BYTES)
      throw new Problem(
        'That is more than 30 MB. Send the part with the codes, or a smaller picture.',
        'too large',
      );
    const type = request.headers.get('content-type') ?? '';
    if (!type.startsWith('multipart/form-data')) return readScanText(await request.text());
    const form = await request.formData().catch(() => {
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
