import { describe, expect, it } from 'vitest';
import { readEntry, unitOf, waysToWrite, writeNumber, writeQuantity } from './entry';

/** An entry in a word or two: `12.5 V`, `beyond`, `state …`, `problem`. */
function inShort(text: string, expected?: string): string {
  const e = readEntry(text, expected);
  if (e.kind === 'quantity')
    return `${e.quantity.value} ${e.quantity.unit}`.trim() + (e.note ? ` (${e.note})` : '');
  return e.kind === 'state' ? `state ${e.state}` : e.kind;
}

describe('what a meter shows beyond its range', () => {
  it.each([
    'OL',
    'ol',
    'O.L',
    'o/l',
    'OL.',
    'OL ohms',
    'OL  ohm',
    'OL Ω',
    'OL kΩ',
    'OL Mohms',
    '∞',
    'OL loom side',
  ])('%s', (text) => expect(inShort(text)).toBe('beyond'));
  it.each(['open', 'open circuit', 'no continuity'])('said in words is a state: %s', (text) =>
    expect(inShort(text)).toBe(`state ${text}`),
  );
  it.each(['oil', 'OLD', 'a OL', 'OL 5'])('is not %s', (text) => expect(inShort(text)).not.toBe('beyond'));
});

describe('a figure', () => {
  it.each([
    ['- 5 V', '-5 V'],
    ['−  12 °C', '-12 °C'],
    ['– 3', '-3'],
    ['+ 5 V', 'state + 5 V'],
    ['4k7', '4.7 kΩ'],
    ['4K7', '4.7 kΩ'],
    ['4R7', '4.7 Ω'],
    ['1M2', '1.2 MΩ'],
    ['12V8', '12.8 V'],
    ['x4k7', 'state x4k7'],
    ['λ = 1.05', '1.05 λ'],
    ['LTFT 22 %', '22 %'],
    ['LTFT 22', 'state LTFT 22'],
    ['13.9 V running', '13.9 V (running)'],
    ['0.4 (left)', '0.4 (left)'],
    ['0.4 V (left)', '0.4 V (left)'],
    ['0.4 left', '0.4 (left)'],
    ['5.1 V,', '5.1 V'],
    ['5.1 V.;', '5.1 V'],
    ['2nd gear', 'state 2nd gear'],
    ['4 humps of 6', 'state 4 humps of 6'],
  ])('%s is %s', (text, is) => expect(inShort(text)).toBe(is));

  it('takes the unit of its field, a K beside ohms for kilohms', () => {
    expect(inShort('2.2', 'bar')).toBe('2.2 bar');
    expect(inShort('2.2 K', 'Ω')).toBe('2.2 kΩ');
    expect(inShort('300 K', '°C')).toBe('300 K');
  });
  it('after dead centre is less than none before it', () => {
    expect(inShort('5 °ATDC', '°BTDC')).toBe('-5 °BTDC');
    expect(inShort('5 °BTDC', '°BTDC')).toBe('5 °BTDC');
  });
  it('said twice in two units is one where the two agree', () => {
    expect(inShort('100 kPa (1 bar)')).toBe('100 kPa');
    expect(inShort('100 kPa (3 bar)')).not.toBe('100 kPa');
  });
  it('of minutes and seconds shows at most two places', () => {
    expect(readEntry('2 h 20 min')).toMatchObject({ kind: 'quantity', decimals: 2, text: '2 h 20 min' });
  });
});

describe('what cannot be read as it stands', () => {
  it('says what may have been meant, and the whole entry so', () => {
    const unknown = readEntry('3.7 vlt');
    expect(unknown).toMatchObject({ kind: 'problem', offer: '3.7 V' });
    expect(readEntry('3.7 qqqqqqq')).toEqual({
      kind: 'problem',
      message: '"qqqqqqq" is not a unit known here. Write for instance 3.72 V, 24,1 inHg, -12 °C.',
    });
  });
  it('names the quantity of another unit and four of the wanted ones', () => {
    const { message, offer } = readEntry('3.7 V', 'bar') as { message: string; offer: string };
    expect(message).toMatch(
      /^V measures voltage; here a pressure is wanted, in \S+, \S+, \S+, \S+ … Was \S+ meant\?$/,
    );
    expect(offer).toBe(`3.7 ${/Was (\S+) meant/.exec(message)![1]!}`);
  });
  it('counts gauge from the air and absolute from vacuum: 1 bar is 2.013 bar abs at 1013 mbar', () => {
    const entry = readEntry('1.0 bar', 'bar abs') as { message: string; offer: string };
    expect(entry.offer).toBe('2.01\u00a0bar abs');
    expect(entry.message).toBe(
      'bar counts from the air outside and bar abs from vacuum; between them lies the barometer. At 1013 mbar outside, 1.0 bar is 2.01\u00a0bar abs.',
    );
    const other = readEntry('2.0 bar abs', 'bar', { air: 95_000 }) as { message: string; offer: string };
    expect(other.offer).toBe('1.05\u00a0bar');
    expect(other.message).toContain('bar counts from the air outside and bar abs from vacuum');
    expect(other.message).toContain('With the barometer at 950 mbar');
  });
  it('offers both readings of a mark, and the figure of a state', () => {
    expect(waysToWrite('1,500', 'bar')).toEqual(['1500', '1.50']);
    expect(waysToWrite('3 bar wobbling about', '')).toEqual(['3 bar']);
    expect(waysToWrite('lamp lights', '')).toEqual([]);
    expect(waysToWrite('3 bar', 'bar')).toEqual([]);
  });
});

describe('the unit of an entry', () => {
  it.each([
    ['1,500 bar', '', 'bar'],
    [' 12 V ', '', 'V'],
    ['12', 'V', 'V'],
    ['12', '', ''],
    ['12 K', 'Ω', 'kΩ'],
    ['12 qq', 'V', ''],
    ['lamp', 'V', 'V'],
  ])('%s in a field of %s is %s', (text, field, unit) => expect(unitOf(text, field)).toBe(unit));
});

describe('a number written out', () => {
  it.each([
    [-0.004, 2, '0.00'],
    [-0.006, 2, '−0.01'],
    [12.3456, 2, '12.35'],
    [1 / 3, 9, '0.333333'],
  ])('%d with %d places is %s', (value, places, is) => expect(writeNumber(value, places)).toBe(is));
  it('has a blank before its unit, but none before the degree', () => {
    expect(writeQuantity({ value: 88, unit: '°' }, 0)).toBe('88°');
    expect(writeQuantity({ value: 88, unit: '°C' }, 0)).toBe('88\u00a0°C');
    expect(writeQuantity({ value: 88, unit: '' }, 0)).toBe('88');
  });
});
