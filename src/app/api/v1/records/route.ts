import { TakeRecordsRequest } from '@/core/api';
import { takeRecords } from '@/services/exchange/old-records';
import { answer, personHere, readBody } from '../../answer';

/** Takes past jobs of a shop's table in as cases, some hundred at a time. */
export function POST(request: Request) {
  return answer(request, 'data in and out', async () =>
    takeRecords(await readBody(request, TakeRecordsRequest), personHere()),
  );
}
