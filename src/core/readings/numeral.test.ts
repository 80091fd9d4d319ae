import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { readEntry, writeQuantity } from './entry';
import { readLimit } from './limit';
import { askWhich, asWrittenHere, readNumeral, decideNumber } from './numeral';
import { UNITS } from './units';
import { judgeReading } from './verdict';

const values = (text: string) => readNumeral(text)?.figures.map((f) => f.value);

describe('a number as the shop writes it', () => {
  it.each([
    ['1,500 bar', '.', '1500 bar', '1.50 bar'],
    ['1,500 bar', ',', '1.50 bar', '1500 bar'],
    ['1.500 bar', '.', '1.50 bar', '1500 bar'],
    ['1.500 bar', ',', '1500 bar', '1.50 bar'],
    ['at least 2,250 A', ',', 'at least 2.25 A', 'at least 2250 A'],
  ] as const)('%s with a decimal %s is %s', (typed, sign, meant, other) => {
    const numeral = readNumeral(/[\d.,]+/.exec(typed)![0])!;
    expect(asWrittenHere(typed, askWhich(numeral, typed).offers, sign)).toEqual({ meant, other });
  });
  it('says nothing of other offers', () => {
    expect(asWrittenHere('1,500 bar', ['1,500 psi', '1,500 kPa'], '.')).toBeUndefined();
    expect(asWrittenHere('12 bar', ['12 psi', '12 kPa'], '.')).toBeUndefined();
    expect(asWrittenHere('~1.5 V', ['1.5 V ± 5 %'], ',')).toBeUndefined();
  });
  it('is then read in one way', () => {
    fc.assert(
      fc.property(
        fc.integer({ min: 1, max: 999 }),
        fc.integer({ min: 0, max: 999 }),
        fc.constantFrom('.', ','),
        fc.constantFrom('.' as const, ',' as const),
        (whole, rest, mark, sign) => {
          const typed = `${whole}${mark}${String(rest).padStart(3, '0')} bar`;
          const entry = readEntry(typed);
          if (entry.kind !== 'problem') throw new Error(typed);
          const { meant } = asWrittenHere(typed, [entry.offer!, entry.or!], sign)!;
          const read = readEntry(meant);
          const value = mark === sign ? whole + rest / 1000 : whole * 1000 + rest;
          return read.kind === 'quantity' && Math.abs(read.quantity.value - value) < 1e-9;
        },
      ),
    );
  });
});

describe('a number by its shape', () => {
  it.each([
    ['1,500', [1500, 1.5]],
    ['1.500', [1500, 1.5]],
    ['12,500', [12500, 12.5]],
    ['123.456', [123456, 123.456]],
    ['0,500', [0.5]],
    ['1234,567', [1234.567]],
    ['24,1', [24.1]],
    ['1,50', [1.5]],
    ['1,5000', [1.5]],
    ['1 500', [1500]],
    ['1’500', [1500]],
    ['12 345,6', [12345.6]],
    ['1.500,5', [1500.5]],
    ['1,500.5', [1500.5]],
    ['1,234,567', [1234567]],
    ['1.234.567', [1234567]],
    ['−7', [-7]],
    ['-1,500', [-1500, -1.5]],
    ['+3.5', [3.5]],
    [',8', [0.8]],
    ['1e3', [1000]],
    ['1,2,3', undefined],
    ['1..5', undefined],
    ['', undefined],
    ['V', undefined],
  ])('%s', (text, wanted) => expect(values(text)).toEqual(wanted));

  it('gives back every number a program or a person groups, in English and in German', () => {
    fc.assert(
      fc.property(
        fc.integer({ min: -9_999_999, max: 9_999_999 }),
        fc.integer({ min: 0, max: 4 }),
        fc.constantFrom('en', 'de'),
        fc.boolean(),
        (n, decimals, locale, useGrouping) => {
          const value = n / 10 ** decimals;
          const text = new Intl.NumberFormat(locale, {
            useGrouping,
            minimumFractionDigits: decimals,
            maximumFractionDigits: decimals,
          }).format(value);
          return values(text)!.some((v) => Math.abs(v - value) < 1e-9);
        },
      ),
      { numRuns: 2000 },
    );
  });
});

