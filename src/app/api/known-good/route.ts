import { changeKnownGood, KnownGoodRequest, knownValues } from '@/services/shop/known-good';
import { answer, personHere, readBody } from '../answer';

export function POST(request: Request) {
  return answer(request, 'diagnose', async () => {
    await changeKnownGood(await readBody(request, KnownGoodRequest), personHere());
    return { values: await knownValues() };
  });
}
