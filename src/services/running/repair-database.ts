import { HIGHEST_NUMBER } from '@/core/case';
import { write } from '@/store/database';
import { appendHistory, updateRow } from '@/store/rows';
import { casesNumberedAbove, highestNumber, keepNumberAtMost } from '@/store/shop';

/**
 * Puts right what an older version let in: a case with a number no case can have, after which no other could be
 * numbered. It gets the next number, with a word in its history.
 *
 * @returns a sentence for each repair, for whoever starts the application
 */
export async function repairDatabase(): Promise<string[]> {
  return write(async (tx) => {
    await keepNumberAtMost(tx, HIGHEST_NUMBER);
    const said: string[] = [];
    for (const { id, number } of await casesNumberedAbove(tx, HIGHEST_NUMBER)) {
      const next = (await highestNumber(tx, HIGHEST_NUMBER)) + 1;
      const seq = await appendHistory(tx, {
        at: new Date().toISOString(),
        who: '',
        caseId: id,
        kind: 'case',
        rowId: id,
        op: 'set',
        before: { number },
        after: { number: next },
      });
      await updateRow(tx, 'case', id, { number: next, seq });
      said.push(`A case had the number ${number}, which is beyond all numbers; it is case ${next} now.`);
    }
    return said;
  });
}
