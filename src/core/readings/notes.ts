import { NOTE_WORDS } from './note-words';
import { findUnit } from './units';

/**
 * Words around a figure that say where, when or of what, and nothing of how much: `13.9 V running`,
 * `250–350 bar at idle`, `spec 0.2–0.5 V`. Common practice, no source.
 */
export interface Noted {
  /** What is left: the figure or the limit itself. */
  text: string;
  /** What was beside it, empty for nothing. */
  note: string;
}

/** A note has fewer words. */
export const MOST_WORDS = 10;
/** A word of those, a number, or a unit with its number or without. */
const isPlain = (word: string, before = ''): boolean =>
  // Without a figure before it, "min" is the least there may be.
  (word !== 'min' || /\d$/.test(before)) &&
  (NOTE_WORDS.has(word) || /^\d[\d.,]*$/.test(word) || findUnit(word) !== undefined || unitBehind(word));
/** Words that are a note together, and may be something else alone. */
const AS_ONE_WORD = [
  [/\bunder load\b/, 'loaded'],
  [/\bto (?=(?:ground|earth|body|chassis|battery)\b)/, ''],
  [/\bback pressure\b/, 'pressure'],
  [/\bleak down\b/, 'leakdown'],
  [/\bunder (?=wot\b)/, ''],
  // What is switched may be a place, and nothing else, behind these.
  [
    /\b(at|across) (?:the )?(?:pump|relay|injector|fan|coil|module|bulb|motor|starter|alternator|switch|solenoid|horn|compressor)\b/,
    '$1',
  ],
  [/\b(cyl|cylinder|bank|pin|sensor)\.? \d{1,2}\b/, '$1'],
] as const;
const unitBehind = (word: string): boolean =>
  /^\d[\d.,]*\D/.test(word) && findUnit(word.replace(/^[\d.,]+/, '')) !== undefined;
/** Words that only announce what follows. */
const ANNOUNCES =
  /^(?:the\s{1,3})?(?:spec(?:s|ified|ification)?|should\s{1,3}be|must\s{1,3}be|has\s{1,3}to\s{1,3}be|needs?\s{1,3}to\s{1,3}be|expected|wanted|normal\s{1,3}range|range|(?:rev|legal|wear)\s{1,3}limit|ok(?:ay)?\s{1,3}is|good\s{1,3}is)\b\s{0,3}[:=]?\s{0,3}(?=[\d<>≤≥~±.,+−-]|at\s|max|min|between|about|less|more|not|no\s|up\s|under|over|above|below)/i;
/** What a limit may say of when it holds; it may have figures of its own. */
const STATE =
  '(?:(?:key|ignition|engine|lights?|load)\\s(?:on|off|running)|koeo|koer|running|idle|idling|cranking|loaded|unloaded|hot|warm|cold|drop)';
const WHEN = new RegExp(
  `\\s(?:(?:at\\s(?!(?:least|most)\\b)|@\\s?|when\\s|while\\s|during\\s|after\\s|across\\s|in\\s(?=\\d))[^<>≤≥±|]{1,40}|${STATE}(?:,?\\s${STATE}){0,2})$`,
  'i',
);
/** What a part is rated at, before what may be measured: `24 V nominal, min 23.8 V`. */
const RATED =
  /^\d[\d.,]{0,6}\s?[A-Za-z]{1,3}\s(?:nominal|rated|rating|fuse(?:\srating)?)[,;]\s(?=min|max|not|at\s(?:least|most)|[<>≤≥])/i;
const BRACKET = /\s?\(([^()<>≤≥±|]{1,40})\)$/;
/** What is limited, before its figure: `CO max 0.3 %`. */
const WHAT_IT_IS =
  /^(\p{L}[\p{L} .-]{0,20}?)[\s:=]{1,3}(?=[+\-−]?[\d.]|[±~]|(?:max|min|less|more|not|no|up|below|under|above|over|within|at\s(?:least|most)|between)\b)/iu;
