import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
// An independent writer and reader of the same formats, used nowhere else.
import * as sheetjs from 'xlsx';
import { readTableFile, readTextTable } from './index';
import { sheetsOf } from './ods';
import { decodeText } from './text';

const bytes = (text: string) => new TextEncoder().encode(text);
const written = (rows: unknown[][], type: 'xlsx' | 'ods', more: unknown[][] = []): Uint8Array => {
  const book = sheetjs.utils.book_new();
  sheetjs.utils.book_append_sheet(book, sheetjs.utils.aoa_to_sheet(rows, { cellDates: true }), 'Jobs');
  if (more.length) sheetjs.utils.book_append_sheet(book, sheetjs.utils.aoa_to_sheet(more), 'Parts');
  return new Uint8Array(sheetjs.write(book, { type: 'array', bookType: type }) as ArrayBuffer);
};

describe('files with tables', () => {
  const rows = [
    ['Date', 'Reg', 'km', 'Work'],
    [new Date(Date.UTC(2021, 3, 3)), 'AB12 XYZ', 123456, 'Replaced "MAF", cleaned'],
    [new Date(Date.UTC(2019, 11, 31)), '', 0, 'Größe 3/8″\nsecond line'],
  ];
  const texts = [
    ['Date', 'Reg', 'km', 'Work'],
    ['2021-04-03', 'AB12 XYZ', '123456', 'Replaced "MAF", cleaned'],
    ['2019-12-31', '', '0', 'Größe 3/8″\nsecond line'],
  ];
  it.each(['xlsx', 'ods'] as const)('reads %s as another program writes it, all sheets', async (type) => {
    const sheets = await readTableFile(written(rows, type, [['Part'], ['coil']]), `jobs.${type}`);
    expect(sheets.map((s) => s.name)).toEqual(['Jobs', 'Parts']);
    expect(sheets[0]!.rows).toEqual(texts);
  });
  it('leaves empty lines in a text where they are, so that rows keep their numbers', () => {
    expect(readTextTable('a,b\n\n1,2\n,\n3,4\n\n').map((r) => r.join(''))).toEqual([
      'ab',
      '',
      '12',
      '',
      '34',
    ]);
  });
  it('knows an OpenDocument file without its ending', async () => {
    const [sheet] = await readTableFile(written(rows, 'ods'), 'jobs');
    expect(sheet!.rows).toEqual(texts);
  });
  it.each([
    [
      'commas',
      'a,b\n1,"x, y"\n',
      [
        ['a', 'b'],
        ['1', 'x, y'],
      ],
    ],
    [
      'semicolons of a spreadsheet, with its own line for them',
      'sep=;\r\na;b\r\n1,5;x\r\n',
      [
        ['a', 'b'],
        ['1,5', 'x'],
      ],
    ],
    [
      'tabs of the clipboard',
      'a\tb\n1\tx, y; z\n',
      [
        ['a', 'b'],
        ['1', 'x, y; z'],
      ],
    ],
    [
      'upright strokes',
      'a|b\n1|2\n',
      [
        ['a', 'b'],
        ['1', '2'],
      ],
    ],
    [
      'a line end within quotes',
      'a,b\n1,"x\ny"\n',
      [
        ['a', 'b'],
        ['1', 'x\ny'],
      ],
    ],
  ])('reads text with %s', (_, text, is) => {
    expect(readTextTable(text)).toEqual(is);
  });
  it('reads umlauts in UTF-8, UTF-16 and Windows-1252', () => {
    expect(decodeText(bytes('Größe'))).toBe('Größe');
    expect(decodeText(new Uint8Array([0x47, 0x72, 0xf6, 0xdf, 0x65]))).toBe('Größe');
    expect(decodeText(new Uint8Array([0xff, 0xfe, 0x47, 0, 0xf6, 0]))).toBe('Gö');
  });
  it.each([
    ['an empty file', new Uint8Array(), /empty/],
    ['a locked or old workbook', new Uint8Array([0xd0, 0xcf, 0x11, 0xe0, 0, 0]), /password/],
    ['a PDF', bytes('%PDF-1.7 …'), /PDF/],
    ['a picture', new Uint8Array([0x89, 0x50, 0x4e, 0x47, 0, 0, 0, 1]), /no table/],
    ['a damaged workbook', new Uint8Array([0x50, 0x4b, 3, 4, 1, 2, 3]), /damaged/],
    ['plain words', bytes('just a sentence\nand one more'), /no table/],
  ])('says what to do with %s', async (_, content, says) => {
    await expect(readTableFile(content, 'x.xlsx')).rejects.toThrow(says);
  });
  it('leaves out the empty cells and rows that fill an OpenDocument sheet, and remarks', () => {
    const xml = `<d xmlns:table="t" xmlns:office="o" xmlns:text="x"><table:table table:name="A">
      <table:table-row><table:table-cell table:number-columns-repeated="2"/><table:table-cell office:value-type="string"><office:annotation><text:p>remark</text:p></office:annotation><text:p>x<text:s/>y</text:p></table:table-cell><table:table-cell table:number-columns-repeated="16000"/></table:table-row>
      <table:table-row table:number-rows-repeated="2"><table:table-cell table:number-columns-repeated="2" office:value-type="float" office:value="7.5"><text:p>7,50</text:p></table:table-cell></table:table-row>
      <table:table-row table:number-rows-repeated="1048000"><table:table-cell/></table:table-row></table:table></d>`;
    expect(sheetsOf(xml)).toEqual([
      {
        name: 'A',
        rows: [
          ['', '', 'x y'],
          ['7.5', '7.5'],
          ['7.5', '7.5'],
        ],
      },
    ]);
  });
  it('reads back any table that is written as CSV', () => {
    const cell = fc.string({ maxLength: 12 }).map((s) => s.replace(/[\r\n\0]/g, ' ').trim());
    fc.assert(
      fc.property(fc.array(fc.tuple(cell, cell, cell), { minLength: 2, maxLength: 8 }), (body) => {
        const rows = [['date', 'plate', 'work'], ...body.map((r) => ['x', ...r.slice(1)])];
        const text = rows.map((r) => r.map((c) => `"${c.replaceAll('"', '""')}"`).join(',')).join('\r\n');
        expect(readTextTable(text)).toEqual(rows.map((r) => r.map((c) => c.trim())));
      }),
    );
  });
});
