import type { Clear, Code, Scan } from '@/core/case';

/** What became of a code over the scans of a case. */
export type Course =
  | 'no clear yet'
  | 'came straight back'
  | 'came back on the road'
  | 'came back later'
  | 'did not return'
  | 'new'
  | 'still not run'
  | 'not scanned since';

export interface CodeCourse {
  code: string;
  text: string;
  course: Course;
  /** Scans, by id, in which it stood, oldest first. */
  scanIds: string[];
  because: string;
}

type ScanFacts = Pick<Scan, 'id' | 'at' | 'phase'>;
type CodeFacts = Pick<Code, 'scanId' | 'code' | 'text'> & Partial<Pick<Code, 'statuses'>>;

/**
 * Follows each code over the scans and clears of one case.
 *
 * A code counts as *straight back* when it stands in the first scan after the last clear before
 * any drive, as *back on the road* when a scan after a road test shows it and none before did.
 * Common practice, no source.
 *
 * @param scans all scans, any order, with the phase a person gave them
 * @param codes all codes of those scans
 * @param clears when codes were cleared
 * @returns one entry per code in order of first appearance
 */
export function followCodes(
  scans: ScanFacts[],
  codes: CodeFacts[],
  clears: Pick<Clear, 'at'>[],
): CodeCourse[] {
  const order = [...scans].sort((a, b) => a.at.localeCompare(b.at));
  const indexOf = new Map(order.map((s, i) => [s.id, i]));
  const lastClear = clears
    .map((c) => c.at)
    .sort()
    .at(-1);
  const seen = new Map<string, { text: string; scans: Set<number>; notRun: Set<number> }>();
  for (const code of codes) {
    const at = indexOf.get(code.scanId);
    if (at === undefined) continue;
    const entry = seen.get(code.code) ?? { text: '', scans: new Set<number>(), notRun: new Set<number>() };
    if (code.text.length > entry.text.length) entry.text = code.text;
    // Listed, but its test has not been completed: neither there nor gone.
    const unknown = (code.statuses?.length ?? 0) > 0 && code.statuses!.every((x) => x === 'not run');
    (unknown ? entry.notRun : entry.scans).add(at);
    seen.set(code.code, entry);
  }
  const firstAfter = lastClear === undefined ? -1 : order.findIndex((s) => s.at > lastClear);
  const list = [...seen].map(([code, { text, scans: stood, notRun }]) => {
    const indexes = [...stood].sort((a, b) => a - b);
    const verdict = courseOf(indexes, order, firstAfter, lastClear !== undefined, Math.max(-1, ...notRun));
    return {
      code,
      text,
      scanIds: indexes.map((i) => order[i]!.id),
      ...verdict,
      first: indexes[0] ?? Math.max(0, ...notRun),
    };
  });
  list.sort((a, b) => a.first - b.first);
  return list.map(({ first: _first, ...entry }) => entry);
}

function courseOf(
  stood: number[],
  order: ScanFacts[],
  firstAfter: number,
  cleared: boolean,
  lastNotRun: number,
): { course: Course; because: string } {
  if (!cleared)
    return {
      course: 'no clear yet',
      because: 'Codes have not been cleared, so nothing is known about its return.',
    };
  if (firstAfter < 0) return { course: 'not scanned since', because: 'Cleared, and no scan since.' };
  const after = stood.filter((i) => i >= firstAfter);
  const before = stood.some((i) => i < firstAfter);
  const scansAfter = order.length - firstAfter;
  if (after.length === 0 && lastNotRun === order.length - 1) {
    return {
      course: 'still not run',
      because: 'Its test has not been completed since the clear; nothing is known yet.',
    };
  }
  if (after.length === 0) {
    return {
      course: 'did not return',
      because: `Not in ${scansAfter === 1 ? 'the scan' : `any of the ${scansAfter} scans`} since the last clear.`,
    };
  }
  const road = order.slice(firstAfter, after[0]! + 1).some((s) => s.phase === 'after road test');
  if (!before) return { course: 'new', because: 'Not seen before the last clear.' };
  if (road)
    return { course: 'came back on the road', because: 'Stayed away until the road test, then stood again.' };
  if (after[0] === firstAfter)
    return { course: 'came straight back', because: 'In the first scan after the clear, without a drive.' };
  return {
    course: 'came back later',
    because: 'Absent from the first scan after the clear, back in a later one.',
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
