import { isBareSignal, mayAgree } from './channel-kind';
import type { Role, TraceAnalysis } from './contract';

/** Numbers of channels by role. */
export type Roles = Record<string, number[]>;

interface Named {
  name: string;
  unit: string;
}

const fits = (r: Role, c: Named): boolean =>
  !r.not?.test(c.name) && (r.guess.test(c.name) || r.guess.test(c.unit));

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
    // What no name tells of: all that is left where a role takes many, else one where it must be filled.
    const others = r.optional ? [] : free.slice(0, 1);
    const unnamed = r.many ? free : others;
    const byName = r.many ? good : good.slice(0, 1);
    const proposed = good.length > 0 ? byName : unnamed;
    const list = known >= 0 ? [known] : proposed;
    roles[r.id] = list;
    list.forEach((i) => taken.add(i));
  }
  return roles;
}

/**
 * Whether channels are called what an analysis looks for: each role that must be filled has a channel of its own by
 * name or unit.
 *
 * @example isMeantFor(relative compression, [{ name: 'Starter current', unit: 'A' }]) // true
 */
export function isMeantFor(analysis: TraceAnalysis, channels: readonly Named[]): boolean {
  const needed = analysis.roles.filter((r) => !r.optional);
  const roles = proposedRoles(analysis, channels);
  return needed.every((r) => !takesAny(r) && roles[r.id]!.some((i) => fits(r, channels[i]!)));
}

/** So many channels of one unit are held against each other. */
const ALIKE = 3;

/**
 * The analyses that channels seem recorded for, the most fitting first: by what they are called; several of one unit
 * are held against each other; what fits nothing is looked through for what is missing or wild.
 *
 * @returns ids of analyses, one at least
 * @example fittingAnalyses([{ name: 'starter current', unit: 'A' }], all analyses) // relative compression first
 */
export function fittingAnalyses(channels: readonly Named[], all: readonly TraceAnalysis[]): string[] {
  const meant = all
    .filter((a) => isMeantFor(a, channels))
    .map((a) => {
      const roles = proposedRoles(a, channels);
      const used = a.roles.flatMap((r) => roles[r.id]!.filter((i) => fits(r, channels[i]!)));
      return { id: a.id, used: new Set(used).size, roles: a.roles.filter((r) => !r.optional).length };
    })
    .sort((a, b) => b.used - a.used);
  const alike = channels.length >= ALIKE && mayAgree(channels);
  // Signals as they come are looked through before they are held against each other: they pulse, or fall out.
  const both = isBareSignal(channels[0]?.unit ?? '')
    ? ['drop-outs', 'agreement']
    : ['agreement', 'drop-outs'];
  const rest = alike ? both : ['drop-outs'];
  const whole = meant.filter((m) => m.used === channels.length).map((m) => m.id);
  // A command with its answer says what is meant, whatever stands beside them; one name alone does not.
  const pairs = meant.filter((m) => m.roles > 1).map((m) => m.id);
  const first = [...whole, ...pairs];
  // Names that leave a channel unexplained tell less than looking through all of them.
  return [...new Set([...first, ...(first.length ? [] : rest), ...meant.map((m) => m.id), ...rest])];
}
