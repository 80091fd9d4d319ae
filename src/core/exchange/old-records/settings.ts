import type { Cells, ColumnMatch } from './columns';
import { dateColumn, type DateOrder } from './dates';
import { unitOfHead, type RecordField } from './fields';
import { makesIn } from './vehicle-words';

/** What a table tells of itself beside its columns. */
export interface TableSettings {
  dateOrder: DateOrder | null;
  odometerUnit: '' | 'km' | 'mi' | 'h';
  makes: string[];
}

const MOST_MAKES = 500;

/**
 * How a table writes its dates, in what its odometers count, and which makes its vehicles show.
 *
 * @param rows all rows
 * @param firstRow where the jobs begin, from 0
 * @param columns what each holds
 * @returns null or empty where it does not tell
 */
export function settingsOf(
  rows: Cells,
  firstRow: number,
  columns: readonly Pick<ColumnMatch, 'field' | 'head' | 'index'>[],
): TableSettings {
  const cells = (field: RecordField): string[] => {
    const at = columns.find((c) => c.field === field)?.index;
    return at === undefined ? [] : rows.slice(firstRow).map((r) => r[at] ?? '');
  };
  return {
    dateOrder: dateColumn(cells('date')).order ?? null,
    odometerUnit: unitOfHead(columns.find((c) => c.field === 'odometer')?.head ?? ''),
    makes: makesIn(cells('vehicle'), []).slice(0, MOST_MAKES),
  };
}
