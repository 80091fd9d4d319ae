import type { z } from 'zod';
import { log } from './log';

/** Rows that cannot be read are set aside with a word: one of them must not take a page with it. */

interface SetAside {
  /** What kind of row. */
  what: string;
  id: string;
  /** What is wrong with it. */
  why: string;
}
const shared = globalThis as typeof globalThis & { vantleSetAside?: Map<string, SetAside> };

/** What is set aside at present, for the shop's pages. */
export const setAside = (): SetAside[] => [...(shared.vantleSetAside?.values() ?? [])];

/** What the desk has to say of rows that are set aside; empty where there are none. */
export function setAsideWarning(): string {
  const all = setAside();
  if (all.length === 0) return '';
  const [first] = all;
  return `${all.length === 1 ? 'One row' : `${all.length} rows`} could not be read and ${all.length === 1 ? 'is' : 'are'} left out; nothing is deleted. First: ${first!.what} ${first!.id} (${first!.why}). Restore a backup beside this shop to compare.`;
}

/**
 * The rows that fit their shape; the others are noted and left out.
 *
 * @param what kind of row, in the words of a notice
 * @param rows as the database gives them
 * @param shape that they must fit
 */
export function readable<S extends z.ZodType>(
  what: string,
  rows: readonly { id: string }[],
  shape: S,
): z.infer<S>[] {
  const aside = (shared.vantleSetAside ??= new Map());
  for (const [key, a] of aside) if (a.what === what) aside.delete(key);
  return rows.flatMap((row) => {
    const parsed = shape.safeParse(row);
    if (parsed.success) return [parsed.data];
    const [issue] = parsed.error.issues;
    const why = `${issue?.path.join('.') ?? ''}: ${issue?.message ?? ''}`;
    aside.set(`${what} ${row.id}`, { what, id: row.id, why });
    log.warn({ what, id: row.id, why }, 'set aside');
    return [];
  });
}
