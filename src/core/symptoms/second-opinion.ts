import { isWeighed, likelyIn, NOTHING, type Piece, type Weighed } from './likelihood';
import type { Hit } from './phrases';
import { NEGATIONS, SMALL, stem } from './words';

/**
 * What a phrase says stands where all words of the sentence give it this share at least; else it is asked. A thing and
 * what it does, both named, need less. Of 140 readings below that were looked through by their share alone, half of
 * the phrases below were wrong, and one in nine of those above.
 */
export const BORNE_OUT = { phrase: 0.25, thingAndDeed: 0.1, amongMany: 0.2 };
/** Words alone are offered from this share on. */
export const OFFERED = 0.35;
/**
 * Where nothing else is said, words alone say a symptom from this share on, with so many known ones: all of the 14
 * labelled sentences that were so read meant it.
 */
export const SAID_BY_WORDS = { share: 0.6, words: 5 };
/** Fewer known words are company to nothing: "heater open" is no complaint. */
export const LEAST_WORDS = 3;
/** More questions than these are not answered. */
export const MOST_OFFERED = 3;

/** A symptom that may be meant, and the stretch of the sentence that says so. */
export interface Perhaps extends Piece {
  id: string;
  /** The share that all words give it, 0 to 1. */
  share: number;
  /** Whether a phrase says it; else only the words speak for it. */
  said: boolean;
}

/**
 * Weighs what phrases said against all words of the sentence. A phrase stands that they bear out, that is all there is,
 * or that the shop has taught; what is denied stays denied. The others are asked, and so is what only the
 * words speak for, where a piece of the sentence was not understood.
 *
 * @param sentence plain tokens, `|` between clauses
 * @param hits what phrases and patterns said
 * @param saysNot whether the sentence takes a hit back
 * @returns the hits that stand, in their order, and what is to be asked, the likeliest first
 */
export function weighed(
  sentence: readonly string[],
  hits: readonly Hit[],
  saysNot: (h: Hit) => boolean,
): { sure: Hit[]; byWords?: Perhaps; perhaps: Perhaps[] } {
  const pieces = likelyIn(sentence);
  const shareOf = (h: Hit): number => borneOut(h, hits, pieces);
  const stands = (h: Hit): boolean =>
    h.taught === true ||
    !isWeighed(h.id) ||
    isAllThereIs(sentence, h) ||
    isNegated(sentence, h) ||
    saysNot(h) ||
    (shareOf(h) >= leastFor(h) &&
      (!isAmongMany(sentence, h) || plainShare(h, pieces) >= BORNE_OUT.amongMany));
  const sure = hits.filter(stands);
  const unsure = hits.filter((h) => !stands(h)).sort((a, b) => shareOf(b) - shareOf(a));
  const understood = ({ from, to }: Piece) => sure.some((h) => h.from < to && h.to > from);
  const offered = new Map<string, Perhaps>();
  for (const piece of pieces) {
    const [id, share] = likeliest(piece);
    if (piece.words < LEAST_WORDS || id === NOTHING || share < OFFERED || understood(piece)) continue;
    if (!hits.some((h) => h.id === id) && share > (offered.get(id)?.share ?? 0))
      offered.set(id, { id, from: piece.from, to: piece.to, share, said: false });
  }
  const byWords = [...offered.values()].sort((a, b) => b.share - a.share);
  const [first] = byWords;
  const told =
    first && sure.length === 0 && isSaidByWords(first, pieces) && isComplaint(sentence) ? first : undefined;
  const perhaps = [
    ...byWords.filter((p) => p !== told),
    ...unsure.map((h) => ({ id: h.id, from: h.from, to: h.to, share: shareOf(h), said: true })),
  ];
  return { sure, ...(told && { byWords: told }), perhaps: perhaps.slice(0, MOST_OFFERED) };
}

/** Less is nobody's word, however little is left when others are set aside. */
const LEAST_SHARE = 0.05;

const leastFor = (h: Hit): number => (h.tokens.length === 0 ? BORNE_OUT.thingAndDeed : BORNE_OUT.phrase);

/** The highest share that a piece around the hit gives it, what other hits say of the piece set aside. */
function borneOut(h: Hit, hits: readonly Hit[], pieces: readonly Weighed[]): number {
  const others = hits.filter((x) => x.id !== h.id).map((x) => x.id);
  let most = 0;
  for (const { from, to, shares } of pieces) {
    if (h.from >= to || h.to <= from) continue;
    const own = shares.get(h.id) ?? 0;
    if (own < LEAST_SHARE) continue;
    const left = 1 - others.reduce((sum, id) => sum + (shares.get(id) ?? 0), 0);
    // Where it is the likeliest of what is left, nothing speaks against it.
    const first = [...shares].every(([id, share]) => id === h.id || others.includes(id) || share <= own);
    most = Math.max(most, first ? 1 : own / Math.max(left, own));
  }
  return most;
}

const isSaidByWords = (p: Perhaps, pieces: readonly Weighed[]): boolean =>
  p.share >= SAID_BY_WORDS.share &&
  pieces.some((x) => x.from === p.from && x.to === p.to && x.words >= SAID_BY_WORDS.words);

/**
 * Whether it is neither asked for, nor done, nor denied, nor said to be well: "please check the air pressure", "replaced
 * the fuel cap", "no green lake below the radiator", "it charges again". Which word a "not" denies no phrase tells here.
 */
const isComplaint = (sentence: readonly string[]): boolean =>
  !sentence.some((t) => NO_COMPLAINT.has(t) || NEGATIONS.has(t));
const NO_COMPLAINT = new Set(
  `please check inspect service quote want need book could can would should whether fine ok okay good normal normally
  well perfect again cured fixed gone solved sorted done replaced renewed fitted installed new original changed
  exchanged cleaned repaired swapped removed adjusted measured tested checked works answers`
    .split(/\s+/)
    .map(stem),
);

/** Whether so many other words stand beside it that they say for themselves what the sentence is about. */
const isAmongMany = (sentence: readonly string[], h: Hit): boolean =>
  h.tokens.length > 0 &&
  sentence.filter((t, i) => t !== '' && t !== '|' && !SMALL.has(t) && (i < h.from || i >= h.to)).length >=
    MANY_WORDS;
const MANY_WORDS = 3;

/** The highest share that a piece around the hit gives it. */
const plainShare = (h: Hit, pieces: readonly Weighed[]): number =>
  Math.max(0, ...pieces.filter((p) => h.from < p.to && h.to > p.from).map((p) => p.shares.get(h.id) ?? 0));

/** The symptom, or `NOTHING`, that a piece speaks for most. */
const likeliest = ({ shares }: Weighed): [id: string, share: number] =>
  [...shares].reduce((best, x) => (x[1] > best[1] ? x : best), [NOTHING, 0]);

/** "Never overheats, only in traffic": what a denial takes back and what it leaves, the rules have told already. */
const isNegated = (sentence: readonly string[], h: Piece): boolean =>
  sentence.slice(Math.max(0, h.from - 2), h.from).some((t) => NEGATIONS.has(t));

/** Whether nothing of weight stands beside it: "leaks oil" says what it says. */
const isAllThereIs = (sentence: readonly string[], h: Piece): boolean =>
  [...sentence.slice(0, h.from), ...sentence.slice(h.to)].every(
    (t) => t === '' || (SMALL.has(t) && !NEGATIONS.has(t)),
  );
