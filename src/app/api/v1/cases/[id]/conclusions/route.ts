import { caseIdOf } from '@/services/cases/cases';
import { conclusionsAnswer } from '@/services/guide/conclusions';
import { answer, Problem } from '../../../../answer';

export function GET(request: Request, { params }: { params: Promise<{ id: string }> }) {
  return answer(request, 'look', async () => {
    const drawn = await conclusionsAnswer(await caseIdOf((await params).id));
    if (!drawn) throw new Problem('There is no such case. Ask for it by its number or its id.', 'gone');
    return drawn;
  });
}
