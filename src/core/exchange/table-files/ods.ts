import { strFromU8, unzip } from 'fflate';
import { SaxesParser } from 'saxes';
import { Problem } from '@/core/problem';
import { MOST_ROWS, MOST_UNPACKED, startsWith, ZIP, type Sheet, type TableFile } from './contract';

const damaged = () =>
  new Problem(
    'This spreadsheet could not be read: it is damaged or locked. Open it in the spreadsheet and save it again without a password, or as CSV.',
  );

/** OpenDocument spreadsheets (ISO/IEC 26300-3, `table:table` in content.xml). */
export const odsFile: TableFile = {
  id: 'ODS',
  // Its kind stands unpacked at the front of the file (ISO/IEC 26300-2, 3.3); a few writers leave it out.
  is: (head, name) =>
    startsWith(head, ZIP) &&
    (/\.ods$/i.test(name) || /opendocument\.spreadsheet|content\.xml/.test(strFromU8(head, true))),
  read: async (bytes) => {
    const xml = await new Promise<Uint8Array>((resolve, reject) =>
      unzip(
        bytes,
        { filter: (f) => f.name === 'content.xml' && f.originalSize <= MOST_UNPACKED },
        (error, files) =>
          error || !files['content.xml'] ? reject(damaged()) : resolve(files['content.xml']),
      ),
    );
    try {
      return sheetsOf(strFromU8(xml));
    } catch (e) {
      throw e instanceof Problem ? e : damaged();
    }
  },
};

/** What a cell is in itself; undefined where its words are all there is. */
function valueOf(cell: Record<string, string>): string | undefined {
  const type = cell['office:value-type'];
  if (type === 'float') return cell['office:value'];
  if (type !== 'date') return undefined;
  return (cell['office:date-value'] ?? '').replace(/T00:00:00(?:\.0+)?Z?$/, '').replace('T', ' ');
}

/**
 * The sheets in the content of an OpenDocument spreadsheet. Repeated cells and rows are written out, but for the
 * empty ones that only fill a sheet to its end.
 *
 * @param xml of content.xml
 * @throws Error for what is not XML; Problem for too many rows
 */
export function sheetsOf(xml: string): Sheet[] {
  const sheets: Sheet[] = [];
  let row: string[] = [];
  let emptyRows = 0;
  let emptyCells = 0;
  let rowTimes = 1;
  let cell: { times: number; value: string | undefined; text: string[]; covered: boolean } | undefined;
  let inText = 0;
  let rows = 0;
  const times = (v: string | undefined): number => Math.max(1, Math.min(MOST_ROWS, Number(v ?? 1) || 1));

  const parser = new SaxesParser();
  parser.on('error', (e) => {
    throw e;
  });
  parser.on('opentag', ({ name, attributes: a }) => {
    if (name === 'table:table') sheets.push({ name: a['table:name'] ?? '', rows: [] });
    else if (name === 'table:table-row') {
      row = [];
      emptyCells = 0;
      rowTimes = times(a['table:number-rows-repeated']);
    } else if (name === 'table:table-cell' || name === 'table:covered-table-cell') {
      cell = {
        times: times(a['table:number-columns-repeated']),
        value: valueOf(a),
        text: [],
        covered: name === 'table:covered-table-cell',
      };
    } else if (name === 'text:p' && cell) {
      cell.text.push('');
      inText++;
    } else if (cell && inText > 0 && (name === 'text:s' || name === 'text:tab' || name === 'text:line-break'))
      cell.text[cell.text.length - 1] += ' ';
    // A remark on a cell is not what stands in it.
    else if (name === 'office:annotation') inText = -1000;
  });
  parser.on('text', (t) => {
    if (cell && inText > 0) cell.text[cell.text.length - 1] += t;
  });
  parser.on('closetag', ({ name }) => {
    if (name === 'text:p') inText = Math.max(inText - 1, inText < 0 ? inText : 0);
    else if (name === 'office:annotation') {
      inText = 0;
      if (cell) cell.text = [];
    } else if ((name === 'table:table-cell' || name === 'table:covered-table-cell') && cell) {
      const text = (cell.value ?? cell.text.join('\n')).trim();
      if (text === '') emptyCells += cell.times;
      else {
        for (; emptyCells > 0 && row.length < 2000; emptyCells--) row.push('');
        emptyCells = 0;
        for (let i = 0; i < cell.times && row.length < 2000; i++) row.push(text);
      }
      cell = undefined;
    } else if (name === 'table:table-row') {
      if (row.length === 0) emptyRows += rowTimes;
      else {
        const sheet = sheets.at(-1)!;
        for (; emptyRows > 0 && emptyRows < 1000; emptyRows--) sheet.rows.push([]);
        emptyRows = 0;
        for (let i = 0; i < rowTimes; i++) {
          if (++rows > MOST_ROWS)
            throw new Problem(`That is more than ${MOST_ROWS.toLocaleString('en')} rows. Bring it in parts.`);
          sheet.rows.push([...row]);
        }
      }
    } else if (name === 'table:table') emptyRows = 0;
  });
  parser.write(xml).close();
  return sheets;
}
