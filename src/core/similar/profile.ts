import {
  apartFromDeclined,
  causeName,
  isolationOf,
  spokenOf,
  type Catalogue,
  type Isolation,
} from '@/core/cause';
import { doneRepairs, doneTests, type CaseRecord, type Grade } from '@/core/case';
import { baseCode, effectiveRoles, readCode } from '@/core/codes';
import { factRows, type FactRows, type SpokenFact } from '@/core/guide/facts';
import { SHIPPED, symptomById, tokens, type Vocabulary } from '@/core/symptoms';
import type { VehicleFacts } from '@/core/vehicle';

/** Counts up when what is kept of a case changes, so that what was kept before is drawn up anew. */
export const DIGEST_VERSION = 22;

/** What is kept of a case for search and guide: enough to rank it, to say why, and to learn from it. */
export interface CaseDigest extends FactRows {
  id: string;
  number: number;
  open: boolean;
  openedAt: string;
  closedAt: string | null;
  vehicle: VehicleFacts & { id: string };
  /** As typed, with its unit. */
  odometer: string;
  /** Something was repaired on it. */
  repaired: boolean;
  /** A follow-up found that it came back. */
  cameBack: boolean;
  /** What tests found that speaks for or against a cause, with parts and failures as they stand on the list. */
  spoken: SpokenFact[];
  /** Codes without failure type, with how much each counts (leftovers and asides hardly), and the types met. */
  codes: { code: string; weight: number; types?: string[] }[];
  symptoms: { id: string; label: string }[];
  conditions: string[];
  /** What happened before it came in, by kind. */
  events: string[];
  /** Parts and failures as they stand on the case; merges are followed when it is read. */
  causes: { partId: string | null; failureId: string | null }[];
  grade: Grade;
  /** Taken from a shop's old records: less was written down, and nobody looked it over. */
  fromOldRecords: boolean;
  /** Whether one change alone stands between the failing and the passing test. */
  isolated: Isolation['state'];
  /** Who leads it and who tested. */
  people: string[];
  /** What had been replaced before and changed nothing. */
  vain: string[];
  /** What those cost, as typed, where it was noted. */
  spent: { what: string; price: string }[];
  /** What misled, in the words of the case. */
  misled: string[];
  /** Minutes of all tests together; null when nobody noted any. */
  minutes: number | null;
  /** The complaint in short, for a result line. */
  headline: string;
  /** Stemmed words of everything said on the case. */
  words: string[];
  /** Words of its symptoms that the vocabulary did not know. */
  unknown: string[];
}

/** A digest with what the rest of the shop says of it: names of its causes, comebacks. */
export interface CaseProfile extends Omit<CaseDigest, 'causes'> {
  causes: { key: string; name: string }[];
  /** Numbers of later cases in which the same trouble came back. */
  comebacks: number[];
}

const ROLE_WEIGHT: Record<string, number> = {
  chase: 1,
  '': 0.7,
  'knock-on': 0.5,
  unsorted: 0.7,
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
  record: Pick<CaseRecord, 'scan' | 'clear' | 'module' | 'code' | 'symptom' | 'role'> &
    Partial<Pick<CaseRecord, 'repair' | 'cause' | 'earlier' | 'case'>>,
): CaseDigest['codes'] {
  const roles = effectiveRoles(record);
  const best = new Map<string, { weight: number; types: Set<string> }>();
  for (const c of record.code) {
    const weight = ROLE_WEIGHT[roles.get(c.code) ?? ''] ?? 0.7;
    const base = baseCode(c.code);
    const known = best.get(base) ?? { weight: 0, types: new Set() };
    known.weight = Math.max(known.weight, weight);
    const type = readCode(c.code)?.failureType;
    if (type) known.types.add(type);
    best.set(base, known);
  }
  return [...best].map(([code, { weight, types }]) => ({
    code,
    weight,
    ...(types.size ? { types: [...types] } : {}),
  }));
}

/**
 * Draws up the digest of a case. A cause that was not repaired at the customer's wish is nobody's experience: what
 * only it accounts for is left out.
 *
 * @param whole the whole case
 * @param catalogue the shop's list of parts and failures, for the words of its causes
 * @param vocabulary the shop's own, to tell words that it does not know
 */
