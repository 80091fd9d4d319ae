import { FindPageAnswer } from '@/core/api/find';
import { ask } from '../send';

/** Answers a line; fetched on the first letter, so that the page does not wait for the shapes of answers. */
export const findByLine = (address: string) => ask(`/api/find${address}`, FindPageAnswer);
