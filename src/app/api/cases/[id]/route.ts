import { caseSince, discardEmptyCase, openCase } from '@/services/cases/cases';
import { lookingToo } from '@/services/cases/presence';
import { answer, personHere, Problem } from '../../answer';

type Params = { params: Promise<{ id: string }> };

/** The case; with `since`, only what is new since that sequence number, or 304 when nothing is. */
export function GET(request: Request, { params }: Params) {
  return answer(request, 'look', async () => {
    const { id } = await params;
    const since = new URL(request.url).searchParams.get('since');
    const missing = () => new Problem('There is no such case.', 'gone');
    if (since === null) {
      const found = await openCase(id);
      if (!found) throw missing();
      return found;
    }
    // Who asks what is new has the case open.
    const [found, others] = await Promise.all([
      caseSince(id, Number(since) || 0),
      lookingToo(id, personHere()),
    ]);
    if (!found) throw missing();
    const headers = { 'vantle-also-here': others.map(encodeURIComponent).join(' ') };
    return found === 'same'
      ? new Response(null, { status: 304, headers })
      : Response.json(found, { headers });
  });
}

export function DELETE(request: Request, { params }: Params) {
  return answer(request, 'take in', async () => {
    await discardEmptyCase((await params).id, personHere());
    return { ok: true };
  });
}
