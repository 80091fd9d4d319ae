import { ChangeRequest } from '@/core/case';
import { openCase } from '@/services/cases';
import { applyChanges } from '@/services/save';
import { answer, personHere, readBody } from '../../../answer';

export function POST(request: Request, { params }: { params: Promise<{ id: string }> }) {
  return answer(async () => {
    const { changes } = await readBody(request, ChangeRequest);
    const { id } = await params;
    const results = await applyChanges(id, changes, await personHere());
    return { results, now: await openCase(id) };
  });
}
