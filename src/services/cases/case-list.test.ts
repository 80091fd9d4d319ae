import fc from 'fast-check';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { CaseListAnswer } from '@/core/api';
import { CASE_LIST_COLUMNS, CaseListQuery } from '@/core/case';
import { GET } from '@/app/api/case-list/route';
import { caseList } from './case-list';
import { chosenCases } from '../exchange/export-choice';
import { everybody } from '../shop/shop';
import { signedRequest } from '../testing/test-shop';
import { DEMO_FILES, testDemoShop } from '../testing/test-demo-shop';

let end: () => Promise<void>;
beforeAll(async () => {
  end = await testDemoShop();
}, 60_000);
afterAll(() => end());

const list = (query: Partial<CaseListQuery> = {}) => caseList(CaseListQuery.parse({ most: 500, ...query }));
const numbers = async (query: Partial<CaseListQuery> = {}) => (await list(query)).rows.map((r) => r.number);

describe('the list of all cases', () => {
  it('has every case once, the newest first, with what it was', async () => {
    const { total, rows } = await list();
    expect(total).toBe(DEMO_FILES.length);
    const opened = rows.map((r) => r.openedAt);
    expect(opened).toEqual([...opened].sort().reverse());
    expect(new Set(rows.map((r) => r.number))).toEqual(new Set(DEMO_FILES.map((f) => f.number)));
    expect(rows.find((r) => r.number === 3)).toMatchObject({
      vehicle: '2015 Corvane Tessa 1.6 petrol',
      cause: 'intake boot, cracked',
      closedAt: expect.any(String) as string,
    });
    expect(rows.find((r) => r.number === 34)).toMatchObject({ cause: '', closedAt: null });
  });

  it('finds by all words, in vehicle, plate with and without blanks, customer and order number', async () => {
    const tessas = await numbers({ words: 'tessa CORVANE' });
    expect(tessas).toContain(34);
    expect(tessas).toEqual(
      (await list()).rows.filter((r) => r.vehicle.includes('Corvane Tessa')).map((r) => r.number),
    );
    expect(await numbers({ words: 'WL18TES' })).toEqual(await numbers({ words: 'wl 18 tes' }));
    expect(await numbers({ words: 'WL18TES' })).toContain(34);
    expect(await numbers({ words: 'Quill' })).toEqual([49, 10]);
    expect(await numbers({ words: 'tessa lugger' })).toEqual([]);
    // No sign of a pattern is one here.
    expect(await numbers({ words: '%' })).toEqual([]);
    expect(await numbers({ words: '_' })).toEqual([]);
  });

  it('filters by status, proof and lead', async () => {
    const all = (await list()).rows;
    expect(await numbers({ state: 'open' })).toEqual(
      all.filter((r) => r.closedAt === null).map((r) => r.number),
    );
    expect(await numbers({ state: 'closed', grade: 'proven' })).toEqual(
      all.filter((r) => r.closedAt !== null && r.grade === 'proven').map((r) => r.number),
    );
    const lead = (await everybody()).find((p) => all.some((r) => r.lead === p.name))!;
    expect(await numbers({ lead: lead.id })).toEqual(
      all.filter((r) => r.lead === lead.name).map((r) => r.number),
    );
  });

  it('sorts grades by what they say', async () => {
    const order = ['', 'claimed', 'checked', 'proven', 'held'];
    const grades = (await list({ sort: 'grade', order: 'up' })).rows.map((r) => order.indexOf(r.grade));
    expect(grades).toEqual([...grades].sort((a, b) => a - b));
    expect(new Set(grades).size).toBeGreaterThan(3);
  });

  it('is the same read page by page, by whatever it is sorted', async () => {
    await fc.assert(
      fc.asyncProperty(
        fc.constantFrom(...CASE_LIST_COLUMNS),
        fc.constantFrom('up' as const, 'down' as const),
        fc.integer({ min: 7, max: 20 }),
        async (sort, order, most) => {
          const whole = await numbers({ sort, order });
          const pages: number[] = [];
          for (let from = 0; from < whole.length; from += most)
            pages.push(...(await numbers({ sort, order, from, most })));
          expect(pages).toEqual(whole);
          expect(new Set(pages).size).toBe(DEMO_FILES.length);
        },
      ),
      { numRuns: 12 },
    );
  });

  it('gives out exactly what the filter leaves, and the cases those refer to', async () => {
    const { ids, brought } = await chosenCases({ words: 'tessa', state: 'closed' });
    const wanted = new Set((await list({ words: 'tessa', state: 'closed' })).rows.map((r) => r.id));
    expect(ids.filter((id) => wanted.has(id))).toHaveLength(wanted.size);
    expect(ids).toHaveLength(wanted.size + brought.length);
    expect((await chosenCases({})).ids).toHaveLength(DEMO_FILES.length);
    expect((await chosenCases({ words: 'no such vehicle' })).ids).toEqual([]);
  });

  it('answers over HTTP in its shape, and says what is wrong with a question', async () => {
    const good = await GET(signedRequest('http://shop/api/case-list?words=tessa&most=2'));
    const answer = CaseListAnswer.parse(await good.json());
    expect(answer.rows).toHaveLength(2);
    expect(answer.total).toBeGreaterThan(2);
    for (const [query, says] of [
      ['state=ajar', /state is open or closed/],
      ['grade=great', /proof is one of claimed/],
      ['most=100000', /500/],
      [`words=${'x'.repeat(201)}`, /at most 200/],
    ] as const) {
      const refused = await GET(signedRequest(`http://shop/api/case-list?${query}`));
      expect(refused.status).toBe(400);
      expect(((await refused.json()) as { error: string }).error).toMatch(says);
    }
  });
});
