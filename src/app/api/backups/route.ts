import { BackupRequest, changeBackups } from '@/services/backup/change';
import { answer, personHere, readBody } from '../answer';

/** Backs the shop up now, or changes when and where it is done. */
export function POST(request: Request) {
  return answer(request, 'data in and out', async () =>
    changeBackups(await readBody(request, BackupRequest), personHere()),
  );
}
