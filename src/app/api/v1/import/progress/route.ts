import { importProgress } from '@/services/exchange/import-progress';
import { answer, Problem } from '../../../answer';

export function GET(request: Request) {
  return answer(request, 'data in and out', () => {
    const progress = importProgress(new URL(request.url).searchParams.get('name') ?? '');
    if (!progress) throw new Problem('No such import is under way.', 'gone');
    return Promise.resolve(progress);
  });
}
