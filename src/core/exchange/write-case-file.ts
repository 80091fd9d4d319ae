import type { CaseRecord } from '@/core/case';
import type { Catalogue } from '@/core/cause';
import type { CaseFile } from './case-file';

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

type Row = Record<string, unknown>;

/** Fields that say something: empty text, null and empty lists are what a missing field means. */
function filled<T extends Row>(row: T, leave: readonly string[] = []): Partial<T> {
  return Object.fromEntries(
    Object.entries(row).filter(
      ([k, v]) =>
        !leave.includes(k) &&
        v !== '' &&
        v !== null &&
        v !== undefined &&
        !(Array.isArray(v) && v.length === 0),
    ),
  ) as Partial<T>;
}
const BASE = ['id', 'caseId', 'revision', 'position'] as const;
const some = <T>(list: T[]): T[] | undefined => (list.length ? list : undefined);

/**
 * Writes a whole case as a file: everything that stands on it but its history, and what is computed.
 *
 * @param record the case
 * @param from the shop's catalogue and people, for the names of things
 * @returns a file that, read again, gives the same rows under new ids
 */
export function writeCaseFile(record: CaseRecord, from: ExportContext): CaseFile {
  const name = (id: string | null) => from.catalogue.resolve(id)?.name;
  const refs = (rows: readonly { id: string }[], letter: string) =>
    new Map(rows.map((r, i) => [r.id, `${letter}${i + 1}`]));
  const tests = refs(record.test, 't');
  const runs = refs(record.run, 'p');
  const suspects = refs(record.suspect, 's');
  const causes = refs(record.cause, 'c');
  const parts = refs(record.part, 'f');
  const files = refs(record.attachment, 'a');
  const traces = refs(record.trace, 'r');
  const { case: k, vehicle } = record;
  const symptomAt = new Map(record.symptom.map((s, i) => [s.id, i + 1]));
  const scanAt = new Map(record.scan.map((s, i) => [s.id, i + 1]));
  const of = <T extends { testId: string }>(rows: readonly T[], testId: string) =>
    rows.filter((r) => r.testId === testId);

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
        ref: runs.get(r.id)!,
        at: r.at,
        ...(r.procedureId ? { id: r.procedureId } : {}),
      })),
    ),
    suspects: some(
      record.suspect.map((s) => ({
        ...filled(s, [...BASE, 'partId', 'failureId']),
        ref: suspects.get(s.id),
        part: name(s.partId),
        failure: name(s.failureId),
      })),
    ),
    tests: some(
      record.test.map((t) => {
        const inputs = of(record.input, t.id);
        return {
          ...filled(t, [
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
          ]),
          ref: tests.get(t.id),
          at: t.at,
          question: t.question,
          by: from.person(t.byId),
          procedure: t.runId ? runs.get(t.runId) : undefined,
          repeatOf: t.repeatOf ? tests.get(t.repeatOf) : undefined,
          ...(t.checkId
            ? {
                check: {
                  id: t.checkId,
                  entries: {},
                  cells: inputs.map((c) => ({
                    ...filled(c, [...BASE, 'testId']),
                    field: c.field,
                    entered: c.entered,
                  })),
                },
              }
            : {}),
          ...(t.analysisId
            ? {
                analysis: {
                  id: t.analysisId,
                  trace: t.traceId ? traces.get(t.traceId) : undefined,
                  ran: t.ran || undefined,
                },
              }
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
              const suspect = suspects.get(b.suspectId);
              return suspect
                ? [{ ...filled(b, [...BASE, 'testId', 'suspectId']), suspect, says: b.says }]
                : [];
            }),
          ),
        };
      }),
    ),
    causes: some(
      record.cause.map((c) => {
        const explains = record.explains.filter((e) => e.causeId === c.id);
        const at = (what: 'code' | 'symptom' | 'test') =>
          explains.filter((e) => e.of === what).map((e) => e.what);
        return {
          ...filled(c, [...BASE, 'partId', 'failureId']),
          ref: causes.get(c.id),
          part: name(c.partId),
          failure: name(c.failureId),
          ...(explains.length
            ? {
                explains: {
                  codes: some(at('code')),
                  symptoms: some(at('symptom').flatMap((id) => symptomAt.get(id) ?? [])),
                  tests: some(at('test').flatMap((id) => tests.get(id) ?? [])),
                },
              }
            : {}),
        };
      }),
    ),
    repairs: some(
      record.repair.map((r) => ({
        ...filled(r, [...BASE, 'causeId', 'byId', 'answeredById']),
        answeredBy: from.person(r.answeredById),
        action: r.action,
        what: r.what,
        cause: (r.causeId && causes.get(r.causeId)) || '',
        by: from.person(r.byId),
        parts: some(
          record.part
            .filter((p) => p.repairId === r.id)
            .map((p) => ({ ...filled(p, [...BASE, 'repairId']), ref: parts.get(p.id), name: p.name })),
        ),
      })),
    ),
    proof: some(
      record.proof.map((p) => ({
        ...filled(p, [...BASE, 'testId', 'scanId', 'byId']),
        kind: p.kind,
        state: p.state,
        test: p.testId ? tests.get(p.testId) : undefined,
        scan: p.scanId ? scanAt.get(p.scanId) : undefined,
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
    files: some(
      record.attachment.map((a) => ({
        ...filled(a, [...BASE, 'testId', 'partId', 'scanId', 'hash']),
        ref: files.get(a.id),
        sha256: a.hash || undefined,
        test: a.testId ? tests.get(a.testId) : undefined,
        part: a.partId ? parts.get(a.partId) : undefined,
        scan: a.scanId ? scanAt.get(a.scanId) : undefined,
        data: a.hash ? from.data?.(a.hash) : undefined,
      })),
    ),
    traces: some(
      record.trace.map((t) => ({
        ...filled(t, [...BASE, 'testId', 'attachmentId']),
        ref: traces.get(t.id),
        test: t.testId ? tests.get(t.testId) : undefined,
        file: t.attachmentId ? files.get(t.attachmentId) : undefined,
      })),
    ),
    bulletins: some(
      record.bulletinUse.map((b) => ({ ...filled(b, [...BASE, 'bulletinId']), id: b.bulletinId })),
    ),
  };
  return JSON.parse(JSON.stringify(file)) as CaseFile;
}

/** A scan with what stands on the case of it, whatever its text would be read as today. */
function scanOf(record: CaseRecord, s: CaseRecord['scan'][number]) {
  const mine = <T extends { scanId: string }>(rows: readonly T[]) => rows.filter((r) => r.scanId === s.id);
  const modules = mine(record.module);
  const moduleAt = new Map(modules.map((m, i) => [m.id, i + 1]));
  return {
    ...filled(s, [...BASE, 'leftover']),
    at: s.at,
    text: s.text,
    // Said even where empty: what a person left empty is not read from the text again.
    tool: s.tool,
    battery: s.battery,
    key: s.key,
    engine: s.engine,
    scope: s.scope,
    read: {
      modules: some(
        modules.map((m) => ({ name: m.name, answered: m.answered, ...(m.read ? {} : { read: false }) })),
      ),
      codes: some(
        mine(record.code).map((c) => ({
          ...filled(c, [...BASE, 'scanId', 'moduleId']),
          code: c.code,
          module: c.moduleId ? moduleAt.get(c.moduleId) : undefined,
          freeze: some(
            record.freeze.filter((f) => f.codeId === c.id).map((f) => ({ name: f.name, entered: f.entered })),
          ),
        })),
      ),
      live: some(
        mine(record.live).map((l) => ({
          name: l.name,
          entered: l.entered,
          ...(l.limit ? { limit: l.limit } : {}),
        })),
      ),
      monitors: some(mine(record.monitor).map((m) => ({ name: m.name, state: m.state }))),
      leftover: some(s.leftover),
    },
  };
}
