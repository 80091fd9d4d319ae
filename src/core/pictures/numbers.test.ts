import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { figuresAt, otsu } from './figures';
import { boxMean, inverted, type Gray } from './gray';
import { mendNumber } from './mend-number';
import type { OcrLine } from './ocr';
import { furtherValues, valueRow } from './value-row';

/** A number drawn with blocks for its figures: the shapes only, none of them can be read. */
function drawn(text: string, { height = 24, gap = 3, blur = 0, dark = false, point = 40 } = {}) {
  const shapes = [...text].map((c) => ({
    c,
    width: /\d/.test(c) ? Math.round(height * 0.6) : Math.round(height * (c === '-' ? 0.3 : 0.14)),
  }));
  const total = shapes.reduce((s, { width }) => s + width + gap, 0);
  const [width, top] = [total + 2 * height, 10];
  const g: Gray = { width, height: height + 20, data: new Uint8Array(width * (height + 20)).fill(225) };
  let x = height;
  for (const { c, width: w } of shapes) {
    const [from, to] = /\d/.test(c)
      ? [0, height]
      : c === '-'
        ? [height * 0.5, height * 0.62]
        : [height * 0.86, height];
    for (let y = Math.round(top + from); y < top + to; y++)
      for (let k = x; k < x + w; k++)
        // A figure is an outline: a "0".
        if (!/\d/.test(c) || y < top + 4 || y >= top + height - 4 || k < x + 4 || k >= x + w - 4)
          g.data[y * width + k] = c === '.' ? point : 40;
    x += w + gap;
  }
  const soft = blur ? boxMean(g, blur) : g;
  const first = text.startsWith('-') ? shapes[0]!.width + gap : 0;
  return {
    picture: dark ? inverted(soft) : soft,
    // As a reader gives it, without the sign.
    place: { left: height + first, right: height + total - gap, top, bottom: top + height },
  };
}

describe('shapes of a number', () => {
  it.each(['7', '94', '12.9', '-8.1', '2812', '73.17', '-11', '0.05'])('of %s', (text) => {
    const seen = {
      count: text.replace(/\D/g, '').length,
      decimals: text.includes('.') ? text.split('.')[1]!.length : 0,
      minus: text.startsWith('-'),
    };
    for (const dark of [false, true])
      for (const blur of [0, 1]) {
        const { picture, place } = drawn(text, { blur, dark });
        expect(figuresAt(picture, place)).toEqual(seen);
      }
  });
  it('tell no count where the figures run together, and say of no point that it is not there', () => {
    const { picture, place } = drawn('128', { gap: -2 });
    expect(figuresAt(picture, place)).toMatchObject({ count: undefined, decimals: undefined });
  });
  it('leave open whether there is a point where only a shade of it is left', () => {
    const { picture, place } = drawn('12.9', { gap: 5, point: 165 });
    expect(figuresAt(picture, place)).toMatchObject({ count: 3, decimals: undefined });
  });
  it('tell nothing of a plain ground', () => {
    const g: Gray = { width: 80, height: 40, data: new Uint8Array(3200).fill(200) };
    expect(figuresAt(g, { left: 10, right: 60, top: 8, bottom: 32 })).toBeUndefined();
  });
  it('part two shades where Otsu does', () => {
    // Two shades only: any threshold between them parts them; the shades are their own means.
    const g: Gray = {
      width: 10,
      height: 1,
      data: Uint8Array.of(20, 20, 20, 200, 200, 200, 200, 200, 200, 200),
    };
    const { threshold, dark, light } = otsu(g)!;
    expect([dark, light]).toEqual([20, 200]);
    expect(threshold).toBeGreaterThan(20);
    expect(threshold).toBeLessThanOrEqual(200);
  });
});

