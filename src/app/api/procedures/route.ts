import { changeProcedure, ProcedureRequest, procedures } from '@/services/shop/procedures';
import { answer, personHere, readBody } from '../answer';

export function GET(request: Request) {
  return answer(request, 'look', async () => ({ procedures: await procedures() }));
}

export function POST(request: Request) {
  return answer(request, 'diagnose', async () => {
    await changeProcedure(await readBody(request, ProcedureRequest), personHere());
    return { procedures: await procedures() };
  });
}
