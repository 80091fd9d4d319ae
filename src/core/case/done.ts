import type { CaseRecord } from './kinds';

/** A repair that was done, and when; the moment is null where nothing tells it. */
export interface DoneRepair {
  id: string;
  causeId: string | null;
  at: string | null;
}

type Facts = Pick<CaseRecord, 'repair' | 'cause'> & {
  part?: CaseRecord['part'];
  scan: readonly Pick<CaseRecord['scan'][number], 'at' | 'phase'>[];
};

const NOT_DONE = new Set(['asked', 'declined', 'put off']);

/**
 * The repairs that were done. Writing one down, or the customer's yes, does not do it: it has a moment, or its
 * cause stands as repaired. Where only the cause says so, it was done before the first scan that a person
 * marked as taken after the repair. A part on order keeps its repair from being taken for done without a moment.
 *
 * @param record repairs with their parts, causes and scans
 * @returns in order of time, those of unknown time last
 */
export function doneRepairs(record: Facts): DoneRepair[] {
  const stated = record.scan
    .filter((s) => s.phase === 'after repair')
    .map((s) => s.at)
    .sort()[0];
  return record.repair
    .flatMap((r): DoneRepair[] => {
      if (NOT_DONE.has(r.authorisation)) return [];
      const state = record.cause.find((c) => c.id === r.causeId)?.state;
      if (r.authorisation === 'authorised' && state !== undefined && state !== 'repaired') return [];
      if (r.at === null && state !== 'repaired') return [];
      // What is on order has not been fitted, whatever its cause says of another repair.
      const awaited = (record.part ?? []).some(
        (p) => p.repairId === r.id && p.orderedAt !== null && p.arrivedAt === null,
      );
      if (r.at === null && awaited) return [];
      const at = r.at ?? (stated === undefined ? null : before(stated));
      return [{ id: r.id, causeId: r.causeId, at }];
    })
    .sort((a, b) => (a.at ?? '￿').localeCompare(b.at ?? '￿'));
}

/**
 * Tests on which something was found: a verdict, a reading, a finding. One that was only put on the case, such as a
 * step of a checklist that nobody came to, was not done.
 *
 * @param record tests with their readings and findings
 * @returns in the order of the case
 */
export function doneTests<T extends CaseRecord['test'][number]>(
  record: { test: readonly T[]; reading: CaseRecord['reading'] } & { finding?: CaseRecord['finding'] },
): T[] {
  const read = new Set(record.reading.flatMap((r) => (r.entered.trim() === '' ? [] : [r.testId])));
  for (const f of record.finding ?? []) read.add(f.testId);
  return record.test.filter((t) => t.verdict !== '' || t.overrule !== '' || read.has(t.id));
}

/**
 * The first run of a test that was repeated, through repeats of repeats.
 *
 * @returns the test itself where it is no repeat, or what it repeats is not on the case
 */
export function firstRun<T extends { id: string; repeatOf: string | null }>(tests: readonly T[], test: T): T {
  let at = test;
  for (let i = 0; i < tests.length && at.repeatOf !== null; i++) {
    const up = tests.find((x) => x.id === at.repeatOf);
    if (!up || up === test) break;
    at = up;
  }
  return at;
}

const before = (at: string): string => new Date(Date.parse(at) - 1).toISOString();
