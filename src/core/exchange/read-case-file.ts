import { Problem } from '@/core/problem';
import type { z } from 'zod';
import { firstRun, KINDS, type CatalogueItem, type Kind } from '@/core/case';
import type { Catalogue } from '@/core/cause';
import { checkOf, rowsFor } from '@/core/checks';
import { readCode, readScan, type ScanReport } from '@/core/codes';
import { SHIPPED, symptomById, type Vocabulary } from '@/core/symptoms';
import type { CaseFile } from './case-file';

/** Rows ready to be stored, owners before what hangs on them. */
export interface CaseRows {
  rows: { kind: Kind; row: Record<string, unknown> & { id: string } }[];
  /** Parts and failures the shop did not know, to be added and looked at. */
  fresh: CatalogueItem[];
}

/** What a case file needs from the shop it comes into. */
export interface ImportContext {
  caseId: string;
  vehicleId: string;
  /** The vehicle is in the shop's records already; the file's description of it is left aside. */
  vehicleKnown: boolean;
  number: number;
  catalogue: Catalogue;
  /** Makes an id nobody has yet. */
  newId: () => string;
  /** Id of a person by name, or null. */
  person: (name: string | undefined) => string | null;
  /** Id of an earlier case this one came back from, by what the file says of it; undefined if it is not here. */
  earlierCase: (of: { id?: string | undefined; number?: number | undefined }) => string | undefined;
  /** The shop's own vocabulary. */
  vocabulary?: Vocabulary;
}

const known = new Map<Kind, { name: string; missing: unknown }[]>();

/**
 * The fields of a kind of row, with what each says where nobody said anything. The file's own shape has
 * checked what is in it; checking each of its some forty rows again would be a third of an import.
 */
function fieldsOf(kind: Kind) {
  let fields = known.get(kind);
  if (!fields) {
    fields = Object.entries(KINDS[kind].shape as Record<string, z.ZodType>).map(([name, field]) => ({
      name,
      missing: field.safeParse(undefined).data,
    }));
    known.set(kind, fields);
  }
  return fields;
}

/**
 * Turns a case file into rows, reading its plain words like typed input.
 *
 * @param file a valid case file
 * @param into where it goes
 * @returns rows in an order in which they can be stored, and catalogue entries to add
 * @throws Error with a sentence when a reference inside the file leads nowhere
 */
