import type { CatalogueItem } from '@/core/case';
import { namedIn, wordsIn, type Catalogue } from '@/core/cause';
import { isOtherPart } from '@/core/cause/part-names';

/** Which parts and failures of the shop's list one clause of a job's text is about. */

/**
 * Words of the list of failures that say too little in a job's text: "the old hose", "plugged in", "all good again".
 * Common practice, no source.
 */
const TOO_COMMON =
  /^(?:open|old|full|green|wet|plugged|locked|dead|failed|empty|grounded|flat|weak|dirty|loose contact|too much|too little|too full|noise|offset|torn|leak|lazy|defective|faulty)$/;
/** Of those, the ones that are believed beside the part itself. */
const BESIDE_PART = /^(?:flat|weak|dirty|torn|leak|wet|dead)$/;

/** Head nouns: what follows the name of another part and makes it a part of its own ("radiator hose"). */
const HEAD_NOUN =
  /^(?:seal|gasket|bolt|bracket|mount|mounting|hose|pipe|wire|wiring|loom|harness|connector|plug|pin|relay|fuse|sensor|valve|motor|pump|cover|housing|clip|clamp|bush|switch|cap|belt|lead|line|ring|shaft|regulator|solenoid|actuator|circuit|ground|earth|oil|fluid|module|ecu|resistor|filter|cooler|bearing|tensioner|pulley|spring|arm|rod|shield|tank|cable|terminal|strap|pressure|level|temperature|signal|supply|voltage|light|lamp|warning|code|noise|life|side|area|end|post|panel|reservoir|bottle|tray|box|block|button|lever|pedal|bulb|holder|stalk|handle|lock|latch|gear|rack|fan|heater|clutch|coil|reader|charger|unit)$/;
/** Words between a part and where it is: "relay for the fuel pump", "connector at injector 2". */
const PLACE = /^(?:for|of|to|at|on|in|from|behind|near|under|by|between|inside|onto)$/;
/** Words before "at", "of", "in" after which the part is what is wrong: "leak at the water pump". */
const TROUBLE =
  /^(?:exchange|replacement|renewal|repair|cleaning|change|fault|leak|leaking|water|circuit|short|corrosion|play|traced|rust|crack|hole|damage|drop|resistance|wear|down|problem|moisture|oil|break|open|noise|rattle|worn|wrong|back)$/;
/** Names of the list that are everyday words: alone they name no part. */
const EVERYDAY =
  /^(?:ring|drain|contact|terminal|wheel|point|programming|socket|dash|regulator|booster|nozzle|bulb|charger|lining|damper)$/;

/**
 * The parts a clause is about, without those that only say where.
 *
 * @param text of the clause
 * @param words of it, from `wordsIn`
 * @param catalogue the shop's list
 * @returns entries of the list, each once, in order
 * @example partsOf('relay for the fuel pump', wordsIn('relay for the fuel pump'), catalogue) // [fuel pump relay]
 */
export function partsOf(
  text: string,
  words: readonly { word: string; at: number; end: number }[],
  catalogue: Catalogue,
): CatalogueItem[] {
  const all = namedIn(words, catalogue, 'part').flatMap((n) => {
    const alone = n.to - n.from === 1 ? words[n.from]! : undefined;
    if (alone && EVERYDAY.test(alone.word)) return [];
    // One plug that is loose or wet is a connector; spark plugs come in sets or by their name.
    if (alone && /^plug$/i.test(text.slice(alone.at, alone.end))) {
      const item = catalogue.find('part', 'connector');
      return item ? [{ ...n, item }] : [];
    }
    return [n];
  });
  // What stands in brackets says more of the part before them: "relay (contacts burnt)".
  const outside = all.filter((n) => !inBrackets(text, words[n.from]!.at));
  const named = outside.length > 0 ? outside : all;
  const parts: CatalogueItem[] = [];
  let last = -1;
  for (const [i, n] of named.entries()) {
    // "Radiator hose" is no radiator, unless the list has it as one name.
    if (HEAD_NOUN.test(words[n.to]?.word ?? '') || named[i + 1]?.from === n.to) continue;
    if (isOtherPart(textOf(words, n), wordBeside(text, words, n.from), [], () => false)) continue;
    const before = named[i - 1];
    // "Relay for the fuel pump": the list may know it the other way round, else the second is its place.
    if (before && last === i - 1 && isPlace(words.slice(before.to, n.from))) {
      const turned = catalogue.find('part', `${n.item.name} ${before.item.name}`);
      if (turned) parts[parts.length - 1] = turned;
      continue;
    }
    if (onlyPlace(words, n.from)) continue;
    parts.push(n.item);
    last = i;
  }
  // Wires of no name of their own are the harness.
  if (parts.length === 0 && words.some((w) => /^(?:wire|wiring|harness)$/.test(w.word))) {
    const harness = catalogue.find('part', 'wiring harness');
    if (harness) parts.push(harness);
  }
  return unique(parts);
}

const textOf = (words: readonly { word: string }[], n: { from: number; to: number }): string =>
  words
    .slice(n.from, n.to)
    .map((w) => w.word)
    .join(' ');

/** The word right before a place, with nothing but a blank between. */
function wordBeside(
  text: string,
  words: readonly { word: string; at: number; end: number }[],
  place: number,
): string {
  const [before, word] = [words[place - 1], words[place]];
  return before && word && /^[ -]$/.test(text.slice(before.end, word.at)) ? before.word : '';
}

/** Each once. */
export const unique = (parts: readonly CatalogueItem[]): CatalogueItem[] => [
  ...new Map(parts.map((p) => [p.id, p])).values(),
];

const inBrackets = (text: string, at: number): boolean =>
  text.lastIndexOf('(', at) > text.lastIndexOf(')', at);

const isPlace = (between: readonly { word: string }[]): boolean =>
  between.length > 0 && between.length <= 3 && PLACE.test(between[0]!.word);

/** "… at the turbo": where something is, unless what stands before it is the trouble itself. */
function onlyPlace(words: readonly { word: string }[], from: number): boolean {
  let at = from - 1;
  while (at >= 0 && /^(?:the|a|an|front|rear|left|right|driver|new|upper|lower)$/.test(words[at]!.word)) at--;
  if (at < 1 || !PLACE.test(words[at]!.word)) return false;
  return !TROUBLE.test(words[at - 1]!.word);
}

/**
 * The failure a clause says, unless it denies one.
 *
 * @param besidePart the clause names a part: words that are common otherwise are believed then
 * @example failureIn('radiator leaking', catalogue, true)?.name // 'leaking'
 */
export function failureIn(
  text: string,
  catalogue: Catalogue,
  besidePart: boolean,
): CatalogueItem | undefined {
  if (/\b(?:no|not|without|never)\b(?! (?:output|pressure|signal|seated|latched))/iu.test(text))
    return undefined;
  const words = wordsIn(text);
  const hits = namedIn(words, catalogue, 'failure').filter((h) => {
    const said = words
      .slice(h.from, h.to)
      .map((w) => w.word)
      .join(' ');
    return !TOO_COMMON.test(said) || (besidePart && BESIDE_PART.test(said));
  });
  const [first] = hits;
  return first && hits.every((h) => h.item.id === first.item.id) ? first.item : hits[0]?.item;
}
