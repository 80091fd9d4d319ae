import { sameValue } from './change';
import { KIND_NAMES, type AnyRow, type CaseRecord } from './kinds';

/**
 * The newer of two states of a case, made of the older one's rows wherever they say the same, so that a screen
 * knows without looking what did not change.
 *
 * @param old as last known
 * @param now as it came from the server
 * @returns equal to `now`; rows, and lists of rows, that are unchanged are those of `old`
 */
export function shareRows(old: CaseRecord, now: CaseRecord): CaseRecord {
  const shared: Record<string, unknown> = {};
  for (const kind of KIND_NAMES) {
    const was: unknown = old[kind];
    const is: unknown = now[kind];
    if (!Array.isArray(was) || !Array.isArray(is)) {
      shared[kind] = sameValue(was, is) ? was : is;
      continue;
    }
    const known = new Map((was as AnyRow[]).map((r) => [r.id, r]));
    const rows = (is as AnyRow[]).map((r) => {
      const before = known.get(r.id);
      return before && sameValue(before, r) ? before : r;
    });
    const same = rows.length === was.length && rows.every((r, i) => r === was[i]);
    shared[kind] = same ? was : rows;
  }
  return { ...now, ...shared };
}
