import { z } from 'zod';
import { ChangeRequest } from '@/core/case';
import { saveChanges } from '@/services/save';
import { answer, personHere, readBody } from '../../../answer';

const Body = ChangeRequest.extend({
  /** Where the writer's record stands; what is new since comes back with the answer. */
  seen: z.number().int().optional(),
});

export function POST(request: Request, { params }: { params: Promise<{ id: string }> }) {
  return answer(request, 'take in', async () => {
    const { changes, seen } = await readBody(request, Body);
    return saveChanges((await params).id, changes, personHere(), seen);
  });
}
