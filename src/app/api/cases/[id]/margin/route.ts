import { marginOf } from '@/services/margin';
import { answer } from '../../../answer';

/** What thinks along with an open case: near cases, what separated them, odds, the next test. */
export function GET(_request: Request, { params }: { params: Promise<{ id: string }> }) {
  return answer(async () => marginOf((await params).id));
}
