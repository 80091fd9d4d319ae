import { z } from 'zod';
import { historyOf, undo } from '@/services/history';
import { answer, personHere, Problem, readBody, said } from '../../../answer';

/** Undoes one change; gives the history as it is then. */
export function POST(request: Request, { params }: { params: Promise<{ id: string }> }) {
  return answer(async () => {
    const { id } = await params;
    const { seq } = await readBody(request, z.object({ undo: z.literal(true), seq: z.number().int() }));
    await said(undo(id, seq, await personHere()));
    const history = await historyOf(id);
    if (!history) throw new Problem('This case is not there any more.', 404);
    return history;
  });
}
