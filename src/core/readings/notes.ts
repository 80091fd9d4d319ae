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
/** A word that turns the sense round, doubts it, or speaks of how much: with one of these it is no mere note. */
const SPEAKS =
  /\b(?:not?|never|non|none|cannot|except|unless|without|if|fail\w*|bad|fault\w*|replace\w*|renew\w*|reject\w*|leak\w*|wrong|too|defect\w*|worn|poor|scrap|below|above|over|under|up|less|more|than|least|most|lower|higher|better|max\w*|min\w*|or|and|to|then|within|between|about|approx\w*|of|per|each|times|fall\w*|ris(?:es|ing)|climb\w*|drops|dropping|sink\w*|fluctuat\w*|unstable|erratic\w*|jump\w*|intermittent\w*|sometimes)\b|n['’]t\b/i;
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
const WORDS = /^\p{L}[\p{L}\s.,-]{0,40}$/u;
/** Where and when it was read: `119 Ω between 6 and 14`, `28 mA after 40 min`. */
const PLACE =
  /^(?:at(?!\s(?:least|most)\b)|@|after|across|on|in|from|between|when|while|with|during)\b[^<>≤≥±|]{1,40}$/i;
const TURNS =
  /\b(?:not?|never|non|none|cannot|except|unless|without|if|then|or|too|fail\w*|bad|fault\w*|wrong|replace\w*|drop\w*|ris\w*|falls?|fell|rose|climb\w*|up|down|to)\b|n['’]t\b/i;
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
  const w = words.trim();
  if (WORDS.test(w) && !SPEAKS.test(w.replace(/\bleakage$/i, ''))) return true;
  const kind = findUnit(unit)?.measures;
  return (
    PLACE.test(w) &&
    !TURNS.test(w) &&
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
  if (when && !TURNS.test(when[0].replace(/^\s\w+/, ''))) {
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

const STATES = [
  ['hot', 'warm'],
  ['cold'],
  ['idle', 'idling'],
  ['cranking'],
  ['koeo', 'key on', 'ignition on', 'engine off'],
];
const stateIn = (note: string): number =>
  STATES.findIndex((words) => words.some((w) => new RegExp(`\\b${w}\\b`, 'i').test(note)));

/**
 * Whether two notes say that the one was taken in another state than the other holds for: cold, and hot.
 *
 * @param read the note of the reading
 * @param holds the note of the limit
 */
export function speakOfOtherStates(read: string, holds: string): boolean {
  const [a, b] = [stateIn(read), stateIn(holds)];
  return a >= 0 && b >= 0 && a !== b;
}
