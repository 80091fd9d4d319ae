import { bisectRight } from 'd3-array';
import { SYMPTOMS } from './vocabulary';
import { canonical, NEGATIONS, SMALL, tokens } from './words';

/** Phrases of the vocabulary, and where a sentence says them. */

export interface Phrase {
  id: string;
  label: string;
  tokens: string[];
  /** How many other words of weight may stand between two of its tokens. */
  gap: number;
  /** Words of weight in it, small ones for a tenth. */
  weight: number;
  negative: boolean;
}
export type Hit = Phrase & { from: number; to: number };

const ARTICLES = new Set(['the', 'a', 'an', 'my', 'it', 'its']);
/** How many words a phrase may be spread over when its words come in another order. */
export const SPREAD = 7;
/** The same for a phrase of two words: with one word between at most, since many sentences have two words somewhere. */
const SPREAD_OF_TWO = 3;
/**
 * A phrase as the tokens that must be met in order. One with a single word of weight ("at the
 * lights") keeps its small words, and nothing may stand between.
 */
export function phrase(id: string, label: string, text: string): Phrase {
  const all = canonical(tokens(text).map((t) => t.token)).filter(Boolean);
  const content = all.filter((t) => !SMALL.has(t));
  const loose = content.length >= 2;
  return {
    id,
    label,
    tokens: loose ? content : all.filter((t) => !ARTICLES.has(t)),
    gap: loose ? 2 : 0,
    weight: content.length + (all.length - content.length) / 10,
    negative: all.some((t) => NEGATIONS.has(t)),
  };
}

/** Whether a phrase has a word that it could be met by: "the" and "!?" have none. */
export const canBeMet = (text: string): boolean => phrase('', '', text).tokens.length > 0;

/** All phrases that ship; of those that follow a pattern only what nobody claimed by hand for another symptom. */
export function shippedPhrases(): Phrase[] {
  const out = SYMPTOMS.flatMap((s) => s.says.map((p) => phrase(s.id, s.label, p)));
  const key = (p: Phrase) => [...p.tokens].sort().join(' ');
  const claimed = new Map(out.map((p) => [key(p), p.id]));
  for (const s of SYMPTOMS)
    for (const say of s.patterned) {
      // Nothing may stand between: a heater hose that is broken is no dead heater.
      const p = { ...phrase(s.id, s.label, say), gap: 0 };
      const k = key(p);
      if (!claimed.has(k)) {
        claimed.set(k, s.id);
        out.push(p);
      }
    }
  return out;
}

/** Phrases by the one of their tokens that fewest phrases have, so that few are looked at. */
export function byRarest(phrases: Phrase[]): Map<string, Phrase[]> {
  const count = new Map<string, number>();
  for (const p of phrases) for (const t of new Set(p.tokens)) count.set(t, (count.get(t) ?? 0) + 1);
  const map = new Map<string, Phrase[]>();
  for (const p of phrases) {
    // A shop may have taught a phrase before phrases without a word were refused.
    if (p.tokens.length === 0) continue;
    const rarest = p.tokens.reduce((a, b) => (count.get(b)! < count.get(a)! ? b : a));
    const list = map.get(rarest);
    if (list) list.push(p);
    else map.set(rarest, [p]);
  }
  return map;
}

/**
 * Where the phrases of the vocabulary stand in a sentence: in order or close together, misspelt too.
 *
 * @param sentence tokens; an empty one was used up, `|` parts clauses
 * @param phrases by their rarest token
 * @returns the phrases kept, each token for one at the most, and those that say the same once more
 */
export function find(sentence: string[], phrases: Map<string, Phrase[]>): { kept: Hit[]; again: Hit[] } {
  const at = new Map<string, number[]>();
  sentence.forEach((t, i) => {
    if (t === '' || t === '|') return;
    const places = at.get(t);
    if (places) places.push(i);
    else at.set(t, [i]);
  });
  const hits: (Hit & { ordered: boolean })[] = [];
  for (const token of at.keys())
    for (const p of phrases.get(token) ?? []) {
      const found = inOrder(sentence, at, p).filter((f) => p.negative || !deniedWithin(sentence, f));
      if (found.length) hits.push(...found.map((f) => ({ ...p, ...f, ordered: true })));
      else {
        const spread = inAnyOrder(at, p);
        if (spread && !deniedWithin(sentence, spread)) hits.push({ ...p, ...spread, ordered: false });
      }
    }
  // The reading with most words wins, one in order before one that is not, then the tightest; what it
  // covers is not read again.
  hits.sort(
    (a, b) =>
      b.weight - a.weight ||
      Number(b.ordered) - Number(a.ordered) ||
      a.to - a.from - (b.to - b.from) ||
      a.from - b.from,
  );
  const kept: Hit[] = [];
  const again: Hit[] = [];
  const covered = new Uint8Array(sentence.length);
  const ids = new Set<string>();
  for (const h of hits) {
    if (covered.subarray(h.from, h.to).includes(1)) continue;
    covered.fill(1, h.from, h.to);
    (ids.has(h.id) ? again : kept).push(h);
    ids.add(h.id);
  }
  return { kept: kept.sort((a, b) => a.from - b.from), again };
}

/** "Loses water but I see no puddle": what stands behind a "no" within it is not said. */
const deniedWithin = (sentence: string[], f: { from: number; to: number }): boolean =>
  sentence.slice(f.from + 1, f.to).some((t) => NEGATIONS.has(t));

/** The words in order, with few others slipped in between. */
function inOrder(sentence: string[], at: Map<string, number[]>, p: Phrase): { from: number; to: number }[] {
  const hits: { from: number; to: number }[] = [];
  for (const start of at.get(p.tokens[0]!) ?? []) {
    let end = start;
    let ok = true;
    for (const t of p.tokens.slice(1)) {
      const places = at.get(t) ?? [];
      const next = places[bisectRight(places, end)];
      if (next === undefined || !within(sentence, end, next, p.gap)) {
        ok = false;
        break;
      }
      end = next;
    }
    if (ok) hits.push({ from: start, to: end + 1 });
  }
  return hits;
}

/** All words of a phrase close together in another order: "the boot is full of water". */
function inAnyOrder(at: Map<string, number[]>, p: Phrase): { from: number; to: number } | undefined {
  // Turning a phrase with "not" or "no" round changes what it denies.
  if (p.gap === 0 || p.negative) return undefined;
  for (const start of at.get(p.tokens[0]!) ?? []) {
    const places = p.tokens.map((t) => nearest(at.get(t) ?? [], start));
    const [from, to] = [Math.min(...places), Math.max(...places)];
    const spread = p.tokens.length > 2 ? SPREAD : SPREAD_OF_TWO;
    if (to - from < spread && new Set(places).size === places.length) return { from, to: to + 1 };
  }
  return undefined;
}

/** Of places in order the one nearest to another, the lower of two; Infinity where there is none. */
function nearest(places: readonly number[], to: number): number {
  const above = bisectRight(places, to);
  const [low = -Infinity, high = Infinity] = [places[above - 1], places[above]];
  return to - low <= high - to ? low : high;
}

/** Whether at most so many words of weight stand between two places. */
function within(sentence: string[], a: number, b: number, most: number): boolean {
  let n = 0;
  for (let i = a + 1; i < b && n <= most; i++) if (sentence[i] !== '' && !SMALL.has(sentence[i]!)) n++;
  return n <= most;
}
