import readWorkbook from 'read-excel-file/universal';
import { Problem } from '@/core/problem';
import { cellText, MOST_ROWS, startsWith, ZIP, type TableFile } from './contract';

/** Office Open XML workbooks (ISO/IEC 29500), through read-excel-file. */
export const xlsxFile: TableFile = {
  id: 'XLSX',
  is: (head) => startsWith(head, ZIP),
  read: async (bytes) => {
    let sheets;
    try {
      sheets = await readWorkbook(new Blob([bytes as Uint8Array<ArrayBuffer>]));
    } catch {
      throw new Problem(
        'This workbook could not be read: it is damaged, or of another kind. Open it in the spreadsheet and save it as XLSX, ODS or CSV.',
      );
    }
    if (sheets.some((s) => s.data.length > MOST_ROWS))
      throw new Problem(`That is more than ${MOST_ROWS.toLocaleString('en')} rows. Bring it in parts.`);
    return sheets.map((s) => ({ name: s.sheet, rows: s.data.map((row) => row.map(cellText)) }));
  },
};
