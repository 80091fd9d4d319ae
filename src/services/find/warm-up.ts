import { caseIndex } from './index-of-cases';
import { log } from '../running/log';
import { drawUpWaiting } from '../traces/traces-like';

/** Draws the search index up in the background; whoever asks before it stands waits for it. */
export function warmUp(): void {
  const begun = performance.now();
  caseIndex()
    .then(({ index }) =>
      log.info({ cases: index.size, ms: Math.round(performance.now() - begun) }, 'index ready'),
    )
    .then(drawUpWaiting)
    // The first question will try again and say what is wrong.
    .catch(() => undefined);
}
