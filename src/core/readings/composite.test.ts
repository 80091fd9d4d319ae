import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { compositesAsDecimals } from './composite';
import { judgeReading } from './verdict';

describe('amounts in two parts', () => {
  it.each([
    ["-1°10'", '-1.1667°'],
    ['1° 15′ – 1° 45′', '1.25° – 1.75°'],
    ["0° ± 45'", '0° ± 0.75°'],
    ['3 min 15 s', '3.25 min'],
    ['2min30sec', '2.5 min'],
    ['1 h 20 min', '1.3333 h'],
    ['0:45 min', '0.75 min'],
    ['1:30 h', '1.5 h'],
    ['1 1/2 turns', '1.5 turns'],
    // Feet and inches, a time of day, a ratio, and seconds by themselves stay as they are.
    [`5' 6"`, `5' 6"`],
    ['9:30', '9:30'],
    ['14.7:1', '14.7:1'],
    ['2 h 75 min', '2 h 75 min'],
    ['45 s', '45 s'],
  ])('%s is %s', (typed, decimal) => expect(compositesAsDecimals(typed)).toBe(decimal));

  it('come back to the seconds they were', () => {
    fc.assert(
      fc.property(fc.integer({ min: 0, max: 99 }), fc.integer({ min: 0, max: 59 }), (min, s) => {
        const read = /^([\d.]+) min$/.exec(compositesAsDecimals(`${min} min ${s} s`));
        expect(Math.round(Number(read?.[1]) * 60)).toBe(min * 60 + s);
      }),
    );
  });

  it('are shown with two places', () => {
    const says = (value: string, limit: string) =>
      judgeReading(value, limit).because.replace(/[\u00a0\u202f]/g, ' ');
    expect(says('3 min 10 s', 'max 3 min')).toBe('3.17 min is 0.17 min above the limit of 3 min.');
    expect(says('4 min', 'max 3 min 10 s')).toBe('4 min is 0.83 min above the limit of 3.17 min.');
    expect(says("1°10'", "0° ± 0°30'")).toBe('1.17° is 0.67° above the limit of 0.50°.');
  });

  it.each([
    ['3 min 10 s', 'max 3 min', 'fail'],
    ['2 min 50 s', 'max 3 min', 'pass'],
    ['190 s', '3 min 10 s max', 'pass'],
    ["-0°50'", "0° ± 45'", 'fail'],
    ["0°40'", "0° ± 45'", 'pass'],
  ])('%s against %s: %s', (value, limit, verdict) =>
    expect(judgeReading(value, limit).verdict).toBe(verdict),
  );
});
