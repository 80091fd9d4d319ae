import { causeName, isolationOf, type Catalogue, type Isolation } from '@/core/cause';
import type { CaseRecord, Grade } from '@/core/case';
import { baseCode, effectiveRoles } from '@/core/codes';
import { symptomById, tokens } from '@/core/symptoms';
import type { VehicleFacts } from '@/core/vehicle';

/** What the search keeps of a case: enough to rank it and to say why. */
export interface CaseProfile {
  id: string;
  number: number;
  open: boolean;
  openedAt: string;
  vehicle: VehicleFacts & { id: string };
  /** Codes without failure type byte, with how much each counts (leftovers and asides hardly). */
  codes: { code: string; weight: number }[];
  symptoms: { id: string; label: string }[];
  conditions: string[];
  causes: { key: string; name: string }[];
  grade: Grade;
  /** Whether one change alone stands between the failing and the passing test. */
  isolated: Isolation['state'];
  /** Numbers of later cases in which the same trouble came back. */
  comebacks: number[];
  /** The complaint in short, for a result line. */
  headline: string;
  /** Stemmed words of everything said on the case. */
  words: string[];
}

const ROLE_WEIGHT: Record<string, number> = {
  chase: 1,
  '': 0.7,
  'knock-on': 0.5,
  aside: 0.15,
  leftover: 0.1,
};

/** The complaint of a case in a few words: its symptoms, else the customer's words, else its codes. */
export function headlineOf(record: Pick<CaseRecord, 'case' | 'symptom' | 'code'>): string {
  const symptoms = record.symptom.map((s) => symptomById(s.concept)?.label ?? s.words).filter(Boolean);
  if (symptoms.length) return symptoms.slice(0, 3).join(', ');
  const said = record.case.said.trim().split('\n')[0] ?? '';
  if (said) return said.length > 90 ? `${said.slice(0, 88)}…` : said;
  const codes = [...new Set(record.code.map((c) => c.code))];
  return codes.length ? codes.slice(0, 4).join(', ') : 'Nothing recorded yet';
}

/** The codes of a case, once each, with how much they count by their role: a person's word, else the proposal. */
export function weighedCodes(
  record: Pick<CaseRecord, 'scan' | 'clear' | 'module' | 'code' | 'symptom' | 'role'>,
): { code: string; weight: number }[] {
  const roles = effectiveRoles(record);
  const best = new Map<string, number>();
  for (const c of record.code) {
    const weight = ROLE_WEIGHT[roles.get(c.code) ?? ''] ?? 0.7;
    const base = baseCode(c.code);
    best.set(base, Math.max(best.get(base) ?? 0, weight));
  }
  return [...best].map(([code, weight]) => ({ code, weight }));
}

/**
 * Draws up the profile of a case for the search.
 *
 * @param record the whole case
 * @param catalogue the shop's list of parts and failures
 * @param comebacks numbers of later cases in which it came back
 */
export function profileOf(record: CaseRecord, catalogue: Catalogue, comebacks: number[]): CaseProfile {
  const causes = record.cause
    .filter((c) => c.partId !== null || c.failureId !== null)
    .map((c) => {
      const part = catalogue.resolve(c.partId)?.id ?? '';
      const failure = catalogue.resolve(c.failureId)?.id ?? '';
      return {
        key: `${part}/${failure}`,
        name: causeName(catalogue, { partId: c.partId, failureId: c.failureId }),
      };
    });
  const text = [
    record.case.said,
    record.case.seen,
    record.case.lesson,
    ...record.symptom.map((s) => s.words),
    ...record.earlier.flatMap((e) => [e.what, e.part]),
    ...record.code.map((c) => c.text),
    ...record.test.flatMap((t) => [t.question, t.where, t.note]),
    ...record.cause.flatMap((c) => [c.where, c.why, c.misled]),
    ...record.repair.flatMap((r) => [r.what, r.note]),
    ...causes.map((c) => c.name),
  ].join(' ');
  return {
    id: record.case.id,
    number: record.case.number,
    open: record.case.closedAt === null,
    openedAt: record.case.openedAt,
    vehicle: record.vehicle,
    codes: weighedCodes(record),
    symptoms: record.symptom
      .filter((s) => s.concept !== '' && s.reproduced !== 'no')
      .map((s) => ({ id: s.concept, label: symptomById(s.concept)?.label ?? s.words })),
    conditions: [...new Set(record.symptom.flatMap((s) => s.conditions))],
    causes,
    grade: record.case.grade,
    isolated: isolationOf(record).state,
    comebacks,
    headline: headlineOf(record),
    words: [
      ...new Set(
        tokens(text)
          .map((t) => t.token)
          .filter((t) => t.length > 2),
      ),
    ],
  };
}
