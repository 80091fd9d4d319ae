import { describe, expect, it } from 'vitest';
import { asWrittenHere, askWhich, decideNumber, readNumeral, type Hints } from './numeral';

const decide = (text: string, hints: Partial<Hints> = {}) => {
  const figure = decideNumber(readNumeral(text)!, { unit: '', ...hints });
  return 'value' in figure ? figure.value : 'both';
};

describe('the shape of a number', () => {
  it.each([
    ['1 500', [1500]],
    ["1'500,5", [1500.5]],
    ['12 345.678', [12345.678]],
    ['- 12', undefined],
    ['1,500', [1500, 1.5]],
    ['0,500', [0.5]],
    ['1500,500', [1500.5]],
    ['−1.500', [-1500, -1.5]],
    ['1.500.000', [1_500_000]],
    ['1.500,5', [1500.5]],
    ['1,500.5', [1500.5]],
    ['.5', [0.5]],
    [' 12 ', [12]],
    ['1e400', undefined],
  ])('%s', (text, values) => expect(readNumeral(text)?.figures.map((f) => f.value)).toEqual(values));

  it('tells the decimal sign where it can be only one', () => {
    expect(readNumeral('1.500.000')?.decimalSign).toBe(',');
    expect(readNumeral('24,1')?.decimalSign).toBe(',');
    expect(readNumeral('1,500.5')?.decimalSign).toBe('.');
    expect(readNumeral('1500')?.decimalSign).toBeUndefined();
    expect(readNumeral('1,500')?.decimalSign).toBeUndefined();
    expect(readNumeral('12 345.678')?.decimalSign).toBe('.');
  });
});

describe('thousands or decimals', () => {
  it('are told by the unit: whole ones, small ones, volts with a point', () => {
    expect(decide('1.500', { unit: 'rpm' })).toBe(1500);
    expect(decide('1,500', { unit: 'kV' })).toBe(1.5);
    expect(decide('1.500', { unit: 'V' })).toBe(1.5);
    expect(decide('1,500', { unit: 'V' })).toBe('both');
    expect(decide('1,500', { unit: 'volts', beside: [60] })).toBe(1.5);
    expect(decide('1,500', { unit: 'V', beside: [5, 61] })).toBe('both');
  });
  it('are told by what stands beside: within eight times of one and beyond sixty of the other', () => {
    // 1500 : 188 = 7.98, 188 : 1.5 = 125; the other way round 1.5 · 7.9 = 11.85, 1500 : 11.85 = 127.
    expect(decide('1,500', { beside: [188] })).toBe(1500);
    expect(decide('1,500', { beside: [11.85] })).toBe(1.5);
    // 1500 : 187.5 is eight, no less.
    expect(decide('1,500', { beside: [187.5] })).toBe('both');
    expect(decide('1,500', { beside: [12] })).toBe('both');
    expect(decide('1,500', { beside: [0, Infinity, 1400] })).toBe(1500);
    expect(decide('1,500', { beside: [] })).toBe('both');
    // The nearest counts: 1400 is near the thousands, 2 near the decimals.
    expect(decide('1,500', { beside: [1400, 2] })).toBe('both');
    expect(decide('1,500', { beside: [-1400] })).toBe(1500);
  });
  it('are told by the sign of the shop or of the unit, unless the partner says otherwise', () => {
    expect(decide('1,500', { decimalSign: '.' })).toBe(1500);
    expect(decide('1,500', { decimalSign: ',' })).toBe(1.5);
    expect(decide('1.500', { unit: 'psi' })).toBe(1.5);
    expect(decide('1,500', { unit: 'psi' })).toBe(1500);
    expect(decide('1,500', { decimalSign: ',', beside: [1400] })).toBe('both');
    expect(decide('1,500', { decimalSign: '.', beside: [1400] })).toBe(1500);
  });
});

describe('asking which was meant', () => {
  it('writes each so that it is read in one way only', () => {
    const { message, offers } = askWhich(readNumeral('1,505')!, 'about 1,505 bar');
    expect(message).toBe('"1,505" can be 1505 or 1.505. Which was meant?');
    expect(offers).toEqual(['about 1505 bar', 'about 1.5050 bar']);
    for (const offer of offers) expect(readNumeral(/[\d.]+/.exec(offer)![0])!.figures).toHaveLength(1);
  });
  it('takes what a shop of that sign means, and nothing for another question', () => {
    expect(asWrittenHere('1,500 bar', ['1500 bar', '1.50 bar'], '.')).toEqual({
      meant: '1500 bar',
      other: '1.50 bar',
    });
    expect(asWrittenHere('1,500 bar', ['1500 bar', '1.50 bar'], ',')).toEqual({
      meant: '1.50 bar',
      other: '1500 bar',
    });
    expect(asWrittenHere('1,500 bar', ['1500 bar', '1.5 bar'], '.')).toBeUndefined();
    expect(asWrittenHere('1,500 bar', ['150 bar', '1.50 bar'], '.')).toBeUndefined();
    expect(asWrittenHere('1,50 bar', ['150 bar', '1.5 bar'], '.')).toBeUndefined();
    expect(asWrittenHere('1,500 and 2,500 bar', ['1,500 and 2500 bar', '1,500 and 2.50 bar'], '.')).toEqual({
      meant: '1,500 and 2500 bar',
      other: '1,500 and 2.50 bar',
    });
  });
});
