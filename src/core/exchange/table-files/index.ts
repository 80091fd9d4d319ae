import { Problem } from '@/core/problem';
import { startsWith, type Sheet, type TableFile } from './contract';
import { odsFile } from './ods';
import { textFile } from './text';
import { xlsxFile } from './xlsx';

export type { Sheet } from './contract';
export { readTextTable } from './text';

/** Kinds of files with tables, the first that knows the file reads it. */
const FILES: readonly TableFile[] = [odsFile, xlsxFile, textFile];
export const MOST_BYTES = 60 * 1024 * 1024;
/** Compound files: old binary workbooks, and locked ones of today. */
const COMPOUND = [0xd0, 0xcf, 0x11, 0xe0];
const PDF = [0x25, 0x50, 0x44, 0x46];

/**
 * Reads the sheets of a file with tables: XLSX, ODS, CSV.
 *
 * @param bytes the whole file
 * @param name of the file
 * @returns sheets that have something in them
 * @throws Problem with a sentence that says what to do
 */
export async function readTableFile(bytes: Uint8Array, name: string): Promise<Sheet[]> {
  if (bytes.length === 0) throw new Problem('The file is empty.');
  if (bytes.length > MOST_BYTES)
    throw new Problem('The file is larger than 60 MB. Leave pictures out of it, or bring it in parts.');
  if (startsWith(bytes, COMPOUND))
    throw new Problem(
      'This is an old binary workbook, or one locked by a password. Save it as XLSX, ODS or CSV without a password.',
    );
  if (startsWith(bytes, PDF))
    throw new Problem('This is a PDF. Export the list from where it was made as XLSX, ODS or CSV.');
  const file = FILES.find((f) => f.is(bytes.subarray(0, 4096), name));
  if (!file) throw new Problem('This is no table. Bring XLSX, ODS or CSV.');
  const sheets = (await file.read(bytes))
    .map(({ name: called, rows }) => ({ name: called, rows: rows.map(withoutEnd) }))
    .filter((s) => s.rows.some((r) => r.length > 0));
  if (sheets.length === 0) throw new Problem('There is nothing in this table.');
  return sheets;
}

/** A row without the empty cells at its end, which formatted sheets are full of. */
function withoutEnd(row: string[]): string[] {
  const last = row.findLastIndex((c) => c !== '');
  return last === row.length - 1 ? row : row.slice(0, last + 1);
}
