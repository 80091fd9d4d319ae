import { existsSync } from 'node:fs';
import path from 'node:path';
import Piscina from 'piscina';
import { log } from './log';

/** A thread that had nothing to do for so long is let go. */
const IDLE_MS = 60_000;

/**
 * A thread for the bundle at a path, started when it is needed. What fails in it after its answer was given is a line
 * in the log: without a listener it would end the server.
 */
export function threadOf<Question, Answer>(filename: string): Piscina<Question, Answer> {
  const thread = new Piscina<Question, Answer>({
    filename,
    minThreads: 0,
    maxThreads: 1,
    idleTimeout: IDLE_MS,
  });
  thread.on('error', (e) => {
    const bundle = path.basename(filename);
    log.error({ err: e instanceof Error ? e.message : '', bundle }, 'a thread failed beside its work');
  });
  return thread;
}

/**
 * A way to have long work done beside the server's own thread, so that nobody waits for somebody else's.
 *
 * @param bundle name of the bundle that the build makes; without a build, as in tests, the work is done here
 * @param here the same work, done here
 * @param again whether it is done here when the thread fails, so that one failure costs time and nothing else; not for
 *   content that may have been what it failed on
 */
export function besideServer<Question, Answer>(
  bundle: string,
  here: (question: Question) => Answer | Promise<Answer>,
  again = true,
): (question: Question) => Promise<Answer> {
  const built = path.resolve(/* turbopackIgnore: true */ process.cwd(), 'dist', bundle);
  let thread: Piscina<Question, Answer> | undefined;
  return async (question) => {
    if (!existsSync(built)) return here(question);
    thread ??= threadOf<Question, Answer>(built);
    try {
      return await thread.run(question);
    } catch (e) {
      log.error({ err: e instanceof Error ? e.message : '', bundle }, 'a thread failed');
      if (again) return here(question);
      throw e;
    }
  };
}
