import { SPREAD, type Hit } from './phrases';
import { NEGATIONS, stem } from './words';

/** Whether a sentence takes a symptom back that it names: denied, cured, over, or said to be well. */

const stems = (words: string) => new Set(words.split(' ').map(stem));

/** Said of a symptom, these take it back: "the rattle has gone". */
const CURED = stems(
  'gone cured fixed disappeared vanished solved replaced repaired renewed exchanged sorted rectified remedied',
);
/** Said of what was told a clause before: "it overheated, that was repaired". */
const MENDED = stems('gone cured fixed solved repaired sorted rectified remedied ok okay fine');
const POINTING = stems('that this it which they these those');
/** "Customer denies that it stalls", "we ruled out a leak". */
const DENYING = stems('denies denied deny denying excluded excludes absent');
/** Not seen, not there, not back again. */
const PRESENT = stems(
  'present there back return returned returns reappear reappeared noticeable audible detectable evident',
);
const ENDS = new Set([undefined, '', '|']);
const NONE = new Set(['no', 'none', 'nil', 'not', 'never', 'negative', 'nope']);
const CIRCUMSTANCE = new Set(['when', 'if', 'while', 'whenever', 'once', 'until', 'unless']);
const isDenial = (t: string | undefined): boolean => t !== undefined && NEGATIONS.has(t);

/**
 * @param sentence plain tokens, `|` between clauses
 * @param h what was met in it
 * @param before the two tokens before it, without those that are a symptom's own
 * @param isSymptom whether it is a symptom; a circumstance is taken back by fewer words
 * @returns whether the sentence says that it is not so, or not so any more
 * @example isTakenBack of "rattle" in "the rattle has not come back" // true
 */
export function isTakenBack(
  sentence: readonly string[],
  h: Hit,
  before: readonly string[],
  isSymptom: boolean,
): boolean {
  if (isSymptom && isOver(sentence, h)) return true;
  if (h.negative || (isSymptom && exceptsWhen(sentence, h))) return false;
  const after = clauseAfter(sentence, h.to);
  return (
    before.some(isDenial) ||
    neverSeen(sentence, h.from) ||
    saysCured(after) ||
    usedTo(sentence, h.from) ||
    (isSymptom && (doesWell(sentence, h) || standsDenied(sentence, h) || stopped(sentence, h))) ||
    fixedIt(after) ||
    (sentence.slice(h.from, h.to).includes('lamp') && wentOff(before, after))
  );
}

/** What of the same clause stands behind a place. */
const clauseAfter = (sentence: readonly string[], to: number): string[] => {
  const after = sentence.slice(to, to + SPREAD + 2);
  const wall = after.indexOf('|');
  return wall < 0 ? after : after.slice(0, wall);
};

/** "It rattled, that was repaired", "does not start: no", "no heat? none": whatever it was, it is over. */
const isOver = (sentence: readonly string[], h: Hit): boolean => {
  let i = h.to;
  while (i < sentence.length && !['|'].includes(sentence[i]!)) i++;
  while (sentence[i] === '|') i++;
  const next = clauseAfter(sentence, i);
  const pointing = POINTING.has(next[0] ?? '') || (next[0] === 'and' && POINTING.has(next[1] ?? ''));
  return pointing && next.slice(0, 6).some((t) => MENDED.has(t)) && !next.some(isDenial);
};

/** "Leak: none", "misfire? no": the answer stands alone behind the question. */
const standsDenied = (sentence: readonly string[], h: Hit): boolean => {
  let i = h.to;
  while (sentence[i] === '|' || sentence[i] === '') i++;
  if (NONE.has(sentence[i] ?? '') && ENDS.has(sentence[i + 1])) return true;
  const after = clauseAfter(sentence, h.to).slice(0, 6);
  const not = after.findIndex(isDenial);
  if (not >= 0 && after.slice(not).some((t) => PRESENT.has(t)))
    // "Is not there when cold" says when it is there.
    return !after.some((t) => CIRCUMSTANCE.has(t));
  return sentence.slice(Math.max(0, h.from - 4), h.from).some((t) => DENYING.has(t));
};

/** "It stopped stalling"; but what stopped working is broken. */
const stopped = (sentence: readonly string[], h: Hit): boolean =>
  sentence[h.from - 1] === 'stop' && !h.tokens.includes('work') && !h.tokens.includes('stop');

const saysCured = (after: readonly string[]): boolean => {
  const at = after.slice(0, 3).findIndex((t) => CURED.has(t));
  if (at >= 0 && !after.slice(0, at).some(isDenial)) return true;
  // "The knocking has stopped since"; "stopped working" is something else.
  const [first, ...rest] = after.filter((t) => t !== 'has' && t !== 'have');
  return first === stem('stopped') && (rest.length === 0 || ENDED.has(rest[0]!));
};
const ENDED = new Set(['', ...stems('after since with by now again when itself')]);

/** "Never stalls hot, only cold", "no noise but only when braking": there it is. */
const exceptsWhen = (sentence: readonly string[], h: Hit): boolean => {
  const after = sentence.slice(h.to, h.to + 3 * SPREAD).filter((t) => t !== '|' && t !== '');
  const i = after.findIndex((t) => t === 'only' || t === 'except');
  return i >= 0 && i <= FEW_BETWEEN && WHEN_ONLY.has(after[i + 1] ?? '');
};
const FEW_BETWEEN = 3;
const WHEN_ONLY = stems(
  'cold hot warm when while if after under in at during uphill idle wet rain damp morning winter summer reverse',
);

/** "It rattled, but the new chain fixed it" within one clause. */
const fixedIt = (clause: readonly string[]): boolean =>
  clause.some((t, i) => CURED.has(t) && ['it', 'that', 'this'].includes(clause[i + 1] ?? ''));

/** "The engine light is off again" takes a lamp back; "won't go off" does not. */
const wentOff = (before: readonly string[], after: readonly string[]): boolean =>
  ['off', 'out'].includes(after[0] ?? '') && ![...before, ...after.slice(0, 3)].some(isDenial);

/** "It pulls fine", "shifts normally": what is said of it is that it is well; "won't start properly" is not. */
const doesWell = (sentence: readonly string[], h: Hit): boolean => {
  const word = sentence[h.to] ?? '';
  const denied = sentence.slice(Math.max(0, h.from - 2), h.to).some(isDenial);
  // "Stalls normally when hot" is what it usually does.
  const ends = ['', '|', stem('now'), stem('again')].includes(sentence[h.to + 1] ?? '');
  return !denied && (WELL_DONE.has(word) || (NORMAL.has(word) && ends));
};
const WELL_DONE = stems('fine ok okay perfect perfectly alright');
const NORMAL = stems('normal normally');

/** "Never saw the engine light", "could not find any leak": the denial reaches over the seeing. */
const neverSeen = (sentence: readonly string[], from: number): boolean => {
  let i = from - 1;
  while (i >= 0 && from - i <= 5 && SEEING.has(sentence[i]!)) i--;
  return i >= 0 && i < from - 1 && isDenial(sentence[i]);
};
const SEEING = stems(
  'see saw seen notice show hear heard feel felt find found detect sign trace hint evidence any the of a an my',
);

/** "It used to stall": that is over. */
const usedTo = (sentence: readonly string[], from: number): boolean => {
  const before = sentence.slice(Math.max(0, from - 3), from);
  return before.some((t, i) => /^us(?:ed?)?$/.test(t) && before[i + 1] === 'to');
};
