import { changeProcedure, ProcedureRequest, procedures } from '@/services/procedures';
import { answer, personHere, readBody } from '../answer';

export function GET() {
  return answer(async () => ({ procedures: await procedures() }));
}

export function POST(request: Request) {
  return answer(async () => {
    await changeProcedure(await readBody(request, ProcedureRequest), await personHere());
    return { procedures: await procedures() };
  });
}
