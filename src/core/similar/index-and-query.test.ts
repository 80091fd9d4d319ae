import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { Catalogue } from '@/core/cause';
import { CaseIndex } from './case-index';
import { readDates } from './dates';
import { experienceOf, median } from './experience';
import { profileOf, type CaseDigest } from './profile';
import { readQuery } from './query';
import { rank, readsReadings } from './search';
import { SHRINK, shrinkage } from './shrinkage';
import { suggest } from './suggest';
import { testDigest } from './test-digest';
import { criteriaOf } from './criteria';
import { mostShare } from './weights';

const catalogue = new Catalogue([
  { id: 'p1', kind: 'part', system: '', name: 'fuel pump', synonyms: [], mergedInto: null, fresh: false },
  { id: 'p2', kind: 'part', system: '', name: 'petrol pump', synonyms: [], mergedInto: 'p1', fresh: false },
  { id: 'f1', kind: 'failure', system: '', name: 'worn', synonyms: [], mergedInto: null, fresh: false },
]);
const digest = (over: Partial<CaseDigest>): CaseDigest =>
  testDigest({ openedAt: '2026-03-10T08:00:00.000Z', closedAt: '2026-03-12T08:00:00.000Z', ...over });
const known = (index: CaseIndex) => ({
  makes: index.values('mk'),
  models: index.values('md'),
  engines: index.values('en'),
  vins: index.vins,
  readings: readsReadings(index),
  people: [{ id: 'mara', name: 'Mara Voss' }],
  nicknames: [{ words: 'the bus', vehicle: 'Brannock/Shire 16/2.3 diesel' }],
  today: '2026-05-20',
});
const indexOf = (...digests: CaseDigest[]) => {
  const index = new CaseIndex();
  for (const d of digests) index.put(d);
  return index;
};
const ask = (index: CaseIndex, line: string) =>
  rank(index, criteriaOf(readQuery(line, known(index), catalogue)), catalogue, 50).ranked.map((r) => r.id);
const trim = (id: string, value: number, unit = '%') =>
  digest({
    id,
    readings: [{ question: 'Is it lean?', label: 'trim at idle', value, unit, decimals: 1 }],
  });

describe('times in a line', () => {
  it.each([
    ['last month', '2026-04-19', ''],
    ['past 2 weeks', '2026-05-06', ''],
    ['this year', '2026-01-01', ''],
    ['since 2025', '2025-01-01', ''],
    ['before march 2026', '', '2026-03-01'],
    ['in december', '2025-12-01', '2026-01-01'],
    ['in may', '2026-05-01', '2026-06-01'],
    ['2026-03', '2026-03-01', '2026-04-01'],
    ['2026-03-14', '2026-03-14', '2026-03-15'],
    // 20 May 2026 is a Wednesday.
    ['since monday', '2026-05-18', ''],
    ['since wednesday', '2026-05-13', ''],
    ['before friday', '', '2026-05-15'],
    ['on tuesday', '2026-05-19', '2026-05-20'],
    ['yesterday', '2026-05-19', '2026-05-20'],
    ['since yesterday', '2026-05-19', ''],
  ])('%s', (line, from, until) => {
    expect(readDates(`stalls ${line}`, '2026-05-20')).toMatchObject({ words: line, from, until });
  });
  it('leave a year alone to the vehicle, and a month that is none', () => {
    expect(readDates('2015 corvane', '2026-05-20')).toBeUndefined();
    expect(readDates('2026-13', '2026-05-20')).toBeUndefined();
  });
  it('never throw', () => {
    fc.assert(fc.property(fc.string({ maxLength: 60 }), (s) => readDates(s, '2026-05-20') !== null));
  });
});

