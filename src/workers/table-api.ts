import {
  jobsOf,
  readTable,
  REASON_HEAD,
  settingsOf,
  type ColumnMatch,
  type RecordField,
  type TableSettings,
} from '@/core/exchange/old-records';
import { readTableFile, readTextTable, type Sheet } from '@/core/exchange/table-files';
import { csvLine } from '@/core/exchange/tables';
import { MOST_COLUMNS } from '@/core/api/old-records';
import { Problem } from '@/core/problem';

/** A sheet as the page needs it: what its columns hold, and its first rows. */
export interface SheetLook {
  name: string;
  total: number;
  firstRow: number;
  columns: ColumnMatch[];
  settings: TableSettings;
  /** From the top to some jobs below the heads. */
  top: string[][];
}
export type Done<T> = { ok: true; value: T } | { ok: false; message: string };

const SHOWN = 60;
const MOST_SHOWN = 25_000;

/** Everything heavy about a table of past jobs, for a worker of its own: the file never leaves the browser whole. */
export class TableApi {
  private sheets: Sheet[] = [];

  /** Reads a file, or cells that were pasted. */
  async open(source: Blob | string, name: string): Promise<Done<string[]>> {
    try {
      this.sheets =
        typeof source === 'string'
          ? [{ name: '', rows: readTextTable(source) }]
          : await readTableFile(new Uint8Array(await source.arrayBuffer()), name);
      if (this.sheets.some((s) => s.rows.some((r) => r.length > MOST_COLUMNS)))
        throw new Problem(`It has more than ${MOST_COLUMNS} columns. Bring those of the jobs alone.`);
      return { ok: true, value: this.sheets.map((s) => s.name) };
    } catch (e) {
      return {
        ok: false,
        message:
          e instanceof Problem ? e.message : 'The file could not be read. Save it as CSV and try again.',
      };
    }
  }

  /** What a sheet holds. */
  look(sheet: number): SheetLook {
    const { name, rows } = this.sheets[sheet]!;
    const { firstRow, columns } = readTable(rows);
    return {
      name,
      total: rows.length - firstRow,
      firstRow,
      columns,
      settings: settingsOf(rows, firstRow, columns),
      // A cell is shown, not read out: what is far too long is cut for the preview alone.
      top: rows.slice(0, firstRow + SHOWN).map((r) => r.map((c) => c.slice(0, MOST_SHOWN))),
    };
  }

  /** How the whole sheet writes dates and odometers once its columns were put right. */
  settings(
    sheet: number,
    firstRow: number,
    columns: Pick<ColumnMatch, 'field' | 'head' | 'index'>[],
  ): TableSettings {
    return settingsOf(this.sheets[sheet]!.rows, firstRow, columns);
  }

  /** Its jobs, several lines of one order joined. */
  jobs(sheet: number, firstRow: number, columns: (RecordField | '')[]): { row: number; cells: string[] }[] {
    return jobsOf(this.sheets[sheet]!.rows, firstRow, columns).map((j) => ({
      row: j.rows[0]!,
      cells: j.cells,
    }));
  }

  /**
   * A table to mend and bring again: the rows that could not be taken in as they stood, with the reason behind.
   *
   * @param refused the first row of each job with its reason
   * @param columns what each holds, to find all lines of a job
   */
  mend(
    sheet: number,
    firstRow: number,
    columns: (RecordField | '')[],
    refused: readonly { row: number; reason: string }[],
  ): string {
    const { rows } = this.sheets[sheet]!;
    const reasons = new Map(refused.map((r) => [r.row, r.reason]));
    const lines = jobsOf(rows, firstRow, columns)
      .filter((j) => reasons.has(j.rows[0]!))
      .flatMap((j) => j.rows.map((r) => [...padded(rows[r]!, columns.length), reasons.get(j.rows[0]!)!]));
    const heads = firstRow > 0 ? [[...padded(rows[firstRow - 1]!, columns.length), REASON_HEAD]] : [];
    return [...heads, ...lines].map((l) => csvLine(l)).join('');
  }
}

const padded = (row: readonly string[], width: number): string[] =>
  Array.from({ length: width }, (_, i) => row[i] ?? '');
