import { z } from 'zod';
import { db, write } from '@/store/database';
import { appendHistory } from '@/store/rows';
import { getSetting, putSetting } from '@/store/shop';

/** What a shop taught in one respect: a list under one setting, an entry a key, the newest first. */
export interface KeptList<T> {
  all: () => Promise<T[]>;
  of: (key: string) => Promise<T | undefined>;
  /** Keeps an entry in place of the one with its key, with history. */
  keep: (entry: T, who: string) => Promise<void>;
  forget: (key: string, who: string) => Promise<void>;
}

/**
 * A kept list. What does not fit its shape any more counts as nothing kept.
 *
 * @param setting its key among the settings
 * @param shape of an entry
 * @param keyOf names an entry
 * @param rowId what it is called in the history
 * @param most entries; the ones kept longest ago go
 */
export function keptList<S extends z.ZodType>(
  setting: string,
  shape: S,
  keyOf: (entry: z.infer<S>) => string,
  rowId: string,
  most: number,
): KeptList<z.infer<S>> {
  const List = z.array(shape);
  const read = async (q: Parameters<typeof getSetting>[0]): Promise<z.infer<S>[]> => {
    const kept = List.safeParse(await getSetting(q, setting));
    return kept.success ? kept.data : [];
  };
  const put = (key: string, entry: z.infer<S> | undefined, who: string) =>
    write(async (tx) => {
      const kept = await read(tx);
      const before = kept.find((e) => keyOf(e) === key);
      if (JSON.stringify(before) === JSON.stringify(entry)) return;
      const others = kept.filter((e) => keyOf(e) !== key);
      await putSetting(tx, setting, entry === undefined ? others : [entry, ...others].slice(0, most));
      await appendHistory(tx, {
        at: new Date().toISOString(),
        who,
        caseId: null,
        kind: 'shop',
        rowId,
        op: 'set',
        before: (before ?? null) as never,
        after: (entry ?? null) as never,
      });
    });
  return {
    all: () => read(db()),
    of: async (key) => (key === '' ? undefined : (await read(db())).find((e) => keyOf(e) === key)),
    keep: (entry, who) => put(keyOf(entry), entry, who),
    forget: (key, who) => put(key, undefined, who),
  };
}
