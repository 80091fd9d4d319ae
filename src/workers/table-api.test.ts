import { describe, expect, it } from 'vitest';
import { readTextTable } from '@/core/exchange/table-files';
import { TableApi } from './table-api';

const TABLE =
  'Kestrel Lane\n\nDate;Job;Reg;Repair\n25/4/2021;1;AB12 XYZ;replaced coil\nsoon;2;KX29 RTO;"replaced; hose"\nsoon;2;KX29 RTO;bled\n';

describe('a table in its worker', () => {
  it('looks at it, joins its jobs and writes the rows to mend, which are read again', async () => {
    const api = new TableApi();
    expect(await api.open(new Blob([TABLE]), 'jobs.csv')).toEqual({ ok: true, value: [''] });
    const look = api.look(0);
    expect(look.columns.map((c) => c.field)).toEqual(['date', 'order', 'plate', 'done']);
    expect(look.settings.dateOrder).toBe('day first');
    const fields = look.columns.map((c) => c.field);
    const jobs = api.jobs(0, look.firstRow, fields);
    expect(jobs).toHaveLength(2);
    const csv = api.mend(0, look.firstRow, fields, [{ row: jobs[1]!.row, reason: '“soon” is no date' }]);
    const rows = readTextTable(csv);
    expect(rows).toEqual([
      ['Date', 'Job', 'Reg', 'Repair', 'why it was refused'],
      ['soon', '2', 'KX29 RTO', 'replaced; hose', '“soon” is no date'],
      ['soon', '2', 'KX29 RTO', 'bled', '“soon” is no date'],
    ]);
    // Brought again, the reasons are no column of the table.
    await api.open(csv.replaceAll('soon', '26/4/2021'), 'pasted');
    expect(api.look(0).columns.map((c) => c.field)).toEqual(['date', 'order', 'plate', 'done', '']);
  });
  it('says what is wrong with a file', async () => {
    const api = new TableApi();
    expect(await api.open(new Blob(['%PDF-1.4']), 'x.pdf')).toMatchObject({
      ok: false,
      message: expect.stringContaining('PDF') as string,
    });
  });
});
