import type { CatalogueItem } from '@/core/case';
import { FAILURES } from './starter-failures';
import { MORE_FAILURE_NAMES } from './starter-failure-names';
import { MORE_PART_NAMES } from './starter-part-names';
import { PARTS } from './starter-parts';

export interface CatalogueEntry {
  name: string;
  synonyms: string[];
}

function entries(block: string): CatalogueEntry[] {
  return block
    .trim()
    .split('\n')
    .map((row) => {
      const m = /^(.*?)(?:\s*\((.*)\))?$/.exec(row.trim())!;
      return {
        name: m[1]!.trim(),
        synonyms: (m[2] ?? '')
          .split(';')
          .map((s) => s.trim())
          .filter(Boolean),
      };
    });
}

/** What else parts, or failures, are called, by their name. */
const moreNames = (rows: string): Map<string, string[]> =>
  new Map(
    rows
      .trim()
      .split('\n')
      .map((row): [string, string[]] => {
        const [name = '', more = ''] = row.split(':');
        return [name.trim(), more.split(';').map((s) => s.trim())];
      }),
  );

const withMoreNames = (entry: CatalogueEntry, more: ReadonlyMap<string, string[]>): CatalogueEntry => ({
  ...entry,
  synonyms: [...new Set([...entry.synonyms, ...(more.get(entry.name) ?? [])])],
});

const PART_NAMES = moreNames(MORE_PART_NAMES);
const FAILURE_NAMES = moreNames(MORE_FAILURE_NAMES);

/** Systems with their parts. */
export const STARTER_PARTS: readonly { system: string; parts: CatalogueEntry[] }[] = Object.entries(
  PARTS,
).map(([system, block]) => ({ system, parts: entries(block).map((p) => withMoreNames(p, PART_NAMES)) }));

/** Kinds of failure. */
export const STARTER_FAILURES: readonly CatalogueEntry[] = entries(FAILURES).map((f) =>
  withMoreNames(f, FAILURE_NAMES),
);

const slug = (s: string) =>
  s
    .toLowerCase()
    .replace(/[^a-z0-9]+/g, '-')
    .slice(0, 30);

/**
 * The starter list as entries of a shop's list.
 *
 * @param idOf the entry's id; by default short and readable, for the database
 * @returns parts by system, then failures
 */
export function starterItems(
  idOf: (kind: 'part' | 'failure', name: string) => string = (kind, name) => `${kind[0]}-${slug(name)}`,
): CatalogueItem[] {
  const item = (kind: 'part' | 'failure', system: string, entry: CatalogueEntry): CatalogueItem => ({
    ...entry,
    id: idOf(kind, entry.name),
    kind,
    system,
    mergedInto: null,
    fresh: false,
  });
  return [
    ...STARTER_PARTS.flatMap((s) => s.parts.map((p) => item('part', s.system, p))),
    ...STARTER_FAILURES.map((f) => item('failure', '', f)),
  ];
}

/** Counts up when the starter list gets more names. */
export const STARTER_NAMES_VERSION = 2;

/**
 * What a shop's list lacks of the names that the starter list has by now.
 *
 * @param items the shop's list
 * @returns entries that began as those of the starter list, each with all of its names: its own first; a name that
 *   another entry has is left out
 * @example newStarterNames([{ ...airFlowMeter, synonyms: [] }])[0].synonyms // ['maf', 'mass air flow sensor', …]
 */
export function newStarterNames(
  items: readonly CatalogueItem[],
): { item: CatalogueItem; synonyms: string[] }[] {
  const fold = (name: string) => name.toLowerCase();
  const taken = new Set(items.flatMap((i) => [i.name, ...i.synonyms].map((n) => `${i.kind} ${fold(n)}`)));
  const starter = new Map(starterItems().map((s) => [s.id, s]));
  return items.flatMap((item) => {
    const known = starter.get(item.id);
    if (!known || item.mergedInto !== null || fold(known.name) !== fold(item.name)) return [];
    const more = known.synonyms.filter((n) => !taken.has(`${item.kind} ${fold(n)}`));
    return more.length ? [{ item, synonyms: [...item.synonyms, ...more] }] : [];
  });
}
