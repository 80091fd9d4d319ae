import Papa from 'papaparse';
import { Problem } from '@/core/problem';
import { MOST_ROWS, type Sheet, type TableFile } from './contract';

/** Text in UTF-8, or in what spreadsheets of Western Europe write where it is not (Windows-1252); UTF-16 by its mark. */
export function decodeText(bytes: Uint8Array): string {
  if (bytes[0] === 0xff && bytes[1] === 0xfe) return new TextDecoder('utf-16le').decode(bytes);
  if (bytes[0] === 0xfe && bytes[1] === 0xff) return new TextDecoder('utf-16be').decode(bytes);
  try {
    return new TextDecoder('utf-8', { fatal: true }).decode(bytes);
  } catch {
    return new TextDecoder('windows-1252').decode(bytes);
  }
}

/**
 * A table pasted or in a text file: commas, semicolons, tabs or upright strokes between its cells (RFC 4180 for
 * quotes), whichever parts its lines evenly.
 *
 * @throws Problem when nothing parts its lines, or it is too long
 */
export function readTextTable(text: string): string[][] {
  const body = text.replace(/^\uFEFF?sep=.\r?\n/iu, '').replace(/^\uFEFF/u, '');
  // Empty lines stay: a row keeps the number it has in the spreadsheet.
  const { data } = Papa.parse<string[]>(body.trimEnd(), {
    delimitersToGuess: ['\t', ';', ',', '|'],
  });
  if (data.length > MOST_ROWS)
    throw new Problem(`That is more than ${MOST_ROWS.toLocaleString('en')} rows. Bring it in parts.`);
  if (!data.some((row) => row.length > 1))
    throw new Problem(
      'This is no table: nothing parts its lines into columns. Copy the cells of a spreadsheet, or save it as CSV.',
    );
  return data.map((row) => row.map((c) => c.trim()));
}

export const textFile: TableFile = {
  id: 'CSV',
  is: (head) => !head.slice(0, 512).some((b, i) => b === 0 && !(head[0]! >= 0xfe && i > 0)),
  read: (bytes): Promise<Sheet[]> => {
    const text = decodeText(bytes);
    return Promise.resolve([{ name: '', rows: readTextTable(text) }]);
  },
};
