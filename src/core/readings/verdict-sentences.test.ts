import { describe, expect, it } from 'vitest';
import { judgeReading } from './verdict';

/**
 * A reading, its limit, the accuracy of the instrument: the verdict and the sentence a technician reads. Figures worked
 * out by hand; 1 psi is 6894.757 Pa (NIST SP 811).
 */
const ROWS = `
3.2 V | 3.0–3.6 V | | pass | 3.2 V is within range (3.0 V to 3.6 V).
4.48 V | 3.0–3.6 V | | fail | 4.48 V is 0.88 V above the limit of 3.6 V.
2.41 V | 3.0–3.6 V | | fail | 2.41 V is 0.59 V below the limit of 3.0 V.
3.6 V | 3.0–3.6 V | | pass | 3.6 V is exactly on the limit, which counts as within range (3.0 V to 3.6 V).
3.0 V | 3.0–3.6 V | | pass | 3.0 V is exactly on the limit, which counts as within range (3.0 V to 3.6 V).
85 °C | ≥ 80 °C | | pass | 85 °C is OK (80 °C or more).
80 °C | ≥ 80 °C | | pass | 80 °C is exactly on the limit, which counts as OK (80 °C or more).
74 °C | min 80 °C | | fail | 74 °C is 6 °C below the limit of 80 °C.
0.15 V | ≤ 0.2 V | | pass | 0.15 V is OK (0.2 V or less).
0.31 V | ≤ 0.2 V | | fail | 0.31 V is 0.11 V above the limit of 0.2 V.
150 mV | ≤ 0.2 V | | pass | 150 mV (0.15 V) is OK (0.2 V or less).
310 mV | ≤ 0.2 V | | fail | 310 mV (0.31 V) is 0.11 V above the limit of 0.2 V.
2.5 bar | 30-40 psi | | pass | 2.5 bar (36.26 psi) is within range (30 psi to 40 psi).
1.9 bar | 30-40 psi | | fail | 1.9 bar (27.56 psi) is 2.44 psi below the limit of 30 psi.
24 psi | 1.5–2.0 bar | | pass | 24 psi (1.65 bar) is within range (1.5 bar to 2.0 bar).
50 °F | 5–15 °C | | pass | 50 °F (10.00 °C) is within range (5 °C to 15 °C).
68 °F | 5–15 °C | | fail | 68 °F (20.00 °C) is 5.00 °C above the limit of 15 °C.
0.85 V | 0.8 V ± 0.1 | | pass | 0.85 V is within range (0.70 V to 0.90 V).
0.93 V | 0.8 V ± 0.1 | | fail | 0.93 V is 0.03 V above the limit of 0.90 V.
0.66 V | 0.8 V ± 0.1 | | fail | 0.66 V is 0.04 V below the limit of 0.70 V.
-10.1 °C | -10 to -5 °C | | fail | −10.1 °C is 0.1 °C below the limit of −10 °C.
-7 °C | -10 to -5 °C | | pass | −7 °C is within range (−10 °C to −5 °C).
-4 °C | -10 to -5 °C | | fail | −4 °C is 1 °C above the limit of −5 °C.
3.58 V | 3.0–3.6 V | ± 0.05 V | unsure | 3.58 V is 0.02 V below the limit of 3.6 V, and the instrument is only good to 0.05 V. Measure again with a better one.
3.64 V | 3.0–3.6 V | ± 0.05 V | unsure | 3.64 V is 0.04 V above the limit of 3.6 V, and the instrument is only good to 0.05 V. Measure again with a better one.
3.02 V | 3.0–3.6 V | ± 0.05 V | unsure | 3.02 V is 0.02 V above the limit of 3.0 V, and the instrument is only good to 0.05 V. Measure again with a better one.
3.6 V | 3.0–3.6 V | ± 0.05 V | unsure | 3.6 V is 0.0 V from the limit of 3.6 V, and the instrument is only good to 0.05 V. Measure again with a better one.
3.55 V | 3.0–3.6 V | ± 0.05 V | pass | 3.55 V is within range (3.0 V to 3.6 V).
3.65 V | 3.0–3.6 V | ± 0.05 V | fail | 3.65 V is 0.05 V above the limit of 3.6 V.
402 mV | ≤ 0.4 V | ± 1 % | unsure | 402 mV (0.40 V) is 0.00 V above the limit of 0.4 V, and the instrument is only good to 0.004 V. Measure again with a better one.
450 mV | ≤ 0.4 V | ± 1 % | fail | 450 mV (0.45 V) is 0.05 V above the limit of 0.4 V.
12.1 V | ≥ 12 V | ± (0.5 % + 2 digits) | unsure | 12.1 V is 0.1 V above the limit of 12 V, and the instrument is only good to 0.26 V. Measure again with a better one.
12.4 V | ≥ 12 V | ± (0.5 % + 2 digits) | pass | 12.4 V is OK (12 V or more).
OL | ≥ 10 kΩ | | pass | Beyond the meter's range, so above 10 kΩ.
OL | ≤ 5 Ω | | fail | Beyond the meter's range: the circuit is open, or the meter on the wrong range.
open | 2–4 kΩ | | fail | Beyond the meter's range: the circuit is open, or the meter on the wrong range.
open | ≥ 1 MΩ | | pass | Beyond the meter's range, so above 1 MΩ.
OL | ≤ 15 V | | fail | Beyond the meter's range: too high, or the meter on the wrong range.
open | ≤ 15 V | | unsure | "open" is not a number, so it cannot be held against ≤ 15 V.
OL | open | | pass | Found "OL", as expected.
OL | closed | | fail | Found "OL", expected closed.
3 Ω | open | | fail | Found "3 Ω", expected open.
5 V | open | | unsure | "5 V" is a value and the limit is in words: open.
5 V | on | | unsure | "5 V" is a value and the limit is in words: on.
 abc  |  ≤ 5 Ω  | | unsure | "abc" is not a number, so it cannot be held against ≤ 5 Ω.
3.7 flurbs | ≤ 5 Ω | | unsure | "flurbs" is not a unit known here. Was Ω meant?
5 | ± 8 % | | pass | 5 % is within range (−8 % to 8 %).
-6 % | ± 8 % | | pass | −6 % is within range (−8 % to 8 %).
12 % | ± 8 % | | fail | 12 % is 4 % above the limit of 8 %.
24 % | ± 8 % | | fail | 24 % is 16 % above the limit of 8 %.
25 % | ± 8 % | | unsure | ± 8 % of what? 25 % is no deviation. Write the target too, or the range.
95 % | within ± 8 % | | unsure | within ± 8 % of what? 95 % is no deviation. Write the target too, or the range.
95 % | -8 to 8 % | | fail | 95 % is 87 % above the limit of 8 %.
6 | 6 | | pass | 6, as expected.
7 | 6 | | fail | 7, expected 6.
7.5 | 6 | | unsure | 7.5 is not exactly 6, and how far it may be off is not said. Write the limit as 6 ± so much, ≤ 6 or ≥ 6.
3 | 4.5 | | unsure | 3 is not exactly 4.5, and how far it may be off is not said. Write the limit as 4.5 ± so much, ≤ 4.5 or ≥ 4.5.
5.5 V | 6 V | | unsure | 5.5 V is not exactly 6 V, and how far it may be off is not said. Write the limit as 6 V ± so much, ≤ 6 V or ≥ 6 V.
600 mV | 0.6 V | | pass | 600 mV, as expected.
3.4 | 3–4 bar | | pass | 3.4 bar is within range (3 bar to 4 bar).
3.4 | 3–4 | | pass | 3.4 is within range (3 to 4).
3.4 bar | 3–4 | | unsure | The reading is in bar and the limit in no unit; give both the same kind of unit.
850 mV | ≥ 800 | | pass | 850 mV is OK (800 mV or more).
1,250 rpm | ≥ 1.200 rpm | | pass | 1250 rpm is OK (1200 rpm or more).
0 V | 11–13 V | | fail | 0 V is 11 V below the limit of 11 V.
0.051 A | ≤ 50 mA | | fail | 0.051 A (51.000 mA) is 1.000 mA above the limit of 50 mA.
`;
/** Between a number and its unit stands a blank that keeps them on one line. */
const plain = (text: string) => text.replace(/[\u00a0\u202f]/g, ' ');
const rows = ROWS.trim()
  .split('\n')
  .map((line) =>
    line.split(' | ').length === 5 ? line.split(' | ') : line.replace(/ \| \| /, ' |  | ').split(' | '),
  );

describe('verdicts in sentences', () => {
  it.each(rows)('%s against %s %s: %s', (entered, limit, accuracy, verdict, because) => {
    const judged = judgeReading(entered!, limit!, accuracy);
    expect({ ...judged, because: plain(judged.because) }).toEqual({ verdict, because });
  });

  it('says nothing where nothing was entered, no limit is set, or the others decide', () => {
    for (const [entered, limit] of [
      ['', '≤ 5 Ω'],
      ['  ', ''],
      ['4 V', ''],
      ['rough', ''],
      ['3 V', 'siblings ± 0.2 V'],
    ] as const)
      expect(judgeReading(entered, limit)).toEqual({ verdict: '', because: '' });
  });

  it('says what the barometer is that it counted with', () => {
    expect(plain(judgeReading('1.2 bar', '2.0–2.5 bar abs', '', 98_000).because)).toMatch(
      /barometer at 980 mbar, 1\.2 bar is 2\.18 bar abs/,
    );
    expect(plain(judgeReading('1.2 bar', '2.0–2.5 bar abs').because)).toMatch(
      /At 1013 mbar outside, 1\.2 bar is 2\.21/,
    );
  });
});
