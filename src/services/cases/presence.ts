import { isShared } from '@/store/database';
import { lookAtShared } from '@/store/presence';

/**
 * Who looks at which case now, forgotten by itself. One server keeps it in its own memory, so that looking writes
 * nothing; servers that share a database tell each other through it.
 */
const looking = new Map<string, Map<string, number>>();
/** A page asks for news every five seconds; who has not for so long has left. */
const LEFT_AFTER = 15_000;

/**
 * Notes that somebody looks at a case, and says who else does.
 *
 * @param caseId the case
 * @param who id of the person looking; empty is nobody and is not noted
 * @returns ids of the others, in the order in which they came
 */
export async function lookingToo(caseId: string, who: string): Promise<string[]> {
  if (!isShared()) return lookingHere(caseId, who);
  // Not worth failing for: the case is shown all the same.
  const all = await lookAtShared(caseId, who, LEFT_AFTER / 1000).catch(() => lookingHere(caseId, who));
  return all.filter((id) => id !== who);
}

/**
 * The same within this server.
 *
 * @param now in milliseconds
 */
export function lookingHere(caseId: string, who: string, now = Date.now()): string[] {
  const here = looking.get(caseId) ?? new Map<string, number>();
  for (const [id, at] of here) if (now - at > LEFT_AFTER) here.delete(id);
  if (who !== '') here.set(who, now);
  if (here.size === 0) looking.delete(caseId);
  else looking.set(caseId, here);
  return [...here.keys()].filter((id) => id !== who);
}
