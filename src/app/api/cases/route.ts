import { z } from 'zod';
import { createCase } from '@/services/cases';
import { answer, personHere, readBody } from '../answer';

const Body = z.object({ vehicleId: z.string().max(40).optional() });

export function POST(request: Request) {
  return answer(async () => {
    const body = await readBody(request, Body);
    return createCase(await personHere(), body.vehicleId);
  });
}
