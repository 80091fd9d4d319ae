import { Problem } from '@/core/problem';
import { z } from 'zod';
import { sameValue, type CatalogueItem } from '@/core/case';
import type { EntryUse } from '@/core/api';
import { db, write, type Tx } from '@/store/database';
import { appendHistory } from '@/store/rows';
import {
  casesWithEntries,
  countCatalogueUse,
  entryHistory,
  insertCatalogue,
  listCatalogue,
  updateCatalogue,
} from '@/store/catalogue';
import { allow } from '../access/actor';
import { newId } from '../cases/save';

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
    id: z.string().max(60),
    name: z.string().trim().min(1, 'Give it a name.').max(120).optional(),
    system: z.string().max(120).optional(),
    synonyms: z.array(z.string().trim().min(1).max(120)).max(60).optional(),
    fresh: z.boolean().optional(),
    /** What the fields that are changed said to whoever changes them. */
    was: z
      .object({
        name: z.string().max(400),
        system: z.string().max(400),
        synonyms: z.array(z.string().max(400)).max(200),
      })
      .partial()
      .optional(),
  }),
  z.object({ do: z.literal('merge'), id: z.string().max(60), into: z.string().max(60) }),
  /** Takes back the last rename, change or merge of an entry. */
  z.object({ do: z.literal('undo'), id: z.string().max(60) }),
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
 * What renaming or merging an entry changes: the cases in which it stands as a cause or a suspect.
 *
 * @returns undefined where there is no such entry
 */
export async function entryUse(id: string): Promise<EntryUse | undefined> {
  const items = await listCatalogue(db());
  const item = items.find((i) => i.id === id);
  if (!item) return undefined;
  const cases = await casesWithEntries(db(), withMerged(items, id));
  const sum = (of: 'causes' | 'suspects') => cases.reduce((n, c) => n + c[of], 0);
  const last = (await entryHistory(db(), id)).find((h) => h.op !== 'add');
  return {
    causes: sum('causes'),
    suspects: sum('suspects'),
    cases: cases.map((c) => c.number),
    merged: items.filter((i) => i.mergedInto === id).map(({ id, name }) => ({ id, name })),
    undo: last ? undoWords(last, items) : '',
  };
}

/** An entry and those that were merged into it. */
const withMerged = (items: readonly CatalogueItem[], id: string): string[] => [
  id,
  ...items.filter((i) => i.mergedInto === id).map((i) => i.id),
];

type Past = Awaited<ReturnType<typeof entryHistory>>[number];
const fieldsOf = (value: unknown) => (value ?? {}) as Record<string, unknown>;

/** What undoing the last change of an entry would do, in words; empty where nothing is to undo. */
function undoWords(last: Past, items: readonly CatalogueItem[]): string {
  const [before, after] = [fieldsOf(last.before), fieldsOf(last.after)];
  if ('undone' in after) return '';
  if (last.op === 'merge') {
    const into = items.find((i) => i.id === after.mergedInto)?.name ?? 'another';
    return `stand for itself again, instead of counting under “${into}”`;
  }
  return typeof after.name === 'string' && after.name !== before.name
    ? `be called “${String(before.name)}” again`
    : 'be as it was before its last change';
}

/**
 * Adds, changes or merges an entry, or takes back what was done to it last. Cases in which it stands have a word
 * about a new name in their history.
 *
 * @returns the entry as it is now
 * @throws Problem when the entry is gone, a merge would go round in a circle, or nothing is to undo
 */
export async function changeCatalogue(request: CatalogueRequest, who: string): Promise<CatalogueItem> {
  // Whoever writes a case adds what the list does not have; what stands in it is the lead's.
  if (request.do !== 'add') allow('keep lists');
  return write(async (tx) => {
    const items = await listCatalogue(tx);
    const change: Change = { tx, items, who, at: new Date().toISOString() };
    if (request.do === 'add') return addEntry(change, request);
    const item = items.find((i) => i.id === request.id);
    if (!item) throw new Problem('That entry is not in the list any more. Reload the page.');
    if (request.do === 'undo') return undoEntry(change, item);
    if (request.do === 'merge') return mergeEntry(change, item, request.into);
    const { do: _do, id: _id, was, ...set } = request;
    refuseUnseen(item, set, was ?? {});
    await updateCatalogue(tx, item.id, set);
    await note(change, 'set', item.id, item, set);
    if (set.name !== undefined && set.name !== item.name)
      await tellCases(change, withMerged(items, item.id), item.id, item.name, set.name);
    return { ...item, ...set };
  });
}

/**
 * As with the fields of a case: what somebody else changed since is not written over unseen.
 *
 * @throws Problem naming what it says now
 */
function refuseUnseen(item: CatalogueItem, set: Partial<CatalogueItem>, was: Partial<CatalogueItem>): void {
  for (const field of ['name', 'system', 'synonyms'] as const) {
    if (!(field in was) || !(field in set)) continue;
    if (sameValue(item[field], was[field]) || sameValue(item[field], set[field])) continue;
    const now = [item[field]].flat().join('; ');
    throw new Problem(
      `Somebody changed this entry since you opened it: its ${field} is “${now}” now. Nothing was written over; open it again and put your change in.`,
      'changed',
    );
  }
}

