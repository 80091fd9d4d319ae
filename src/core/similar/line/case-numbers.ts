import type { LineReader } from './contract';

const LIKE =
  /(?<= )(?:cases? )?(?:like|same as|similar to)(?: (?:case|job))?(?: (?:no\.?|nr\.?|number))? ?#?(\d{1,7})(?= )/gi;
const CASE = /(?<= )(?:#|case #|(?:case|job)(?: (?:no\.?|nr\.?|number))? #?)(\d{1,7})(?= )/gi;
/** "Like 12 V" is a voltage. */
const UNIT = /^ (?:v|volts?|bar|a|amps?|km|miles?|mm|kpa|psi|ohms?|%|°)/i;

/** A case by its number, and what is like a case. */
export const readCaseNumbers: LineReader = (text) => {
  for (const [pattern, kind] of [
    [LIKE, 'like'],
    [CASE, 'number'],
  ] as const)
    text.takeAll(pattern, (m) => {
      if (UNIT.test(text.rest.slice(m.index! + m[0].length))) return undefined;
      return { kind, label: `${kind === 'like' ? 'like ' : ''}case #${m[1]}`, value: m[1]! };
    });
};
