import { headers } from 'next/headers';
import { redirect } from 'next/navigation';
import { cache } from 'react';
import type { Action } from '@/core/access';
import { may, type Actor } from '@/services/access/actor';
import { whereToSignIn, whoAsks } from '@/services/access/who';

/** Who is at this screen, once for a request. */
export const whoIsHere = cache(async (): Promise<Actor | undefined> => whoAsks(await headers()));

/**
 * Who looks at a page. Every page asks here first and names its action; `scripts/rights.test.ts` looks.
 * Whoever is not signed in is taken to where they can, and whoever may not to a page that says so.
 */
export async function pageFor(action: Action): Promise<Actor> {
  const who = await whoIsHere();
  if (!who) redirect(await whereToSignIn());
  if (!may(who, action)) redirect(`/not-allowed?action=${encodeURIComponent(action)}`);
  return who;
}
