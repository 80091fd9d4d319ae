import type { CaseRecord } from '@/core/case';
import type { Catalogue } from '@/core/cause';
import type { CaseFile } from './case-file';
import { BASE, filled, some } from './filled';
import { scanOf } from './write-scan';

/** What a case file needs to know of the shop it comes from. */
export interface ExportContext {
  catalogue: Catalogue;
  /** Name of a person by id. */
  person: (id: string | null) => string | undefined;
  /** Number of another case by id. */
  numberOf: (id: string) => number | undefined;
  /** Content of a stored file in base64, by its hash; left out where there is none. */
  data?: (hash: string) => string | undefined;
}

/** A case under way into a file: its rows, the shop it comes from, and the name of each row in the file. */
interface Writing {
  record: CaseRecord;
  from: ExportContext;
  refs: Record<'test' | 'run' | 'suspect' | 'cause' | 'part' | 'attachment' | 'trace', Map<string, string>>;
  symptomAt: Map<string, number>;
  scanAt: Map<string, number>;
}

const refsOf = (rows: readonly { id: string }[], letter: string) =>
  new Map(rows.map((r, i) => [r.id, `${letter}${i + 1}`]));
const placesOf = (rows: readonly { id: string }[]) => new Map(rows.map((r, i) => [r.id, i + 1]));
/** The name of a row that may not be there. */
const refOf = <T>(names: ReadonlyMap<string, T>, id: string | null): T | undefined =>
  id ? names.get(id) : undefined;
const of = <T extends { testId: string }>(rows: readonly T[], testId: string) =>
  rows.filter((r) => r.testId === testId);

/**
 * Writes a whole case as a file: everything that stands on it but its history, and what is computed.
 *
 * @param record the case
 * @param from the shop's catalogue and people, for the names of things
 * @returns a file that, read again, gives the same rows under new ids
 */
export function writeCaseFile(record: CaseRecord, from: ExportContext): CaseFile {
  const w: Writing = {
    record,
    from,
    refs: {
      test: refsOf(record.test, 't'),
      run: refsOf(record.run, 'p'),
      suspect: refsOf(record.suspect, 's'),
      cause: refsOf(record.cause, 'c'),
      part: refsOf(record.part, 'f'),
      attachment: refsOf(record.attachment, 'a'),
      trace: refsOf(record.trace, 'r'),
    },
    symptomAt: placesOf(record.symptom),
    scanAt: placesOf(record.scan),
  };
  const { case: k, vehicle } = record;
  const file = {
    format: 'vantle-case/1' as const,
    ...filled(k, ['revision', 'waitsSince', 'grade', 'gradeWhy', 'seq', 'vehicleId', 'leadId', 'handId']),
    lead: from.person(k.leadId),
    hand: from.person(k.handId),
    vehicle: filled(vehicle, ['revision']),
    symptoms: some(
      record.symptom.map((s) => ({
        ...filled(s, BASE),
        words: s.words,
        concept: s.concept,
        conditions: s.conditions,
        frequency: s.frequency,
      })),
    ),
    earlier: some(record.earlier.map((e) => ({ ...filled(e, BASE), what: e.what }))),
    scans: some(record.scan.map((s) => scanOf(record, s))),
    clears: some(record.clear.map((c) => ({ ...filled(c, BASE), at: c.at }))),
    roles: some(record.role.map((r) => ({ ...filled(r, BASE), code: r.code, role: r.role }))),
    procedures: some(
      record.run.map((r) => ({
        ...filled(r, [...BASE, 'procedureId']),
        ref: w.refs.run.get(r.id)!,
        at: r.at,
        ...(r.procedureId ? { id: r.procedureId } : {}),
      })),
    ),
    suspects: some(
      record.suspect.map((s) => ({
        ...filled(s, [...BASE, 'partId', 'failureId']),
        ref: w.refs.suspect.get(s.id),
        ...namesOf(w, s),
      })),
    ),
    tests: some(record.test.map((t) => testOf(w, t))),
    causes: some(record.cause.map((c) => causeOf(w, c))),
    repairs: some(record.repair.map((r) => repairOf(w, r))),
    ...afterwards(w),
    ...filesOf(w),
    bulletins: some(
      record.bulletinUse.map((b) => ({ ...filled(b, [...BASE, 'bulletinId']), id: b.bulletinId })),
    ),
  };
  return JSON.parse(JSON.stringify(file)) as CaseFile;
}

/** Part and failure as the catalogue calls them. */
const namesOf = (w: Writing, row: { partId: string | null; failureId: string | null }) => ({
  part: w.from.catalogue.resolve(row.partId)?.name,
  failure: w.from.catalogue.resolve(row.failureId)?.name,
});

/** Fields of a test that the file says in other words, or that are computed. */
const NOT_OF_TEST = [
  ...BASE,
  'byId',
  'runId',
  'repeatOf',
  'checkId',
  'analysisId',
  'traceId',
  'ran',
  'verdict',
  'because',
];