describe('a line', () => {
  const index = indexOf(
    trim('rich', -12),
    trim('lean', 19.5),
    digest({ id: 'mara', people: ['mara'], openedAt: '2025-01-05T00:00:00.000Z' }),
    digest({
      id: 'bus',
      vehicle: { ...digest({}).vehicle, id: 'b', make: 'Brannock', model: 'Shire 16', engine: '2.3 diesel' },
    }),
  );
  it('compares readings, in any words for the comparison', () => {
    for (const line of ['trim at idle > 15 %', 'trim > 15 %', 'trim over 15%', 'idle trim more than 15 %'])
      expect(ask(index, line)).toEqual(['lean']);
    expect(ask(index, 'trim below 0 %')).toEqual(['rich']);
  });
  it('takes a grade as it is shown, and as it is stored', () => {
    for (const line of ['Stayed fixed', 'P0171 stayed fixed', 'tessa HELD'])
      expect(readQuery(line, known(index), catalogue)).toContainEqual(
        expect.objectContaining({ kind: 'grade', label: 'stayed fixed', value: 'held' }),
      );
    expect(readQuery('stayed fixedly', known(index), catalogue).some((c) => c.kind === 'grade')).toBe(false);
  });

  it('does not take for a reading what was never read here', () => {
    const chips = readQuery('will not rev over 3000', known(index), catalogue);
    expect(chips.map((c) => c.kind)).not.toContain('reading');
  });
  it('knows people, times and what the shop calls its vehicles', () => {
    expect(ask(index, 'Mara')).toEqual(['mara']);
    expect(ask(index, 'before 2026')).toEqual(['mara']);
    expect(ask(index, 'the bus')[0]).toBe('bus');
  });
  it('takes a correction before its own reading', () => {
    const chips = readQuery('flurb P0171', known(index), catalogue, [
      { words: 'flurb', kind: 'symptom', value: 'stall', label: 'stalls' },
    ]);
    expect(chips).toMatchObject([{ kind: 'symptom', value: 'stall' }, { kind: 'code' }]);
  });
  it('marks a guess as one', () => {
    const [chip] = readQuery('terribly sooty affair', known(index), catalogue).filter(
      (c) => c.kind === 'symptom',
    );
    expect(chip).toMatchObject({ value: 'black-smoke' });
    const guessed = readQuery('sooted up completely', known(index), catalogue);
    for (const c of guessed.filter((x) => x.kind === 'symptom')) expect(c.guess ?? false).toBeDefined();
  });
  it('is gone on with by what begins so, more frequent things first', () => {
    const lines = suggest('bus tes', index, known(index), catalogue).map((s) => s.line);
    expect(lines[0]).toBe('bus Tessa');
    expect(suggest('tessa ', index, known(index), catalogue)).toEqual([]);
  });
});

describe('the index', () => {
  const anyDigest = fc
    .record({
      id: fc.integer({ min: 0, max: 12 }).map(String),
      codes: fc.subarray(['P0171', 'P0300', 'P0301', 'U0100']),
      symptoms: fc.subarray(['stall', 'rough-idle']),
      grade: fc.constantFrom('' as const, 'claimed' as const, 'held' as const),
      cause: fc.constantFrom('p1', 'p2', null),
    })
    .map((r) =>
      digest({
        id: r.id,
        number: Number(r.id) + 1,
        openedAt: `2026-01-${String(Number(r.id) + 1).padStart(2, '0')}T00:00:00.000Z`,
        codes: r.codes.map((code) => ({ code, weight: 1 })),
        symptoms: r.symptoms.map((id) => ({ id, label: id })),
        grade: r.grade,
        causes: r.cause ? [{ partId: r.cause, failureId: 'f1' }] : [],
      }),
    );

  it('answers after any changes as one drawn up anew', () => {
    fc.assert(
      fc.property(fc.array(fc.tuple(anyDigest, fc.boolean()), { maxLength: 40 }), (steps) => {
        const kept = new CaseIndex();
        const last = new Map<string, CaseDigest>();
        for (const [d, gone] of steps) {
          if (gone) {
            kept.remove(d.id);
            last.delete(d.id);
          } else {
            kept.put(d);
            last.set(d.id, d);
          }
        }
        const anew = indexOf(...last.values());
        for (const line of ['P0171 stalls', 'P030x', 'held', 'tessa'])
          expect(ask(kept, line)).toEqual(ask(anew, line));
      }),
      { numRuns: 40 },
    );
  });

  it('packs itself once a quarter is struck out, and answers the same', () => {
    const index = new CaseIndex();
    const code = (n: number) => [{ code: n % 2 ? 'P0171' : 'P0300', weight: 1 }];
    for (let i = 0; i < 3000; i++) index.put(digest({ id: `c${i}`, number: i + 1, codes: code(i) }));
    for (let i = 0; i < 1200; i++) index.put(digest({ id: `c${i}`, number: i + 1, codes: code(i + 1) }));
    for (let i = 2990; i < 3000; i++) index.remove(`c${i}`);
    expect(index.size).toBe(2990);
    expect(index.documents).toBeLessThan(4200);
    expect(index.count('c|P0171') + index.count('c|P0300')).toBe(2990);
    expect(ask(index, 'P0171')).toHaveLength(50);
    expect(ask(index, '#7')).toEqual(['c6']);
  });

  it('counts a cause under the entry that its part was merged into', () => {
    const index = indexOf(
      digest({ id: 'a', codes: [{ code: 'P0087', weight: 1 }], causes: [{ partId: 'p1', failureId: 'f1' }] }),
      digest({ id: 'b', codes: [{ code: 'P0087', weight: 1 }], causes: [{ partId: 'p2', failureId: 'f1' }] }),
    );
    const { fit } = rank(index, criteriaOf(readQuery('P0087', known(index), catalogue)), catalogue);
    expect([...fit.shares].flatMap(([key, x]) => (x.cases > 0 ? [key] : []))).toEqual(['p1/f1']);
    expect(fit.shares.get('p1/f1')!.cases).toBe(2);
  });

  it('puts the same failure type of a code before another, and both before a sibling', () => {
    const code = (c: string, types?: string[]) => [{ code: c, weight: 1, ...(types ? { types } : {}) }];
    const index = indexOf(
      digest({ id: 'sibling', codes: code('P0301') }),
      digest({ id: 'other', codes: code('P0302', ['11']) }),
      digest({ id: 'same', codes: code('P0302', ['00']) }),
    );
    expect(ask(index, 'P0302-00')).toEqual(['same', 'other', 'sibling']);
  });

  it('leaves a share for what the shop has not seen; one precedent is at most an even bet', () => {
    const one = indexOf(
      digest({ codes: [{ code: 'P0087', weight: 1 }], causes: [{ partId: 'p1', failureId: 'f1' }] }),
    );
    const own = new Catalogue([
      {
        id: 'p1',
        kind: 'part',
        system: '',
        name: 'frobnicator',
        synonyms: [],
        mergedInto: null,
        fresh: false,
      },
      { id: 'f1', kind: 'failure', system: '', name: 'askew', synonyms: [], mergedInto: null, fresh: false },
    ]);
    const { fit } = rank(one, criteriaOf(readQuery('P0087 tessa', known(one), own)), own);
    expect(fit.shares.get('p1/f1')!.share).toBeLessThanOrEqual(mostShare(1));
    // Without a case general practice speaks alone, and says that none of it is the shop's own.
    const empty = rank(new CaseIndex(), criteriaOf(readQuery('P0087', known(one), own)), own);
    expect([...empty.fit.shares.values()].every((x) => x.cases === 0 && x.own === 0)).toBe(true);
    expect(empty.fit.unseen).toBeGreaterThan(0.01);
    const all = [...empty.fit.shares.values()].reduce((sum, x) => sum + x.share, empty.fit.unseen);
    expect(all).toBeGreaterThan(0.97);
    expect(all).toBeLessThanOrEqual(1 + 1e-9);
  });
});

