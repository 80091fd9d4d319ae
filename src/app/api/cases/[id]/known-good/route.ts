import { knownGoodOffers } from '@/services/shop/known-good';
import { answer } from '../../../answer';

/** Known-good values for the readings of a case that have no limit. */
export function GET(request: Request, { params }: { params: Promise<{ id: string }> }) {
  return answer(request, 'look', async () => ({ offers: await knownGoodOffers((await params).id) }));
}
