import { describe, expect, it } from 'vitest';
import { KINDS } from '@/core/case';
import { judgeTests, judgeWhole, withVerdicts } from './judge';

const test = KINDS.test.parse({ id: 't2', caseId: 'k', at: '2026-01-02T10:00:00.000Z', repeatOf: 't' });
const reading = (label: string, entered: string, limit: string) =>
  KINDS.reading.parse({ id: label, caseId: 'k', testId: 't2', label, entered, limit });
const first = {
  readings: [reading('rail', '2.1 bar', '≥ 3.7 bar'), reading('drop', '0.1 V', '≤ 0.2 V')],
  inputs: [],
};
const repeat = (...readings: ReturnType<typeof reading>[]) =>
  judgeWhole(test, [], readings, [], [], first).test;

describe('a repeat', () => {
  it('passes with every reading taken again against the same limits, however they are written', () => {
    expect(
      repeat(reading('Rail ', '3.9 bar', '≥  3.7 bar'), reading('drop', '0.1 V', '≤ 0.2 V')),
    ).toMatchObject({
      verdict: 'pass',
    });
  });
  it('does not pass a reading whose limit was taken away, though the others pass', () => {
    const { verdict, because } = repeat(reading('rail', '2.1 bar', ''), reading('drop', '0.1 V', '≤ 0.2 V'));
    expect([verdict, because]).toEqual(['unsure', expect.stringContaining('a limit for rail')]);
  });
  it('does not pass by a wider limit; a narrower one that it passes is no question', () => {
    const good = reading('drop', '0.1 V', '≤ 0.2 V');
    expect(repeat(reading('rail', '2.4 bar', '≥ 2 bar'), good)).toMatchObject({
      verdict: 'unsure',
      because: expect.stringContaining('the first time the limit was ≥ 3.7 bar') as string,
    });
    expect(repeat(reading('rail', '4.1 bar', '≥ 4 bar'), good).verdict).toBe('pass');
  });
  it('fails where a reading fails, whatever else is missing', () => {
    expect(repeat(reading('rail', '2.1 bar', '≥ 3.7 bar')).verdict).toBe('fail');
  });
});

describe('a limit of battery voltage', () => {
  const judged = (...readings: ReturnType<typeof reading>[]) =>
    judgeWhole({ ...test, repeatOf: null }, [], readings, []);
  const feed = reading('feed at the part', '12.4 V', 'B+');
  it('is held against the battery’s reading in the same test', () => {
    const r = judged(reading('battery', '12.6 V', ''), feed);
    expect(r.readings[1]!.verdict).toBe('pass');
    expect(judged(reading('battery voltage', '12.6 V', ''), { ...feed, entered: '9.8 V' }).test.verdict).toBe(
      'fail',
    );
    expect(judged(reading('B+', '25.2 V', ''), feed).readings[1]!.verdict).toBe('fail');
  });
  it.each(['B+', '= B+', 'battery voltage', 'Ubat', 'U_batt', '~ battery'])('is written %s', (limit) => {
    const r = judged(reading('Battery, at the post', '12,6 V', ''), { ...feed, limit });
    expect(r.readings[1]!.verdict).toBe('pass');
  });
  it('is asked for where the battery was not read, and never taken from words or amperes', () => {
    for (const entered of ['', 'good', '40 A']) {
      const r = judged(reading('battery', entered, ''), feed);
      expect([r.test.verdict, r.readings[1]!.because]).toEqual([
        'unsure',
        expect.stringContaining('add a reading named'),
      ]);
    }
    expect(judged(feed).readings[0]!.verdict).toBe('unsure');
    // The battery's sensor, lamp and cable are other places.
    for (const label of ['battery sensor supply', 'battery lamp', 'battery cable drop'])
      expect(judged(reading(label, '5 V', ''), feed).readings[1]!.verdict, label).toBe('unsure');
    // A reading is not its own battery.
    expect(judged(reading('battery', '9 V', 'B+')).readings[0]!.verdict).toBe('unsure');
  });
});

describe('judging the tests of a case', () => {
  const at = '2026-01-02T10:00:00.000Z';
  const row = (id: string, more: object = {}) => KINDS.test.parse({ id, caseId: 'k', at, ...more });
  const read = (id: string, testId: string, entered: string) =>
    KINDS.reading.parse({ id, caseId: 'k', testId, label: 'rail', entered, limit: '≥ 3.7 bar' });
  const record = (tests: ReturnType<typeof row>[], readings: ReturnType<typeof read>[]) => ({
    test: tests,
    reading: readings,
    condition: [],
    input: [],
    finding: [],
  });

  it('gives back those whose verdict or reason is another than stands, and no others', () => {
    const judged = withVerdicts(
      record([row('a'), row('b')], [read('r', 'a', '2 bar'), read('s', 'b', '4 bar')]),
    );
    expect(judged.test.map((t) => t.verdict)).toEqual(['fail', 'pass']);
    expect(judgeTests(judged)).toEqual({ tests: [], readings: [] });
    // The verdict stays, the reason is another: it is written anew.
    const lower = {
      ...judged,
      reading: judged.reading.map((r) => (r.id === 'r' ? { ...r, entered: '1 bar' } : r)),
    };
    const again = judgeTests(lower);
    expect(again.tests.map(({ row: t, verdict }) => [t.id, verdict.verdict])).toEqual([['a', 'fail']]);
    expect(again.readings.map(({ row: r }) => r.id)).toEqual(['r']);
    // The reason stays and the verdict is another.
    const wrong = {
      ...judged,
      test: judged.test.map((t) => (t.id === 'b' ? { ...t, verdict: 'fail' as const } : t)),
    };
    expect(judgeTests(wrong).tests.map(({ row: t }) => t.id)).toEqual(['b']);
  });

  it('judges only what was written, and its repeats', () => {
    const tests = [row('a'), row('b'), row('a2', { repeatOf: 'a' })];
    const all = record(tests, [read('r', 'a', '2 bar'), read('s', 'b', '4 bar'), read('t', 'a2', '4 bar')]);
    const ids = (only?: string[]) => judgeTests(all, only && new Set(only)).tests.map(({ row: t }) => t.id);
    expect(ids()).toEqual(['a', 'b', 'a2']);
    expect(ids(['a'])).toEqual(['a', 'a2']);
    expect(ids(['a2'])).toEqual(['a2']);
    expect(ids(['b'])).toEqual(['b']);
  });
});
