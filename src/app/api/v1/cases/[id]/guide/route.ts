import { caseIdOf } from '@/services/cases/cases';
import { guideAnswer } from '@/services/guide/guide-answer';
import { answer, Problem } from '../../../../answer';

export function GET(request: Request, { params }: { params: Promise<{ id: string }> }) {
  return answer(request, 'look', async () => {
    const guide = await guideAnswer(await caseIdOf((await params).id));
    if (!guide) throw new Problem('There is no such case. Ask for it by its number or its id.', 'gone');
    return guide;
  });
}
