import { changeShop, everybody, ShopRequest } from '@/services/shop';
import { answer, personHere, readBody, said } from '../answer';

export function POST(request: Request) {
  return answer(async () => {
    const body = await readBody(request, ShopRequest);
    await said(changeShop(body, await personHere()));
    return { people: await everybody() };
  });
}
