import { z } from 'zod';
import { baseCode, readCode } from '@/core/codes';
import { db, write } from '@/store/database';
import { appendHistory } from '@/store/rows';
import { listMeanings, putMeaning } from '@/store/shop';

/** The shop's own dictionary of codes, over the one that ships. */

export const MeaningRequest = z.object({
  code: z.string().trim().min(1, 'Which code?').max(60),
  says: z.string().trim().max(200, 'At most 200 characters.'),
});

/** Code → the shop's words for it. */
export async function shopMeanings(): Promise<Record<string, string>> {
  return listMeanings(db());
}

/** The code under which a meaning stands, however it was written. */
export const meaningKey = (code: string): string => baseCode(readCode(code)?.code ?? code);

/** Corrects what a code means, or says it for a maker-specific one; empty goes back to the dictionary. */
export async function setMeaning(
  request: z.infer<typeof MeaningRequest>,
  who: string,
): Promise<Record<string, string>> {
  const code = meaningKey(request.code);
  await write(async (tx) => {
    const before = (await listMeanings(tx))[code] ?? '';
    await putMeaning(tx, code, request.says);
    await appendHistory(tx, {
      at: new Date().toISOString(),
      who,
      caseId: null,
      kind: 'code meaning',
      rowId: code,
      op: 'set',
      before: { says: before },
      after: { says: request.says },
    });
  });
  return shopMeanings();
}
