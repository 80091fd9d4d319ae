import { discardEmptyCase, openCase } from '@/services/cases';
import { answer, personHere, Problem, said } from '../../answer';

type Params = { params: Promise<{ id: string }> };

/** The case, or 304 when nothing was written since the sequence number given as `since`. */
export function GET(request: Request, { params }: Params) {
  return answer(async () => {
    const found = await openCase((await params).id);
    if (!found) throw new Problem('There is no such case.', 404);
    const since = new URL(request.url).searchParams.get('since');
    if (since !== null && Number(since) === found.record.case.seq) return new Response(null, { status: 304 });
    return found;
  });
}

export function DELETE(_request: Request, { params }: Params) {
  return answer(async () => {
    await said(discardEmptyCase((await params).id, await personHere()));
    return { ok: true };
  });
}