export function readCaseFile(file: CaseFile, into: ImportContext): CaseRows {
  const rows: CaseRows['rows'] = [];
  const fresh: CatalogueItem[] = [];
  const { caseId, newId } = into;

  /** Adds a row; fields the file leaves out take the defaults of the row's own shape. */
  const add = (kind: Kind, fields: Record<string, unknown>, position = 0): string => {
    const id = typeof fields.id === 'string' ? fields.id : newId();
    // In the order of the shape, as rows come from the database too.
    const row = { id } as Record<string, unknown> & { id: string };
    for (const { name, missing } of fieldsOf(kind)) {
      const value =
        name === 'id'
          ? id
          : name === 'caseId'
            ? caseId
            : (fields[name] ?? (name === 'position' ? position : undefined));
      row[name] = value === undefined ? missing : value;
    }
    rows.push({ kind, row });
    return id;
  };
  const entry = (kind: 'part' | 'failure', name: string | undefined): string | null => {
    if (!name) return null;
    const known =
      into.catalogue.find(kind, name) ??
      fresh.find((f) => f.kind === kind && f.name.toLowerCase() === name.toLowerCase());
    if (known) return known.id;
    const item: CatalogueItem = {
      id: newId(),
      kind,
      system: kind === 'part' ? 'Not sorted yet' : '',
      name,
      synonyms: [],
      mergedInto: null,
      fresh: true,
    };
    fresh.push(item);
    return item.id;
  };

  if (!into.vehicleKnown) add('vehicle', { ...file.vehicle, id: into.vehicleId });
  add('case', {
    id: caseId,
    number: into.number,
    vehicleId: into.vehicleId,
    openedAt: file.openedAt,
    closedAt: file.closedAt ?? null,
    waitsFor: file.waitsFor,
    waitNote: file.waitNote,
    leadId: into.person(file.lead),
    handId: into.person(file.hand),
    handNote: file.handNote,
    customer: file.customer,
    phone: file.phone,
    promisedAt: file.promisedAt,
    spendingLimit: file.spendingLimit,
    orderNumber: file.orderNumber,
    origin: file.origin,
    odometer: file.odometer,
    said: file.said,
    seen: file.seen,
    reproduced: file.reproduced,
    unexplained: file.unexplained,
    toCustomer: file.toCustomer,
    lesson: file.lesson,
  });

  const symptomIds = (file.symptoms ?? []).map((s, i) => {
    const read = (into.vocabulary ?? SHIPPED).read(s.words);
    const concept =
      s.concept !== undefined && (s.concept === '' || symptomById(s.concept))
        ? s.concept
        : (read.symptoms.find((x) => !x.negated)?.id ?? '');
    return add(
      'symptom',
      {
        ...s,
        concept,
        conditions: s.conditions ?? read.conditions.map((c) => c.id),
        frequency: s.frequency ?? read.frequency,
      },
      i,
    );
  });
  (file.earlier ?? []).forEach((e, i) => add('earlier', { ...e }, i));

  const scans = (file.scans ?? []).map(({ read, ...scan }, i) => {
    const report = read ? undefined : readScan(scan.text).report;
    const scanId = add(
      'scan',
      {
        ...scan,
        battery: scan.battery ?? report?.battery,
        tool: scan.tool ?? report?.tool,
        key: scan.key ?? report?.key,
        engine: scan.engine ?? report?.engine,
        scope: scan.scope ?? report?.scope,
        leftover: read ? read.leftover : report!.leftover,
      },
      i,
    );
    const told = report ?? asReport(read!);
    for (const { kind, row } of reportRows(scanId, told, newId)) add(kind, row, row.position as number);
    return scanId;
  });
  (file.clears ?? []).forEach((c, i) => add('clear', { ...c }, i));
  (file.roles ?? []).forEach((r, i) => add('role', { ...r, code: readCode(r.code)?.code ?? r.code }, i));

  const suspects = new Map<string, string>();
  (file.suspects ?? []).forEach((s, i) => {
    const id = add(
      'suspect',
      { ...s, partId: entry('part', s.part), failureId: entry('failure', s.failure) },
      i,
    );
    if (s.ref) suspects.set(s.ref, id);
  });
  const tests = new Map<string, string>();
  const named = <T>(map: Map<string, T>, name: string, what: string): T => {
    const hit = map.get(name);
    if (hit === undefined)
      throw new Problem(`The file speaks of the ${what} "${name}", but has none of that name.`);
    return hit;
  };
  const runs = new Map<string, string>();
  (file.procedures ?? []).forEach(({ ref, id: procedureId, ...run }, i) =>
    runs.set(ref, add('run', { ...run, procedureId: procedureId ?? null }, i)),
  );
  // A test may be named before it stands in the list.
  for (const t of file.tests ?? []) if (t.ref) tests.set(t.ref, newId());
  const traces = new Map<string, string>();
  for (const t of file.traces ?? []) if (t.ref) traces.set(t.ref, newId());
  // A repeat of a repeat is one more repeat of the first run.
  const refs = (file.tests ?? []).map((t) => ({ id: t.ref ?? '', repeatOf: t.repeatOf || null }));
  (file.tests ?? []).forEach((t, i) => {
    const {
      conditions,
      readings,
      says,
      repeatOf,
      by,
      check,
      procedure,
      procedureId,
      analysis,
      findings,
      ...fields
    } = t;
    const id = add(
      'test',
      {
        ...fields,
        ...(t.ref ? { id: tests.get(t.ref) } : {}),
        byId: into.person(by),
        procedureId: procedureId ?? null,
        repeatOf: repeatOf ? named(tests, firstRun(refs, refs[i]!).id || repeatOf, 'test') : null,
        runId: procedure ? named(runs, procedure, 'procedure') : null,
        checkId: check?.id,
        analysisId: analysis?.id,
        traceId: analysis?.trace ? named(traces, analysis.trace, 'trace') : null,
        ran: analysis?.ran,
      },
      i,
    );
    entriesOf(check).forEach((cell, n) => add('input', { ...cell, testId: id }, n));
    (conditions ?? []).forEach((c, n) => add('condition', { ...c, testId: id }, n));
    (readings ?? []).forEach((r, n) => add('reading', { ...r, testId: id }, n));
    (findings ?? []).forEach((f, n) => add('finding', { ...f, testId: id }, n));
    (says ?? []).forEach((s, n) =>
      add('bearing', { ...s, testId: id, suspectId: named(suspects, s.suspect, 'suspect') }, n),
    );
  });

  const causes = new Map<string, string>();
  (file.causes ?? []).forEach((c, i) => {
    const { explains, ...fields } = c;
    const causeId = add(
      'cause',
      { ...fields, partId: entry('part', c.part), failureId: entry('failure', c.failure) },
      i,
    );
    causes.set(c.ref ?? String(i + 1), causeId);
    const say = (of: 'code' | 'symptom' | 'test', what: string) => add('explains', { causeId, of, what });
    for (const code of explains?.codes ?? []) say('code', readCode(code)?.code ?? code);
    for (const n of explains?.symptoms ?? []) {
      const id = symptomIds[n - 1];
      if (!id) throw new Problem(`A cause explains symptom ${n}, but the file has ${symptomIds.length}.`);
      say('symptom', id);
    }
    for (const t of explains?.tests ?? []) say('test', named(tests, t, 'test'));
  });
  const parts = new Map<string, string>();
  (file.repairs ?? []).forEach((r, i) => {
    const { parts: fitted, cause, by, answeredBy, ...fields } = r;
    const causeId =
      cause === undefined
        ? (causes.values().next().value ?? null)
        : cause === ''
          ? null
          : named(causes, cause, 'cause');
    const repairId = add(
      'repair',
      { ...fields, causeId, byId: into.person(by), answeredById: into.person(answeredBy) },
      i,
    );
    (fitted ?? []).forEach(({ ref, ...p }, n) => {
      const id = add('part', { ...p, repairId }, n);
      if (ref) parts.set(ref, id);
    });
  });
  (file.proof ?? []).forEach((p, i) => {
    const { test, scan, by, ...fields } = p;
    if (scan !== undefined && !scans[scan - 1])
      throw new Problem(`A step of the proof names scan ${scan}, but the file has ${scans.length}.`);
    add(
      'proof',
      {
        ...fields,
        testId: test ? named(tests, test, 'test') : null,
        scanId: scan === undefined ? null : scans[scan - 1],
        byId: into.person(by),
      },
      i,
    );
  });
  (file.followUps ?? []).forEach(({ by, ...f }, i) => add('followUp', { ...f, byId: into.person(by) }, i));
  [...(file.comebackOf ? [file.comebackOf] : []), ...(file.comebacksOf ?? [])].forEach((c, i) => {
    const ofCaseId = into.earlierCase(c);
    if (!ofCaseId)
      throw new Problem(`It names case ${c.number ?? c.id} as the earlier one, which is not here.`);
    add('comeback', { ofCaseId, state: c.state, why: c.why }, i);
  });
  const files = new Map<string, string>();
  (file.files ?? []).forEach(({ ref, test, part, scan, sha256, data: _data, ...f }, i) => {
    const id = add(
      'attachment',
      {
        ...f,
        hash: sha256,
        testId: test ? named(tests, test, 'test') : null,
        partId: part ? named(parts, part, 'part') : null,
        scanId: scan ? (scans[scan - 1] ?? null) : null,
      },
      i,
    );
    if (ref) files.set(ref, id);
  });
  (file.traces ?? []).forEach(({ ref, test, file: of, ...t }, i) =>
    add(
      'trace',
      {
        ...t,
        ...(ref ? { id: traces.get(ref) } : {}),
        testId: test ? named(tests, test, 'test') : null,
        attachmentId: of ? named(files, of, 'file') : null,
      },
      i,
    ),
  );
  (file.bulletins ?? []).forEach((b, i) => add('bulletinUse', { bulletinId: b.id, helped: b.helped }, i));
  return { rows, fresh };
}

