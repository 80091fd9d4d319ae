import { suggestions } from '@/services/find/find';
import { answer } from '../../answer';

export function GET(request: Request) {
  return answer(request, 'look', async () => ({
    suggestions: await suggestions(new URL(request.url).searchParams.get('q') ?? ''),
  }));
}
