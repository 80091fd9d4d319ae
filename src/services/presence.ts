/**
 * Who looks at which case now. Kept in this process only, and forgotten by itself: looking writes nothing.
 */
const looking = new Map<string, Map<string, number>>();
/** A page asks for news every five seconds; who has not for so long has left. */
const LEFT_AFTER = 15_000;

/**
 * Notes that somebody looks at a case, and says who else does.
 *
 * @param caseId the case
 * @param who id of the person looking; empty is nobody and is not noted
 * @param now in milliseconds
 * @returns ids of the others, in the order in which they came
 */
export function lookingToo(caseId: string, who: string, now = Date.now()): string[] {
  const here = looking.get(caseId) ?? new Map<string, number>();
  for (const [id, at] of here) if (now - at > LEFT_AFTER) here.delete(id);
  if (who !== '') here.set(who, now);
  if (here.size === 0) looking.delete(caseId);
  else looking.set(caseId, here);
  return [...here.keys()].filter((id) => id !== who);
}
