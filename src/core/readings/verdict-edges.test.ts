import { describe, expect, it } from 'vitest';
import { readLimit } from './limit';
import { judgeReading } from './verdict';

/**
 * What a reading and its limit tell of each other: units that only one of them names, marks that may be for thousands
 * or for decimals, tolerances in another unit, words against values. Figures worked out by hand.
 */
const ROWS = `
2.5 bar | 30 | unsure | The reading is in bar and the limit in no unit; give both the same kind of unit.
5 bar | ≥ 5 | unsure | The reading is in bar and the limit in no unit; give both the same kind of unit.
5 V | 5 | unsure | The reading is in V and the limit in no unit; give both the same kind of unit.
0 V | ≤ 5 | unsure | The reading is in V and the limit in no unit; give both the same kind of unit.
0.1 V | ≤ 5 | unsure | The reading is in V and the limit in no unit; give both the same kind of unit.
50 V | ≥ 5 | unsure | The reading is in V and the limit in no unit; give both the same kind of unit.
0.5 V | ≤ 5 | unsure | The reading is in V and the limit in no unit; give both the same kind of unit.
12 V | 1-200 | unsure | The reading is in V and the limit in no unit; give both the same kind of unit.
49 V | ≥ 5 | pass | 49 V is OK (5 V or more).
12 V | 0..5 | fail | 12 V is 7 V above the limit of 5 V.
850 rpm | 700-900 | pass | 850 rpm is within range (700 rpm to 900 rpm).
3 | 2.9 to 3.1 V | pass | 3 V is within range (2.9 V to 3.1 V).
101.3 kPa | ≤ 1,500 kPa | pass | 101.3 kPa is OK (1500 kPa or less).
101,3 kPa | ≤ 1,500 kPa | fail | 101.3 kPa is 99.800 kPa above the limit of 1.500 kPa.
1400 kPa | ≤ 1,500 kPa | pass | 1400 kPa is OK (1500 kPa or less).
1,400 mbar | ≤ 1.5 bar | pass | 1400 mbar (1.40 bar) is OK (1.5 bar or less).
1,400 kPa | ≤ 1500 kPa | pass | 1400 kPa is OK (1500 kPa or less).
1,400 kPa | 1400 kPa | pass | 1400 kPa, as expected.
1,400 kPa | ≤ 1.5 kPa | unsure | "1,400" can be 1400 or 1.4. Which was meant?
1,400 kPa | | unsure | "1,400" can be 1400 or 1.4. Which was meant?
2 bar abs | 1.5 bar | unsure | bar counts from the air outside and bar abs from vacuum; between them lies the barometer. At 1013 mbar outside, 2 bar abs is 0.99 bar.
300 mV | 0.3 V | pass | 300 mV, as expected.
5 | 6 | fail | 5, expected 6.
5.5 | 6 | unsure | 5.5 is not exactly 6, and how far it may be off is not said. Write the limit as 6 ± so much, ≤ 6 or ≥ 6.
5 V | 6 V | unsure | 5 V is not exactly 6 V, and how far it may be off is not said. Write the limit as 6 V ± so much, ≤ 6 V or ≥ 6 V.
OL | open or closed | pass | Found "OL", as expected.
3 Ω | open or closed | unsure | "3 Ω" is a value and the limit is in words: open or closed.
200 kΩ | open | fail | Found "200 kΩ", expected open.
1 MΩ | open | unsure | 1 MΩ is as good as open for many circuits, not for all. Write a limit such as ≥ 1 MΩ, or set the verdict by hand.
20 MΩ | open | unsure | 20 MΩ is as good as open for many circuits, not for all. Write a limit such as ≥ 1 MΩ, or set the verdict by hand.
9 | open | unsure | Found "9", expected open: these words do not tell whether that is right. Set the verdict by hand.
10 % | open | unsure | "10 %" is a value and the limit is in words: open.
95 % | within±8 % | unsure | within±8 % of what? 95 % is no deviation. Write the target too, or the range.
 24 % |  ±8 % | fail | 24 % is 16 % above the limit of 8 %.
 4.9 V | 5 V ± 50 mV | fail | 4.9 V is 0.05 V below the limit of 4.95 V.
4.9 | 5 ± 0.2 V | pass | 4.9 V is within range (4.8 V to 5.2 V).
5.3 V | 5 V ± 4 % | fail | 5.3 V is 0.1 V above the limit of 5.2 V.
5.3 | 5 ± 4 % | fail | 5.3 is 0.1 above the limit of 5.2.
44 % | 50 % ± 5 | fail | 44 % is 1 % below the limit of 45 %.
46 % | 50 % ± 5 % | pass | 46 % is within range (45 % to 55 %).
5.3 V | 5 +0.2 V/-100 mV | fail | 5.3 V is 0.1 V above the limit of 5.2 V.
1.95 V | 2.00 V ± 1 % | fail | 1.95 V is 0.03 V below the limit of 1.98 V.
86 °C | 80 °C ± 10 °F | fail | 86 °C is 0.444 °C above the limit of 85.556 °C.
104 °C | 100 °C ± 5 % | unsure | Percent of a temperature depends on its scale. Write ± so many °C instead.
310 K | 300 K ± 5 % | pass | 310 K is within range (285 K to 315 K).
5 V | 5 V ± -0.2 | unsure | A tolerance is a positive number.
12 V | 12 V ± 5 Ω | unsure | Two units in one limit: Ω and V.
3 V | ≤ 5  flurbs | unsure | "flurbs" is not a unit known here.
3 V | >> 3 V | unsure | ">> 3 V" is not a limit. Write 3.0–3.6 V, ≥ 12 V, ≤ 200 mV, 0.8 V ± 0.1, or words with / between them.
red | colour ± shade | unsure | "colour ± shade" is not a limit. Write 3.0–3.6 V, ≥ 12 V, ≤ 200 mV, 0.8 V ± 0.1, or words with / between them.
open | =open | pass | Found "open", as expected.
dry | =  dry | pass | Found "dry", as expected.
a=b | a=b | pass | Found "a=b", as expected.
2 kPa | 1,250–2,5 kPa | pass | 2 kPa is within range (1.250 kPa to 2.500 kPa).
2 kPa | 1.500–2,5 kPa | unsure | The range is the wrong way round: 1.500 is more than 2,5. Put the smaller one first.
0.5 V | 3 V to 1 V | unsure | The range is the wrong way round: 3 is more than 1. Put the smaller one first.
-0.7 bar | -0.6 to -0.8 bar | pass | −0.7 bar is within range (−0.8 bar to −0.6 bar).
`
  .trim()
  .split('\n')
  .map((row) => row.replace('words with / between', 'words with ¦ between').split('|'))
  .map(
    ([entered, limit, verdict, because]) =>
      [entered!.trimEnd(), limit!.slice(1), verdict!.trim(), because!.trim().replace('¦', '|')] as const,
  );

describe('a reading and its limit, each read with the other’s help', () => {
  it.each(ROWS)('%s against %s: %s', (entered, limit, verdict, because) => {
    const found = judgeReading(entered, limit);
    expect({ ...found, because: found.because.replaceAll('\u00a0', ' ') }).toEqual({ verdict, because });
  });
  it('reads what stands around words and numbers as nothing', () => {
    expect(readLimit('  3.0–3.6 V ')).toEqual(readLimit('3.0–3.6 V'));
    expect(readLimit(' | ')).toEqual({ ok: false, message: 'That limit is empty.' });
    expect(readLimit('no cracks or leaks')).toEqual({
      ok: true,
      limit: { form: 'states', states: ['no cracks or leaks'] },
    });
    expect(judgeReading('  ', '≤ 5 V')).toEqual({ verdict: '', because: '' });
  });
});
