import { MeaningRequest, setMeaning, shopMeanings } from '@/services/guide/meanings';
import { answer, personHere, readBody } from '../answer';

export function GET(request: Request) {
  return answer(request, 'look', async () => ({ own: await shopMeanings() }));
}

export function POST(request: Request) {
  return answer(request, 'keep lists', async () => ({
    own: await setMeaning(await readBody(request, MeaningRequest), personHere()),
  }));
}
