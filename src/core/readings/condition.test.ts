import { describe, expect, it } from 'vitest';
import { judgeCondition } from './condition';

/** What a condition asks, its reading, what was ticked; whether it was met, and why. */
const ROWS = `
oil above 85 °C | 92 °C | | yes | 92 °C is OK (85 °C or more).
oil above 85 °C | 78 °C | yes | no | 78 °C is 7 °C below the limit of 85 °C.
oil above 85 °C | 92 °C | no | no | 92 °C is OK (85 °C or more).
oil above 85 °C | 92 °C | yes | yes | 92 °C is OK (85 °C or more).
oil above 85 °C | warm | yes | yes | "warm" is not a number, so it cannot be held against ≥ 85 °C.
oil above 85 °C | warm | no | no | "warm" is not a number, so it cannot be held against ≥ 85 °C.
oil above 85 °C | | yes | yes |
oil above 85 °C | | | |
engine warm | 92 °C | yes | yes |
engine warm | 92 °C | | |
 coolant over 80 °C.  | 84 °C | | yes | 84 °C is OK (80 °C or more).
battery at least 12.4 V; charger off | 12.2 V | | no | 12.2 V is 0.2 V below the limit of 12.4 V.
speed below 30 km/h | 25 km/h | | yes | 25 km/h is OK (30 km/h or less).
speed at most 30 km/h | 35 km/h | yes | no | 35 km/h is 5 km/h above the limit of 30 km/h.
at most 0.1 bar apart | 0.15 bar | yes | no | 0.15 bar is 0.05 bar above the limit of 0.1 bar.
between 700 and 900 rpm | 820 rpm | | yes | 820 rpm is within range (700 rpm to 900 rpm).
between 700 and 900 rpm | 950 rpm | | no | 950 rpm is 50 rpm above the limit of 900 rpm.
steady at 200 mbar: within 4 mbar | 203 mbar | | yes | 203 mbar is within range (196 mbar to 204 mbar).
steady at 200 mbar: within 4 mbar | 207 mbar | yes | no | 207 mbar is 3 mbar above the limit of 204 mbar.
both within 4 mbar | 9 mbar | yes | yes |
fuel ≥ 10 l | 12 l | | yes | 12 L is OK (10 L or more).
min. 11.5 V while cranking | 10.9 V | | no | 10.9 V is 0.6 V below the limit of 11.5 V. The limit holds while cranking.
`
  .split('\n')
  .filter((row) => row.trim() !== '')
  .map((row) => row.split('|').map((cell, i) => (i === 0 ? cell : cell.trim())))
  .map(
    ([what, reading, ticked, met, because]) =>
      [what!.slice(0, -1), reading!, ticked!, met!, because ?? ''] as const,
  );

describe('a condition with its own reading', () => {
  it.each(ROWS)('%s, read as "%s", ticked "%s": %s', (what, reading, ticked, met, because) => {
    const found = judgeCondition({ what, met: ticked as '', reading });
    expect({ ...found, because: found.because.replaceAll('\u00a0', ' ') }).toEqual({ met, because });
  });
  it('is not asked of a reading that is blank', () => {
    expect(judgeCondition({ what: 'oil above 85 °C', met: 'yes', reading: '  ' })).toEqual({
      met: 'yes',
      because: '',
    });
  });
});
