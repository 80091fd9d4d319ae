import { z } from 'zod';
import { write } from '@/store/database';
import { appendHistory } from '@/store/rows';
import { getSetting, putSetting } from '@/store/shop';
import { backUpBeside } from './process';
import { backupOverview, BackupSettings, SETTINGS, type BackupOverview } from './schedule';

export const BackupRequest = z.discriminatedUnion('do', [
  z.object({ do: z.literal('now'), passphrase: z.string().max(200).optional() }),
  z.object({ do: z.literal('settings'), settings: BackupSettings }),
]);

/** Backs up at once, or changes how it is done every day. */
export async function changeBackups(
  request: z.infer<typeof BackupRequest>,
  who: string,
): Promise<BackupOverview> {
  if (request.do === 'now') await backUpBeside(request.passphrase || undefined);
  else
    await write(async (tx) => {
      const before = await getSetting<BackupSettings>(tx, SETTINGS);
      await putSetting(tx, SETTINGS, request.settings);
      await appendHistory(tx, {
        at: new Date().toISOString(),
        who,
        caseId: null,
        kind: 'shop',
        rowId: 'backups',
        op: 'set',
        before: before ?? null,
        after: request.settings,
      });
    });
  return backupOverview();
}
