import { describe, expect, it } from 'vitest';
import {
  bitmapOf,
  boxMean,
  cubicWeights,
  cutOut,
  enlarged,
  grayOf,
  levelled,
  scaled,
  sharpened,
  type Gray,
} from './gray';
import { patchesOf } from './patches';
import { blackWhite, capitalHeight, flattened, prepareScreen, straightened } from './prepare';
import type { OcrLine, Place } from './ocr';
import { screenText, type Closer } from './screen-text';

const gray = (width: number, height: number, at: (x: number, y: number) => number): Gray => ({
  width,
  height,
  data: Uint8Array.from({ length: width * height }, (_, i) => at(i % width, Math.floor(i / width))),
});
/** Letters as bars: lines of them, dark on light or the other way round, rising by a slope. */
const page = (slope: number, dark = false, light: (x: number) => number = () => 230): Gray =>
  gray(600, 300, (x, y) => {
    const row = y + slope * (x - 300);
    const letter = row % 40 >= 10 && row % 40 < 26 && x % 14 < 5 && x > 40 && x < 560;
    return dark ? (letter ? 220 : light(x) / 6) : letter ? light(x) * 0.3 : light(x);
  });

describe('pictures in shades of grey', () => {
  it('weighs the colours as ITU-R BT.601 does', () => {
    expect([...grayOf(Uint8Array.of(255, 0, 0, 255, 0, 255, 0, 255, 0, 0, 255, 255), 3, 1).data]).toEqual([
      76, 150, 29,
    ]);
    expect(() => grayOf(new Uint8Array(7), 1, 1)).toThrow(RangeError);
  });
  it('means of squares are those added up by hand', () => {
    const g = gray(7, 5, (x, y) => (x * 37 + y * 91) % 256);
    const by = (cx: number, cy: number) => {
      const v: number[] = [];
      for (let y = Math.max(0, cy - 1); y <= Math.min(4, cy + 1); y++)
        for (let x = Math.max(0, cx - 1); x <= Math.min(6, cx + 1); x++) v.push(g.data[y * 7 + x]!);
      return Math.floor(v.reduce((a, b) => a + b, 0) / v.length);
    };
    const mean = boxMean(g, 1);
    for (let y = 0; y < 5; y++) for (let x = 0; x < 7; x++) expect(mean.data[y * 7 + x]).toBe(by(x, y));
  });
  it('enlarges by cubic convolution: weights as Keys gives them, a slope stays a slope', () => {
    // Keys 1981, eq. 15 with a = −1/2, at half way: −1/16, 9/16, 9/16, −1/16.
    expect(cubicWeights(0.5)).toEqual([-0.0625, 0.5625, 0.5625, -0.0625]);
    expect(cubicWeights(0)).toEqual([0, 1, 0, 0].map((w) => expect.closeTo(w, 12) as number));
    for (const t of [0.1, 0.37, 0.8]) expect(cubicWeights(t).reduce((a, b) => a + b, 0)).toBeCloseTo(1, 12);
    const slope = gray(20, 6, (x) => 10 + 10 * x);
    const large = enlarged(slope, 2.5);
    expect([large.width, large.height]).toEqual([50, 15]);
    // In the middle of the picture a straight line is met exactly: 10 + 10 · ((x + 0.5) / 2.5 − 0.5).
    for (const x of [15, 22, 31])
      expect(large.data[7 * 50 + x]).toBe(Math.round(10 + 10 * ((x + 0.5) / 2.5 - 0.5)));
    expect(enlarged(slope, 0.5)).toEqual(scaled(slope, 0.5));
  });
  it('sharpens edges and leaves even ground alone', () => {
    expect(
      [
        ...sharpened(
          gray(9, 9, () => 120),
          2,
        ).data,
      ].every((v) => v === 120),
    ).toBe(true);
    const edge = sharpened(
      gray(12, 5, (x) => (x < 6 ? 100 : 150)),
      1,
    );
    expect(edge.data[2 * 12 + 5]!).toBeLessThan(100);
    expect(edge.data[2 * 12 + 6]!).toBeGreaterThan(150);
    expect(edge.data[2 * 12 + 1]).toBe(100);
  });
  // The header against the format's own description (BITMAPFILEHEADER, BITMAPINFOHEADER).
  it('writes a BMP: sizes, offset and the lowest row first', () => {
    const b = bitmapOf(gray(3, 2, (x, y) => 10 * y + x));
    const v = new DataView(b.buffer);
    expect([b[0], b[1], v.getUint32(2, true), v.getUint32(10, true)]).toEqual([0x42, 0x4d, 1086, 1078]);
    expect([v.getInt32(18, true), v.getInt32(22, true), v.getUint16(28, true)]).toEqual([3, 2, 8]);
    expect([...b.slice(1078)]).toEqual([10, 11, 12, 0, 0, 1, 2, 0]);
  });
  it('is made larger by straight lines between pixels: a slope stays the slope it was', () => {
    // 4 a pixel to the right and 3 down, at the middle of each new pixel: (x + 0.5)/2 − 0.5.
    const own = scaled(
      gray(20, 16, (x, y) => 20 + 4 * x + 3 * y),
      2,
    );
    expect([own.width, own.height]).toEqual([40, 32]);
    for (const [x, y] of [
      [7, 9],
      [20, 13],
      [31, 24],
    ] as const)
      expect(own.data[y * 40 + x]).toBe(
        Math.floor(20 + 4 * ((x + 0.5) / 2 - 0.5) + 3 * ((y + 0.5) / 2 - 0.5)),
      );
  });
  it('cuts a piece out with a margin, white beyond the edge', () => {
    const piece = cutOut(
      gray(10, 10, () => 7),
      { left: 0, right: 4, top: 0, bottom: 4 },
    );
    expect([piece.width, piece.height, piece.data[0], piece.data[6 * piece.width + 6]]).toEqual([
      16, 16, 255, 7,
    ]);
  });
  it('finds every patch once, with its box', () => {
    const g = gray(8, 4, (x, y) => ((x < 2 && y < 3) || (x > 4 && y === 2) ? 0 : 255));
    expect([...patchesOf(g)].map((p) => [p.width, p.height, p.size])).toEqual([
      [2, 3, 6],
      [3, 1, 3],
    ]);
  });
});

