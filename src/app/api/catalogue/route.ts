import { catalogueItems, CatalogueRequest, changeCatalogue, entryUse } from '@/services/shop/catalogue';
import { answer, personHere, Problem, readBody } from '../answer';

/** The list; with `use`, where one entry of it stands. */
export function GET(request: Request) {
  return answer(request, 'look', async () => {
    const of = new URL(request.url).searchParams.get('use');
    if (of === null) return { items: await catalogueItems() };
    const use = await entryUse(of);
    if (!use) throw new Problem('That entry is not in the list any more.', 'gone');
    return use;
  });
}

export function POST(request: Request) {
  return answer(request, 'diagnose', async () => {
    const body = await readBody(request, CatalogueRequest);
    return { item: await changeCatalogue(body, personHere()) };
  });
}
