import { CaseQuery } from '@/core/api';
import { caseIdOf } from '@/services/cases/cases';
import { exportCase } from '@/services/exchange/export';
import { answer, Problem } from '../../../answer';
import { readQueryOf } from '../../query';

export function GET(request: Request, { params }: { params: Promise<{ id: string }> }) {
  return answer(request, 'look', async () => {
    const { files } = readQueryOf(request, CaseQuery);
    const file = await exportCase(await caseIdOf((await params).id), files === 'inline');
    if (!file) throw new Problem('There is no such case. Ask for it by its number or its id.', 'gone');
    return file;
  });
}
