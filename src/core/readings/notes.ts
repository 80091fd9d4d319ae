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
/**
 * Words of which a note is made: where, when and of what. One that is not among them may say anything: that the figure
 * was expected, of another car, or before the repair.
 */
const PLAIN = new Set(
  (
    'at after across on in from between when while with during the a its side end and of ' +
    'running idle idling hot warm cold cranking koeo koer key ignition engine off steady dry wet loaded unloaded ' +
    'parked static switching fixed lights light lamps lamp load throttle closed ' +
    'left right front rear inside outside inner outer remaining each feed ground earth loom sensor pin pins stat ' +
    'housing bank cylinder cyl output input supply signal battery terminal plug connector head rail ' +
    'leakage vacuum runout run-out play ref soc co hc vol return p-p ltft stft trim voltage pressure current ' +
    'resistance temperature speed volt volts'
  ).split(' '),
);
/** A word of those, a number, or a unit with its number or without. */
const isPlain = (word: string): boolean =>
  PLAIN.has(word) || /^\d[\d.,]*$/.test(word) || findUnit(word) !== undefined || unitBehind(word);
const unitBehind = (word: string): boolean =>
  /^\d[\d.,]*\D/.test(word) && findUnit(word.replace(/^[\d.,]+/, '')) !== undefined;
/** Words that only announce what follows. */
const ANNOUNCES =
  /^(?:the\s{1,3})?(?:spec(?:s|ified|ification)?|should\s{1,3}be|must\s{1,3}be|has\s{1,3}to\s{1,3}be|needs?\s{1,3}to\s{1,3}be|expected|wanted|normal\s{1,3}range|range|ok(?:ay)?\s{1,3}is|good\s{1,3}is)\b\s{0,3}[:=]?\s{0,3}(?=[\d<>≤≥~±.,+−-]|at\s|max|min|between|about|less|more|not|no\s|up\s|under|over|above|below)/i;
/** What a limit may say of when it holds; it may have figures of its own. */
const STATE =
  '(?:(?:key|ignition|engine|lights?|load)\\s(?:on|off|running)|koeo|koer|running|idle|idling|cranking|loaded|unloaded|hot|warm|cold|drop)';
const WHEN = new RegExp(
  `\\s(?:(?:at\\s(?!(?:least|most)\\b)|@\\s?|when\\s|while\\s|during\\s|after\\s|across\\s|in\\s(?=\\d))[^<>≤≥±|]{1,40}|${STATE}(?:,?\\s${STATE}){0,2})$`,
  'i',
);
const BRACKET = /\s?\(([^()\d<>≤≥±|]{1,40})\)$/;
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
  const w = words.trim().toLowerCase();
  const all = w.split(/[\s,]+/).filter(Boolean);
  if (all.length === 0 || all.length > MOST_WORDS || w.length > 42) return false;
  if (!all.every((x) => x === '@' || isPlain(x)) || !/^[\p{L}@]/u.test(w)) return false;
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
  const t = text.trim().replace(ANNOUNCES, '');
  const bracket = BRACKET.exec(t);
  if (bracket && isNote(bracket[1]!)) return { text: t.slice(0, bracket.index), note: bracket[1]!.trim() };
  const when = WHEN.exec(t);
  if (
    when &&
    isNote(
      when[0]
        .trim()
        .replace(/^@\s?/, 'at ')
        .replace(/\bdrop$/i, 'voltage'),
    )
  ) {
    const note = when[0].trim().replace(/^@\s?/, 'at ');
    return { text: t.slice(0, when.index), note: /^drop$/i.test(note) ? '' : note };
  }
  // Below zero, more vacuum is less pressure: "at least −0.5 bar vacuum" can be meant either way.
  if (/vacuum/i.test(t) && /[-−–]\s?[\d.,]/.test(t)) return { text: t, note: '' };
  // "0.1 to 0.9 V switching": words behind the last unit.
  const words = t.split(/\s+/);
  for (let n = words.length - 1; n > Math.max(1, words.length - MOST_WORDS); n--) {
    const note = words.slice(n).join(' ');
    if (findUnit(words[n - 1]!) && !findUnit(note) && isNote(note, words[n - 1]))
      return { text: words.slice(0, n).join(' '), note: '' };
  }
  return { text: t, note: '' };
}

/** States of which one holds at a time: how warm it is, and how the engine turns. */
const AXES = [
  [/\b(?:hot|warm)\b/i, /\bcold\b/i],
  [/\b(?:koeo|engine off)\b/i, /\b(?:running|koer|idle|idling)\b/i, /\bcranking\b/i],
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
