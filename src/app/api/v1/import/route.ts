import { importStream } from '@/services/exchange/import';
import { beginImport } from '@/services/exchange/import-progress';
import { answer, personHere, Problem } from '../../answer';

/** Takes case files in as they arrive. A browser may name the import, to ask how far it has come. */
export function POST(request: Request) {
  return answer(request, 'data in and out', async () => {
    if (!request.body) throw new Problem('Send case files as the body, one in a line.');
    const name = new URL(request.url).searchParams.get('name')?.slice(0, 40) ?? '';
    return importStream(request.body, personHere(), beginImport(name));
  });
}