function testOf(w: Writing, t: CaseRecord['test'][number]) {
  const { record, refs } = w;
  const cells = of(record.input, t.id).map((c) => ({
    ...filled(c, [...BASE, 'testId']),
    field: c.field,
    entered: c.entered,
  }));
  return {
    ...filled(t, NOT_OF_TEST),
    ref: refs.test.get(t.id),
    at: t.at,
    question: t.question,
    by: w.from.person(t.byId),
    procedure: refOf(refs.run, t.runId),
    repeatOf: refOf(refs.test, t.repeatOf),
    ...(t.checkId ? { check: { id: t.checkId, entries: {}, cells } } : {}),
    ...(t.analysisId
      ? { analysis: { id: t.analysisId, trace: refOf(refs.trace, t.traceId), ran: t.ran || undefined } }
      : {}),
    findings: some(
      of(record.finding, t.id).map((f) => ({ ...filled(f, [...BASE, 'testId']), verdict: f.verdict })),
    ),
    conditions: some(
      of(record.condition, t.id).map((c) => ({
        ...filled(c, [...BASE, 'testId']),
        what: c.what,
        met: c.met,
      })),
    ),
    readings: some(
      of(record.reading, t.id).map((r) => ({
        ...filled(r, [...BASE, 'testId', 'verdict', 'because']),
        entered: r.entered,
      })),
    ),
    says: some(
      of(record.bearing, t.id).flatMap((b) => {
        const suspect = refs.suspect.get(b.suspectId);
        return suspect ? [{ ...filled(b, [...BASE, 'testId', 'suspectId']), suspect, says: b.says }] : [];
      }),
    ),
  };
}

function causeOf(w: Writing, c: CaseRecord['cause'][number]) {
  const explains = w.record.explains.filter((e) => e.causeId === c.id);
  const at = (what: 'code' | 'symptom' | 'test') => explains.filter((e) => e.of === what).map((e) => e.what);
  return {
    ...filled(c, [...BASE, 'partId', 'failureId']),
    ref: w.refs.cause.get(c.id),
    ...namesOf(w, c),
    ...(explains.length
      ? {
          explains: {
            codes: some(at('code')),
            symptoms: some(at('symptom').flatMap((id) => w.symptomAt.get(id) ?? [])),
            tests: some(at('test').flatMap((id) => w.refs.test.get(id) ?? [])),
          },
        }
      : {}),
  };
}

function repairOf(w: Writing, r: CaseRecord['repair'][number]) {
  return {
    ...filled(r, [...BASE, 'causeId', 'byId', 'answeredById']),
    answeredBy: w.from.person(r.answeredById),
    action: r.action,
    what: r.what,
    cause: refOf(w.refs.cause, r.causeId) || '',
    by: w.from.person(r.byId),
    parts: some(
      w.record.part
        .filter((p) => p.repairId === r.id)
        .map((p) => ({ ...filled(p, [...BASE, 'repairId']), ref: w.refs.part.get(p.id), name: p.name })),
    ),
  };
}

/** The proof, the word with the customer, and what came back. */
function afterwards(w: Writing) {
  const { record, from } = w;
  return {
    proof: some(
      record.proof.map((p) => ({
        ...filled(p, [...BASE, 'testId', 'scanId', 'byId']),
        kind: p.kind,
        state: p.state,
        test: refOf(w.refs.test, p.testId),
        scan: refOf(w.scanAt, p.scanId),
        by: from.person(p.byId),
      })),
    ),
    followUps: some(
      record.followUp.map((f) => ({
        ...filled(f, [...BASE, 'byId']),
        state: f.state,
        by: from.person(f.byId),
      })),
    ),
    comebacksOf: some(
      record.comeback.map((c) => ({
        ...filled(c, [...BASE, 'ofCaseId']),
        id: c.ofCaseId,
        number: from.numberOf(c.ofCaseId),
        state: c.state,
      })),
    ),
  };
}

/** Photos and other files, and the recordings. */
function filesOf(w: Writing) {
  const { record, refs } = w;
  return {
    files: some(
      record.attachment.map((a) => ({
        ...filled(a, [...BASE, 'testId', 'partId', 'scanId', 'hash']),
        ref: refs.attachment.get(a.id),
        sha256: a.hash || undefined,
        test: refOf(refs.test, a.testId),
        part: refOf(refs.part, a.partId),
        scan: refOf(w.scanAt, a.scanId),
        data: a.hash ? w.from.data?.(a.hash) : undefined,
      })),
    ),
    traces: some(
      record.trace.map((t) => ({
        ...filled(t, [...BASE, 'testId', 'attachmentId']),
        ref: refs.trace.get(t.id),
        test: refOf(refs.test, t.testId),
        file: refOf(refs.attachment, t.attachmentId),
      })),
    ),
  };
}
