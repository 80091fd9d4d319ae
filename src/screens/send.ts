import type { z } from 'zod';
import { ProblemAnswer, type ProblemCode } from '@/core/api';

/** The answer, or what is wrong: a code, and the sentence to show the person. */
export type Asked<T> =
  { answer: T; problem: ''; code?: undefined } | { answer?: undefined; problem: string; code: ProblemCode };

const OFFLINE = 'No connection to the shop’s server: nothing was changed. Try again.';

/**
 * Asks the server and parses the answer where it arrives.
 *
 * @param url a route of this application
 * @param shape what the answer has to be
 * @param init as for `fetch`
 * @param offline the sentence for no connection
 * @throws AbortError when the request was given up by its signal
 */
export async function ask<S extends z.ZodType>(
  url: string,
  shape: S,
  init: RequestInit = {},
  offline = OFFLINE,
): Promise<Asked<z.infer<S>>> {
  let json: unknown;
  try {
    const response = await fetch(url, init);
    json = await response.json();
    if (!response.ok) {
      const refused = ProblemAnswer.safeParse(json);
      return refused.success
        ? { problem: refused.data.error, code: refused.data.code }
        : { problem: offline, code: 'offline' };
    }
  } catch (e) {
    if (init.signal?.aborted) throw e;
    return { problem: offline, code: 'offline' };
  }
  const parsed = shape.safeParse(json);
  return parsed.success
    ? { answer: parsed.data, problem: '' }
    : {
        problem: 'The server answered in a way this page does not know. Reload the page; it may be older.',
        code: 'internal',
      };
}

/** The same, sending something as JSON. */
export const post = <S extends z.ZodType>(
  url: string,
  body: unknown,
  shape: S,
  offline?: string,
): Promise<Asked<z.infer<S>>> =>
  ask(
    url,
    shape,
    { method: 'POST', headers: { 'content-type': 'application/json' }, body: JSON.stringify(body) },
    offline,
  );
