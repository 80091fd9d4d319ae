import { numberOfCases } from '@/services/cases/cases';
import { answer } from '../answer';

export const dynamic = 'force-dynamic';

/** Answers when the database can be read; the start script waits for it. */
export function GET(request: Request) {
  return answer(request, 'open', async () => {
    await numberOfCases();
    return { ok: true };
  });
}
