import { firstRun, repairStates, type CaseRecord } from '@/core/case';

type Facts = Pick<CaseRecord, 'cause' | 'repair' | 'explains'> & {
  part?: CaseRecord['part'];
  scan: readonly Pick<CaseRecord['scan'][number], 'at' | 'phase'>[];
};

/** What of a case belongs to a cause that is not repaired at the customer's wish, and to no other. */
export interface WithDeclined {
  causeIds: ReadonlySet<string>;
  codes: ReadonlySet<string>;
  symptomIds: ReadonlySet<string>;
  /** First runs of tests. */
  testIds: ReadonlySet<string>;
}

/**
 * Causes that are not repaired at the customer's wish: marked so, or with a declined repair and none that was done
 * or goes on. A repair that is only put off leaves its cause to be done.
 *
 * @param record causes, repairs and scans
 * @returns ids of causes
 */
export function declinedCauses(record: Facts): Set<string> {
  const states = repairStates({ ...record, part: record.part ?? [] });
  return new Set(
    record.cause.flatMap((c) => {
      if (c.state === 'declined') return [c.id];
      if (c.state === 'repaired') return [];
      const own = record.repair.filter((r) => r.causeId === c.id).map((r) => states.get(r.id));
      return own.length > 0 && own.every((s) => s === 'declined') ? [c.id] : [];
    }),
  );
}

/**
 * What only declined causes account for. It stays as it is on the vehicle, so it is nothing that a repair of the
 * other causes has to make good, and nothing that they are known by.
 *
 * @param record causes with what they account for, repairs and scans
 * @returns codes, symptoms and tests that no other cause accounts for
 */
export function withDeclined(record: Facts): WithDeclined {
  const causeIds = declinedCauses(record);
  const only = (of: 'code' | 'symptom' | 'test') => {
    const by = new Map<string, string[]>();
    for (const e of record.explains)
      if (e.of === of && record.cause.some((c) => c.id === e.causeId))
        by.set(e.what, [...(by.get(e.what) ?? []), e.causeId]);
    return new Set([...by].flatMap(([what, causes]) => (causes.every((c) => causeIds.has(c)) ? [what] : [])));
  };
  return { causeIds, codes: only('code'), symptomIds: only('symptom'), testIds: only('test') };
}

/**
 * A case without what only its declined causes account for: those causes and their repairs, symptoms, failed tests
 * with their repeats, and the roles of their codes, which then count as nothing that is looked for here.
 *
 * @param record the rows of a case
 * @returns the same object where nothing was declined
 */
export function apartFromDeclined<T extends Facts & Pick<CaseRecord, 'symptom' | 'test' | 'role'>>(
  record: T,
): T {
  const left = withDeclined(record);
  if (left.causeIds.size === 0) return record;
  const gone = (t: CaseRecord['test'][number]) => left.testIds.has(firstRun(record.test, t).id);
  const roleOf = (code: string): CaseRecord['role'][number] => ({
    id: `declined:${code}`,
    caseId: record.cause[0]?.caseId ?? '',
    revision: 1,
    position: 0,
    code,
    role: 'aside',
    why: 'its cause is not repaired, at the customer’s wish',
  });
  return {
    ...record,
    cause: record.cause.filter((c) => !left.causeIds.has(c.id)),
    repair: record.repair.filter((r) => r.causeId === null || !left.causeIds.has(r.causeId)),
    explains: record.explains.filter((e) => !left.causeIds.has(e.causeId)),
    symptom: record.symptom.filter((s) => !left.symptomIds.has(s.id)),
    test: record.test.filter((t) => !gone(t)),
    role: [...record.role.filter((r) => !left.codes.has(r.code)), ...[...left.codes].map(roleOf)],
  };
}
