import { mayDo, type Action, type Role } from '@/core/access/roles';

/** Id of the person at this screen, as chosen in the frame; null for nobody. */
export function personHere(): string | null {
  if (typeof document === 'undefined') return null;
  const found = /(?:^|; )vantle-person=([^;]*)/.exec(document.cookie)?.[1];
  return found ? decodeURIComponent(found) : null;
}

/** Whether who is signed in here may do something; the server holds it in any case. */
export function mayHere(action: Action): boolean {
  const role = typeof document === 'undefined' ? undefined : document.body.dataset.role;
  return role === undefined || role === '' || mayDo(role as Role, action);
}

/** How a cause stands that is named here: a lead's is one, anybody else's a proposal. */
export const causeStateHere = (): 'diagnosed' | 'suspected' =>
  mayHere('sign off') ? 'diagnosed' : 'suspected';
