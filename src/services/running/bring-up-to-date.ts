import { judgeCase, RULES_VERSION } from '@/core/conclusions';
import { db, write } from '@/store/database';
import { appendHistory, loadCases, updateRow } from '@/store/rows';
import { allCaseIds, confirmedComebacks, getSetting, putSetting } from '@/store/shop';

const PAGE = 100;
const RULES = 'rules.version';
const CURSOR = 'rules.cursor';

/**
 * Draws the conclusions of all cases anew when the rules behind them have changed since they were drawn: verdicts
 * and grades are kept with the rows, and an older version's stay wrong until somebody writes there. A case that
 * comes out otherwise says so in its history. Broken off, it goes on where it stopped.
 *
 * @param say told how far it has come, after every page
 * @returns how many cases came out otherwise
 */
export async function bringUpToDate(
  say: (done: number, of: number) => void = () => undefined,
): Promise<number> {
  if ((await getSetting<number>(db(), RULES)) === RULES_VERSION) return 0;
  const ids = await allCaseIds(db());
  const cursor = await getSetting<{ rules: number; after: string }>(db(), CURSOR);
  let from = cursor?.rules === RULES_VERSION ? ids.findIndex((id) => id > cursor.after) : 0;
  if (from < 0) from = ids.length;
  const comebacks = await confirmedComebacks(db());
  let changed = 0;
  for (let i = from; i < ids.length; i += PAGE) {
    const page = ids.slice(i, i + PAGE);
    await write(async (tx) => {
      for (const record of await loadCases(tx, page)) {
        const { id, grade: before, gradeWhy } = record.case;
        const comebackNumbers = (comebacks.get(id) ?? []).map((c) => c.number);
        const { tests, readings, grade: now } = judgeCase(record, comebackNumbers);
        for (const { row, verdict } of readings) await updateRow(tx, 'reading', row.id, { ...verdict });
        for (const { row, verdict } of tests) await updateRow(tx, 'test', row.id, { ...verdict });
        const { grade, because } = now;
        const verdicts = tests.length;
        if (grade === before && because === gradeWhy && verdicts === 0 && readings.length === 0) continue;
        const seq = await appendHistory(tx, {
          at: new Date().toISOString(),
          who: '',
          caseId: id,
          kind: 'case',
          rowId: id,
          op: 'set',
          before: { grade: before, gradeWhy },
          after: { grade, gradeWhy: because, rules: RULES_VERSION, verdicts },
        });
        await updateRow(tx, 'case', id, { grade, gradeWhy: because, seq });
        changed++;
      }
      await putSetting(tx, CURSOR, { rules: RULES_VERSION, after: page.at(-1)! });
    });
    say(Math.min(i + PAGE, ids.length), ids.length);
    await new Promise(setImmediate);
  }
  await write((tx) => putSetting(tx, RULES, RULES_VERSION));
  return changed;
}
