import { changeWord, taughtWords, unknownWords, WordRequest } from '@/services/words';
import { answer, personHere, readBody } from '../answer';

export function POST(request: Request) {
  return answer(async () => {
    const body = await readBody(request, WordRequest);
    const done = await changeWord(body, await personHere());
    return { ...done, taught: await taughtWords(), unknown: await unknownWords() };
  });
}