describe('shrinkage', () => {
  it('is strongest where the rate does not depend on the cause, weakest where it is all or nothing', () => {
    expect(shrinkage([5, 5, 5], [10, 10, 10])).toBe(SHRINK.most);
    expect(shrinkage([10, 0, 0, 0], [10, 10, 10, 10])).toBe(SHRINK.least);
    expect(shrinkage([0, 0], [10, 10])).toBe(SHRINK.most);
  });
  it('is not thrown off by rates next to nothing', () => {
    expect(shrinkage([0, 1e-323], [1, 2])).toBe(SHRINK.most);
  });
  it('always lies between its ends', () => {
    const list = fc.array(
      fc.record({ n: fc.integer({ min: 1, max: 50 }), share: fc.double({ min: 0, max: 1, noNaN: true }) }),
      { minLength: 1, maxLength: 12 },
    );
    fc.assert(
      fc.property(list, (causes) => {
        const m = shrinkage(
          causes.map((c) => c.n * c.share),
          causes.map((c) => c.n),
        );
        return m >= SHRINK.least && m <= SHRINK.most;
      }),
    );
  });
});

describe('experience', () => {
  it('counts what was replaced in vain, readings by cause in one unit, and the middle of the minutes', () => {
    const case_ = (
      id: string,
      number: number,
      value: number,
      unit: string,
      partId: string,
      minutes: number,
    ) =>
      profileOf(
        digest({
          id,
          number,
          minutes,
          vain: ['Air filter'],
          causes: [{ partId, failureId: 'f1' }],
          readings: [
            { question: 'Is the pressure right?', label: 'rail pressure', value, unit, decimals: 1 },
          ],
        }),
        catalogue,
      );
    const e = experienceOf([case_('a', 1, 2, 'bar', 'p1', 30), case_('b', 2, 300, 'kPa', 'p2', 50)]);
    expect(e.vain).toEqual([{ what: 'Air filter', numbers: [1, 2] }]);
    expect(e.minutes).toBe(40);
    expect(e.causes).toMatchObject([{ name: 'fuel pump, worn', cases: 2 }]);
    const [range] = e.readings[0]!.causes;
    expect(e.readings[0]).toMatchObject({ label: 'rail pressure', unit: 'bar' });
    expect([range!.low, range!.high]).toEqual([2, 3]);
    expect(range!.median).toBeCloseTo(2.5, 9);
  });
  it('takes the middle value', () => {
    expect(median([3, 1, 2])).toBe(2);
    expect(median([3, 1, 2, 10])).toBe(2.5);
  });
});
