import { z } from 'zod';
import { historyOf, undo, undoLast } from '@/services/cases/history';
import { answer, personHere, Problem, readBody } from '../../../answer';

const Seq = z.number().int();
const Body = z.union([
  z.object({ undo: z.literal(true), seq: Seq }),
  z.object({ undo: z.literal('last'), after: Seq, skip: z.array(Seq).max(2000) }),
]);

/** Undoes one change, or what this person did last; gives what was undone, and the history as it is then. */
export function POST(request: Request, { params }: { params: Promise<{ id: string }> }) {
  return answer(request, 'take in', async () => {
    const { id } = await params;
    const body = await readBody(request, Body);
    const who = personHere();
    const undone = await (body.undo === 'last'
      ? undoLast(id, who, body.after, body.skip)
      : undo(id, body.seq, who));
    if (body.undo === 'last') return { undone: undone ?? null };
    const history = await historyOf(id);
    if (!history) throw new Problem('This case is not there any more.', 'gone');
    return { undone, ...history };
  });
}
