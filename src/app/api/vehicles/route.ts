import { vehiclesLike } from '@/services/cases/cases';
import { answer } from '../answer';

const MOST = 400;

/** Vehicles that were here before and may be the one at hand. */
export function GET(request: Request) {
  return answer(request, 'look', async () => {
    const query = new URL(request.url).searchParams;
    const said = (field: string) => (query.get(field) ?? '').slice(0, MOST);
    const identity = {
      vin: said('vin'),
      plate: said('plate'),
      make: said('make'),
      model: said('model'),
      year: Number(said('year')) || null,
      customer: said('customer'),
      phone: said('phone'),
    };
    return { vehicles: await vehiclesLike(identity, said('except')) };
  });
}
