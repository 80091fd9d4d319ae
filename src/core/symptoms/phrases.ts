import { bisectRight } from 'd3-array';
import { SYMPTOMS } from './vocabulary';
import { canonical, isDevice, NEGATIONS, SMALL, stem, tokens } from './words';

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
  /** It says itself when: "nothing when I turn the key". */
  when?: boolean;
  /** The one word of a phrase of a single word, before another stood for it: "pulls" is not "drifts". */
  own?: string;
  /** The shop taught it: it needs no second opinion. */
  taught?: boolean;
}
export type Hit = Phrase & {
  from: number;
  to: number;
  /** Places of the words that said it, where they are known one by one. */
  at?: readonly number[];
  /** A denial stands within it: what it would say is taken back. */
  denied?: boolean;
};

/** "The lamp is on while driving": what stands on two sides of these is not said of one another. */
const WHEN = new Set(['when', 'while', 'if', 'until', 'because', 'since', 'whenever'].map(stem));

const ARTICLES = new Set(['the', 'a', 'an', 'my', 'it', 'its']);
/** How many words a phrase may be spread over when its words come in another order. */
export const SPREAD = 7;
/**
 * A phrase as the tokens that must be met in order. One with a single word of weight ("at the
 * lights") keeps its small words, and nothing may stand between.
 */
export function phrase(id: string, label: string, text: string): Phrase {
  const own = tokens(text).map((t) => t.token);
  const standing = canonical(own);
  const all = standing.filter(Boolean);
  const content = all.filter((t) => !SMALL.has(t));
  const loose = content.length >= 2;
  const single = content.length === 1 ? own[standing.indexOf(content[0]!)] : undefined;
  return {
    id,
    label,
    tokens: loose ? content : all.filter((t) => !ARTICLES.has(t)),
    gap: loose ? 2 : 0,
    weight: content.length + (all.length - content.length) / 10,
    negative: all.some((t) => NEGATIONS.has(t)),
    when: own.some((t) => WHEN.has(t)),
    ...(single !== undefined && { own: single }),
  };
}

/** Whether a phrase has a word that it could be met by: "the" and "!?" have none. */
export const canBeMet = (text: string): boolean => phrase('', '', text).tokens.length > 0;

/**
 * All phrases that ship, some for each symptom and step, so that a page can answer in between; of those that follow a
 * pattern only what nobody claimed by hand for another symptom.
 */
