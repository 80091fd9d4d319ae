import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { readVin, vinCheckDigit } from './vin';

describe('VIN', () => {
  // 49 CFR 565.15(c); both VINs are given as valid in shared/FACTS.md.
  it.each(['1M8GDM9AXKP042788', '11111111111111111'])('accepts the published example %s', (vin) => {
    expect(vinCheckDigit(vin)).toBe(vin[8]);
    expect(readVin(vin)).toMatchObject({ ok: true, checkDigit: 'right' });
  });

  it('takes any way of typing it', () => {
    expect(readVin('1m8g dm9a-xkp0 42788').vin).toBe('1M8GDM9AXKP042788');
  });

  it('finds every single misread digit of a VIN that uses the check digit', () => {
    const vin = '1M8GDM9AXKP042788';
    for (let i = 0; i < 17; i++) {
      if (i === 8 || !/\d/.test(vin[i]!)) continue;
      const wrong = vin.slice(0, i) + String((Number(vin[i]) + 1) % 10) + vin.slice(i + 1);
      expect(readVin(wrong).checkDigit, wrong).toBe('wrong');
      expect(readVin(wrong).ok).toBe(true);
    }
  });

  it('offers 0 and 1 for the letters that never occur', () => {
    const read = readVin('IM8GDM9AXKPO42788');
    expect(read.suggestion).toBe('1M8GDM9AXKP042788');
    expect(read.ok).toBe(false);
  });

  it('does not ask for a check digit where the region does not use it', () => {
    expect(readVin('VC9TA16B5FK104417').checkDigit).toBe('not used');
  });

  // 49 CFR 565.15(d): letter in position 7 means 2010 or later; ISO 3780: first character 1–5 is North America.
  it('reads model year and region', () => {
    // The rule holds for light vehicles; a bus or motorcycle may be of the other year.
    expect(readVin('1M8GDM9AXKP042788')).toMatchObject({
      region: 'North America',
      years: [1989, 2019],
      byPosition7: true,
    });
    expect(readVin('1M8GDMAAXKP042788').years).toEqual([2019, 1989]);
    expect(readVin('VC9TA16B5FK104417').byPosition7).toBe(false);
    // 8 is 2008 or 2038: the one that is yet to come cannot be.
    expect(readVin('VC9TA16B58K104417', 2026).years).toEqual([2008]);
    expect(readVin('VC9TA16B5VK104417', 2026).years).toEqual([1997, 2027]);
    expect(readVin('VC9TA16B5FK104417')).toMatchObject({ region: 'Europe', years: [1985, 2015] });
  });

  // The public VIN data set: 7 is given to the United States, H to China.
  it.each([
    ['7', 'North America'],
    ['H', 'Asia'],
    ['6', 'Oceania'],
    ['9', 'South America'],
    ['A', 'Africa'],
    ['J', 'Asia'],
    ['W', 'Europe'],
  ])('region of %s is %s', (first, region) => {
    expect(readVin(`${first}C9TA16B5FK104417`).region).toBe(region);
  });

  it('says how many characters are missing or too many', () => {
    expect(readVin('1M8GDM').warnings.join()).toMatch(/6 of 17/);
    expect(readVin('1M8GDM9AXKP0427889').warnings.join()).toMatch(/1 too many/);
  });

  it('never throws, whatever is pasted', () => {
    fc.assert(fc.property(fc.string({ unit: 'grapheme' }), (s) => typeof readVin(s).vin === 'string'));
  });
});
