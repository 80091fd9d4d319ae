import { z } from 'zod';
import { forgetKeptPages } from '../frame/keep-offline';
import { post } from '../send';

/** Signing in and what belongs to it, as the page asks the server. */

const Signed = z.object({ personId: z.string() });
const Done = z.object({
  code: z.string().optional(),
  token: z.string().optional(),
  signedOut: z.boolean().optional(),
});

export const signInWith = (body: unknown) => post('/api/sign-in', body, Signed);
export const access = (body: unknown) => post('/api/access', body, Done);

const CHANGED = 'vantle-access';
/** This tab is on its way already. */
let going = false;

/** Opens a page in the name of whoever is signed in now; other tabs of this browser follow. */
export async function goAs(path: string): Promise<void> {
  going = true;
  await forgetKeptPages();
  new BroadcastChannel(CHANGED).postMessage('changed');
  // A tab has one writer: what another wrote in it waits under its own name.
  sessionStorage.removeItem('vantle:tab');
  location.assign(path);
}

/** Told when somebody else was signed in by another tab. */
export function onAccessChanged(then: () => void): () => void {
  const channel = new BroadcastChannel(CHANGED);
  channel.onmessage = () => going || then();
  return () => channel.close();
}

/** Where to go after signing in: back to a page of this shop, never to another site. */
export const backTo = (to: string | undefined): string => (to && /^\/(?![/\\])/.test(to) ? to : '/');
