import type { TraceFormat } from './contract';
import { encodingOf, linesOf } from './csv-cells';
import { previewCsv } from './csv-guess';
import { CsvReader } from './csv-read';

/** Tables of figures from any instrument: separator, decimal sign, header, units and time told apart by content. */
export const csv: TraceFormat = {
  id: 'csv',
  name: 'Table (CSV)',
  endings: ['csv', 'txt', 'tsv', 'dat', 'asc'],
  fits(head) {
    const lines = linesOf(head.subarray(0, 4096), encodingOf(head.subarray(0, 4096)));
    return lines.some((l) => /\d/.test(l)) ? 0.3 : 0.05;
  },
  preview: previewCsv,
  reader: (as) => new CsvReader(as),
};
