import { applyOps, rowOf, type CaseRecord, type Kind, type Op } from '@/core/case';
import { withVerdicts } from './judge';

const JUDGED: ReadonlySet<Kind> = new Set(['test', 'condition', 'reading', 'input', 'finding']);

/** Ids of the tests whose verdict may change by these operations. */
function touchedBy(record: CaseRecord, ops: readonly Op[]): Set<string> {
  const ids = new Set<string>();
  for (const op of ops) {
    if (!JUDGED.has(op.kind)) continue;
    if (op.kind === 'test') ids.add(op.id);
    const row = rowOf(record, op.kind, op.id) as { testId?: string } | undefined;
    const testId = op.op === 'add' ? op.row.testId : row?.testId;
    if (typeof testId === 'string') ids.add(testId);
  }
  return ids;
}

/**
 * A record with operations laid over it and the tests they touch judged anew, so that a screen shows
 * what the server will say before it has said it: what a cause covers, the grade, the plan.
 *
 * @param record as last known
 * @param ops in the order in which they were made
 * @returns a new record; what no operation touches is shared with the old one
 */
export function optimisticUpdate(record: CaseRecord, ops: Op[]): CaseRecord {
  const touched = touchedBy(record, ops);
  const after = applyOps(record, ops);
  return touched.size === 0 ? after : withVerdicts(after, touched);
}