describe('a number of several readings', () => {
  const seen = (count?: number, decimals?: number, minus = false) => ({ count, decimals, minus });
  it.each([
    // The reader loses points; the shapes have them.
    [['129', '129'], seen(3, 1), '12.9', true],
    [['7317', '73.17'], seen(4, 2), '73.17', true],
    // One of two equal figures.
    [['4', '44', '44', '44', '4'], seen(2, 0), '44', true],
    [['-8.1', '8.1', '8.1'], seen(2, 1, true), '-8.1', true],
    // A sign that one read and that is not seen.
    [['-8.1', '8.1', '8.1'], seen(2, 1), '8.1', false],
    // Figures that differ.
    [['59', '50', '59', '80'], seen(2, 0), '59', false],
    [['654', '654', '654', '651'], seen(3, 0), '654', false],
    [['654', '654', '654', '654', '651'], seen(3, 0), '654', true],
    // Nobody read as many figures as there are.
    [['12', '12'], seen(3, 0), '12', false],
    [['12'], seen(2, 0), '12', false],
    // A point read where another is seen.
    [['1.29', '12.9'], seen(3, 1), '12.9', false],
    // No shapes to go by: all have to agree, and a point has to be read.
    [['12.9', '12.9', '12.9'], undefined, '12.9', true],
    [['129', '129', '129'], undefined, '129', false],
    [['12.9', '12.9', '129', '129'], undefined, '12.9', false],
    [['12.9', '12.9', '12.8'], undefined, '12.9', false],
    // What is no number is no reading of one.
    [['12e¢', '126', '126'], seen(3, 1), '12.6', true],
  ] as const)('%j seen as %j is %s', (readings, shapes, text, sure) => {
    const mended = mendNumber(readings, shapes)!;
    expect([mended.text, mended.sure >= 0.8]).toEqual([text, sure]);
  });
  it('is none where nothing is a number', () => {
    expect(mendNumber(['abc', '1n4v', ''], seen(3, 0))).toBeUndefined();
  });
  it('is never sure of figures of which most readings say others', () => {
    fc.assert(
      fc.property(
        fc.array(fc.integer({ min: 10, max: 99 }), { minLength: 1, maxLength: 6 }),
        fc.constantFrom(undefined, seen(2, 0), seen(undefined, 0), seen(2, undefined)),
        (list, shapes) => {
          const { text, sure } = mendNumber(list.map(String), shapes)!;
          const same = list.filter((n) => String(n) === text).length;
          expect(same).toBeGreaterThan(0);
          if (sure >= 0.8) expect(same * 2).toBeGreaterThan(list.length);
        },
      ),
    );
  });
});

describe('a line of a list of live values', () => {
  const line = (...words: [string, number][]): OcrLine =>
    words.map(([text, left]) => ({
      text,
      confidence: 90,
      left,
      right: left + text.length * 12,
      top: 0,
      bottom: 24,
    }));
  const of = (texts: string[], count?: number, decimals?: number, minus = false) => {
    const read = valueRow(
      texts.map((t) => {
        let x = 0;
        return line(
          ...t.split(' ').map((w): [string, number] => {
            const at = x;
            x += w.length * 12 + 10;
            return [w, at];
          }),
        );
      }),
      () => (count === undefined ? undefined : { count, decimals, minus }),
    );
    return read && [read.text, read.sure >= 0.8];
  };
  it('takes name, number and unit from what its readings have in common', () => {
    expect(of(['Battery voltage 129 V', 'Battery vokage 129 v'], 3, 1)).toEqual([
      'Battery voltage   12.9 V',
      true,
    ]);
    expect(of(['Short-term fuel rimB1 3.0 9%', 'Short-term fuel 3.0'], 2, 1)).toEqual([
      'Short-term fuel trim B1   3.0 %',
      true,
    ]);
    expect(of(['Engine speed 654 mpm', 'Engine speed 654 pm'], 3, 0)).toEqual([
      'Engine speed   654 rpm',
      true,
    ]);
    expect(of(['Mass air flow 21.89 gis', 'Mass air flow 2189 g/s'], 4, 2)).toEqual([
      'Mass air flow   21.89 g/s',
      true,
    ]);
  });
  it('is asked where a unit was read in two ways, where it has none, or where nobody knows the name', () => {
    expect(of(['Coolant temperature 91 °C', 'Coolant temperature 91 °F'], 2, 0)).toEqual([
      'Coolant temperature   91 °C',
      false,
    ]);
    expect(of(['Wastegate gap 91 mm', 'Wastegate gab 91 mm'], 2, 0)).toEqual([
      'Wastegate gap   91 mm',
      false,
    ]);
    expect(of(['Wastegate gap 91 mm', 'Wastegate gap 91 mm', 'Wastegate gap 91 mm'], 2, 0)).toEqual([
      'Wastegate gap   91 mm',
      true,
    ]);
  });
  it('is asked where only the end of a name was read', () => {
    const three = (t: string) => of([t, t, t], 2, 0);
    expect(three('temperature 70 °C')).toEqual(['temperature   70 °C', false]);
    expect(three('position 56 %')![1]).toBe(false);
    expect(three('Oil pressure 56 psi')![1]).toBe(true);
  });
  it('takes no count of faults, no text and no speck behind a value for one', () => {
    expect(of(['Engine 3 faults', 'Engine 3 faults'])).toBeUndefined();
    expect(of(['Circuit range or performance'])).toBeUndefined();
    expect(of(['Battery voltage 12.6 V 5', 'Battery voltage 12.6 V'], 3, 1)).toEqual([
      'Battery voltage   12.6 V',
      true,
    ]);
  });
  it('parts values that stand beside each other', () => {
    const two = line(
      ['Engine', 0],
      ['speed', 90],
      ['812', 200],
      ['rpm', 250],
      ['Coolant', 400],
      ['91', 540],
      ['°C', 580],
    );
    expect(furtherValues(two)).toEqual([400]);
    expect(furtherValues(two.slice(0, 4))).toEqual([]);
  });
});
