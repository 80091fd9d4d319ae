import { changeWord, taughtWords, unknownWords, WordRequest } from '@/services/find/words';
import { answer, personHere, readBody } from '../answer';

export function POST(request: Request) {
  return answer(request, 'keep lists', async () => {
    const body = await readBody(request, WordRequest);
    const done = await changeWord(body, personHere());
    return { ...done, taught: await taughtWords(), unknown: await unknownWords() };
  });
}
