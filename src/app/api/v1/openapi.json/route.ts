import { openApi } from '@/core/api';
import { answer } from '../../answer';

/** How programs ask. */
export function GET(request: Request) {
  return answer(request, 'look', () => Promise.resolve(openApi()));
}
