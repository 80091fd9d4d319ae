import { Readable } from 'node:stream';
import { storedFile } from '@/services/files/files';
import { answer, Problem } from '../../answer';

const SANDBOX = "sandbox; default-src 'none'; style-src 'unsafe-inline'; img-src 'self'; media-src 'self'";

/** A stored file, or its small picture with `?thumb`. Its name is its content, so it may be kept for good. */
export function GET(request: Request, { params }: { params: Promise<{ hash: string }> }) {
  return answer(request, 'look', async () => {
    const thumb = new URL(request.url).searchParams.has('thumb');
    const file = await storedFile((await params).hash, thumb);
    if (!file)
      throw new Problem('This file is not here. It may have been moved out of the data folder.', 'gone');
    return new Response(Readable.toWeb(file.stream as Readable) as ReadableStream, {
      headers: {
        'content-type': file.mime,
        'content-length': String(file.bytes),
        'content-disposition': `${file.inline ? 'inline' : 'attachment'}; filename*=UTF-8''${encodeURIComponent(file.name)}`,
        'cache-control': 'private, max-age=31536000, immutable',
        'x-content-type-options': 'nosniff',
        // The browser's own PDF page does not open in a sandbox.
        ...(file.mime === 'application/pdf' ? {} : { 'content-security-policy': SANDBOX }),
      },
    });
  });
}
