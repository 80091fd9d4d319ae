import type { CaseRecord } from '@/core/case';
import { readWords, type WordsRead } from '@/core/symptoms/by-clause';
import { shopVocabulary } from './words';

/**
 * What the words on a case are read as: the customer's, and those of symptoms that stand in their own. A browser that
 * shows the case needs no vocabulary for them.
 *
 * @returns the readings by their text
 */
export async function wordsRead(record: CaseRecord): Promise<Record<string, WordsRead>> {
  const own = record.symptom.filter((s) => s.concept === '').map((s) => s.words);
  const texts = [...new Set([record.case.said, ...own])].filter((text) => text.trim() !== '');
  if (texts.length === 0) return {};
  const vocabulary = await shopVocabulary();
  return Object.fromEntries(texts.map((text) => [text, readWords(vocabulary, text)]));
}