interface Change {
  tx: Tx;
  items: readonly CatalogueItem[];
  who: string;
  at: string;
}

async function note(
  { tx, who, at }: Change,
  op: 'add' | 'set' | 'merge',
  id: string,
  before: object | null,
  after: object,
): Promise<void> {
  await appendHistory(tx, {
    at,
    who,
    caseId: null,
    kind: 'catalogue',
    rowId: id,
    op,
    before: before as Record<string, unknown> | null,
    after: after as Record<string, unknown>,
  });
}

/** Puts a word about a new name into the history of every case in which some entries stand. */
async function tellCases(
  { tx, who, at }: Change,
  ids: readonly string[],
  rowId: string,
  was: string,
  now: string,
): Promise<void> {
  for (const { id: caseId } of await casesWithEntries(tx, ids)) {
    const named = { before: { name: was }, after: { name: now } };
    await appendHistory(tx, { at, who, caseId, kind: 'catalogue', rowId, op: 'set', ...named });
  }
}

async function addEntry(
  change: Change,
  request: Extract<CatalogueRequest, { do: 'add' }>,
): Promise<CatalogueItem> {
  const name = request.name.toLowerCase();
  const same = change.items.find(
    (i) => i.kind === request.kind && !i.mergedInto && i.name.toLowerCase() === name,
  );
  if (same) return same;
  const taken = change.items.find((i) => i.id === request.id);
  if (taken)
    throw new Problem(
      `The id ${taken.id} is taken by “${taken.name}” already. Nothing was added.`,
      'changed',
    );
  const item: CatalogueItem = {
    id: request.id ?? newId(),
    kind: request.kind,
    system: request.kind === 'part' ? request.system || 'Not sorted yet' : '',
    name: request.name,
    synonyms: [],
    mergedInto: null,
    fresh: true,
  };
  await insertCatalogue(change.tx, [item]);
  await note(change, 'add', item.id, null, item);
  return item;
}

async function mergeEntry(change: Change, item: CatalogueItem, intoId: string): Promise<CatalogueItem> {
  const { tx, items } = change;
  const into = items.find((i) => i.id === intoId);
  if (!into || into.kind !== item.kind)
    throw new Problem('Merge a part into a part, or a failure into a failure.');
  if (into.id === item.id || into.mergedInto)
    throw new Problem('Choose an entry that still stands for itself.');
  const told = withMerged(items, item.id);
  // What was merged into this one before follows it, so that no chain can close into a circle.
  const moved = items.filter((x) => x.mergedInto === item.id).map((x) => x.id);
  for (const id of moved) await updateCatalogue(tx, id, { mergedInto: into.id });
  await updateCatalogue(tx, item.id, { mergedInto: into.id, fresh: false });
  const synonyms = [...new Set([...into.synonyms, item.name, ...item.synonyms])].slice(0, 60);
  await updateCatalogue(tx, into.id, { synonyms });
  const given = synonyms.filter((s) => !into.synonyms.includes(s));
  await note(change, 'merge', item.id, { ...item, moved, given }, { mergedInto: into.id });
  await tellCases(change, told, item.id, item.name, into.name);
  return { ...into, synonyms };
}

/** Takes back the last thing that was done to an entry, once; a later one has to be taken back first. */
async function undoEntry(change: Change, item: CatalogueItem): Promise<CatalogueItem> {
  const { tx, items } = change;
  const last = (await entryHistory(tx, item.id)).find((h) => h.op !== 'add');
  if (!last || undoWords(last, items) === '')
    throw new Problem('Nothing was changed on this entry that could be taken back.');
  const before = fieldsOf(last.before);
  if (last.op === 'merge') {
    const into = items.find((i) => i.id === fieldsOf(last.after).mergedInto);
    if (!into || item.mergedInto !== into.id)
      throw new Problem('What it was merged into was merged again since. Take that back first.');
    const list = (of: unknown) => (Array.isArray(of) ? of.map(String) : []);
    for (const id of list(before.moved)) await updateCatalogue(tx, id, { mergedInto: item.id });
    await updateCatalogue(tx, item.id, { mergedInto: null });
    const given = new Set(list(before.given));
    await updateCatalogue(tx, into.id, { synonyms: into.synonyms.filter((s) => !given.has(s)) });
    await note(change, 'set', item.id, { mergedInto: into.id }, { mergedInto: null, undone: last.seq });
    await tellCases(change, [item.id, ...list(before.moved)], item.id, into.name, item.name);
    return { ...item, mergedInto: null };
  }
  const fields = Object.keys(fieldsOf(last.after)) as (keyof CatalogueItem)[];
  const set = Object.fromEntries(fields.map((f) => [f, before[f]])) as Partial<CatalogueItem>;
  await updateCatalogue(tx, item.id, set);
  await note(change, 'set', item.id, item, { ...set, undone: last.seq });
  if (set.name !== undefined && set.name !== item.name)
    await tellCases(change, withMerged(items, item.id), item.id, item.name, set.name);
  return { ...item, ...set };
}
