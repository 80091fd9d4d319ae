import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { uncertainty } from './accuracy';

const of = (text: string, value: number, unit: string, decimals = 2) =>
  uncertainty(text, { value, unit }, decimals);

describe('the accuracy of an instrument, on paper', () => {
  it.each([
    // 0.5 % of 12.4 V
    ['0.5 %', 12.4, 'V', 1, 0.062],
    // 0.8 % of 5.00 V and 3 steps of 0.01 V: 0.04 + 0.03
    ['± (0.8 % + 3 digits)', 5, 'V', 2, 0.07],
    ['0.8 % rdg + 3 dgt', 5, 'V', 2, 0.07],
    ['0.8 % of reading + 3 counts', 5, 'V', 2, 0.07],
    ['+/- 0.8 % of the value + 3 lsd', 5, 'V', 2, 0.07],
    // A figure without a unit is in the unit of the reading.
    ['0.02', 3.58, 'V', 2, 0.02],
    ['0,02 V', 3.58, 'V', 2, 0.02],
    ['20 mV', 3.58, 'V', 2, 0.02],
    // 1.5 % of 3.4 bar and 10 kPa: 0.051 + 0.1
    ['1.5 % + 10 kPa', 3.4, 'bar', 1, 0.151],
    // A difference of 3.6 °F is one of 2 °C, wherever on the scale.
    ['3.6 °F', 88, '°C', 0, 2],
    // Of a value below zero it is the same share.
    ['2 %', -40, '°C', 0, 0.8],
    ['1 digit', 230, 'rpm', 0, 1],
    ['3 count', 5, 'V', 2, 0.03],
    ['0.5%+3digits', 5, 'V', 2, 0.055],
    ['0.5 %  +  3  digits ', 5, 'V', 2, 0.055],
    // A sheet that promises no error at all is believed.
    ['0 %', 5, 'V', 2, 0],
    ['0 % + 0.01 V', 5, 'V', 2, 0.01],
    ['', 5, 'V', 2, 0],
    ['  ', 5, 'V', 2, 0],
  ])('%s of %d %s with %d decimals is %d', (text, value, unit, decimals, is) =>
    expect(of(text, value, unit, decimals)).toBeCloseTo(is, 9),
  );

  it.each([
    'rather good',
    '−0.5 %',
    '2 bar',
    '0.5 % + fine',
    '3 half digits',
    '3 digits more',
    '0.5 % 0.02 V',
    '+',
    '5 flurbs',
    '3 furlongs',
    '%',
    '0.5 % + ',
  ])('“%s” of volts is asked about, with what to write', (text) =>
    expect(of(text, 5, 'V')).toEqual({
      problem: `The accuracy "${text.trim()}" is not understood. Write ± 0.5 %, ± 0.02 V or ± (0.5 % + 2 digits).`,
    }),
  );

  it('adds up: of two terms it is the sum of each, in either order', () => {
    const term = fc.constantFrom('0.5 %', '0.02 V', '2 digits', '15 mV');
    const volts = fc.integer({ min: -3000, max: 3000 }).map((v) => v / 100);
    fc.assert(
      fc.property(term, term, volts, (a, b, v) => {
        const both = of(`${a} + ${b}`, v, 'V') as number;
        expect(both).toBeCloseTo((of(a, v, 'V') as number) + (of(b, v, 'V') as number), 9);
        expect(of(`${b} + ${a}`, v, 'V')).toBeCloseTo(both, 9);
      }),
    );
  });
});
