import { endsBehind, thingWords, type Found, type Thing } from './frame-tables';
import { symptomById } from './names';
import type { Hit } from './phrases';
import { isDevice, stem } from './words';

/**
 * Phrases that name no thing ("slips", "no force", "boiling") say something of the car only where the sentence speaks of
 * the car. Of "the clutch slips" they say no more than of "someone knocked my bumper" or "no push on the pedal".
 */

/** At the most so many words of weight make a phrase that can be said of anything. */
const FEW = 2;
/** Who or what speaks for the car. */
const CAR = new Set(
  'it she he car engine this they i we you bike motorcycle machine tractor boat caravan forklift digger run start idle drive'
    .split(' ')
    .map(stem),
);
const ENGINE = stem('engine');
/** What stands behind these is where or when, not who. */
const PREPOSITIONS = new Set(
  'in on at from of with under behind for over by into through after before without when while'.split(' '),
);
/** Verbs of everyday life, which take an object then: "skip the wash", "knocked my mirror". */
const EVERYDAY = new Set(
  ['knock', 'skip', 'pop', 'spit', 'cook', 'slip', 'boil', 'pull', 'drop', 'stall'].map(stem),
);
const OBJECT_BEGINS = new Set(['the', 'my', 'a', 'an', 'his', 'her', 'our', 'your', 'their', 'some']);
const DIE = stem('die');
const DYING_DOWN = new Set(['down', 'away']);
/** So many words back at the most. */
const FARTHEST = 24;
/** Areas that what is said of the engine may belong to. */
const OF_THE_ENGINE = new Set(['starting', 'running', 'smoke']);

const isThin = (h: Hit): boolean =>
  h.tokens.length > 0 && h.tokens.length <= FEW && !h.tokens.some((t) => thingWords().has(t));

/**
 * @param sentence plain tokens, `|` between clauses
 * @param words as they were written, lower case
 * @param things named in it, in their order
 * @param h a phrase that was met
 * @returns whether it names no thing, and the clause says it of something that it does not mean
 * @example of "slips" in "the belt slips" // true
 * @example of "slips" in "it slips in third" // false
 */
export function isSaidOfAnother(
  sentence: readonly string[],
  words: readonly string[],
  things: readonly Found<Thing>[],
  h: Hit,
): boolean {
  if (!isThin(h)) return false;
  // A noise that dies away is no engine that dies.
  const dies = sentence.slice(h.from, h.to).indexOf(DIE);
  if (dies >= 0 && DYING_DOWN.has(words[h.from + dies + 1] ?? '')) return true;
  // "I had to stall it".
  if (words[h.from - 1] === 'to' && words[h.to] === 'it') return true;
  // "Rail pressure sensor drifts".
  if (isDevice(words[h.from - 1] ?? '')) return true;
  const related = relatedTo(h);
  // "It stalls the engine" is the engine's own.
  const object = sentence[h.to + 1] ?? '';
  if (
    EVERYDAY.has(h.tokens[0]!) &&
    OBJECT_BEGINS.has(words[h.to] ?? '') &&
    object !== ENGINE &&
    object !== 'car'
  )
    return true;
  const after = things[endsBehind(things, h.to)];
  const behind = after && after.from >= h.to && after.from - h.to <= 2 ? after : undefined;
  // "No force on the brakes".
  const hangs = behind && sentence.slice(h.to, behind.from).some((t) => t === 'on' || t === 'of');
  if (h.tokens[0] === 'no' && hangs && !related(behind)) return true;
  return subjectIsAnother(sentence, things, h, related);
}

/** Whether a thing has a symptom of the same area, or of the engine's own. */
const relatedTo = (h: Hit) => {
  const area = symptomById(h.id)?.area ?? '';
  return (t: Found<Thing>): boolean =>
    [...t.what.does.values()].some((its) => {
      const itsArea = symptomById(its)?.area ?? '';
      return itsArea === area || (OF_THE_ENGINE.has(area) && OF_THE_ENGINE.has(itsArea));
    });
};

/** Goes back from the phrase to what its clause is about: the car, or the nearest thing that stands as its subject. */
function subjectIsAnother(
  sentence: readonly string[],
  things: readonly Found<Thing>[],
  h: Hit,
  related: (t: Found<Thing>) => boolean,
): boolean {
  let k = endsBehind(things, h.from) - 1;
  const farthest = Math.max(0, h.from - FARTHEST);
  for (let i = h.from - 1; i >= farthest && sentence[i] !== '|'; i--) {
    while (k >= 0 && things[k]!.to - 1 > i) k--;
    const thing = k >= 0 && things[k]!.to - 1 === i ? things[k] : undefined;
    if (!thing) {
      if (CAR.has(sentence[i]!)) return false;
      continue;
    }
    if (thing.at.some((k) => sentence[k] === ENGINE || sentence[k] === 'car')) return false;
    // A lamp that is named beside it is a complaint of its own.
    const isLamp = thing.at.some((k) => sentence[k] === 'lamp');
    const isWhere = PREPOSITIONS.has(before(sentence, thing.from));
    if (!isLamp && !isWhere) return !related(thing);
    i = thing.from;
  }
  return false;
}

const before = (sentence: readonly string[], at: number): string => {
  let i = at - 1;
  while (i >= 0 && (sentence[i] === '' || OBJECT_BEGINS.has(sentence[i]!))) i--;
  return sentence[i] ?? '';
};
