import { readFileSync } from 'node:fs';
import { jobsOf, readTable } from '@/core/exchange/old-records';
import { readTextTable } from '@/core/exchange/table-files';
import type { TakeRecordsRequest } from '@/core/api';

/**
 * What Jun kept in a spreadsheet before the shop had Vantle (`old-jobs.csv`): a line a job, as the front desk writes
 * it. One job has two lines, one was only advised, and one names no part alone. As it goes in.
 */
export function oldRecords(): TakeRecordsRequest {
  const rows = readTextTable(readFileSync(new URL('./old-jobs.csv', import.meta.url), 'utf8'));
  const { firstRow, columns } = readTable(rows);
  const fields = columns.map((c) => c.field);
  return {
    settings: { columns: fields, dateOrder: 'day first', odometerUnit: 'mi', makes: [] },
    jobs: jobsOf(rows, firstRow, fields).map((j) => ({ row: j.rows[0]!, cells: j.cells })),
    heads: [],
  };
}
