import { readLettersFile } from '@/services/files/letters-files';
import { answer, Problem } from '../../api/answer';

/** The reader of letters for the browser: its worker, its engine, its language data; all shipped, nothing fetched from elsewhere. */
export function GET(request: Request, { params }: { params: Promise<{ file: string }> }) {
  return answer(request, 'look', async () => {
    const found = await readLettersFile((await params).file);
    if (!found) throw new Problem('There is no such file.', 'gone');
    return new Response(new Uint8Array(found.bytes), {
      headers: { 'content-type': found.type, 'cache-control': 'public, max-age=604800' },
    });
  });
}
