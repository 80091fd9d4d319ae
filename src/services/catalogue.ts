import { Problem } from '@/core/problem';
import { z } from 'zod';
import type { CatalogueItem } from '@/core/case';
import { db, write } from '@/store/database';
import { appendHistory } from '@/store/rows';
import { countCatalogueUse, insertCatalogue, listCatalogue, updateCatalogue } from '@/store/shop';
import { newId } from './save';

/** The shop's list of parts and kinds of failure: growing, with synonyms and merging. */

export const CatalogueRequest = z.discriminatedUnion('do', [
  z.object({
    do: z.literal('add'),
    id: z.string().min(1).max(40).optional(),
    kind: z.enum(['part', 'failure']),
    name: z.string().trim().min(1, 'Give it a name.').max(120),
    system: z.string().max(120).default(''),
  }),
  z.object({
    do: z.literal('change'),
    id: z.string(),
    name: z.string().trim().min(1, 'Give it a name.').max(120).optional(),
    system: z.string().max(120).optional(),
    synonyms: z.array(z.string().trim().min(1).max(120)).max(60).optional(),
    fresh: z.boolean().optional(),
  }),
  z.object({ do: z.literal('merge'), id: z.string(), into: z.string() }),
]);
export type CatalogueRequest = z.infer<typeof CatalogueRequest>;

export async function catalogueWithUse(): Promise<(CatalogueItem & { used: number })[]> {
  const [items, use] = await Promise.all([listCatalogue(db()), countCatalogueUse(db())]);
  return items.map((i) => ({ ...i, used: use.get(i.id) ?? 0 }));
}

export async function catalogueItems(): Promise<CatalogueItem[]> {
  return listCatalogue(db());
}

/**
 * Adds, changes or merges an entry.
 *
 * @returns the entry as it is now
 * @throws Error with a sentence when the entry is gone, or a merge would go round in a circle
 */
export async function changeCatalogue(request: CatalogueRequest, who: string): Promise<CatalogueItem> {
  return write(async (tx) => {
    const items = await listCatalogue(tx);
    const at = new Date().toISOString();
    const note = (op: 'add' | 'set' | 'merge', id: string, before: object | null, after: object) =>
      appendHistory(tx, {
        at,
        who,
        caseId: null,
        kind: 'catalogue',
        rowId: id,
        op,
        before: before as Record<string, unknown>,
        after: after as Record<string, unknown>,
      });

    if (request.do === 'add') {
      const same = items.find(
        (i) =>
          i.kind === request.kind && !i.mergedInto && i.name.toLowerCase() === request.name.toLowerCase(),
      );
      if (same) return same;
      const item: CatalogueItem = {
        id: request.id ?? newId(),
        kind: request.kind,
        system: request.kind === 'part' ? request.system || 'Not sorted yet' : '',
        name: request.name,
        synonyms: [],
        mergedInto: null,
        fresh: true,
      };
      await insertCatalogue(tx, [item]);
      await note('add', item.id, null, item);
      return item;
    }
    const item = items.find((i) => i.id === request.id);
    if (!item) throw new Problem('That entry is not in the list any more. Reload the page.');
    if (request.do === 'change') {
      const { do: _do, id: _id, ...set } = request;
      await updateCatalogue(tx, item.id, set);
      await note('set', item.id, item, set);
      return { ...item, ...set };
    }
    const into = items.find((i) => i.id === request.into);
    if (!into || into.kind !== item.kind)
      throw new Problem('Merge a part into a part, or a failure into a failure.');
    if (into.id === item.id || into.mergedInto)
      throw new Problem('Choose an entry that still stands for itself.');
    // What was merged into this one before follows it, so that no chain can close into a circle.
    for (const i of items.filter((x) => x.mergedInto === item.id))
      await updateCatalogue(tx, i.id, { mergedInto: into.id });
    await updateCatalogue(tx, item.id, { mergedInto: into.id, fresh: false });
    const synonyms = [...new Set([...into.synonyms, item.name, ...item.synonyms])].slice(0, 60);
    await updateCatalogue(tx, into.id, { synonyms });
    await note('merge', item.id, item, { mergedInto: into.id });
    return { ...into, synonyms };
  });
}
