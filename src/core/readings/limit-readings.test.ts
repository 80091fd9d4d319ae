import { describe, expect, it } from 'vitest';
import { changeBetween } from './change';
import { decimalSignOf, readLimit } from './limit';

/** How limits are read, to the last digit that is shown; figures worked out by hand. */
const between = (low: number, high: number, unit: string, decimals: number) => ({
  form: 'between',
  low,
  high,
  unit,
  decimals,
});
const around = (target: number, tolerance: number, unit: string, decimals: number) => ({
  form: 'target',
  target,
  tolerance,
  unit,
  decimals,
});

describe('a limit as typed', () => {
  it.each([
    ['3.0–3.6 V', between(3, 3.6, 'V', 1)],
    ['3-3.65 V', between(3, 3.65, 'V', 2)],
    ['3.65-4 V', between(3.65, 4, 'V', 2)],
    ['-0.6 to -0.8 bar', between(-0.8, -0.6, 'bar', 1)],
    ['0 to -0.75 bar', between(-0.75, 0, 'bar', 2)],
    ['500 mV to 0.9 V', between(0.5, 0.9, 'V', 1)],
    ['± 8 %', between(-8, 8, '%', 0)],
    ['5 V +0.1/-0.25', between(4.75, 5.1, 'V', 2)],
    ['5 V ± 0.2', around(5, 0.2, 'V', 1)],
    ['5 ± 0.2 V', around(5, 0.2, 'V', 1)],
    ['5 V ± 10 mV', around(5, 0.01, 'V', 2)],
    ['5 V ± 15 mV', around(5, 0.015, 'V', 3)],
    ['200 mV ± 0.05 V', around(200, 50, 'mV', 0)],
    ['100 bar ± 5 %', around(100, 5, 'bar', 0)],
    ['323 K ± 2 %', around(323, 6.46, 'K', 2)],
    ['10 % ± 2 %', around(10, 2, '%', 0)],
    ['20 °C ± 2 K', around(20, 2, '°C', 0)],
    ['  12 V min ', { form: 'at least', low: 12, unit: 'V', decimals: 0 }],
    ['≥ 1,5 V', { form: 'at least', low: 1.5, unit: 'V', decimals: 1 }],
    ['≥ 1.234.567 rpm', { form: 'at least', low: 1_234_567, unit: 'rpm', decimals: 0 }],
    ['max. 1.500 rpm', { form: 'at most', high: 1500, unit: 'rpm', decimals: 0 }],
    ['= 6', { form: 'exactly', target: 6, unit: '', decimals: 0 }],
    ['= on | lit ', { form: 'states', states: ['on', 'lit'] }],
    ['on or off', { form: 'states', states: ['on', 'off'] }],
    ['motor runs', { form: 'states', states: ['motor runs'] }],
    ['siblings', { form: 'siblings' }],
    ['siblings ± 10 %', { form: 'siblings', tolerance: { value: 10, unit: '%' } }],
    ['siblings ± 0.3 V', { form: 'siblings', tolerance: { value: 0.3, unit: 'V' } }],
  ])('%s', (typed, limit) => {
    expect(readLimit(typed)).toEqual({ ok: true, limit });
  });

  it.each([
    ['5 to 3 V', 'The range is the wrong way round: 5 is more than 3. Put the smaller one first.'],
    ['3 V to 5 bar', 'Two units in one limit: V and bar.'],
    ['50 °C ± 5 %', 'Percent of a temperature depends on its scale. Write ± so many °C instead.'],
    ['5 V ± -0.2', 'A tolerance is a positive number.'],
    ['siblings ± 0', 'How much siblings may differ is a number above 0.'],
    ['3 flurbs', '"flurbs" is not a unit known here.'],
    ['|', 'That limit is empty.'],
    [
      '<> 3',
      '"<> 3" is not a limit. Write 3.0–3.6 V, ≥ 12 V, ≤ 200 mV, 0.8 V ± 0.1, or words with | between them.',
    ],
  ])('%s: says what is wrong', (typed, message) => {
    expect(readLimit(typed)).toEqual({ ok: false, message });
  });

  it('offers the range where a deviation has no target', () => {
    expect(readLimit('± 0.2 V')).toEqual({
      ok: false,
      message: '± 0.2 V of what? Write the target too, as in 5 V ± 0.2, or the range.',
      offers: ['-0.2..0.2 V'],
    });
    expect(readLimit('± 0.2')).toMatchObject({ offers: ['-0.2..0.2'] });
  });

  it('shows its decimal sign where it has one', () => {
    expect(['≤ 1,5 V', ' ≤ 1.5 V', '≤ 15 V', 'on', '3,0-4 bar', '5 V ± 0,2'].map(decimalSignOf)).toEqual([
      ',',
      '.',
      undefined,
      undefined,
      ',',
      ',',
    ]);
  });
});

describe('a reading before and after', () => {
  const plain = (text: string) => text.replace(/[\u00a0\u202f]/g, ' ');
  it.each([
    ['4.48 V', '3.30 V', '', 'was 4.48 V: 1.18 V less now'],
    ['3.30 V', '4.48 V', '', 'was 3.30 V: 1.18 V more now'],
    ['450 mV', '0 V', '', 'was 450 mV: 0.45 V less now'],
    ['12.4 V', '12.9', '', 'was 12.4 V: 0.5 V more now'],
    ['2', '3.25', '', 'was 2: 1.25 more now'],
    ['12.41 V', '12.41 V', '', 'was 12.41 V, unchanged'],
    ['0 V', '0.000 V', '± 5 mV', 'was 0 V, unchanged'],
    ['0.45 V', '452 mV', '± 1 %', 'was 0.45 V, unchanged as far as the instrument can tell (2.00 mV apart)'],
    ['0.45 V', '470 mV', '± 1 %', 'was 0.45 V: 20.00 mV more now'],
    [
      '14.21 V',
      '14.18 V',
      '± (0.5 % + 2 digits)',
      'was 14.21 V, unchanged as far as the instrument can tell (0.03 V apart)',
    ],
    ['14.21 V', '13.90 V', '± (0.5 % + 2 digits)', 'was 14.21 V: 0.31 V less now'],
    [' OL ', 'OL', '', 'as before'],
    ['OL', '5 Ω', '', 'was OL'],
    ['5 Ω', 'OL', '', 'was 5 Ω'],
    [' 3 V ', '4 bar', '', 'was 3 V'],
    ['', '3 V', '', ''],
    ['3 V', ' ', '', ''],
  ])('%s, then %s (%s)', (before, after, accuracy, says) => {
    expect(plain(changeBetween(before, after, accuracy))).toBe(says);
  });
});
