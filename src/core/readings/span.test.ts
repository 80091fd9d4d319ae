import { describe, expect, it } from 'vitest';
import { judgeCount, judgeSpan, spanOf } from './span';
import { judgeReading } from './verdict';

describe('a reading that moves, or of which one end is told', () => {
  it.each([
    ['650-700 rpm', { low: '650 rpm', high: '700 rpm' }],
    ['  650 rpm to 700 rpm ', { low: '650 rpm', high: '700 rpm' }],
    ['650 rpm - 700', { low: '650 rpm', high: '700 rpm' }],
    ['0.1–0.9', { low: '0.1', high: '0.9' }],
    ['0.1–0.9 V switching', { low: '0.1 V', high: '0.9 V' }],
    ['0.1–0.9 V at 2000 rpm', { low: '0.1 V', high: '0.9 V' }],
    ['0.1–0.9 V falling', undefined],
    ['0.1–0.9  V   hot  idle', { low: '0.1 V', high: '0.9 V' }],
    ['780 ± 20 rpm', { low: '760 rpm', high: '800 rpm' }],
    ['780 rpm ± 20', { low: '760 rpm', high: '800 rpm' }],
    ['780 rpm ± 20 rpm', { low: '760 rpm', high: '800 rpm' }],
    ['2.5 ± 0.25 V', { low: '2.25 V', high: '2.75 V' }],
    ['2.25 ± 0.5', { low: '1.75', high: '2.75' }],
    // So many hundredths of it, two widths, two units, a figure that can be two: not told.
    ['780 rpm ± 5 %', undefined],
    ['2.5 V +0.1/-0.2', undefined],
    ['2.5 V ± 50 mV', undefined],
    ['1,500 ± 20', undefined],
    ['1500 ± 1,250', undefined],
    ['>500 MΩ', { low: '500 MΩ' }],
    ['≥ 12 V', { low: '12 V' }],
    ['<0.1 Ω', { high: '0.1 Ω' }],
    ['≤ 5 mA', { high: '5 mA' }],
    // What was seen at most is no end of what it is now.
    ['max 5 mA', undefined],
    ['5 mA max', undefined],
    ['12 V or more', undefined],
    ['between 3 and 5 V', undefined],
    ['3 and 5 V', undefined],
    ['~3–5 V', undefined],
    ['about 3', undefined],
    ['12.4 V', undefined],
    ['on', undefined],
    ['', undefined],
  ])('%s', (typed, span) => expect(spanOf(typed)).toEqual(span));

  const judge = (verdicts: Record<string, string>) => (figure: string) => ({
    verdict: verdicts[figure]!,
    because: figure,
  });
  const two = { low: 'a', high: 'b' };
  const range = { low: 1, high: 2 };
  it.each([
    [{ a: 'pass', b: 'pass' }, 'pass', 'a'],
    [{ a: 'pass', b: 'fail' }, 'fail', 'b'],
    [{ a: 'fail', b: 'pass' }, 'fail', 'a'],
    [{ a: 'unsure', b: 'fail' }, 'fail', 'b'],
    [{ a: 'pass', b: 'unsure' }, 'unsure', 'b'],
    [{ a: 'unsure', b: 'pass' }, 'unsure', 'a'],
  ])('with its ends %j is %s, by %s', (verdicts, verdict, because) =>
    expect(judgeSpan(two, range, judge(verdicts))).toEqual({ verdict, because }),
  );

  const open = { least: { low: 1, high: Infinity }, most: { low: -Infinity, high: 1 }, both: range };
  const MORE = 'How much more than a it is was not told, so it cannot be held against the limit.';
  const LESS = 'How much less than b it is was not told, so it cannot be held against the limit.';
  it.each([
    ['low', 'least', 'pass', 'pass', 'a'],
    ['low', 'least', 'fail', 'unsure', MORE],
    ['low', 'most', 'fail', 'fail', 'a'],
    ['low', 'most', 'pass', 'unsure', MORE],
    ['low', 'both', 'pass', 'unsure', MORE],
    ['low', 'both', 'fail', 'unsure', MORE],
    ['low', 'least', 'unsure', 'unsure', MORE],
    ['high', 'most', 'pass', 'pass', 'b'],
    ['high', 'most', 'fail', 'unsure', LESS],
    ['high', 'least', 'fail', 'fail', 'b'],
    ['high', 'least', 'pass', 'unsure', LESS],
    ['high', 'both', 'fail', 'unsure', LESS],
  ] as const)(
    'told by its %s end against a limit with %s: %s is %s',
    (end, limit, told, verdict, because) => {
      const span = end === 'low' ? { low: 'a' } : { high: 'b' };
      expect(judgeSpan(span, open[limit], judge({ a: told, b: told }))).toEqual({ verdict, because });
    },
  );

  it.each([
    ['650-700 rpm', '600–750 rpm', 'pass'],
    ['650-800 rpm', '600–750 rpm', 'fail'],
    ['500-700 rpm', '600–750 rpm', 'fail'],
    ['>500 MΩ', '≥ 100 MΩ', 'pass'],
    ['>500 MΩ', '≤ 100 MΩ', 'fail'],
    ['>50 MΩ', '≥ 100 MΩ', 'unsure'],
    ['<0.1 Ω', '< 0.5 Ω', 'pass'],
    ['<0.1 Ω', '≥ 0.5 Ω', 'fail'],
    ['<1 Ω', '< 0.5 Ω', 'unsure'],
  ])('%s against %s: %s', (value, limit, verdict) =>
    expect(judgeReading(value, limit).verdict).toBe(verdict),
  );
});

describe('so many of so many', () => {
  it.each([
    [' 2 of 4', '4 of 4 ', { verdict: 'fail', because: 'Found 2 of 4, expected 4.' }],
    ['4/4', '4 out of 4', { verdict: 'pass', because: 'Found 4 of 4, expected 4.' }],
    ['04 of 4', '4 of 4', { verdict: 'pass', because: 'Found 04 of 4, expected 4.' }],
    ['2 of 4', '6 of 6', undefined],
    ['2 of 4', '4', undefined],
    ['2', '4 of 4', undefined],
    ['2 of 4 leak', '4 of 4', undefined],
    ['about 2 of 4', '4 of 4', undefined],
  ])('%s against %s', (entered, wanted, held) => expect(judgeCount(entered, wanted)).toEqual(held));
});
