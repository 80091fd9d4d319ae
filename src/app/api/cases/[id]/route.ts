import { caseSince, discardEmptyCase, openCase } from '@/services/cases';
import { lookingToo } from '@/services/presence';
import { answer, personHere, Problem } from '../../answer';

type Params = { params: Promise<{ id: string }> };

/** The case; with `since`, only what is new since that sequence number, or 304 when nothing is. */
export function GET(request: Request, { params }: Params) {
  return answer(async () => {
    const { id } = await params;
    const since = new URL(request.url).searchParams.get('since');
    const found = since === null ? await openCase(id) : await caseSince(id, Number(since) || 0);
    if (!found) throw new Problem('There is no such case.', 'gone');
    if (since === null) return found;
    // Who asks what is new has the case open.
    const others = lookingToo(id, await personHere());
    const headers = { 'vantle-also-here': others.map(encodeURIComponent).join(' ') };
    return found === 'same'
      ? new Response(null, { status: 304, headers })
      : Response.json(found, { headers });
  });
}

export function DELETE(_request: Request, { params }: Params) {
  return answer(async () => {
    await discardEmptyCase((await params).id, await personHere());
    return { ok: true };
  });
}
