import type { z } from 'zod';
import { Problem } from '../answer';

/** Reads what stands behind the question mark against its schema; what is wrong comes back as a sentence. */
export function readQueryOf<S extends z.ZodType>(request: Request, schema: S): z.infer<S> {
  const given = Object.fromEntries(new URL(request.url).searchParams);
  const parsed = schema.safeParse(given);
  if (!parsed.success) {
    const issue = parsed.error.issues[0];
    throw new Problem(issue?.message ?? 'A parameter is not understood.');
  }
  return parsed.data;
}
