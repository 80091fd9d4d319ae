import { ReadRecordsRequest } from '@/core/api';
import { readRecords } from '@/services/exchange/old-records';
import { answer, readBody } from '../../../answer';

/** How a table of past jobs is read, and what its rows become; nothing is kept. */
export function POST(request: Request) {
  return answer(request, 'data in and out', async () => {
    const { rows, settings, said } = await readBody(request, ReadRecordsRequest);
    return readRecords(rows, settings, said);
  });
}
