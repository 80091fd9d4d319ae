import type { ConditionConcept } from './conditions';
import { phrase, type Hit, type Phrase } from './phrases';
import { NEGATIONS, NOT_WHEN, SMALL, stem, tokens } from './words';

/**
 * Whether words of a circumstance say when a symptom shows, or are part of a name: "whines in reverse" does, "reverse
 * light dead" does not.
 */

const stems = (words: string) => words.split(' ').map(stem);

/** With one of these before it a word says when or where: "when hot", "in traffic", "after a weekend". */
const ANCHORS = new Set([
  ...stems(
    'when while whenever once only if in on at under after during from with over since until till before',
  ),
  ...stems('into up off below above by especially mainly mostly always sometimes worse better more still'),
  ...stems('does do did happens occurs fine'),
  NOT_WHEN,
]);
/** They tell of a moment also from some words before: "when it is cold". */
const OPENERS = new Set([...stems('when while whenever once if until till since as unless'), NOT_WHEN]);
/** What goes between: "hot and cold", "not hot". */
const LINKS = new Set([...stems('and or but nor'), ...NEGATIONS]);
const ARTICLES = new Set(
  stems('the a an my it its he she they we i you this that every each full very really'),
);

/** Behind a word of a circumstance these make a name of both: a reversing camera, a cold start injector. */
const HEADS = new Set([
  ...stems(
    'light lamp sensor valve pump injector fan switch relay motor actuator pedal camera signal circle plug',
  ),
  ...stems(
    'frame mode bus network assist control tank film wire air socket module tyre tire warning message',
  ),
  ...stems(
    'buzzer chime button lever knob angle rack column shaft boot joint disc pad caliper drum fluid cylinder',
  ),
  ...stems(
    'gauge cable hose pipe bolt cover filter unit lock stop point brake wheel smell water sticker display',
  ),
]);

/** What may stand behind a bare word that says when: "stalls hot but not cold". */
const FOLLOWS = new Set([
  ...stems(
    'then so also just they we you there what as because again every both too or now all usually otherwise',
  ),
  ...stems('alike same ok okay good normal does will runs dies stalls needs'),
  ...SMALL,
  ...LINKS,
  ...ANCHORS,
]);

/** No part is called by these: they say when wherever they stand. */
const ALWAYS_SAY = new Set(
  stems(
    'roundabout uphill downhill overtaking cornering decelerating accelerating idling potholes cobbles corners bends hills incline gradient tickover standstill manoeuvring towing crawling',
  ),
);

/** Whatever stands behind these in a clause makes no difference: "whether hot or cold". */
const NO_MATTER = new Set(stems('matter regardless irrespective whether'));

/** How many words an opener may stand before what it opens: "when the engine is still cold". */
const REACH = 6;

export type ConditionPhrase = Phrase & {
  /** It is told with a word such as "after" before it, which its tokens do not hold: "after two weeks". */
  needsAnchor: boolean;
};

/**
 * The ways of saying circumstances, as they are looked for.
 *
 * @param concepts each with its ways
 * @returns their phrases; one of two words is said in one piece ("fuel pressure low" is no low fuel)
 */
export function conditionPhrases(concepts: readonly ConditionConcept[]): ConditionPhrase[] {
  const all = concepts.flatMap((c) =>
    c.says.map((text): ConditionPhrase => {
      const made = phrase(c.id, c.label, text);
      const first = tokens(text)[0]?.token ?? '';
      const needsAnchor = ANCHORS.has(first) && made.tokens[0] !== first;
      return { ...made, ...(made.tokens.length === 2 && { gap: 0 }), needsAnchor };
    }),
  );
  // "Low speed" says as much as "at low speed": what is met is one of the two, whichever comes first.
  const key = (p: Phrase) => `${p.id} ${p.tokens.join(' ')}`;
  const alone = new Set(all.filter((p) => !p.needsAnchor).map(key));
  return all.map((p) => (alone.has(key(p)) ? { ...p, needsAnchor: false } : p));
}

/**
 * Whether a circumstance that was met in a sentence is told of it.
 *
 * @param sentence plain tokens, `|` between clauses, empty where a group of words became one
 * @param h what was met; `needsAnchor` as `conditionPhrases` gives it
 * @param symptoms what was met of symptoms
 * @returns false where it is part of a name, is what a thing is like ("the wheel is hot"), or makes no difference
 * @example of "reverse" in "reverse light dead" // false
 * @example of "hot" in "stalls hot" // true
 */
export function saysWhen(
  sentence: readonly string[],
  h: Hit & Partial<ConditionPhrase>,
  symptoms: readonly Hit[],
): boolean {
  const clause = sentence.slice(sentence.lastIndexOf('|', h.from) + 1, h.from);
  if (clause.some((t) => NO_MATTER.has(t))) return false;
  const before = clause.findLast((t) => t !== '' && !ARTICLES.has(t));
  const anchored = isAnchored(clause, before, h);
  const at = nextPlace(sentence, h.to);
  const next = sentence[at];
  const begins = symptoms.some((s) => s.from === at);
  if (next !== undefined && HEADS.has(next) && !(anchored && begins)) return false;
  if (h.taught || anchored || h.tokens.some((t) => ALWAYS_SAY.has(t))) return true;
  if (h.needsAnchor || isOneWordOf(h, symptoms)) return false;
  // Alone it says when right behind what happens then, or with nothing behind that it could be a part of.
  if (endsSymptom(sentence, h.from, symptoms)) return true;
  return (before === undefined || LINKS.has(before)) && (begins || endsOrGoesOn(next));
}

/** A word of the symptom itself: "the carpet is wet". */
const isOneWordOf = (h: Hit, symptoms: readonly Hit[]): boolean =>
  h.to - h.from === 1 && symptoms.some((s) => h.from >= s.from && h.to <= s.to);

const nextPlace = (sentence: readonly string[], from: number): number => {
  let at = from;
  while (sentence[at] === '') at++;
  return at;
};

const endsOrGoesOn = (next: string | undefined): boolean =>
  next === undefined || next === '|' || FOLLOWS.has(next);

/** Whether it stands behind a word that makes a time or a place of it, or holds one. */
const isAnchored = (clause: readonly string[], before: string | undefined, h: Hit): boolean =>
  h.tokens.some((t) => ANCHORS.has(t)) ||
  (before !== undefined && ANCHORS.has(before)) ||
  clause.slice(-REACH).some((t) => OPENERS.has(t));

/** Whether a symptom was told right before a place, to its end. */
function endsSymptom(sentence: readonly string[], place: number, symptoms: readonly Hit[]): boolean {
  let last = place - 1;
  while (last >= 0 && (sentence[last] === '' || ARTICLES.has(sentence[last]!))) last--;
  return symptoms.some((s) => last >= s.from && last < s.to && s.to <= place);
}
