import { MeaningRequest, setMeaning, shopMeanings } from '@/services/meanings';
import { answer, personHere, readBody } from '../answer';

export function GET() {
  return answer(async () => ({ own: await shopMeanings() }));
}

export function POST(request: Request) {
  return answer(async () => ({
    own: await setMeaning(await readBody(request, MeaningRequest), await personHere()),
  }));
}