export function digestOf(
  whole: CaseRecord,
  catalogue: Catalogue,
  vocabulary: Vocabulary = SHIPPED,
): CaseDigest {
  const record = apartFromDeclined(whole);
  const causes = record.cause
    .filter((c) => c.partId !== null || c.failureId !== null)
    .map(({ partId, failureId }) => ({ partId, failureId }));
  const noted = doneTests(record).flatMap((t) => t.minutes ?? []);
  return {
    id: record.case.id,
    number: record.case.number,
    open: record.case.closedAt === null,
    openedAt: record.case.openedAt,
    closedAt: record.case.closedAt,
    vehicle: vehicleFacts(record.vehicle),
    odometer: record.case.odometer,
    repaired: record.cause.some((c) => c.state === 'repaired') && doneRepairs(record).length > 0,
    cameBack: record.followUp.some((f) => f.state === 'came back'),
    spoken: spokenRows(record, catalogue),
    codes: weighedCodes(record),
    symptoms: record.symptom
      .filter((s) => s.concept !== '' && s.reproduced !== 'no')
      .map((s) => ({ id: s.concept, label: symptomById(s.concept)?.label ?? s.words })),
    conditions: [...new Set(record.symptom.flatMap((s) => s.conditions))],
    events: eventsBefore(record.earlier),
    causes,
    grade: record.case.grade,
    fromOldRecords: record.case.origin === 'old records',
    isolated: isolationOf(record).state,
    people: [...new Set([record.case.leadId, ...record.test.map((t) => t.byId)].filter((p) => p !== null))],
    vain: [
      ...new Set(
        record.earlier
          .filter((e) => e.changed === 'no change')
          .map((e) => e.part || e.what)
          .filter(Boolean),
      ),
    ],
    spent: record.earlier
      .filter((e) => e.changed === 'no change' && e.price.trim() !== '' && (e.part || e.what) !== '')
      .map((e) => ({ what: e.part || e.what, price: e.price })),
    misled: record.cause.map((c) => c.misled).filter(Boolean),
    minutes: noted.length ? noted.reduce((a, b) => a + b, 0) : null,
    headline: headlineOf(whole),
    words: wordsOf(
      whole,
      whole.cause.map((c) => causeName(catalogue, c)),
    ),
    unknown: [
      ...new Set(
        record.symptom.flatMap((s) =>
          s.concept === '' ? vocabulary.read(s.words).rest.flatMap((w) => tokens(w).map((t) => t.token)) : [],
        ),
      ),
    ].filter((w) => /^\p{L}{3,}$/u.test(w)),
    // A step of a checklist that nobody came to was asked of nobody.
    ...factRows({ ...record, test: doneTests(record) }),
  };
}

function spokenRows(record: CaseRecord, catalogue: Catalogue): CaseDigest['spoken'] {
  return spokenOf(record).flatMap((s) => {
    const partId = catalogue.find('part', s.part)?.id;
    if (partId === undefined) return [];
    const question = record.test.find((t) => t.id === s.testId)?.question ?? '';
    const failureId = s.failure ? (catalogue.find('failure', s.failure)?.id ?? null) : null;
    return [{ question, says: s.says, partId, failureId }];
  });
}

/** What was changed because of the trouble and did not help did not bring it about. */
function eventsBefore(earlier: CaseRecord['earlier']): string[] {
  const kinds = earlier.filter((e) => e.changed !== 'no change').map((e) => e.kind);
  return [...new Set(kinds)].filter((k) => k !== 'other');
}

function vehicleFacts({ id, vin, make, model, engine, year, kind, fuel }: CaseRecord['vehicle']) {
  return { id, vin, make, model, engine, year, kind, fuel };
}

function wordsOf(record: CaseRecord, causes: string[]): string[] {
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
    ...causes,
  ].join(' ');
  return [
    ...new Set(
      tokens(text)
        .map((t) => t.token)
        .filter((t) => t.length > 2),
    ),
  ];
}

/** Whether a case's repair did not hold: it came back as another case, or at its own follow-up. */
export const didComeBack = (p: Pick<CaseProfile, 'comebacks' | 'cameBack'>): boolean =>
  p.comebacks.length > 0 || p.cameBack;

/** The key under which a cause is counted: its part and failure as they stand today. */
export function causeKey(
  catalogue: Catalogue,
  cause: { partId: string | null; failureId: string | null },
): string {
  return `${catalogue.resolve(cause.partId)?.id ?? ''}/${catalogue.resolve(cause.failureId)?.id ?? ''}`;
}

/** A digest with the names of its causes as the shop calls them today, and its comebacks. */
export function profileOf(digest: CaseDigest, catalogue: Catalogue, comebacks: number[] = []): CaseProfile {
  return {
    ...digest,
    causes: digest.causes.map((c) => ({ key: causeKey(catalogue, c), name: causeName(catalogue, c) })),
    comebacks,
  };
}
