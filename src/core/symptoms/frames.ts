import { symptomById } from './names';
import { namesAPart, type Hit } from './phrases';
import { passedOver, startingAt, tables, thingsIn, type Found, type Thing } from './frame-tables';
import { NEGATIONS, SMALL } from './words';

/**
 * Symptoms by what does what: a thing of the vehicle and what is said of it, in any words of either. "The passenger
 * mirror won't fold" needs no phrase of its own.
 */

/** These stand before their thing as well: "oil leak", "loses coolant", "a squeal from the belt". */
const BEFORE = new Set(
  'noise spins whines hums rumbles clunks knocks rattles ticks buzz grinds clicks gurgles whistles bangs pops leaks puddle loses tops-up uses burns smells too-much mists air-bubbles crystals sludge dirty failed sinks fault slips crunches hard not-in no-heat hard-in bitten pushed-out'.split(
    ' ',
  ),
);
/** Words between a thing and what it does, at the most; fewer where it stands behind. */
const REACH = 4;
const REACH_BEHIND = 3;
/** What follows says when or why; a thing beyond it is another sentence's subject. */
const PARTS = new Set(['|', 'but', 'because', 'although', 'until', 'since', 'yet']);

const distance = (sentence: readonly string[], a: number, b: number): number => {
  let n = 0;
  for (let i = a; i < b; i++) {
    if (PARTS.has(sentence[i]!)) return Infinity;
    if (!passedOver(sentence[i])) n++;
  }
  return n;
};

/** A frame met: the hit with the places of its words, and whether a denial stands within it. */
export type FrameHit = Hit & { at: number[]; doing: number[]; denied: boolean };

/**
 * Where a sentence says of a thing that it does something wrong.
 *
 * @param sentence plain tokens; an empty one was used up, `|` parts clauses
 * @param words the words they came from, lower case, one each
 * @returns hits with the places of their words; overlapping ones are left in
 * @throws never
 */
export function frameHits(sentence: readonly string[], words: readonly string[]): FrameHit[] {
  const things = thingsIn(sentence, words);
  if (things.length === 0) return [];
  const hits: FrameHit[] = [];
  const add = (thing: Found<Thing>, doing: Found<string> | undefined, id: string) => {
    const said = doing?.at ?? [];
    const at = [...thing.at, ...said].sort((a, b) => a - b);
    const [from, to] = [at[0]!, at[at.length - 1]! + 1];
    const own = new Set(at);
    const denied = sentence.slice(from, to).some((t, i) => NEGATIONS.has(t) && !own.has(from + i));
    const label = symptomById(id)?.label ?? id;
    // A phrase written by hand goes before a frame of as many words.
    const weight = at.filter((i) => !SMALL.has(sentence[i]!)).length - 0.1;
    const negative = said.some((i) => NEGATIONS.has(sentence[i]!));
    hits.push({ id, label, tokens: [], gap: 2, weight, negative, from, to, at, doing: said, denied });
  };
  for (let i = 0; i < sentence.length; i++) {
    if (sentence[i] === '' || sentence[i] === '|') continue;
    const met = startingAt(tables().doing, sentence, words, i).filter((d) => isDoing(d, things));
    let best: { thing: Found<Thing>; doing: Found<string>; id: string; rank: number } | undefined;
    for (const doing of met)
      for (const { thing, far } of near(things, sentence, doing)) {
        const id = thing.what.does.get(doing.what);
        const rank = doing.at.length * 2 + thing.at.length - far + (doing.exact ? 0.1 : 0);
        if (id && (!best || rank > best.rank)) best = { thing, doing, id, rank };
      }
    if (!best) continue;
    add(best.thing, best.doing, best.id);
    // "Wipers, horn and indicators all dead": one thing said of a list.
    for (let k = things.indexOf(best.thing); k > 0 && isListed(sentence, things[k - 1]!, things[k]!); k--) {
      const id = things[k - 1]!.what.does.get(best.doing.what);
      if (id) add(things[k - 1]!, { ...best.doing, at: [] }, id);
    }
  }
  for (const thing of things) {
    const no = thing.what.does.get('no');
    const before = lastOfWeight(sentence, thing.from);
    if (no && before >= 0 && sentence[before] === 'no') {
      add({ ...thing, at: [before, ...thing.at] }, undefined, no);
      hits.at(-1)!.negative = true;
    }
    // A lamp that is named is a lamp that was seen.
    const lit = thing.what.does.get('lit') ?? thing.what.does.get('warns');
    if (lit && thing.at.some((i) => sentence[i] === 'lamp')) add(thing, undefined, lit);
  }
  return hits.filter((h) => !namesAPart(sentence, h));
}

