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
