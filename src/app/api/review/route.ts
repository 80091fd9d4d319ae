import { z } from 'zod';
import { reviewCsv } from '@/core/review';
import { shopReview } from '@/services/shop/review';
import { money } from '@/services/shop/shop';
import { answer } from '../answer';
import { readQueryOf } from '../v1/query';

const Period = z.object({ from: z.string().max(10).default(''), to: z.string().max(10).default('') });

/** The review of a period as a table for a spreadsheet. */
export function GET(request: Request) {
  return answer(request, 'look', async () => {
    const period = readQueryOf(request, Period);
    const csv = reviewCsv(await shopReview(period), (await money()).currency);
    return new Response(csv, {
      headers: {
        'content-type': 'text/csv; charset=utf-8',
        'content-disposition': `attachment; filename="review${period.from && `-${period.from}`}${period.to && `-to-${period.to}`}.csv"`,
      },
    });
  });
}
