import { decodeVin, layoutOf } from '@/services/shop/vin';
import { answer } from '../answer';

/** What a VIN says, and the layout of an engine the shop knows. */
export function GET(request: Request) {
  return answer(request, 'look', async () => {
    const query = new URL(request.url).searchParams;
    const get = (name: string) => (query.get(name) ?? '').slice(0, 200);
    return {
      ...(await decodeVin(get('vin'), get('except'))),
      layout: await layoutOf(get('make'), get('engine'), get('except')),
    };
  });
}
