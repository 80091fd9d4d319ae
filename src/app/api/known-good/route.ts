import { changeKnownGood, KnownGoodRequest, knownValues } from '@/services/known-good';
import { answer, personHere, readBody } from '../answer';

export function POST(request: Request) {
  return answer(async () => {
    await changeKnownGood(await readBody(request, KnownGoodRequest), await personHere());
    return { values: await knownValues() };
  });
}
