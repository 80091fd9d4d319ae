import { SuggestAnswer } from '@/core/api/find';
import { NewCaseAnswer } from '@/core/api/shop';
import { ask, post } from '../send';

/**
 * What the frame asks of the server. Fetched when somebody asks, so that no page has to bring the shapes of
 * answers along for it.
 */

/** How the words at the end of a line may go on; nothing while the server cannot be reached. */
export const suggestionsFor = async (line: string) =>
  (await ask(`/api/find/suggest?q=${encodeURIComponent(line)}`, SuggestAnswer)).answer?.suggestions ?? [];

/** Opens a new case. */
export const openNewCase = () => post('/api/cases', {}, NewCaseAnswer);
