import { precedentsOf } from '@/services/find';
import { answer } from '../../../answer';

export function GET(_request: Request, { params }: { params: Promise<{ id: string }> }) {
  return answer(async () => precedentsOf((await params).id));
}
