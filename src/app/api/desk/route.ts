import { desk, deskSeq } from '@/services/shop/desk';
import { answer } from '../answer';

/** The desk; with `since`, only whether something was written in the shop since: 304 when nothing was. */
export function GET(request: Request) {
  return answer(request, 'look', async () => {
    const since = new URL(request.url).searchParams.get('since');
    if (since === null) return desk();
    const seq = await deskSeq();
    return seq === Number(since) ? new Response(null, { status: 304 }) : { seq };
  });
}
