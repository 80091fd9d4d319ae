import { z } from 'zod';

/**
 * Sends a request as JSON and reads the answer.
 *
 * @param url a route of this application
 * @param body what is sent
 * @param shape what the answer has to be
 * @returns the answer, or the sentence to show the person
 */
export async function post<S extends z.ZodType>(
  url: string,
  body: unknown,
  shape: S,
): Promise<{ answer: z.infer<S>; problem: '' } | { answer?: undefined; problem: string }> {
  try {
    const response = await fetch(url, {
      method: 'POST',
      headers: { 'content-type': 'application/json' },
      body: JSON.stringify(body),
    });
    const json: unknown = await response.json();
    const refused = z.object({ error: z.string() }).safeParse(json);
    if (refused.success) return { problem: refused.data.error };
    return { answer: shape.parse(json), problem: '' };
  } catch {
    return { problem: 'No connection to the shop’s server: nothing was changed. Try again.' };
  }
}
