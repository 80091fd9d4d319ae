import { vehiclesLike } from '@/services/cases';
import { answer } from '../answer';

export function GET(request: Request) {
  return answer(async () => {
    const query = new URL(request.url).searchParams;
    return { vehicles: await vehiclesLike(query.get('vin') ?? '', query.get('except') ?? '') };
  });
}
