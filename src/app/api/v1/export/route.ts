import { ExportQuery } from '@/core/api';
import { exportAll } from '@/services/exchange/export';
import { chosenCases } from '@/services/exchange/export-choice';
import { noteAccess } from '@/services/access/log';
import { answer, personHere } from '../../answer';
import { readQueryOf } from '../query';
import { streamOf } from '../stream';

const NAMES = { cases: 'cases.ndjson', 'cases.csv': 'cases.csv', 'readings.csv': 'readings.csv' };

/** Cases as a stream, so that a shop of any size can be given out. */
export function GET(request: Request) {
  return answer(request, 'data in and out', async () => {
    const { as, files, ...choice } = readQueryOf(request, ExportQuery);
    const { ids, brought } = await chosenCases(choice);
    await noteAccess(personHere(), 'export', '', {
      as,
      cases: ids?.length ?? 'all',
      ...(files === 'inline' ? { files } : {}),
    });
    return new Response(streamOf(exportAll(as, files === 'inline', ids)), {
      headers: {
        'content-type': as === 'cases' ? 'application/x-ndjson; charset=utf-8' : 'text/csv; charset=utf-8',
        'content-disposition': `attachment; filename="${NAMES[as]}"`,
        // Cases that come along because a chosen one refers to them.
        'vantle-brought': brought.join(' '),
      },
    });
  });
}