/** The entries of a computed check as rows; refuses a check that this version does not have. */
function entriesOf(check: NonNullable<CaseFile['tests']>[number]['check']) {
  if (!check) return [];
  if (check.cells) return check.cells;
  const known = checkOf(check.id);
  if (!known) throw new Problem(`The file uses a computed check "${check.id}", which is not known here.`);
  return rowsFor(known, check.entries);
}

/** What a file says was read from a scan, in the shape a report has. */
function asReport(read: NonNullable<NonNullable<CaseFile['scans']>[number]['read']>): ReportParts {
  const codes = read.codes ?? [];
  return {
    modules: (read.modules ?? []).map((m) => ({
      name: m.name ?? '',
      answered: m.answered,
      ...(m.read === false ? { read: false } : {}),
    })),
    codes: codes.map((c) => ({
      code: c.code,
      text: c.text ?? '',
      statuses: c.statuses ?? [],
      ...(c.detail ? { detail: c.detail } : {}),
      module: c.module === undefined ? null : c.module - 1,
    })),
    freeze: codes.flatMap((c, code) =>
      (c.freeze ?? []).map((f) => ({ code, name: f.name ?? '', entered: f.entered ?? '' })),
    ),
    live: (read.live ?? []).map((l) => ({
      name: l.name ?? '',
      entered: l.entered ?? '',
      ...(l.limit ? { limit: l.limit } : {}),
    })),
    monitors: (read.monitors ?? []).map((m) => ({ name: m.name ?? '', state: m.state })),
  };
}

