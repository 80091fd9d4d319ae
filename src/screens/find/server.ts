import { FindPageAnswer } from '@/core/api/find';
import { NewCaseAnswer } from '@/core/api/shop';
import { ask, post } from '../send';

/** Answers a line; fetched on the first letter, so that the page does not wait for the shapes of answers. */
export const findByLine = (address: string) => ask(`/api/find${address}`, FindPageAnswer);

/** Opens a case with what a line says. */
export const startCaseWith = (line: string, put: string) => post('/api/cases', { line, put }, NewCaseAnswer);
