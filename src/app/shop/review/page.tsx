import { pageFor } from '@/app/page-for';
import { format } from 'date-fns';
import type { Metadata } from 'next';
import { Problem } from '@/core/problem';
import { ReviewScreen } from '@/screens/review/review';
import { MOST_REVIEWED, shopReview } from '@/services/shop/review';
import { money } from '@/services/shop/shop';

export const metadata: Metadata = { title: 'Shop review' };

export default async function Page({
  searchParams,
}: {
  searchParams: Promise<Record<string, string | string[] | undefined>>;
}) {
  await pageFor('look');
  const { from, to } = await searchParams;
  const asked = { from: typeof from === 'string' ? from : '', to: typeof to === 'string' ? to : '' };
  const { review, problem } = await reviewOr(asked);
  return (
    <ReviewScreen
      period={asked}
      problem={problem}
      review={review}
      currency={(await money()).currency}
      most={MOST_REVIEWED}
      today={format(new Date(), 'yyyy-MM-dd')}
    />
  );
}

/** The review; where a day cannot be read, what is wrong instead. */
async function reviewOr(period: { from: string; to: string }) {
  try {
    return { review: await shopReview(period), problem: '' };
  } catch (e) {
    if (!(e instanceof Problem)) throw e;
    return { review: null, problem: e.message };
  }
}
