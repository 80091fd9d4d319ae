import {
  customerData,
  customerExport,
  CustomerQuery,
  EraseRequest,
  eraseCustomer,
} from '@/services/cases/customer-data';
import { answer, personHere, readBody } from '../answer';
import { readQueryOf } from '../v1/query';

/** What is kept on a customer; with `as=file`, all of it to be given to them. */
export function GET(request: Request) {
  return answer(request, 'run the shop', async () => {
    const url = new URL(request.url);
    const as = url.searchParams.get('as');
    url.searchParams.delete('as');
    const { name } = readQueryOf(new Request(url), CustomerQuery);
    if (as !== 'file') return customerData(name);
    return Response.json(await customerExport(name, personHere()), {
      headers: { 'content-disposition': 'attachment; filename="customer.json"', 'cache-control': 'no-store' },
    });
  });
}

/** Takes a customer out of what is kept. */
export function POST(request: Request) {
  return answer(request, 'run the shop', async () =>
    eraseCustomer(await readBody(request, EraseRequest), personHere()),
  );
}
