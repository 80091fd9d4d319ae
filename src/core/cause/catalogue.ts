import type { CatalogueItem } from '@/core/case';

const fold = (s: string) =>
  s
    .toLowerCase()
    .normalize('NFKD')
    .replace(/[^a-z0-9]+/g, ' ')
    .trim()
    .replace(/\b(the|a|an|of)\b /g, '');

/** A lookup over the shop's list of parts and failures. */
export class Catalogue {
  private readonly byId = new Map<string, CatalogueItem>();
  private readonly byName = new Map<string, CatalogueItem>();

  constructor(readonly items: readonly CatalogueItem[]) {
    for (const item of items) this.byId.set(item.id, item);
    for (const item of items) {
      // A name stands before anybody's synonym.
      for (const name of [item.name, ...item.synonyms]) {
        const key = `${item.kind}:${fold(name)}`;
        const taken = this.byName.get(key);
        if (!taken || (fold(item.name) === fold(name) && fold(taken.name) !== fold(name)))
          this.byName.set(key, item);
      }
    }
  }

  /**
   * The entry that counts for an id: merged entries lead to the one that took them over.
   *
   * @returns the entry, or undefined for an unknown id; a circle of merges ends where it began
   */
  resolve(id: string | null): CatalogueItem | undefined {
    let item = id === null ? undefined : this.byId.get(id);
    for (let steps = 0; item?.mergedInto && steps < 20; steps++)
      item = this.byId.get(item.mergedInto) ?? item;
    return item;
  }

  /** Finds an entry by its exact name or a synonym, whatever the case and punctuation. */
  find(kind: 'part' | 'failure', words: string): CatalogueItem | undefined {
    const key = fold(words);
    const hit = this.byName.get(`${kind}:${key}`) ?? this.byName.get(`${kind}:${key.replace(/s$/, '')}`);
    return hit && this.resolve(hit.id);
  }

  /**
   * Suggests entries for what has been typed so far.
   *
   * @param kind part or failure
   * @param typed the beginning of any word of a name or synonym
   * @param most how many at the most
   * @returns entries, those that start with the words first, each with the synonym that matched
   */
  suggest(kind: 'part' | 'failure', typed: string, most = 12): { item: CatalogueItem; via: string }[] {
    const key = fold(typed);
    const words = key.split(' ').filter(Boolean);
    const scored: { item: CatalogueItem; via: string; score: number }[] = [];
    for (const item of this.items) {
      if (item.kind !== kind || item.mergedInto) continue;
      let best = { score: key === '' ? 1 : 0, via: '' };
      for (const name of [item.name, ...item.synonyms]) {
        const f = ` ${fold(name)}`;
        if (key === '' || !words.every((w) => f.includes(` ${w}`))) continue;
        const score = (f.startsWith(` ${key}`) ? 3 : 2) + (name === item.name ? 0.5 : 0) - f.length / 1000;
        if (score > best.score) best = { score, via: name === item.name ? '' : name };
      }
      if (best.score > 0) scored.push({ item, via: best.via, score: best.score });
    }
    scored.sort((a, b) => b.score - a.score || a.item.name.localeCompare(b.item.name));
    return scored.slice(0, most).map(({ item, via }) => ({ item, via }));
  }
}

/**
 * A cause in words: "charge-air hose, cracked (at the throttle end)".
 *
 * @param catalogue the shop's list
 * @param cause part and failure ids and where
 * @returns the sentence, or "Cause not named yet"
 */
export function causeName(
  catalogue: Catalogue,
  cause: { partId: string | null; failureId: string | null; where?: string; words?: string },
): string {
  const part = catalogue.resolve(cause.partId)?.name ?? cause.words ?? '';
  const failure = catalogue.resolve(cause.failureId)?.name ?? '';
  const name = [part, failure].filter(Boolean).join(', ');
  if (name === '') return 'Cause not named yet';
  return cause.where ? `${name} (${cause.where})` : name;
}