/** A word that names a thing is what a thing does only where the way of saying is longer, or another thing does it. */
const isDoing = (d: Found<string>, things: readonly Found<Thing>[]): boolean =>
  things.every((t) => t.at.length <= d.at.length || !t.at.some((i) => d.at.includes(i)));

const isListed = (sentence: readonly string[], a: Found<Thing>, b: Found<Thing>): boolean =>
  sentence.slice(a.to, b.from).every((t) => ['', '|', 'and', 'or', 'the', 'my', 'plus', 'both'].includes(t));

const lastOfWeight = (sentence: readonly string[], before: number): number => {
  let i = before - 1;
  while (i >= 0 && sentence[i] !== '|' && passedOver(sentence[i])) i--;
  return i;
};

/** The things that what is said may be said of: the two before it, and the one after it where it may stand before. */
function near(
  things: readonly Found<Thing>[],
  sentence: readonly string[],
  doing: Found<string>,
): { thing: Found<Thing>; far: number }[] {
  const out: { thing: Found<Thing>; far: number }[] = [];
  const before = things.filter((t) => t.to <= doing.from).slice(-2);
  // "The compressor for the air suspension never stops": what hangs on another thing is not the subject.
  if (before.length === 2 && !hangsOn(sentence, before[0]!, before[1]!)) before.shift();
  for (const thing of before) {
    const far = distance(sentence, thing.to, doing.from);
    if (far <= REACH) out.push({ thing, far });
  }
  const after = things.find((t) => t.from >= doing.to);
  if (after) {
    const far = distance(sentence, doing.to, after.from);
    const behind = BEFORE.has(doing.what)
      ? far <= REACH_BEHIND
      : sentence.slice(doing.to, after.from).every((t) => t === '');
    if (behind) out.push({ thing: after, far: far + 0.5 });
  }
  return out;
}

const PREPOSITIONS = new Set(['of', 'in', 'on', 'at', 'from', 'behind', 'under', 'for', 'over']);
const hangsOn = (sentence: readonly string[], a: Found<Thing>, b: Found<Thing>): boolean =>
  sentence.slice(a.to, b.from).some((t) => PREPOSITIONS.has(t));

/** Areas whose phrases are said of the car or the engine without naming it. */
const OF_THE_CAR = new Set(['starting', 'running', 'smoke']);

/**
 * Whether a phrase takes a piece of a thing's name for the thing: the gauges drop, but not because the fuel gauge does.
 *
 * @param sentence plain tokens
 * @param words the words they came from
 * @param h where it was met
 * @returns true when a name of several words is covered in part
 */
export const splitsAName = (
  sentence: readonly string[],
  words: readonly string[],
  h: { from: number; to: number },
): boolean =>
  thingsIn(sentence, words).some(
    (t) =>
      t.at.length > 1 &&
      t.at.some((i) => i >= h.from && i < h.to) &&
      !t.at.every((i) => i >= h.from && i < h.to),
  );

/**
 * Whether what was met stands on a thing that is no part of the car: the battery of a phone.
 *
 * @param sentence plain tokens
 * @param words the words they came from
 * @param h where it was met
 * @returns true when a thing without any symptom of its own overlaps it
 */
export const isOfNoCar = (
  sentence: readonly string[],
  words: readonly string[],
  h: { from: number; to: number },
): boolean =>
  thingsIn(sentence, words).some(
    (t) => t.what.does.size === 0 && t.at.length > 1 && t.from < h.to && t.to > h.from,
  );

/**
 * Whether a thing that is not the car or the engine stands right before a place as the subject of what follows: of
 * "the driver seat won't go back", nothing is said of the engine.
 *
 * @param sentence plain tokens
 * @param words the words they came from
 * @param h what was met, by its first word and its symptom
 * @returns true when the thing has no symptom of that area
 */
export function hasOtherSubject(
  sentence: readonly string[],
  words: readonly string[],
  { from, id }: Hit,
): boolean {
  const things = thingsIn(sentence, words);
  const before = things.filter((t) => t.to <= from).at(-1);
  if (!before || distance(sentence, before.to, from) > 0) return false;
  const area = symptomById(id)?.area;
  return [...before.what.does.values()].every((its) => {
    const itsArea = symptomById(its)?.area ?? '';
    return itsArea !== area && !OF_THE_CAR.has(itsArea);
  });
}
