import { AsyncLocalStorage } from 'node:async_hooks';
import { Problem } from '@/core/problem';
import { mayDo, notAllowed, tokenMayDo, type Action, type Role, type TokenScope } from '@/core/access';

/** Who a request comes from; services ask here whether they may. */
export interface Actor {
  /** Id in the list of people, as it stands in the history; a program's token has none. */
  personId: string;
  name: string;
  role: Role;
  via: 'session' | 'token' | 'demo';
  /** What a token may do, where it is one. */
  scope?: TokenScope;
  /** The session, to end it; the device it is on. */
  sessionId?: string;
  deviceId?: string | null;
}

const shared = globalThis as typeof globalThis & { vantleActor?: AsyncLocalStorage<Actor> };
const actors = (shared.vantleActor ??= new AsyncLocalStorage<Actor>());

/** Does work in somebody's name. */
export const actingAs = <T>(actor: Actor, work: () => T): T => actors.run(actor, work);

/** Who the present request comes from; undefined in commands and tests, which nobody asked over HTTP. */
export const actor = (): Actor | undefined => actors.getStore();

/** Whether somebody may do something. */
export const may = (who: Actor, action: Action): boolean =>
  who.scope ? tokenMayDo(who.scope, action) : mayDo(who.role, action);

/**
 * Holds up what whoever asks may not do.
 *
 * @throws Problem `not allowed` with a sentence that says who may
 */
export function allow(action: Action, who = actor()): void {
  if (!who || may(who, action)) return;
  throw new Problem(
    who.scope
      ? `The token "${who.name}" may only ${who.scope === 'look' ? 'look' : 'do what a technician may'}. Make one with wider rights.`
      : notAllowed(who.role, action),
    'not allowed',
  );
}
