import { CaseListQuery } from '@/core/case';
import { caseList } from '@/services/cases/case-list';
import { answer } from '../answer';
import { readQueryOf } from '../v1/query';

/** One page of the list of all cases. */
export function GET(request: Request) {
  return answer(request, 'look', async () => caseList(readQueryOf(request, CaseListQuery)));
}
