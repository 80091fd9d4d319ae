import { withoutLongRuns } from '@/core/text/long-runs';
import { SPREAD } from './phrases';
import { NEGATIONS, NOT_WHEN, tokens } from './words';

/** Comma, full stop and the like, but not within a number. */
const CLAUSE_END = /[,;.!?\n](?!\d)/;
const WALL = Array.from({ length: SPREAD }, () => ({ word: '', token: '|' }));

/** No lamp on the dash is no lamp that has failed: it is nothing at all. "No lamps" may be either, and is not told. */
const NO_LAMPS =
  /\bno (?:warning )?(?:lights?|lamps?) (?:(?:on|in|showing|lit|up) )*(?:on |in )?(?:the |my )?(?:dash(?:board)?|cluster|instruments?|display)\b|\bno (?:warning lights?|(?:warning )?lamps?)\b/giu;

/** "Please check the oil light": what is to be looked at is not what is wrong; "check engine" is a lamp. */
const REQUEST =
  /\b(?:please|to|and|also|then|pls|plz|could you|can you|we|i)\s+check(?:ed)?\b|\bcheck(?:ed)?\s+(?:the|all|for|if|whether|his|her|my|our|over|wiring|both|that|how|why|with)\b/giu;

const WHEN = new Set(['when', 'if', 'while', 'whenever', 'once']);
/** Marks a denial that belongs to a circumstance: "not when cold", "never if it is wet". */
const negatedWhen = (list: { word: string; token: string }[]): { word: string; token: string }[] =>
  list.map((t, i) =>
    NEGATIONS.has(t.token) && WHEN.has(list[i + 1]?.word.toLowerCase() ?? '') ? { ...t, token: NOT_WHEN } : t,
  );

/**
 * The words of a text with walls between its clauses: what belongs together is said within one clause, and nothing is
 * met across its end.
 *
 * @param text as it was written
 * @returns words with their plain tokens in order; a wall is a word without letters and the token `|`, several times
 * @example walledClauses('stalls, hot').map((t) => t.token).join('') // 'stall|||||||hot'
 */
export function walledClauses(text: string): { word: string; token: string }[] {
  return (
    withoutLongRuns(text)
      .replace(NO_LAMPS, ', ')
      .replace(REQUEST, (said) => said.replace(/check/iu, 'inspect'))
      .split(CLAUSE_END)
      .map((clause) => negatedWhen(tokens(clause)).filter((t) => t.token !== ''))
      // A row of full stops ends one clause.
      .filter((words, i) => i === 0 || words.length > 0)
      .flatMap((words, i) => [...(i > 0 ? WALL : []), ...words])
  );
}