type ReportParts = Pick<ScanReport, 'modules' | 'codes' | 'freeze' | 'live' | 'monitors'>;

/**
 * The rows of a scan report under its scan: modules, codes, freeze-frame values, monitors.
 *
 * @param scanId the scan they hang on
 * @param report as read by `readScan`
 * @param newId makes ids
 * @returns rows without `caseId`, owners first
 */
export function reportRows(
  scanId: string,
  report: ReportParts,
  newId: () => string,
): {
  kind: 'module' | 'code' | 'freeze' | 'live' | 'monitor';
  row: Record<string, unknown> & { id: string };
}[] {
  const modules = report.modules.map((m, i) => ({ id: newId(), scanId, position: i, ...m }));
  const codes = report.codes.map(({ module, ...c }, i) => ({
    id: newId(),
    scanId,
    position: i,
    moduleId: module === null ? null : (modules[module]?.id ?? null),
    ...c,
  }));
  return [
    ...modules.map((row) => ({ kind: 'module' as const, row })),
    ...codes.map((row) => ({ kind: 'code' as const, row })),
    ...report.freeze.map((f, i) => ({
      kind: 'freeze' as const,
      row: { id: newId(), position: i, codeId: codes[f.code]!.id, name: f.name, entered: f.entered },
    })),
    ...report.live.map((l, i) => ({
      kind: 'live' as const,
      row: { id: newId(), scanId, position: i, ...l },
    })),
    ...report.monitors.map((m, i) => ({
      kind: 'monitor' as const,
      row: { id: newId(), scanId, position: i, ...m },
    })),
  ];
}