describe('a photo made ready', () => {
  const ink = (g: Gray) => g.data.filter((v) => v < 100).length / g.data.length;
  it.each([
    ['light', page(0)],
    ['dark', page(0, true)],
    ['with the light falling off', page(0, false, (x) => 60 + x / 4)],
  ])('has dark letters on a light ground: %s', (_, g) => {
    const flat = flattened(g);
    // Letters are the smaller part, and they are what is dark.
    expect(ink(flat)).toBeGreaterThan(0.03);
    expect(ink(flat)).toBeLessThan(0.3);
    expect(flat.data[(18 + 80) * 600 + 296]! < 100).toBe(true);
  });
  it.each([-0.08, -0.03, 0.05])('is turned level from a slope of %d', (slope) => {
    const rows = (g: Gray) => {
      const bw = blackWhite(g);
      const sums = Array.from(
        { length: 300 },
        (_, y) => bw.data.subarray(y * 600, (y + 1) * 600).filter((v) => v === 0).length,
      );
      return sums.slice(60, 240).reduce((s, v, i, all) => s + (i ? (v - all[i - 1]!) ** 2 : 0), 0);
    };
    const slanted = page(slope);
    expect(rows(straightened(slanted))).toBeGreaterThan(2.5 * rows(slanted));
    expect(rows(levelled(slanted, slope))).toBeGreaterThan(2.5 * rows(slanted));
  });
  it('has letters of the size that is read best, whatever theirs was', () => {
    for (const size of [0.6, 1, 1.8]) {
      const { sharp: bw } = prepareScreen(scaled(page(0), size));
      expect(capitalHeight(bw)).toBeGreaterThan(18);
      expect(capitalHeight(bw)).toBeLessThan(30);
    }
  });
});

describe('the readings of a screen together', () => {
  const word = (text: string, left: number, top: number, confidence = 90) => ({
    text,
    confidence,
    left,
    right: left + text.length * 16,
    top,
    bottom: top + 30,
  });
  const line = (top: number, ...words: [string, number][]): OcrLine => words.map(([t, x]) => word(t, x, top));
  const closer = (readAgain: Closer['readAgain'] = () => Promise.resolve([])): Closer => ({
    readAgain,
    figuresAt: () => undefined,
  });
  it('takes columns of faults apart', async () => {
    const lines = [
      line(0, ['P0171', 0], ['P0562', 700]),
      line(40, ['System', 0], ['too', 110], ['lean', 170], ['System', 700], ['voltage', 810], ['low', 940]),
      line(100, ['P0300', 0], ['P0128', 700]),
      line(140, ['Random', 0], ['misfire', 120], ['Coolant', 700], ['thermostat', 830]),
    ];
    const { text } = await screenText([lines, lines], closer());
    expect(text.split('\n')).toEqual([
      ...['P0171', 'System too lean', 'P0300', 'Random misfire'],
      ...['P0562', 'System voltage low', 'P0128', 'Coolant thermostat'],
    ]);
  });
  it('reads each code again, and is less sure where the readings differ', async () => {
    const places: number[] = [];
    const again = (whole: Place) => {
      places.push(whole.left);
      // With the words behind it: the reader knows a letter by its neighbours.
      expect(whole.right).toBeGreaterThan(12 + 5 * 16);
      return Promise.resolve([line(0, ['P1B4D', 12], ['flap', 320]), line(0, ['P1840', 14])]);
    };
    const { sure } = await screenText(
      [[line(0, ['P184D', 12], ['Charge', 200], ['flap', 320])]],
      closer(again),
    );
    expect(places).toEqual([12]);
    expect(sure[0]).toBeLessThan(0.8);
  });
  it('finds no text in a letter here and there', async () => {
    expect(await screenText([[line(0, ['7', 3]), line(90, ['i', 40])]], closer())).toEqual({
      text: '',
      sure: [],
    });
  });
});
