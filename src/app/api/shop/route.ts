import { changeShop, everybody, ShopRequest } from '@/services/shop/shop';
import { answer, personHere, readBody } from '../answer';

export function POST(request: Request) {
  return answer(request, 'run the shop', async () => {
    const body = await readBody(request, ShopRequest);
    await changeShop(body, personHere());
    return { people: await everybody() };
  });
}