/** Where and when it was read may have figures of its own. */
const PLACE = /^(?:at|@|after|across|on|in|from|between|when|while|with|during)\s/i;
const WITH_UNIT = /\d\s{0,2}([\p{L}°%Ωµ"]{1,6})/gu;

/**
 * Whether words behind a figure are a mere note: what it is, where or when it was read. A second figure of the same
 * kind in it would be a second reading.
 *
 * @param words as typed
 * @param unit of the figure before them, empty for none
 * @example isNote('running') // true
 * @example isNote('too low') // false
 * @example isNote('after 40 min', 'mA') // true
 */
export function isNote(words: string, unit = ''): boolean {
  const w = AS_ONE_WORD.reduce(
    (text, [phrase, word]) => text.replace(phrase, word),
    words.trim().toLowerCase(),
  );
  const all = w.split(/[\s,]+/).filter(Boolean);
  if (all.length === 0 || all.length > MOST_WORDS || w.length > 42) return false;
  if (!all.every((x, i) => x === '@' || isPlain(x, all[i - 1])) || !/^[\p{L}@]/u.test(w)) return false;
  if (!/\d/.test(w)) return true;
  const kind = findUnit(unit)?.measures;
  return (
    PLACE.test(w) &&
    [...w.matchAll(WITH_UNIT)].every(([, u]) => kind === undefined || findUnit(u!)?.measures !== kind)
  );
}

/**
 * Takes what a limit announces, and what it says of when it holds, off the limit.
 *
 * @param text a limit as typed, which could not be read as it stands
 * @returns the limit alone, and what stood behind it
 * @example limitAlone('250–350 bar at idle') // { text: '250–350 bar', note: 'at idle' }
 */
export function limitAlone(text: string): Noted {
  const t = text.trim().replace(RATED, '').replace(ANNOUNCES, '');
  return bracketOff(t) ?? stateOff(t) ?? wordsOff(t) ?? { text: t, note: '' };
}

/** `≥ 15 bar (80 °C)`: when it holds, behind a pressure; behind a temperature it would be the limit once more. */
function bracketOff(t: string): Noted | undefined {
  const bracket = BRACKET.exec(t);
  const within = bracket?.[1]?.trim() ?? '';
  const note = /^\d/.test(within) ? `at ${within}` : within;
  return bracket && isNote(note, lastUnit(t.slice(0, bracket.index)))
    ? { text: t.slice(0, bracket.index), note }
    : undefined;
}

/** `250–350 bar at idle`. */
function stateOff(t: string): Noted | undefined {
  const when = WHEN.exec(t);
  const note = when?.[0].trim().replace(/^@\s?/, 'at ') ?? '';
  return when && isNote(note.replace(/\bdrop$/i, 'voltage'))
    ? { text: t.slice(0, when.index), note: /^drop$/i.test(note) ? '' : note }
    : undefined;
}

/** `0.1 to 0.9 V switching`: words behind the last unit; `CO max 0.3 %`: what is limited, before its figure. */
function wordsOff(t: string): Noted | undefined {
  // Below zero, more vacuum is less pressure: "at least −0.5 bar vacuum" can be meant either way.
  if (/vacuum/i.test(t) && /[-−–]\s?[\d.,]/.test(t)) return undefined;
  const words = t.split(/\s+/);
  for (let n = Math.max(1, words.length - MOST_WORDS) + 1; n < words.length; n++) {
    const note = words.slice(n).join(' ');
    if (findUnit(words[n - 1]!) && !findUnit(note) && isNote(note, words[n - 1]))
      return { text: words.slice(0, n).join(' '), note: '' };
  }
  const what = WHAT_IT_IS.exec(t);
  return what && isNote(what[1]!) && !PLACE.test(`${what[1]} `) && !/^(?:min|max)/i.test(what[1]!)
    ? { text: t.slice(what[0].length), note: '' }
    : undefined;
}

/** The unit behind the last figure, `none` where there is no unit: a figure in a note would then be another of it. */
const lastUnit = (text: string): string => /\d\s{0,2}([\p{L}°%Ωµ"·/]{1,8})\s?$/u.exec(text)?.[1] ?? '';

/** States of which one holds at a time: how warm it is, how the engine turns, and on which side of the vehicle. */
const AXES = [
  [/\b(?:hot|warm)\b/i, /\bcold\b/i],
  [/\b(?:koeo|engine off)\b/i, /\b(?:running|koer|idle|idling)\b/i, /\bcrank(?:ing)?\b/i],
  [/\bfront\b/i, /\brear\b/i],
  [/\bleft\b/i, /\bright\b/i],
  [/\b(?:inner|inside)\b/i, /\b(?:outer|outside)\b/i],
  [/\binput\b/i, /\boutput\b/i],
] as const;

/**
 * Whether two notes say that the one was taken in another state than the other holds for: cold, and hot.
 *
 * @param read the note of the reading
 * @param holds the note of the limit
 */
export const speakOfOtherStates = (read: string, holds: string): boolean =>
  AXES.some((states) => {
    const [a, b] = [read, holds].map((note) => states.findIndex((state) => state.test(note)));
    return a! >= 0 && b! >= 0 && a !== b;
  });
