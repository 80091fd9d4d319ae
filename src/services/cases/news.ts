import type { ChangedRows } from '@/core/api';
import { KIND_NAMES, type Kind } from '@/core/case';
import { getRow, rowsById, rowsWhere } from '@/store/rows';
import { caseNews } from '@/store/shop';
import type { Db, Tx } from '@/store/database';

const isKind = (kind: string): kind is Kind => (KIND_NAMES as string[]).includes(kind);
/** Kinds whose writing may change the verdict of their test. */
const JUDGED: ReadonlySet<string> = new Set(['test', 'condition', 'reading', 'input', 'finding']);

/**
 * What is new on a case since a moment: the rows that were written, the tests and readings whose verdicts
 * may follow, and what was removed.
 *
 * @param since history sequence at which the reader stands
 * @param more rows known to have changed without standing in the history
 * @param written what stands in the history since then, where it is known already
 * @returns rows as they are now; the case and its vehicle are always among them
 */
export async function newsOf(
  q: Tx | Db,
  caseId: string,
  since: number,
  more: readonly { kind: Kind; id: string }[] = [],
  written?: readonly { kind: string; rowId: string; op: string }[],
): Promise<ChangedRows> {
  const own = await getRow(q, 'case', caseId);
  if (!own) return { seq: since, rows: [], removed: [] };
  const vehicle = await getRow(q, 'vehicle', own.vehicleId);
  const wanted = new Map<Kind, Set<string>>();
  const want = (kind: Kind, id: string) => wanted.set(kind, (wanted.get(kind) ?? new Set<string>()).add(id));
  const removed = new Map<string, { kind: Kind; id: string }>();
  const judged: { kind: Kind; id: string }[] = [];
  for (const { kind, rowId, op } of written ?? (await caseNews(q, caseId, since))) {
    if (!isKind(kind) || kind === 'case' || kind === 'vehicle') continue;
    want(kind, rowId);
    if (op === 'remove') removed.set(`${kind}/${rowId}`, { kind, id: rowId });
    if (JUDGED.has(kind)) judged.push({ kind, id: rowId });
  }
  for (const { kind, id } of more) want(kind, id);
  // Written by others, their verdicts are not in the history.
  if (judged.length > more.length)
    for (const t of await rowsWhere(q, 'test', 'caseId', caseId)) want('test', t.id);
  const rows: ChangedRows['rows'] = [
    { kind: 'case', row: own },
    ...(vehicle ? [{ kind: 'vehicle' as const, row: vehicle }] : []),
  ];
  for (const [kind, ids] of wanted)
    for (const row of await rowsById(q, kind, [...ids])) {
      rows.push({ kind, row: row as unknown as Record<string, unknown> });
      removed.delete(`${kind}/${row.id}`);
    }
  return { seq: own.seq, rows, removed: [...removed.values()] };
}
