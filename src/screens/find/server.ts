import { FindPageAnswer } from '@/core/api/find';
import { NewCaseAnswer, WordsAnswer } from '@/core/api/shop';
import type { Correction } from '@/core/similar';
import { ask, post } from '../send';

/** Answers a line; fetched on the first letter, so that the page does not wait for the shapes of answers. */
export const findByLine = (address: string) => ask(`/api/find${address}`, FindPageAnswer);

/** Teaches the shop a word for a symptom or circumstance; answers with its id, to be forgotten by. */
export async function teach(correction: Correction): Promise<{ id: string; problem: string }> {
  const body = {
    do: 'teach',
    words: correction.words,
    of: correction.kind,
    concept: correction.value,
  };
  const { answer, problem } = await post('/api/words', body, WordsAnswer);
  const said = correction.words.toLowerCase();
  return { id: answer?.taught.find((t) => t.words.toLowerCase() === said)?.id ?? '', problem };
}

export const forget = (id: string) => post('/api/words', { do: 'forget', id }, WordsAnswer);

/** Opens a case with what a line says. */
export const startCaseWith = (line: string, put: string) => post('/api/cases', { line, put }, NewCaseAnswer);