export function* shippedPhrases(): Generator<Phrase[]> {
  const key = (p: Phrase) => [...p.tokens].sort().join(' ');
  const claimed = new Set<string>();
  for (const s of SYMPTOMS) {
    const own = s.says.map((say) => phrase(s.id, s.label, say));
    for (const p of own) claimed.add(key(p));
    yield own;
  }
  for (const s of SYMPTOMS) {
    const patterned: Phrase[] = [];
    for (const say of s.patterned) {
      // Nothing may stand between: a heater hose that is broken is no dead heater.
      const made = phrase(s.id, s.label, say);
      // A pattern yields to what names the thing more closely.
      const p = { ...made, gap: 0, weight: made.weight - 0.2 };
      if (claimed.has(key(p))) continue;
      claimed.add(key(p));
      patterned.push(p);
    }
    yield patterned;
  }
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
 * @param others hits found by another route, to be weighed with these
 * @param own the tokens before other words stood for them; without them a single word is met by its like
 * @param allowed whether a hit may stand at all
 * @returns the phrases kept, each token for one at the most, and those that say the same once more
 */
export function find(
  sentence: string[],
  phrases: Map<string, Phrase[]>,
  others: readonly Hit[] = [],
  own?: readonly string[],
  allowed: (h: Hit) => boolean = () => true,
): { kept: Hit[]; again: Hit[] } {
  const at = new Map<string, number[]>();
  sentence.forEach((t, i) => {
    if (t === '' || t === '|') return;
    const places = at.get(t);
    if (places) places.push(i);
    else at.set(t, [i]);
  });
  const hits: (Hit & { ordered: boolean })[] = others.map((h) => ({ ...h, ordered: true }));
  for (const token of at.keys())
    for (const p of phrases.get(token) ?? []) {
      const found = inOrder(sentence, at, p).filter(
        (f) =>
          !namesAPart(sentence, f) && (p.negative || !deniedWithin(sentence, f)) && saysItself(own, p, f),
      );
      if (found.length)
        hits.push(...found.map((f) => ({ ...p, ...f, weight: tightness(sentence, p, f), ordered: true })));
      else {
        const spread = inAnyOrder(sentence, at, p);
        if (spread && !deniedWithin(sentence, spread) && !namesAPart(sentence, spread))
          hits.push({ ...p, ...spread, ordered: false });
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
    if (placesOf(h).some((i) => covered[i] === 1) || !allowed(h)) continue;
    for (const i of placesOf(h)) covered[i] = 1;
    (ids.has(h.id) ? again : kept).push(h);
    ids.add(h.id);
  }
  return { kept: kept.sort((a, b) => a.from - b.from), again };
}

/**
 * Whether what was met is part of a part's name: "knock sensor", "fuel shut-off valve".
 *
 * @param sentence plain tokens
 * @param f where it ends, one past its last word
 * @returns true when a piece of hardware is named right behind it
 * @example namesAPart(['knock', 'sensor'], { to: 1 }) // true
 */
export const namesAPart = (sentence: readonly string[], f: { to: number }): boolean => {
  const [next, then] = sentence.slice(f.to, f.to + 4).filter((t) => t !== '');
  // "When the compressor switches on" names none.
  return next !== undefined && isDevice(next) && then !== 'on' && then !== 'off';
};

/** A word that stands for others among more words may not stand for them alone. */
const saysItself = (
  own: readonly string[] | undefined,
  p: Phrase,
  f: { from: number; to: number },
): boolean => own === undefined || p.own === undefined || own.slice(f.from, f.to).includes(p.own);

/** Of as many words the reading without others between goes first. */
const tightness = (sentence: readonly string[], p: Phrase, f: { from: number; to: number }): number => {
  const content = sentence.slice(f.from, f.to).filter((t) => t !== '' && !SMALL.has(t)).length;
  return content > p.tokens.length ? p.weight - 0.15 : p.weight;
};

const placesOf = (h: Hit): readonly number[] =>
  h.at ?? Array.from({ length: h.to - h.from }, (_, i) => h.from + i);

/** "Loses water but I see no puddle": what stands behind a "no" within it is not said. */
const deniedWithin = (sentence: string[], f: { from: number; to: number }): boolean =>
  sentence.slice(f.from + 1, f.to).some((t) => NEGATIONS.has(t));

/** The words in order, with few others slipped in between. */
function inOrder(
  sentence: string[],
  at: Map<string, number[]>,
  p: Phrase,
): { from: number; to: number; at?: number[] }[] {
  const hits: { from: number; to: number; at?: number[] }[] = [];
  for (const start of at.get(p.tokens[0]!) ?? []) {
    const places = [start];
    let end = start;
    let ok = true;
    for (const t of p.tokens.slice(1)) {
      const all = at.get(t) ?? [];
      const next = all[bisectRight(all, end)];
      // "No spark until cool" denies the spark, not the cooling.
      const other =
        p.negative && !p.when && next !== undefined && sentence.slice(end + 1, next).some((w) => WHEN.has(w));
      if (next === undefined || other || !within(sentence, end, next, p.gap)) {
        ok = false;
        break;
      }
      end = next;
      places.push(next);
    }
    // "Hesitates and backfires on acceleration": what stands behind an "and" is said as well.
    const and = sentence.slice(start, end).some((t, i) => t === 'and' && !places.includes(start + i));
    if (ok) hits.push({ from: start, to: end + 1, ...(and && { at: places }) });
  }
  return hits;
}

/** So many other words of weight may stand among those of a phrase that come in another order. */
const FOREIGN = 1;

/** All words of a phrase close together in another order: "the boot is full of water". */
function inAnyOrder(
  sentence: string[],
  at: Map<string, number[]>,
  p: Phrase,
): { from: number; to: number } | undefined {
  // Turning a phrase with "not" or "no" round changes what it denies, and many sentences have two words somewhere.
  if (p.gap === 0 || p.negative || p.tokens.length < 3) return undefined;
  for (const start of at.get(p.tokens[0]!) ?? []) {
    const places = p.tokens.map((t) => nearest(at.get(t) ?? [], start));
    const [from, to] = [Math.min(...places), Math.max(...places)];
    const close = to - from < SPREAD && new Set(places).size === places.length;
    if (!close || sentence.slice(from, to).some((t) => WHEN.has(t))) continue;
    const content = sentence.slice(from, to + 1).filter((t) => t !== '' && !SMALL.has(t)).length;
    if (content - p.tokens.length <= FOREIGN) return { from, to: to + 1 };
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
