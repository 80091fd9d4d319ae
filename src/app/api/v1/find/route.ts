import { FindQuery } from '@/core/api';
import { find } from '@/services/find/find';
import { answer } from '../../answer';
import { readQueryOf } from '../query';

export function GET(request: Request) {
  return answer(request, 'look', async () => {
    const { q, limit } = readQueryOf(request, FindQuery);
    return find(q, limit);
  });
}
