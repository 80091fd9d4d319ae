import { rowOf } from './apply';
import { sameValue, type Op } from './change';
import { COMPUTED, KIND_NAMES, type CaseRecord, type Kind } from './kinds';

/** One row of the append-only history of a case. */
export interface HistoryRow {
  seq: number;
  at: string;
  /** Id of the person, or empty. */
  who: string;
  kind: string;
  rowId: string;
  op: 'add' | 'set' | 'remove' | 'merge';
  before: Record<string, unknown> | null;
  after: Record<string, unknown> | null;
}

/** What was written together: all of it happened, and all of it is undone. */
export interface HistoryChange {
  /** Sequence number of its first row; names the change. */
  seq: number;
  at: string;
  who: string;
  rows: HistoryRow[];
}

/**
 * Gathers history rows into the changes they were written in: one person at one moment.
 *
 * @param rows in any order
 * @returns changes, newest first, the rows of each in the order in which they were written
 */
export function changesOf(rows: readonly HistoryRow[]): HistoryChange[] {
  const changes: HistoryChange[] = [];
  for (const row of [...rows].sort((a, b) => a.seq - b.seq)) {
    const last = changes.at(-1);
    if (last && last.at === row.at && last.who === row.who) last.rows.push(row);
    else changes.push({ seq: row.seq, at: row.at, who: row.who, rows: [row] });
  }
  return changes.reverse();
}

const isKind = (kind: string): kind is Kind => (KIND_NAMES as string[]).includes(kind);
/** Fields of a row that a person wrote; what Vantle computes follows by itself. */
const written = (kind: Kind, fields: Record<string, unknown>) =>
  Object.fromEntries(Object.entries(fields).filter(([f]) => !COMPUTED[kind]?.includes(f)));

/**
 * The operations that undo a change, or why it cannot be undone any more.
 *
 * @param change as gathered by `changesOf`
 * @param record the case as it is now
 * @returns operations that belong together, in order, none when it is as it was before already or Vantle
 * computed it; or a sentence when it cannot be undone, such as when something was written over it since
 */
export function undoChange(change: HistoryChange, record: CaseRecord): Op[] | string {
  const ops: Op[] = [];
  for (const row of [...change.rows].reverse()) {
    if (!isKind(row.kind) || row.op === 'merge')
      return row.kind === 'catalogue'
        ? 'This was done in the list of parts and failures, and is taken back there.'
        : 'This was not written on the case itself.';
    const { kind, rowId: id } = row;
    const now = rowOf(record, kind, id) as (Record<string, unknown> & { revision: number }) | undefined;
    if (row.op === 'set') {
      const before = written(kind, row.before ?? {});
      if (Object.keys(before).length === 0) continue;
      if (!now) return 'What was changed is not on the case any more.';
      const stale = Object.keys(before).find((f) => !sameValue(now[f], row.after?.[f]));
      if (stale !== undefined) return `"${stale}" was written again since; undo that first.`;
      ops.push({
        op: 'set',
        kind,
        id,
        revision: now.revision,
        set: before,
        was: Object.fromEntries(Object.keys(before).map((f) => [f, now[f]])),
      });
    } else if (row.op === 'add') {
      if (kind === 'case' || kind === 'vehicle') return 'The case itself is not undone.';
      // What somebody else wrote on it since is not taken away with it.
      if (now) ops.push({ op: 'remove', kind, id, seen: change.seq });
    } else if (!now) {
      const { id: _id, caseId: _case, revision: _revision, ...fields } = row.before ?? {};
      ops.push({ op: 'add', kind, id, row: written(kind, fields) });
    }
  }
  return ops;
}
