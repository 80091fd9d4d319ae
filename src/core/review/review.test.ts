import Papa from 'papaparse';
import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import type { CaseProfile } from '@/core/similar';
import { reviewOf } from './review';
import { reviewCsv } from './review-csv';

const PUMP = { key: 'pump/worn', name: 'fuel pump, worn' };
const COIL = { key: 'coil/open', name: 'ignition coil, open circuit' };
const systemOf = (key: string) => ({ pump: 'fuel', coil: 'ignition' })[key.split('/')[0]!] ?? '';

const profile = (number: number, over: Partial<CaseProfile> = {}): CaseProfile =>
  ({
    id: `c${number}`,
    number,
    open: false,
    causes: [PUMP],
    grade: 'proven',
    repaired: true,
    cameBack: false,
    comebacks: [],
    minutes: null,
    vain: [],
    spent: [],
    symptoms: [],
    outcomes: [],
    ...over,
  }) as unknown as CaseProfile;
const asked = (question: string, verdict: string, minutes: number | null) => ({ question, verdict, minutes });

describe('a review', () => {
  it('counts how cases end, and leaves out what none ended as', () => {
    const { proof, cases } = reviewOf(
      [profile(1), profile(2, { grade: 'claimed' }), profile(3), profile(4, { grade: '' })],
      systemOf,
    );
    expect(cases).toEqual([1, 2, 3, 4]);
    expect(proof).toEqual([
      { grade: '', cases: [4] },
      { grade: 'claimed', cases: [2] },
      { grade: 'proven', cases: [1, 3] },
    ]);
  });

  it('counts what came back, as a later case or at a follow-up, out of what was repaired', () => {
    const { comebacks } = reviewOf(
      [
        profile(1, { comebacks: [9] }),
        profile(2, { cameBack: true }),
        profile(3),
        profile(4, { repaired: false, cameBack: true }),
        profile(5, { causes: [COIL] }),
        profile(6, { causes: [COIL, PUMP], comebacks: [8, 9] }),
      ],
      systemOf,
    );
    expect(comebacks).toEqual([
      { keys: [PUMP.key], name: PUMP.name, cases: [1, 2], of: 3 },
      // Which of two it was is not told.
      {
        keys: [COIL.key, PUMP.key],
        name: 'ignition coil, open circuit and fuel pump, worn',
        cases: [6],
        of: 1,
      },
    ]);
  });

  it('gives the median of the minutes noted, by system, the slowest first', () => {
    const { testing } = reviewOf(
      [
        profile(1, { outcomes: [asked('A?', 'pass', 10), asked('B?', 'fail', 20)] }),
        profile(2, { outcomes: [asked('A?', 'fail', 90)] }),
        profile(3, { outcomes: [asked('A?', 'fail', 50), asked('Put on, not done?', '', null)] }),
        // How long the second took is not told, so the case says nothing.
        profile(4, { outcomes: [asked('A?', 'pass', 5), asked('B?', 'fail', null)] }),
        profile(5, { causes: [COIL], outcomes: [asked('A?', 'fail', 20)] }),
        profile(6, { causes: [COIL], outcomes: [asked('A?', 'unsure', 40)] }),
        profile(7, { causes: [], outcomes: [asked('A?', 'fail', 500)] }),
        profile(8, { causes: [{ key: 'x/y', name: 'thing' }], outcomes: [asked('A?', 'fail', 7)] }),
        profile(9),
      ],
      systemOf,
    );
    expect(testing).toEqual([
      { system: 'fuel', cases: [1, 2, 3], median: 50, longest: 90 },
      { system: 'ignition', cases: [5, 6], median: 30, longest: 40 },
      { system: 'other', cases: [8], median: 7, longest: 7 },
    ]);
  });

  it('ranks tests by how often they find something for each hour, where they were timed three times', () => {
    const quick = [3, 4, 5].map((n) =>
      profile(n, {
        outcomes: [
          asked('Is the feed at 12 V?', n === 5 ? 'pass' : 'fail', 10),
          asked('Seldom?', 'fail', n === 3 ? 1 : null),
          asked('Never finds?', 'pass', 5),
        ],
      }),
    );
    const slow = [6, 7, 8].map((n) =>
      profile(n, { outcomes: [asked('Smoke test', 'fail', 30), asked('is the FEED at 12 V', 'void', 10)] }),
    );
    const { tests } = reviewOf(
      [...quick, ...slow, profile(9, { causes: [], outcomes: [asked('Smoke test', 'fail', 30)] })],
      systemOf,
    );
    // 2 of 3 in 10 minutes: 4 an hour; 3 of 3 in 30 minutes: 2 an hour.
    expect(tests).toEqual([
      { question: 'Is the feed at 12 V?', found: [3, 4], done: 3, minutes: 10, perHour: 4 },
      { question: 'Smoke test', found: [6, 7, 8], done: 3, minutes: 30, perHour: 2 },
    ]);
  });

  it('adds up what was spent in vain, where it can be read, and says on how many cases that is', () => {
    const { inVain } = reviewOf(
      [
        // Two of one part on one case; the third as a word.
        profile(1, {
          vain: ['battery', 'starter'],
          spent: [
            { what: 'battery', price: '120' },
            { what: 'battery', price: '85.50' },
            { what: 'starter', price: 'not much' },
          ],
        }),
        profile(2, { vain: ['battery'], spent: [{ what: 'battery', price: '100' }] }),
        profile(3, { vain: ['battery'] }),
      ],
      systemOf,
      (typed) => (/^[\d.]+$/.test(typed) ? Number(typed) : undefined),
    );
    expect(inVain).toEqual([
      { part: 'battery', cases: [1, 2, 3], spent: { sum: 305.5, cases: [1, 2], unread: [] } },
      { part: 'starter', cases: [1], spent: { sum: 0, cases: [], unread: [1] } },
    ]);
    expect(
      reviewOf([profile(1, { vain: ['battery'], spent: [{ what: 'battery', price: '9' }] })], systemOf)
        .inVain,
    ).toEqual([{ part: 'battery', cases: [1], spent: { sum: 0, cases: [], unread: [1] } }]);
    expect(reviewOf([profile(1, { vain: ['battery'] })], systemOf).inVain[0]?.spent).toBeUndefined();
  });

  it('sets complaints beside causes, and counts a case once', () => {
    const stalls = { id: 'stall', label: 'stalls' };
    const { complaints, inVain } = reviewOf(
      [
        profile(1, { symptoms: [stalls, stalls], vain: ['battery'] }),
        profile(2, { symptoms: [stalls], causes: [COIL], vain: ['battery', 'starter'] }),
        profile(3, { symptoms: [stalls] }),
        profile(4, { symptoms: [stalls], causes: [] }),
      ],
      systemOf,
    );
    expect(complaints).toMatchObject([
      {
        symptom: 'stalls',
        cases: [1, 2, 3],
        causes: [
          { ...PUMP, cases: [1, 3] },
          { ...COIL, cases: [2] },
        ],
      },
    ]);
    expect(inVain).toEqual([
      { part: 'battery', cases: [1, 2] },
      { part: 'starter', cases: [2] },
    ]);
  });

  it('of nothing is empty', () => {
    const empty = reviewOf([], systemOf);
    expect(Object.values(empty).every((list) => (list as unknown[]).length === 0)).toBe(true);
    expect(reviewCsv(empty)).toBe('figure,about,value,unit,cases\r\n');
  });

  it('names only cases that are in it, and no more than there are, whatever they hold', () => {
    const some = fc.array(
      fc.record({
        grade: fc.constantFrom('' as const, 'claimed' as const, 'proven' as const, 'held' as const),
        cameBack: fc.boolean(),
        repaired: fc.boolean(),
        outcomes: fc.array(
          fc.record({
            question: fc.constantFrom('A?', 'B?'),
            verdict: fc.constantFrom('', 'pass', 'fail'),
            minutes: fc.option(fc.integer({ min: 1, max: 300 })),
          }),
          { maxLength: 3 },
        ),
        causes: fc.subarray([PUMP, COIL]),
      }),
      { maxLength: 12 },
    );
    fc.assert(
      fc.property(some, (list) => {
        const profiles = list.map((p, i) => profile(i + 1, p));
        const r = reviewOf(profiles, systemOf);
        expect(r.proof.flatMap((p) => p.cases).sort((a, b) => a - b)).toEqual(profiles.map((p) => p.number));
        for (const c of r.comebacks) {
          expect(c.cases.length).toBeLessThanOrEqual(c.of);
          expect(new Set(c.cases).size).toBe(c.cases.length);
        }
        for (const t of r.testing) {
          expect(t.median).toBeLessThanOrEqual(t.longest);
          for (const n of t.cases)
            expect(profiles[n - 1]!.outcomes.some((o) => o.verdict !== '' && o.minutes === null)).toBe(false);
        }
      }),
    );
  });
});

describe('as a table', () => {
  it('holds each figure with its cases, and keeps what looks like a formula as text', () => {
    const csv = reviewCsv(
      reviewOf(
        [
          profile(1, { grade: 'held', vain: ['=part'], spent: [{ what: '=part', price: '12,5' }] }),
          profile(2, { comebacks: [5] }),
        ],
        systemOf,
        () => 12.5,
      ),
      'GBP',
    );
    const { data } = Papa.parse<string[]>(csv, { skipEmptyLines: true });
    expect(data).toContainEqual(['ended as', 'stayed fixed', '1', 'cases', '1']);
    expect(data).toContainEqual(['came back', 'fuel pump, worn', '1', 'of 2 repaired', '2']);
    expect(data).toContainEqual(['replaced without success', "'=part", '1', 'cases', '1']);
    expect(data).toContainEqual(['spent without success', "'=part", '12.50', 'GBP', '1']);
  });
});
