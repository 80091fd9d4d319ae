import type { Action } from '@/core/access';
import { actingAs, actor, allow } from '@/services/access/actor';
import { whoAsks } from '@/services/access/who';
import type { z } from 'zod';
import { Problem, type ProblemCode } from '@/core/problem';
import { failureOf } from '@/services/running/failure';
import { log } from '@/services/running/log';
import { bytesOf } from './body';

export { Problem };

/** How a refusal is put in HTTP (RFC 9110). */
const STATUS: Record<ProblemCode, number> = {
  invalid: 400,
  gone: 404,
  changed: 409,
  busy: 503,
  disk: 507,
  'too large': 413,
  'not json': 415,
  'sign in': 401,
  'not allowed': 403,
  locked: 429,
  offline: 503,
  internal: 500,
};

const MOST_BYTES = 8 * 1024 * 1024;

/** Reads a JSON body against its schema; what is wrong comes back as a sentence. */
export async function readBody<S extends z.ZodType>(request: Request, schema: S): Promise<z.infer<S>> {
  // A page on another site can send text without being asked; JSON that says so it cannot.
  if (!/^application\/(?:[\w.+-]+\+)?json\s*(?:;|$)/i.test(request.headers.get('content-type') ?? ''))
    throw new Problem('Send JSON, with the content type application/json.', 'not json');
  const bytes = await bytesOf(
    request,
    MOST_BYTES,
    'That is more than 8 MB at once. Send it in smaller pieces.',
  );
  let body: unknown;
  try {
    body = JSON.parse(new TextDecoder().decode(bytes));
  } catch {
    throw new Problem('The request is not valid JSON.');
  }
  const parsed = schema.safeParse(body);
  if (!parsed.success) {
    const issue = parsed.error.issues[0];
    throw new Problem(`${issue?.path.join('.') || 'Request'}: ${issue?.message ?? 'not valid'}`);
  }
  return parsed.data;
}

/**
 * Runs a handler in the name of whoever asks, where their role may do it; turns refusals into answers and writes one
 * log line for the unexpected. Every handler goes through here and names its action; `scripts/rights.test.ts` looks.
 */
export async function answer(
  request: Request,
  action: Action,
  work: () => Promise<unknown>,
): Promise<Response> {
  try {
    const who = action === 'open' ? undefined : await whoAsks(request.headers);
    if (!who && action !== 'open')
      throw new Problem('Nobody is signed in here. Sign in, then go on; what you typed is kept.', 'sign in');
    if (who) allow(action, who);
    const body = await (who ? actingAs(who, work) : work());
    return body instanceof Response ? body : Response.json(body);
  } catch (e) {
    const failed = failureOf(e);
    if (failed && failed.code !== 'internal') {
      if (failed.logged) log.error({ code: failed.logged }, 'request failed');
      return Response.json({ error: failed.error, code: failed.code }, { status: STATUS[failed.code] });
    }
    log.error(
      { err: e instanceof Error ? { name: e.name, stack: e.stack?.split('\n').slice(1, 5) } : {} },
      'request failed',
    );
    return Response.json(
      {
        error: 'Something went wrong on the server. What you typed is kept; try again.',
        code: 'internal' satisfies ProblemCode,
      },
      { status: 500 },
    );
  }
}

/** Id of the person who is signed in; empty for a program. */
export const personHere = (): string => actor()?.personId ?? '';
