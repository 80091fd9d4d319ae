import { forksFor } from '@/services/forks';
import { answer } from '../../../answer';

/** What separated the near cases that had different causes. */
export function GET(_request: Request, { params }: { params: Promise<{ id: string }> }) {
  return answer(async () => ({ forks: await forksFor((await params).id) }));
}
