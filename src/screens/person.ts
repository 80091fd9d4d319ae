import { mayDo, type Action, type Role } from '@/core/access/roles';

let here: string | null | undefined;

/**
 * Id of the person whose page this is; null for nobody. It is read once: when another tab of this browser signs
 * somebody else in, what was written on this page stays its writer's.
 */
export function personHere(): string | null {
  if (typeof document === 'undefined') return null;
  if (here === undefined) {
    const found = /(?:^|; )vantle-person=([^;]*)/.exec(document.cookie)?.[1];
    here = found ? decodeURIComponent(found) : null;
  }
  return here;
}

/** In the demo a name is chosen, and has the rights of its role. */
export function writeAs(id: string, role: string | undefined): void {
  here = id;
  document.cookie = `vantle-person=${encodeURIComponent(id)}; path=/; max-age=31536000; samesite=lax`;
  if (role !== undefined) document.body.dataset.role = role;
}

/** Whether who is signed in here may do something; the server holds it in any case. */
export function mayHere(action: Action): boolean {
  const role = typeof document === 'undefined' ? undefined : document.body.dataset.role;
  return role === undefined || role === '' || mayDo(role as Role, action);
}

/** How a cause stands that is named here: a lead's is one, anybody else's a proposal. */
export const causeStateHere = (): 'diagnosed' | 'suspected' =>
  mayHere('sign off') ? 'diagnosed' : 'suspected';
