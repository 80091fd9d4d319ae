import type { Clear, Code, DoneRepair, Module, Scan } from '@/core/case';
import { baseCode } from './code';
import { coverageOf, covers, type Coverage } from './coverage';

/** What became of a code over the scans, clears and repairs of a case. */
export const RECURRENCES = [
  'no clear yet',
  'returned at once',
  'returned on the road',
  'returned later',
  'did not return',
  'cured',
  'intermittent',
  'new',
  'not run yet',
  'not read',
  'not scanned since',
] as const;
export type Recurrence = (typeof RECURRENCES)[number];

/** What one scan says of a code. `not told`: it does not say what it read. */
export type InScan = 'there' | 'absent' | 'not run' | 'not read' | 'not told';

export interface CodeRecurrence {
  code: string;
  text: string;
  course: Recurrence;
  /** Scans, by id, in which it stood, oldest first. */
  scanIds: string[];
  /** What each scan says of it, by scan id. */
  inScan: Map<string, InScan>;
  /** Names of the modules that stored it; an empty one where no scan said which. */
  modules: string[];
  because: string;
  /** A repair of unknown time was done: whether it or the clear took the code away is not told. */
  repairNotTold: boolean;
}

type ScanFacts = Pick<Scan, 'id' | 'at' | 'phase'> &
  Partial<Pick<Scan, 'scope' | 'text' | 'leftover' | 'odometer'>>;
type CodeFacts = Pick<Code, 'scanId' | 'code' | 'text'> & Partial<Pick<Code, 'statuses' | 'moduleId'>>;
type ModuleFacts = Pick<Module, 'id' | 'scanId' | 'name' | 'answered'> & Partial<Pick<Module, 'read'>>;

/** Everything that codes are followed over. */
export interface CourseFacts {
  scans: readonly ScanFacts[];
  modules: readonly ModuleFacts[];
  codes: readonly CodeFacts[];
  clears: readonly Pick<Clear, 'at'>[];
  /** Repairs that were done; see `doneRepairs`. */
  repairs?: readonly Pick<DoneRepair, 'at'>[];
}

/** Within this time of the clear, a scan that nobody marked as taken after a drive was taken without one. */
const AT_ONCE_MS = 45 * 60_000;

/** What every scan of the case read, oldest first. */
export function coverages(facts: Pick<CourseFacts, 'scans' | 'modules' | 'codes'>): Coverage[] {
  return inOrder(facts.scans).map((s) => coverageOf(s, facts.modules, facts.codes));
}

const inOrder = <T extends { at: string }>(rows: readonly T[]): T[] =>
  [...rows].sort((a, b) => a.at.localeCompare(b.at));

/**
 * Follows each code over the scans, clears and repairs of one case, by their times.
 *
 * A code is absent from a scan only if its module was read by it. Absent after a clear and a repair, having
 * stood before, it is *cured*; after a clear alone it *did not return*. *Returned at once*: in the first scan
 * after the clear that read its module, without a drive. Common practice, no source.
 *
 * @param facts scans, modules, codes, clears and repairs, in any order
 * @returns one entry per code in order of first appearance
 */
