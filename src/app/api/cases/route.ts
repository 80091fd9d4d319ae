import { z } from 'zod';
import { caseByNumber, createCase } from '@/services/cases/cases';
import { startCase } from '@/services/find/find';
import { answer, personHere, Problem, readBody } from '../answer';
import { readPutting } from '../find/refinement';

const Body = z.object({
  vehicleId: z.string().max(40).optional(),
  /** A search line whose vehicle, codes and symptoms the case begins with. */
  line: z.string().max(500).optional(),
  put: z.string().max(8000).optional(),
});

/** The case behind a number that people say. */
export function GET(request: Request) {
  return answer(request, 'look', async () => {
    const number = Number(new URL(request.url).searchParams.get('number'));
    const id = Number.isSafeInteger(number) ? await caseByNumber(number) : undefined;
    if (!id) throw new Problem('There is no case of this number.', 'gone');
    return { id, number };
  });
}

export function POST(request: Request) {
  return answer(request, 'take in', async () => {
    const body = await readBody(request, Body);
    const who = personHere();
    return body.line === undefined
      ? createCase(who, body.vehicleId)
      : startCase(body.line, readPutting(body.put ?? null), who);
  });
}