describe('thousands or decimals', () => {
  const of = (text: string, unit: string, more: object = {}) => {
    const f = decideNumber(readNumeral(text)!, { unit, ...more });
    return 'value' in f ? f.value : 'both';
  };
  it.each([
    ['1,500', 'rpm', {}, 1500],
    ['1.500', 'rpm', {}, 1500],
    ['5.002', 'V', {}, 5.002],
    ['5,002', 'V', { decimalSign: '.', beside: [4.9, 5.1] }, 5.002],
    // A thousand volts occur on the high-voltage side.
    ['1,000', 'V', {}, 'both'],
    ['1,000', 'V', { beside: [500] }, 1000],
    ['1,050', 'mm', { beside: [900] }, 1050],
    ['1,200', 'MΩ', { beside: [500] }, 1200],
    // Two hints that say otherwise: a broken wire, or a good one.
    ['1,200', 'kΩ', { decimalSign: '.', beside: [1.5] }, 'both'],
    ['1,500', 'psi', {}, 1500],
    ['1.500', 'psi', {}, 1.5],
    ['1,500', 'bar', {}, 'both'],
    ['1,500', 'bar', { decimalSign: ',' }, 1.5],
    ['1,500', 'bar', { decimalSign: '.' }, 1500],
    ['1,500', 'bar', { beside: [1600] }, 1500],
    ['1,500', 'bar', { beside: [2] }, 1.5],
    // Between the two nothing tells.
    ['1,500', 'bar', { beside: [40] }, 'both'],
    ['1,500', '', {}, 'both'],
  ] as const)('%s %s %j', (text, unit, more, wanted) => expect(of(text, unit, more)).toBe(wanted));

  it('is asked where nothing tells, with both ways to write it, each read in one way', () => {
    const e = readEntry('1,500 bar');
    expect(e).toMatchObject({ kind: 'problem', offer: '1500 bar', or: '1.50 bar' });
    expect(readEntry('1500 bar')).toMatchObject({ quantity: { value: 1500 } });
    expect(readEntry('1.50 bar')).toMatchObject({ quantity: { value: 1.5 } });
    const l = readLimit('≥ 1,234 bar');
    expect(l).toMatchObject({ ok: false, offers: ['≥ 1234 bar', '≥ 1.2340 bar'] });
    for (const offer of ['≥ 1234 bar', '≥ 1.2340 bar']) expect(readLimit(offer).ok).toBe(true);
  });

  it('is never judged silently: whatever the two ways would give, the verdict is that of one of them or a question', () => {
    fc.assert(
      fc.property(
        fc.integer({ min: 1, max: 999 }),
        fc.integer({ min: 0, max: 999 }),
        fc.constantFrom('bar', 'Ω', 'kPa', 'ms', 'A', 'rpm', 'V', 'psi'),
        fc.double({ min: 0.01, max: 900_000, noNaN: true }),
        (whole, rest, unit, limit) => {
          const text = `${whole},${String(rest).padStart(3, '0')} ${unit}`;
          const said = judgeReading(text, `≥ ${limit.toFixed(2)} ${unit}`).verdict;
          const ways = [whole * 1000 + rest, whole + rest / 1000].map((v) =>
            v >= Number(limit.toFixed(2)) ? 'pass' : 'fail',
          );
          return said === 'unsure' || ways.includes(said as 'pass');
        },
      ),
      { numRuns: 1000 },
    );
  });
});

describe('what Vantle writes, it reads back', () => {
  const written = fc.record({
    n: fc.integer({ min: -99_999, max: 99_999 }),
    decimals: fc.constantFrom(0, 1, 2, 4),
    unit: fc.constantFrom(...UNITS.map((u) => u.sign)),
  });
  it('a quantity', () => {
    fc.assert(
      fc.property(written, ({ n, decimals, unit }) => {
        const value = n / 10 ** decimals;
        const e = readEntry(writeQuantity({ value, unit }, decimals));
        return e.kind === 'quantity' && e.quantity.unit === unit && Math.abs(e.quantity.value - value) < 1e-9;
      }),
      { numRuns: 1500 },
    );
  });
  it('a limit in the words of its sentences', () => {
    fc.assert(
      fc.property(written, fc.integer({ min: 0, max: 500 }), ({ n, decimals, unit }, more) => {
        const [low, high] = [n / 10 ** decimals, (n + more) / 10 ** decimals];
        const w = (value: number) => writeQuantity({ value, unit }, decimals);
        const between = readLimit(`${w(low)} to ${w(high)}`);
        const least = readLimit(`at least ${w(low)}`);
        const most = readLimit(`at most ${w(high)}`);
        return (
          between.ok &&
          between.limit?.form === 'between' &&
          Math.abs(between.limit.low - low) < 1e-9 &&
          Math.abs(between.limit.high - high) < 1e-9 &&
          least.ok &&
          least.limit?.form === 'at least' &&
          most.ok &&
          most.limit?.form === 'at most'
        );
      }),
      { numRuns: 1500 },
    );
  });
});