export function followCodes(facts: CourseFacts): CodeRecurrence[] {
  const scans = inOrder(facts.scans);
  const coverage = coverages(facts);
  const clears = inOrder(facts.clears).map((c) => c.at);
  const repairs = facts.repairs ?? [];
  const timed = repairs.flatMap((r) => r.at ?? []).sort();
  const moduleName = new Map(facts.modules.map((m) => [m.id, m.name]));
  const at = new Map(scans.map((s, i) => [s.id, i]));
  const byCode = new Map<string, CodeFacts[]>();
  for (const c of facts.codes) {
    if (!at.has(c.scanId)) continue;
    const list = byCode.get(c.code);
    if (list) list.push(c);
    else byCode.set(c.code, [c]);
  }
  const followed = [...byCode].map(([code, rows]) => {
    const modules = [...new Set(rows.map((r) => moduleName.get(r.moduleId ?? '') ?? ''))];
    // A scan that did not say which module stored it is read with those that did.
    const named = modules.filter((m) => m !== '');
    const states = scans.map((s, i) => stateIn(s, coverage[i]!, rows, named.length ? named : modules));
    const told = courseOf({ scans, states, clears, repairs: timed }, coverage, named);
    return {
      code,
      text: rows.reduce((best, r) => (r.text.length > best.length ? r.text : best), ''),
      scanIds: scans.flatMap((s, i) => (states[i] === 'there' ? [s.id] : [])),
      inScan: new Map(scans.map((s, i) => [s.id, states[i]!])),
      modules,
      repairNotTold: told.course === 'did not return' && repairs.some((r) => r.at === null),
      ...told,
      first: Math.min(...rows.map((r) => at.get(r.scanId)!)),
    };
  });
  return followed
    .sort((a, b) => a.first - b.first)
    .map(({ first: _first, ...entry }): CodeRecurrence =>
      entry.repairNotTold
        ? {
            ...entry,
            because: `${entry.because} The repair has no time, so whether it or the clear took it away is not told.`,
          }
        : entry,
    );
}

function stateIn(
  scan: ScanFacts,
  coverage: Coverage,
  rows: readonly CodeFacts[],
  modules: readonly string[],
): InScan {
  const here = rows.filter((r) => r.scanId === scan.id);
  if (here.length > 0) {
    // Listed, but its test has not been completed: neither there nor gone.
    const open = here.every(
      (r) => (r.statuses?.length ?? 0) > 0 && r.statuses!.every((x) => x === 'not run'),
    );
    return open ? 'not run' : 'there';
  }
  const each = modules.map((m) => covers(coverage, m, baseCode(rows[0]!.code)));
  if (each.includes('no')) return 'not read';
  if (each.includes('not told')) return 'not told';
  return 'absent';
}

interface Story {
  scans: readonly ScanFacts[];
  states: readonly InScan[];
  clears: readonly string[];
  repairs: readonly string[];
}

function courseOf(
  story: Story,
  coverage: readonly Coverage[],
  modules: readonly string[],
): { course: Recurrence; because: string } {
  const { scans, states, clears, repairs } = story;
  const name = (i: number) => `S${i + 1}`;
  const module = modules.join(', ') || 'its module';
  const last = states.lastIndexOf('there');
  const first = states.indexOf('there');
  if (last < 0)
    return { course: 'not run yet', because: 'Its test has not been completed; nothing is known of it yet.' };
  const stoodAt = scans[last]!.at;
  const clear = clears.find((c) => c >= stoodAt);
  if (clear === undefined) return stillStored(story, first, last);
  const later = scans.flatMap((s, i) => (s.at > clear ? [i] : []));
  if (later.length === 0) return { course: 'not scanned since', because: 'Cleared, and no scan since.' };
  const gone = later.find((i) => states[i] === 'absent');
  if (gone === undefined) {
    if (later.some((i) => states[i] === 'not run'))
      return {
        course: 'not run yet',
        because: 'Its test has not been completed since the clear; nothing is known yet.',
      };
    const untold = later.filter((i) => states[i] === 'not told');
    return {
      course: 'not read',
      because: untold.length
        ? `${untold.map(name).join(', ')} ${untold.length === 1 ? 'does' : 'do'} not say which modules ${untold.length === 1 ? 'it' : 'they'} read.`
        : `No scan since the clear read ${module}.`,
    };
  }
  const where = `${name(gone)}, which read ${coverage[gone]!.whole ? 'the whole vehicle' : module}`;
  const repair = repairs.filter((r) => r > scans[first]!.at && r < scans[gone]!.at).at(-1);
  const back = (since: string) => clears.some((c) => c >= since && c < stoodAt);
  if (repair !== undefined && !back(repair))
    return {
      course: 'cured',
      because: `Stood before the repair; after clear and repair it is not in ${where}.`,
    };
  if (back(scans[first]!.at))
    return {
      course: 'intermittent',
      because: `Came back after ${repair === undefined ? 'an earlier clear' : 'the repair'} (${name(last)}); that it is not in ${where}, does not say that it is gone.`,
    };
  return { course: 'did not return', because: `Cleared, without a repair; not in ${where}.` };
}

