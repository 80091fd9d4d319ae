import { describe, expect, it } from 'vitest';
import { KINDS } from '@/core/case';
import { judgeWhole } from './judge';

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
    // A reading is not its own battery.
    expect(judged(reading('battery', '9 V', 'B+')).readings[0]!.verdict).toBe('unsure');
  });
});
