import fc from 'fast-check';
import papaparse from 'papaparse';
import { describe, expect, it } from 'vitest';
import { csvLine } from './tables';

describe('a line of a CSV file', () => {
  it.each([
    '=1+1',
    '+1+1',
    '-1+1|cmd',
    '@SUM(A1)',
    '\t=1',
    '-2+3',
    '+49 30 1',
    '|x',
    ' =HYPERLINK("x")',
    '-',
  ])('%j is no formula', (cell) => expect(csvLine([cell])).toMatch(/^"?'/));
  it.each(['-1.5', '-12 °C', '+0.5 V', '-3 %', '12 V', 'lean -2', '', "'x"])('%j stays what it is', (cell) =>
    expect(csvLine([cell])).toBe(`${cell}\r\n`),
  );
  it('any text comes back through a reader of RFC 4180, but for the apostrophe', () => {
    fc.assert(
      fc.property(fc.array(fc.string(), { minLength: 1, maxLength: 6 }), (cells) => {
        const [row] = papaparse.parse<string[]>(csvLine(['x', ...cells]), {
          newline: '\r\n',
          delimiter: ',',
        }).data;
        expect(row!.slice(1).map((c, i) => (c === `'${cells[i]}` ? cells[i] : c))).toEqual(cells);
      }),
    );
  });
});
