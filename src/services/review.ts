import { momentsOf, reviewOf, type Review, type ReviewPeriod } from '@/core/review';
import { closedBetween } from '@/store/case-list';
import { db } from '@/store/database';
import { caseIndex, profilesOf } from './index-of-cases';

/** Cases that a review is drawn from at the most, those closed last. */
export const MOST_REVIEWED = 5000;

/** What the cases closed within a period say of the shop's work. */
export async function shopReview(period: ReviewPeriod): Promise<Review> {
  const held = await caseIndex();
  const { from, before } = momentsOf(period);
  const ids = await closedBetween(db(), from, before, MOST_REVIEWED);
  const profiles = [...(await profilesOf(held, ids)).values()];
  return reviewOf(profiles, (key) => held.catalogue.resolve(key.split('/')[0] || null)?.system ?? '');
}
