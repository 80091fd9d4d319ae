import { symptomById } from './names';
import { namesAPart, type Hit } from './phrases';
import { endsBehind, passedOver, startingAt, tables, thingsIn, type Found, type Thing } from './frame-tables';
import { isSaidOfAnother } from './thin';
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

/** Beyond so many tokens nothing belongs together, however small the words between are. */
const FARTHEST = 24;

/** Words of weight between two places; Infinity across a clause, or where they are too far apart to count. */
const distance = (sentence: readonly string[], a: number, b: number): number => {
  if (b - a > FARTHEST) return Infinity;
  let n = 0;
  for (let i = a; i < b; i++) {
    if (PARTS.has(sentence[i]!)) return Infinity;
    if (!passedOver(sentence[i])) n++;
  }
  return n;
};

/** A frame met: the hit with the places of its words, and whether a denial stands within it. */
export type FrameHit = Hit & { at: number[]; doing: number[]; denied: boolean };

/** What the things of a sentence say, and what they keep phrases from saying. */
export interface Frames {
  /** With the places of their words; overlapping ones are left in. */
  hits: FrameHit[];
  /** Whether a phrase that was met is said of another thing than it means. */
  isOfAnother: (h: Hit) => boolean;
}

/**
 * Where a sentence says of a thing that it does something wrong.
 *
 * @param sentence plain tokens; an empty one was used up, `|` parts clauses
 * @param words the words they came from, lower case, one each
 * @returns what was met, and a judge of phrases; the sentence is gone through once
 * @throws never
 */
export function readFrames(sentence: readonly string[], words: readonly string[]): Frames {
  const things = thingsIn(sentence, words);
  return {
    hits: frameHits(sentence, words, things),
    isOfAnother: (h) => {
      const within = overlapping(things, h);
      return (
        within.some((t) => isOfNoCar(t) || splitsItsName(t, h)) ||
        hasOtherSubject(sentence, things, h) ||
        isSaidOfAnother(sentence, words, things, h)
      );
    },
  };
}

function frameHits(
  sentence: readonly string[],
  words: readonly string[],
  things: readonly Found<Thing>[],
): FrameHit[] {
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
    hits.push({
      id,
      label,
      tokens: [],
      gap: 2,
      weight,
      negative,
      from,
      to,
      at,
      doing: said,
      denied,
    });
  };
  for (let i = 0; i < sentence.length; i++) {
    if (sentence[i] === '' || sentence[i] === '|') continue;
    const met = startingAt(tables().doing, sentence, words, i).filter((d) => isDoing(d, things));
    let best: { k: number; doing: Found<string>; id: string; rank: number } | undefined;
    for (const doing of met)
      for (const { k, far } of near(things, sentence, doing)) {
        const thing = things[k]!;
        const id = thing.what.does.get(doing.what);
        const rank = doing.at.length * 2 + thing.at.length - far + (doing.exact ? 0.1 : 0);
        if (id && (!best || rank > best.rank)) best = { k, doing, id, rank };
      }
    if (!best) continue;
    add(things[best.k]!, best.doing, best.id);
    // "Wipers, horn and indicators all dead": one thing said of a list.
    for (let k = best.k; k > 0 && isListed(sentence, things[k - 1]!, things[k]!); k--) {
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
  overlapping(things, d).every((t) => t.at.length <= d.at.length || !t.at.some((i) => d.at.includes(i)));

const isListed = (sentence: readonly string[], a: Found<Thing>, b: Found<Thing>): boolean =>
  sentence.slice(a.to, b.from).every((t) => ['', '|', 'and', 'or', 'the', 'my', 'plus', 'both'].includes(t));

const lastOfWeight = (sentence: readonly string[], before: number): number => {
  let i = before - 1;
  while (i >= 0 && sentence[i] !== '|' && passedOver(sentence[i])) i--;
  return i;
};

/** The things that share a place with what was met. */
const overlapping = (
  things: readonly Found<Thing>[],
  { from, to }: { from: number; to: number },
): Found<Thing>[] => {
  const out: Found<Thing>[] = [];
  for (let k = endsBehind(things, from); k < things.length && things[k]!.from < to; k++) out.push(things[k]!);
  return out;
};

/** The things that what is said may be said of: the two before it, and the one after it where it may stand before. */
function near(
  things: readonly Found<Thing>[],
  sentence: readonly string[],
  doing: Found<string>,
): { k: number; far: number }[] {
  const out: { k: number; far: number }[] = [];
  const last = endsBehind(things, doing.from) - 1;
  // "The compressor for the air suspension never stops": what hangs on another thing is not the subject.
  const two = last > 0 && hangsOn(sentence, things[last - 1]!, things[last]!);
  for (const k of two ? [last - 1, last] : [last]) {
    const far = k < 0 ? Infinity : distance(sentence, things[k]!.to, doing.from);
    if (far <= REACH) out.push({ k, far });
  }
  let next = last + 1;
  while (next < things.length && things[next]!.from < doing.to) next++;
  const after = things[next];
  if (after) {
    const far = distance(sentence, doing.to, after.from);
    const behind = BEFORE.has(doing.what) ? far <= REACH_BEHIND : isNext(sentence, doing.to, after.from);
    if (behind) out.push({ k: next, far: far + 0.5 });
  }
  return out;
}

const isNext = (sentence: readonly string[], a: number, b: number): boolean =>
  b - a <= FARTHEST && sentence.slice(a, b).every((t) => t === '');

const PREPOSITIONS = new Set(['of', 'in', 'on', 'at', 'from', 'behind', 'under', 'for', 'over']);
const hangsOn = (sentence: readonly string[], a: Found<Thing>, b: Found<Thing>): boolean =>
  b.from - a.to <= FARTHEST && sentence.slice(a.to, b.from).some((t) => PREPOSITIONS.has(t));

/** A phrase takes a piece of a thing's name for the thing: the gauges drop, but not because the fuel gauge does. */
const splitsItsName = (t: Found<Thing>, h: Hit): boolean =>
  t.at.length > 1 && t.at.some((i) => i >= h.from && i < h.to) && !t.at.every((i) => i >= h.from && i < h.to);

/** A thing that is no part of the car: the battery of a phone. */
const isOfNoCar = (t: Found<Thing>): boolean => t.what.does.size === 0 && t.at.length > 1;

/** Areas whose phrases are said of the car or the engine without naming it. */
const OF_THE_CAR = new Set(['starting', 'running']);
/** Areas that a thing has to have no symptom of, so that it is another subject than the car. */
const OF_THE_ENGINE = new Set([...OF_THE_CAR, 'smoke']);

/**
 * Whether another thing stands right before a phrase as its subject: of "the driver seat won't go back" nothing is said
 * of the engine, and of a sensor that drifts nothing of the steering.
 */
function hasOtherSubject(sentence: readonly string[], things: readonly Found<Thing>[], h: Hit): boolean {
  const area = symptomById(h.id)?.area ?? '';
  if (!OF_THE_CAR.has(area) && h.tokens.length > 1) return false;
  const before = things[endsBehind(things, h.from) - 1];
  if (!before || distance(sentence, before.to, h.from) > 0) return false;
  // "In second gear it jerks".
  if (sentence.slice(before.to, h.from).some((t) => t === 'it' || t === 'she' || t === 'car')) return false;
  return [...before.what.does.values()].every((its) => {
    const itsArea = symptomById(its)?.area ?? '';
    return itsArea !== area && !OF_THE_ENGINE.has(itsArea);
  });
}
