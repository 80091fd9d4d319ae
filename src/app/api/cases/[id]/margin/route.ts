import { marginOf } from '@/services/guide/margin';
import { answer } from '../../../answer';

/** What thinks along with an open case: near cases, what separated them, odds, the next test. */
export function GET(request: Request, { params }: { params: Promise<{ id: string }> }) {
  return answer(request, 'look', async () => marginOf((await params).id));
}
