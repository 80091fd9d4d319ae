import { impliedWait, type CaseRecord, type Wait } from '@/core/case';
import type { Tx } from '@/store/database';
import { appendHistory, getRow, loadCase, updateRow } from '@/store/rows';
import type { Touched, Writer } from './recompute';

/** Kinds of rows by which it is told what a case waits for. */
const TELLS = ['repair', 'part', 'cause'] as const;

/** What the repairs of a case say that it waits for, before a write that may change that. */
export async function waitBefore(
  tx: Tx,
  caseId: string,
  kinds: ReadonlySet<string>,
): Promise<Wait | undefined> {
  if (!TELLS.some((k) => kinds.has(k))) return undefined;
  const record = await loadCase(tx, caseId);
  return record && impliedWait(record);
}

/** Whether what was written says otherwise than what a person chose; their word about the customer stays. */
function follows(now: Wait, before: Wait | undefined, after: Wait): boolean {
  if (now === after) return false;
  if (now === 'customer') return before === 'authorisation';
  return !(now === 'road test' && after === 'proof');
}

/**
 * Lets what a case waits for follow from what was written of its repairs, and notes since when it waits. A note to
 * what it waited for goes with it.
 *
 * @param was the case row before the write
 * @param before what `waitBefore` said
 * @returns the history sequence of what was written, or 0
 */
export async function waitFollows(
  tx: Tx,
  was: CaseRecord['case'],
  touched: Touched,
  before: Wait | undefined,
  writer: Writer,
): Promise<number> {
  const now = await getRow(tx, 'case', was.id);
  if (!now) return 0;
  let seq = 0;
  let waitsFor = now.waitsFor;
  if (TELLS.some((k) => touched.kinds.has(k)) && now.waitsFor === was.waitsFor && now.closedAt === null) {
    const record = await loadCase(tx, was.id);
    const after = record && impliedWait(record);
    // What the repairs told and tell no more is open again.
    const next = after ?? (before === undefined ? undefined : 'diagnosis');
    if (after !== before && next !== undefined && follows(now.waitsFor, before, next)) {
      waitsFor = next;
      const set = { waitsFor, waitNote: '' };
      await updateRow(tx, 'case', was.id, { ...set, revision: now.revision + 1 });
      seq = await appendHistory(tx, {
        ...writer,
        caseId: was.id,
        kind: 'case',
        rowId: was.id,
        op: 'set',
        before: { waitsFor: now.waitsFor, waitNote: now.waitNote },
        after: set,
      });
    }
  }
  if (waitsFor !== was.waitsFor) await updateRow(tx, 'case', was.id, { waitsSince: writer.at });
  return seq;
}
