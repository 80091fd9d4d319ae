import { log } from '@/services/running/log';

/** Text is handed on when so much of it is there, or when it was worked on for so long. */
const ENOUGH_TEXT = 64 * 1024;
const TURN_MS = 4;

/**
 * Text that is made piece by piece as the body of an answer. Pieces that come without waiting for anything are handed
 * on together, and between two such turns whoever else waits is served: a large export must not hold up a small page.
 */
export function streamOf(pieces: AsyncGenerator<string>): ReadableStream<Uint8Array> {
  const encoder = new TextEncoder();
  let left = false;
  return new ReadableStream<Uint8Array>({
    async pull(controller) {
      try {
        let text = '';
        let ended = false;
        do {
          await new Promise(setImmediate);
          const until = performance.now() + TURN_MS;
          while (!ended && text.length < ENOUGH_TEXT && performance.now() < until) {
            const piece = await pieces.next();
            if (piece.done) ended = true;
            else text += piece.value;
          }
        } while (text === '' && !ended && !left);
        // Nobody listens any more: nothing broke off.
        if (left) return;
        if (text !== '') controller.enqueue(encoder.encode(text));
        if (ended) controller.close();
      } catch (e) {
        // A stream that breaks off is a broken file; it must not look like a whole one.
        log.error({ err: e instanceof Error ? e.name : '' }, 'export broke off');
        controller.error(e);
      }
    },
    async cancel() {
      left = true;
      await pieces.return(undefined);
    },
  });
}
