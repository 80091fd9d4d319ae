import type { Role, TraceAnalysis } from './contract';

/** Numbers of channels by role. */
export type Roles = Record<string, number[]>;

interface Named {
  name: string;
  unit: string;
}

const fits = (r: Role, c: Named): boolean => r.guess.test(c.name) || r.guess.test(c.unit);

/** Takes any channel: nothing is told by what a channel is called. */
const takesAny = (r: Role): boolean => r.guess.source === '.';

/**
 * Channels proposed for the roles of an analysis, by name and unit; each for one role only where it can be.
 *
 * @param crank name of the channel that is known to be the trigger; empty where none is
 */
export function proposedRoles(analysis: TraceAnalysis, channels: readonly Named[], crank = ''): Roles {
  const taken = new Set<number>();
  const roles: Roles = {};
  // The trigger first: it is known by name, and must not be taken for the signal.
  for (const r of [...analysis.roles].sort(
    (a, b) => Number(b.id === 'trigger') - Number(a.id === 'trigger'),
  )) {
    const known = r.id === 'trigger' && crank ? channels.findIndex((c) => c.name === crank) : -1;
    const free = channels.map((_, i) => i).filter((i) => !taken.has(i));
    const good = free.filter((i) => fits(r, channels[i]!));
    const rest = r.optional ? [] : free.slice(0, 1);
    const list =
      known >= 0 ? [known] : r.many ? (good.length > 0 ? good : free) : good.length > 0 ? [good[0]!] : rest;
    roles[r.id] = list;
    list.forEach((i) => taken.add(i));
  }
  return roles;
}

/**
 * Whether channels are called what an analysis looks for: each role that must be filled has a channel of its own by
 * name or unit.
 *
 * @example isMeantFor(crankingCompression, [{ name: 'Starter current', unit: 'A' }]) // true
 */
export function isMeantFor(analysis: TraceAnalysis, channels: readonly Named[]): boolean {
  const needed = analysis.roles.filter((r) => !r.optional);
  const roles = proposedRoles(analysis, channels);
  return needed.every((r) => !takesAny(r) && roles[r.id]!.some((i) => fits(r, channels[i]!)));
}
