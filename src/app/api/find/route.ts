import { findWithBeside } from '@/services/find/find';
import { answer } from '../answer';
import { readPutting } from './refinement';

/** Who looks through more than this has asked for too little. */
const MOST = 500;

export function GET(request: Request) {
  return answer(request, 'look', async () => {
    const query = new URL(request.url).searchParams;
    const limit = Math.min(MOST, Math.max(1, Number(query.get('limit') ?? 30) || 30));
    return findWithBeside(query.get('q') ?? '', limit, readPutting(query.get('put')));
  });
}
