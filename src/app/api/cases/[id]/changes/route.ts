import { z } from 'zod';
import { ChangeRequest } from '@/core/case';
import { actor } from '@/services/access/actor';
import { saveChanges } from '@/services/cases/save';
import { answer, personHere, Problem, readBody } from '../../../answer';

const Body = ChangeRequest.extend({
  /** Where the writer's record stands; what is new since comes back with the answer. */
  seen: z.number().int().optional(),
  /** Who wrote them: a page that is still open after somebody else signed in sends nothing in their name. */
  by: z.string().max(40).optional(),
});

export function POST(request: Request, { params }: { params: Promise<{ id: string }> }) {
  return answer(request, 'take in', async () => {
    const { changes, seen, by } = await readBody(request, Body);
    const who = actor();
    if (by !== undefined && who?.via === 'session' && by !== who.personId)
      throw new Problem(
        'Somebody else is signed in on this device now. Sign in again; what you typed is kept.',
        'sign in',
      );
    return saveChanges((await params).id, changes, personHere(), seen);
  });
}
