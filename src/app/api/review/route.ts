import { reviewCsv, ReviewPeriod } from '@/core/review';
import { shopReview } from '@/services/review';
import { answer } from '../answer';
import { readQueryOf } from '../v1/query';

/** The review of a period as a table for a spreadsheet. */
export function GET(request: Request) {
  return answer(request, 'look', async () => {
    const period = readQueryOf(request, ReviewPeriod);
    return new Response(reviewCsv(await shopReview(period)), {
      headers: {
        'content-type': 'text/csv; charset=utf-8',
        'content-disposition': `attachment; filename="review${period.from && `-${period.from}`}${period.to && `-to-${period.to}`}.csv"`,
      },
    });
  });
}
