import { pageFor } from '@/app/page-for';
import type { Metadata } from 'next';
import { ReviewPeriod } from '@/core/review';
import { ReviewScreen } from '@/screens/review/review';
import { MOST_REVIEWED, shopReview } from '@/services/review';

export const metadata: Metadata = { title: 'Shop review' };

export default async function Page({
  searchParams,
}: {
  searchParams: Promise<Record<string, string | string[] | undefined>>;
}) {
  await pageFor('look');
  const asked = ReviewPeriod.safeParse(await searchParams);
  const period = asked.success ? asked.data : { from: '', to: '' };
  return (
    <ReviewScreen
      period={period}
      problem={asked.success ? '' : (asked.error.issues[0]?.message ?? '')}
      review={await shopReview(period)}
      most={MOST_REVIEWED}
      today={new Date().toISOString().slice(0, 10)}
    />
  );
}
