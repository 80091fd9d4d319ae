import { log } from '@/services/running/log';

/** Text that is made piece by piece as the body of an answer. */
export function streamOf(pieces: AsyncGenerator<string>): ReadableStream<Uint8Array> {
  const encoder = new TextEncoder();
  return new ReadableStream<Uint8Array>({
    async pull(controller) {
      try {
        const { done, value } = await pieces.next();
        if (done) controller.close();
        else controller.enqueue(encoder.encode(value));
      } catch (e) {
        // A stream that breaks off is a broken file; it must not look like a whole one.
        log.error({ err: e instanceof Error ? e.name : '' }, 'export broke off');
        controller.error(e);
      }
    },
    async cancel() {
      await pieces.return(undefined);
    },
  });
}
