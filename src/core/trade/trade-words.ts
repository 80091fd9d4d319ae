import { SYMPTOMS } from '@/core/symptoms';
import { TRADE_FAULTS, TRADE_TESTS } from './index';

/** Words that the trade writes, so that a customer of the same name is not taken for one of them. */

let words: ReadonlySet<string> | undefined;

/**
 * Whether a word stands in the names of the trade's faults, tests or symptoms, or in the ways symptoms are said.
 *
 * @param word in lower case
 * @returns true for "diesel" and "black", false for a name that nothing is called by
 */
export function isTradeWord(word: string): boolean {
  words ??= new Set(
    [
      ...TRADE_FAULTS.flatMap((f) => [f.part, f.failure]),
      ...[...TRADE_TESTS.values()].map((t) => t.question),
      ...SYMPTOMS.flatMap((c) => [c.label, ...c.says]),
    ]
      .join(' ')
      .toLowerCase()
      .match(/\p{L}+/gu),
  );
  return words.has(word);
}
