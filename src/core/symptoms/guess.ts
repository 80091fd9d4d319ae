import type { Phrase } from './phrases';
import { NEGATIONS, SMALL } from './words';

/** When leftover words are clear enough for a guess: points of the best concept, beside the next, and of each of the two words it rests on. */
export const GUESS = { least: 2.2, ahead: 1.2, each: 0.8 };

/** For each word, how strongly it speaks for each concept: rarity of the word, by its share there. */
export function speaking(phrases: Map<string, Phrase[]>): Map<string, Map<string, number>> {
  const counts = new Map<string, Map<string, number>>();
  const sizes = new Map<string, number>();
  for (const p of [...phrases.values()].flat()) {
    sizes.set(p.id, (sizes.get(p.id) ?? 0) + 1);
    for (const t of new Set(p.tokens)) {
      if (SMALL.has(t) || NEGATIONS.has(t)) continue;
      const by = counts.get(t) ?? new Map<string, number>();
      by.set(p.id, (by.get(p.id) ?? 0) + 1);
      counts.set(t, by);
    }
  }
  const speaks = new Map<string, Map<string, number>>();
  for (const [token, by] of counts) {
    const rarity = Math.log(sizes.size / by.size);
    const rates = [...by].map(([id, n]) => [id, n / (sizes.get(id)! + 2)] as const);
    const sum = rates.reduce((s, [, r]) => s + r, 0);
    speaks.set(token, new Map(rates.map(([id, r]) => [id, (rarity * r) / sum])));
  }
  return speaks;
}
