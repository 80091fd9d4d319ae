import { testResult, type CaseRecord } from '@/core/case';
import { effectiveRoles } from '@/core/codes';

export interface CoverItem {
  of: 'code' | 'symptom' | 'test';
  /** The code, or the id of the symptom or test. */
  what: string;
  label: string;
  /** Ids of causes that account for it. */
  causeIds: string[];
  /** A code whose role is only proposed. */
  proposed?: boolean;
}

/**
 * What a cause must account for: every code that is chased, its role given or only proposed, every symptom not known to be absent, and
 * every failed test that no later repeat replaced; and which causes explain each.
 *
 * @param record the rows of the case
 * @param symptomLabel gives a vocabulary concept its label
 * @returns all items in the order codes, symptoms, tests; those with empty `causeIds` are unexplained
 */
export function coverOf(
  record: Pick<
    CaseRecord,
    | 'role'
    | 'symptom'
    | 'test'
    | 'explains'
    | 'cause'
    | 'scan'
    | 'clear'
    | 'module'
    | 'code'
    | 'repair'
    | 'earlier'
    | 'case'
  > &
    Partial<Pick<CaseRecord, 'reading' | 'finding'>>,
  symptomLabel: (concept: string) => string,
): CoverItem[] {
  const causes = new Set(record.cause.map((c) => c.id));
  const explained = (of: CoverItem['of'], what: string) =>
    record.explains
      .filter((e) => e.of === of && e.what === what && causes.has(e.causeId))
      .map((e) => e.causeId);
  const item = (of: CoverItem['of'], what: string, label: string): CoverItem => ({
    of,
    what,
    label,
    causeIds: explained(of, what),
  });
  const given = new Set(record.role.filter((r) => r.role !== '').map((r) => r.code));
  const chased = new Set([
    ...record.role.filter((r) => r.role === 'chase').map((r) => r.code),
    ...[...effectiveRoles(record)].flatMap(([code, role]) => (role === 'chase' ? [code] : [])),
  ]);
  return [
    ...[...chased].map((code): CoverItem => ({
      ...item('code', code, code),
      ...(given.has(code) ? {} : { proposed: true }),
    })),
    ...record.symptom
      .filter((s) => s.reproduced !== 'no')
      .map((s) => item('symptom', s.id, s.concept ? symptomLabel(s.concept) : s.words || 'symptom')),
    ...record.test
      .filter((t) => t.verdict === 'fail' && t.repeatOf === null)
      .map((t) => item('test', t.id, testResult(t, record))),
  ];
}
