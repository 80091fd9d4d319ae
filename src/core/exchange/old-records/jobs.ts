import type { Cells } from './columns';
import type { RecordField } from './fields';

/** One past job: its cells, several lines of one order joined. */
export interface Job {
  /** The rows of the table it stands in, from 0. */
  rows: number[];
  cells: string[];
}

/** What must not differ between the lines of one order. */
const SAME: readonly RecordField[] = ['date', 'vin', 'plate', 'vehicle', 'model', 'customer', 'odometer'];

/**
 * The jobs of a table. Office programs give an order out in several lines, one for each piece of work: lines after
 * each other with one job number, for one vehicle on one day, are one job, their texts below each other.
 *
 * @param rows all rows
 * @param firstRow where the jobs begin, from 0
 * @param columns what each column holds
 * @returns jobs in order; rows without anything in them are left out
 */
export function jobsOf(rows: Cells, firstRow: number, columns: readonly (RecordField | '')[]): Job[] {
  const at = (field: RecordField) => columns.indexOf(field);
  const order = at('order');
  const same = SAME.map(at).filter((i) => i >= 0);
  const jobs: Job[] = [];
  for (let r = firstRow; r < rows.length; r++) {
    const cells = columns.map((_, i) => (rows[r]![i] ?? '').trim());
    if (cells.every((c) => c === '')) continue;
    const before = jobs.at(-1);
    const number = order < 0 ? '' : cells[order]!;
    if (
      before &&
      number !== '' &&
      before.cells[order] === number &&
      same.every((i) => cells[i] === '' || before.cells[i] === '' || cells[i] === before.cells[i])
    ) {
      before.rows.push(r);
      before.cells = before.cells.map((c, i) => join(c, cells[i]!, columns[i]!));
    } else jobs.push({ rows: [r], cells });
  }
  return jobs;
}

/** What differs stands below each other; hours add up. */
function join(a: string, b: string, field: RecordField | ''): string {
  if (b === '' || (a === b && field !== 'hours')) return a;
  if (a === '') return b;
  if (field === 'hours') return String(numberIn(a) + numberIn(b));
  return a.split('\n').includes(b) ? a : `${a}\n${b}`;
}

/** A plain number, a comma or a point for its decimals; 0 for anything else. */
export function numberIn(text: string): number {
  const n = Number(/-?\d+(?:[.,]\d+)?/.exec(text)?.[0].replace(',', '.'));
  return Number.isFinite(n) ? n : 0;
}