/** It stands in the last scan that says anything of it: back after a clear, new, or never cleared. */
function stillStored(
  { scans, states, clears }: Story,
  first: number,
  last: number,
): ReturnType<typeof courseOf> {
  const stoodAt = scans[last]!.at;
  const name = (i: number) => `S${i + 1}`;
  const lastClear = clears.filter((c) => c < stoodAt).at(-1);
  if (lastClear === undefined) {
    const since = scans.findIndex((s, i) => i > last && states[i] === 'absent');
    return {
      course: 'no clear yet',
      because:
        since < 0
          ? 'Codes have not been cleared, so nothing is known about its return.'
          : `Not in ${name(since)} any more, but no clear is recorded; nothing is known about its return.`,
    };
  }
  const stoodBefore = states.some((s, i) => s === 'there' && scans[i]!.at <= lastClear);
  const firstSince = states.findIndex((s, i) => s === 'there' && scans[i]!.at > lastClear);
  if (!stoodBefore) {
    const seenAbsent = states.some((s, i) => i < first && s === 'absent');
    return seenAbsent
      ? {
          course: 'new',
          because: `First in ${name(first)}; not there in a scan before that read its module.`,
        }
      : {
          course: 'no clear yet',
          because: `First read in ${name(first)}; no scan before the clear read its module, so whether it is new is not told.`,
        };
  }
  const between = scans.flatMap((s, i) => (s.at > lastClear && i < firstSince ? [i] : []));
  const seenAway = between.find((i) => states[i] === 'absent');
  const driven = [...between, firstSince].some((i) => scans[i]!.phase === 'after road test');
  if (driven && (seenAway !== undefined || between.length === 0))
    return {
      course: 'returned on the road',
      because:
        seenAway === undefined
          ? `There again in ${name(firstSince)}, after a drive.`
          : 'Stayed away until the road test, then stood again.',
    };
  if (seenAway !== undefined)
    return {
      course: 'returned later',
      because: `Not in ${name(seenAway)} after the clear, back in ${name(firstSince)}.`,
    };
  const unread = between.filter((i) => states[i] !== 'not run');
  if (unread.length)
    return {
      course: 'returned later',
      because: `Back in ${name(firstSince)}; ${unread.map(name).join(', ')} did not read its module, so when it came is not told.`,
    };
  const scan = scans[firstSince]!;
  const still = scan.phase === 'after clear' || scan.phase === 'after key cycle';
  const soon = Date.parse(scan.at) - Date.parse(lastClear) <= AT_ONCE_MS;
  return still || soon || Number.isNaN(Date.parse(scan.at))
    ? { course: 'returned at once', because: 'In the first scan after the clear, without a drive.' }
    : {
        course: 'returned later',
        because: `Back in ${name(firstSince)}; whether it was driven since the clear is not told.`,
      };
}

/**
 * Clears that happened without a scan before them: the evidence in the codes is gone.
 *
 * @returns the ids of such clears
 */
export function unrecordedClears(scans: Pick<Scan, 'at'>[], clears: Pick<Clear, 'id' | 'at'>[]): string[] {
  const sorted = [...clears].sort((a, b) => a.at.localeCompare(b.at));
  return sorted
    .filter((clear, i) => {
      const since = i === 0 ? '' : sorted[i - 1]!.at;
      return !scans.some((s) => s.at <= clear.at && s.at >= since);
    })
    .map((c) => c.id);
}
