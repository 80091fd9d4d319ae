import type { CaseRecord } from '@/core/case';

export interface CoverItem {
  of: 'code' | 'symptom' | 'test';
  /** The code, or the id of the symptom or test. */
  what: string;
  label: string;
  /** Ids of causes that account for it. */
  causeIds: string[];
}

/**
 * What a cause must account for: every code marked chase, every symptom not known to be absent, and
 * every failed test that no later repeat replaced; and which causes explain each.
 *
 * @param record the rows of the case
 * @param symptomLabel gives a vocabulary concept its label
 * @returns all items in the order codes, symptoms, tests; those with empty `causeIds` are unexplained
 */
export function coverOf(
  record: Pick<CaseRecord, 'role' | 'symptom' | 'test' | 'explains' | 'cause'>,
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
  return [
    ...record.role.filter((r) => r.role === 'chase').map((r) => item('code', r.code, r.code)),
    ...record.symptom
      .filter((s) => s.reproduced !== 'no')
      .map((s) => item('symptom', s.id, s.concept ? symptomLabel(s.concept) : s.words || 'symptom')),
    ...record.test
      .filter((t) => t.verdict === 'fail' && t.repeatOf === null)
      .map((t) => item('test', t.id, t.question || 'failed test')),
  ];
}
