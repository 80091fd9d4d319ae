import { doneTests, type RowOf } from '@/core/case';
import type { Tx } from '@/store/database';
import { appendHistory, getRow, rowsWhere, updateRow } from '@/store/rows';
import type { Writer } from './recompute';

/**
 * Notes who did a test, and when, once something was found on it: whoever enters the first reading did it. A step of
 * a procedure was put on the case by somebody else, or earlier.
 *
 * @param testIds tests that this write touched
 * @returns the history sequence of what was written, or 0
 */
export async function creditTests(
  tx: Tx,
  caseId: string,
  testIds: ReadonlySet<string>,
  writer: Writer,
): Promise<number> {
  if (writer.who === '') return 0;
  let seq = 0;
  for (const id of testIds) {
    const test = await getRow(tx, 'test', id);
    if (!test || test.byId !== null) continue;
    const reading = (await rowsWhere(tx, 'reading', 'testId', id)) as RowOf<'reading'>[];
    const finding = (await rowsWhere(tx, 'finding', 'testId', id)) as RowOf<'finding'>[];
    if (doneTests({ test: [test], reading, finding }).length === 0) continue;
    // Done now, not when the checklist was put on the case.
    const set = { byId: writer.who, ...(test.runId === null ? {} : { at: writer.at }) };
    await updateRow(tx, 'test', id, { ...set, revision: test.revision + 1 });
    const before = { byId: null, ...(test.runId === null ? {} : { at: test.at }) };
    seq = await appendHistory(tx, {
      ...writer,
      ...{ caseId, kind: 'test', rowId: id, op: 'set' as const, before, after: set },
    });
  }
  return seq;
}
