import { catalogueItems, CatalogueRequest, changeCatalogue } from '@/services/catalogue';
import { answer, personHere, readBody } from '../answer';

export function GET() {
  return answer(async () => ({ items: await catalogueItems() }));
}

export function POST(request: Request) {
  return answer(async () => {
    const body = await readBody(request, CatalogueRequest);
    return { item: await changeCatalogue(body, await personHere()) };
  });
}
