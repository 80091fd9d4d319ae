import type { Op } from './change';
import { KINDS, OWNED, type AnyRow, type CaseRecord, type Kind } from './kinds';

/**
 * Finds a row of a case record.
 *
 * @returns the row, or undefined
 */
export function rowOf(record: CaseRecord, kind: Kind, id: string): AnyRow | undefined {
  if (kind === 'case' || kind === 'vehicle') return record[kind].id === id ? record[kind] : undefined;
  return (record[kind] as AnyRow[]).find((r) => r.id === id);
}

/**
 * A record with operations laid over it, as a screen shows it before the server has answered.
 * Operations on rows that are not there are passed over; the record given is not changed.
 *
 * @param record the record as the server last gave it
 * @param ops operations in the order in which they were made
 * @returns a new record; lists that no operation touches are shared with the old one
 */
export function applyOps(record: CaseRecord, ops: Op[]): CaseRecord {
  const out = { ...record } as CaseRecord & Record<string, unknown>;
  const list = (kind: Kind) => out[kind as 'symptom'] as unknown as AnyRow[];
  const put = (kind: Kind, rows: AnyRow[]) => ((out as Record<string, unknown>)[kind] = rows);
  for (const op of ops) {
    if (op.kind === 'case' || op.kind === 'vehicle') {
      if (op.op === 'set' && out[op.kind].id === op.id) {
        (out as Record<string, unknown>)[op.kind] = { ...out[op.kind], ...op.set };
      }
    } else if (op.op === 'set') {
      put(
        op.kind,
        list(op.kind).map((r) => (r.id === op.id ? ({ ...r, ...op.set } as AnyRow) : r)),
      );
    } else if (op.op === 'add') {
      if (list(op.kind).some((r) => r.id === op.id)) continue;
      const parsed = KINDS[op.kind].safeParse({ ...op.row, id: op.id, caseId: record.case.id, revision: 1 });
      if (!parsed.success) continue;
      const rows = [...list(op.kind), parsed.data as AnyRow];
      put(
        op.kind,
        rows.sort((a, b) => ('position' in a && 'position' in b ? a.position - b.position : 0)),
      );
    } else {
      removeWithOwned(op.kind, op.id);
    }
  }
  return out;

  function removeWithOwned(kind: Kind, id: string) {
    put(
      kind,
      list(kind).filter((r) => r.id !== id),
    );
    for (const [child, owners] of Object.entries(OWNED)) {
      for (const [field, of] of owners) {
        if (of !== kind) continue;
        const gone = list(child as Kind).filter((r) => (r as Record<string, unknown>)[field] === id);
        for (const g of gone) removeWithOwned(child as Kind, g.id);
      }
    }
  }
}
