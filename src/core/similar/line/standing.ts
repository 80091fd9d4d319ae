import { displayWord, GRADES, type Grade } from '@/core/case';
import type { Catalogue } from '@/core/cause';
import type { Chip } from '../chips';
import type { LineReader } from './contract';
import { followsPart } from './parts';

/** What stands before "open" when a case is meant. */
const OF_A_CASE = /(?:^ ?|\b(?:still|cases?|jobs?|all|my|our|not) |, ?)$/i;

const OF_A_THING = /^ *(?:loop|throttle|valve|load|wire|deck|contact|door|window)\b/i;

/** "Open" may be a circuit, too. */
function otherwise(word: string, catalogue: Catalogue): Pick<Chip, 'or'> {
  const failure = word === 'open' ? catalogue.find('failure', 'open circuit') : undefined;
  return failure ? { or: [{ kind: 'failure', label: failure.name, value: failure.id }] } : {};
}

/** Where a case stands: its grade, open or closed. "Open" behind anything else is not the state of a case. */
export const readStanding: LineReader = (text, _known, catalogue) => {
  // A grade as it is shown, where that is more than one word.
  text.takeAll(/(?<= )stayed fixed(?= )/gi, () => ({
    kind: 'grade',
    label: displayWord('held'),
    value: 'held',
  }));
  for (const word of text.words()) {
    const lower = word.toLowerCase();
    if (GRADES.includes(lower as Grade))
      text.take(word, { kind: 'grade', label: displayWord(lower), value: lower });
    else if (lower === 'open' || lower === 'closed') {
      if (followsPart(text, word) || /stuck|circuit|jammed|wide/i.test(text.line)) continue;
      // Control in a closed loop, a throttle that is open: no case.
      if (OF_A_THING.test(text.rest.slice(text.rest.indexOf(` ${word} `) + word.length + 1))) continue;
      const before = text.rest.slice(0, text.rest.indexOf(` ${word} `) + 1);
      const after = text.rest.slice(text.rest.indexOf(` ${word} `) + word.length + 2);
      if (OF_A_CASE.test(before) || before.trim() === '' || /^ ?(?:cases?|jobs?)\b/i.test(after))
        text.take(word, { kind: 'state', label: lower, value: lower, ...otherwise(lower, catalogue) });
    }
  }
  // The word "cases" says nothing once it is known which.
  text.rest = text.rest.replace(/ (?:cases|jobs) /gi, '  ');
};
