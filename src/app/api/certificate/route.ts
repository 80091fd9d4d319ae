import { readFile } from 'node:fs/promises';
import { answer, Problem } from '../answer';

/** The authority behind this shop's certificate, for tablets to trust; it is no secret. */
export function GET(request: Request) {
  return answer(request, 'open', async () => {
    const file = process.env.VANTLE_TLS_AUTHORITY;
    if (!file) throw new Problem('This server has no certificate of its own making.', 'gone');
    return new Response(await readFile(/* turbopackIgnore: true */ file), {
      headers: {
        'content-type': 'application/x-x509-ca-cert',
        'content-disposition': 'attachment; filename="vantle-authority.crt"',
      },
    });
  });
}
