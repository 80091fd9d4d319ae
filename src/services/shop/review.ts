import { reviewOf, type Review } from '@/core/review';
import { closedBetween } from '@/store/case-list';
import { db } from '@/store/database';
import { readPrice } from '@/core/money';
import { momentsOf } from './days';
import { money } from './shop';
import { caseIndex, profilesOf } from '../find/index-of-cases';

/** Cases that a review is drawn from at the most, those closed last. */
export const MOST_REVIEWED = 5000;

/**
 * What the cases closed within a period say of the shop's work.
 *
 * @throws Problem where a day of the period cannot be read
 */
export async function shopReview(period: { from: string; to: string }): Promise<Review> {
  const held = await caseIndex();
  const { from, before } = momentsOf(period.from, period.to);
  const ids = await closedBetween(db(), from, before, MOST_REVIEWED);
  const profiles = [...(await profilesOf(held, ids)).values()];
  const { currency } = await money();
  return reviewOf(
    profiles,
    (key) => held.catalogue.resolve(key.split('/')[0] || null)?.system ?? '',
    (typed) => readPrice(typed, currency),
  );
}
