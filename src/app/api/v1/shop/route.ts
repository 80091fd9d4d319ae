import { exportShop, takeShop } from '@/services/exchange/shop-file';
import { noteAccess } from '@/services/access/log';
import { answer, personHere } from '../../answer';
import { bytesOf } from '../../body';
import { streamOf } from '../stream';

const MOST_BYTES = 30 * 1024 * 1024;

/** What the shop has beside its cases, as lines. */
export function GET(request: Request) {
  return answer(request, 'data in and out', async () => {
    await noteAccess(personHere(), 'export', '', { as: 'shop' });
    return new Response(streamOf(exportShop()), {
      headers: {
        'content-type': 'application/x-ndjson; charset=utf-8',
        'content-disposition': 'attachment; filename="shop.ndjson"',
      },
    });
  });
}

/** Takes the lists of another shop, or of this one, in. */
export function POST(request: Request) {
  return answer(request, 'data in and out', async () => {
    const bytes = await bytesOf(
      request,
      MOST_BYTES,
      'That is more than 30 MB. Leave out the lines of the history: no shop takes over another’s.',
    );
    return takeShop(new TextDecoder().decode(bytes), personHere());
  });
}
