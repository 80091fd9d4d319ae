import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { GET } from '@/app/api/review/route';
import { caseList } from '../cases/case-list';
import { CaseListQuery } from '@/core/case';
import { shopReview } from './review';
import { signedRequest } from '../testing/test-shop';
import { testDemoShop } from '../testing/test-demo-shop';

let end: () => Promise<void>;
beforeAll(async () => {
  end = await testDemoShop();
}, 60_000);
afterAll(() => end());

describe('the review of a shop', () => {
  it('is of the cases closed in the period, and of those only', async () => {
    const closed = (await caseList(CaseListQuery.parse({ state: 'closed', most: 500 }))).rows;
    const all = await shopReview({ from: '', to: '' });
    expect([...all.cases].sort((a, b) => a - b)).toEqual(closed.map((c) => c.number).sort((a, b) => a - b));
    const days = closed.map((c) => c.closedAt!.slice(0, 10)).sort();
    const middle = days[Math.floor(days.length / 2)]!;
    const until = await shopReview({ from: '', to: middle });
    expect(until.cases).toHaveLength(days.filter((d) => d <= middle).length);
    const on = await shopReview({ from: middle, to: middle });
    expect(on.cases).toHaveLength(days.filter((d) => d === middle).length);
    expect((await shopReview({ from: '2031-01-01', to: '' })).cases).toEqual([]);
  });

  it('says of the demo shop what came back, what was in vain and what tests found', async () => {
    const review = await shopReview({ from: '', to: '' });
    expect(review.comebacks.flatMap((c) => c.cases)).toContain(5);
    expect(review.inVain.length).toBeGreaterThan(0);
    expect(review.testing.map((t) => t.system)).toContain('Fuel supply');
    expect(review.complaints[0]!.causes.length).toBeGreaterThan(0);
  });

  it('comes as CSV, and a wrong day is said', async () => {
    const answer = await GET(signedRequest('http://shop/api/review?from=2020-01-01'));
    expect(answer.headers.get('content-disposition')).toBe('attachment; filename="review-2020-01-01.csv"');
    expect((await answer.text()).split('\r\n')[0]).toBe('figure,about,value,unit,cases');
    const refused = await GET(signedRequest('http://shop/api/review?from=soon'));
    expect(refused.status).toBe(400);
  });
});
