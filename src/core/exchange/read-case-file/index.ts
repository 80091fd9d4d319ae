import { SHIPPED, symptomById } from '@/core/symptoms';
import type { CaseFile } from '../case-file';
import { takeConclusion } from './conclusion';
import { RowMaker, type CaseRows, type ImportContext } from './row-maker';
import { takeScans } from './scans';
import { takeTests } from './tests';

export { type CaseRows, type ImportContext } from './row-maker';
export { reportRows } from './scans';

/**
 * Turns a case file into rows, reading its plain words like typed input.
 *
 * @param file a valid case file
 * @param into where it goes
 * @returns rows in an order in which they can be stored, and catalogue entries to add
 * @throws Problem with a sentence when a reference inside the file leads nowhere
 */
export function readCaseFile(file: CaseFile, into: ImportContext): CaseRows {
  const make = new RowMaker(into);
  takeComplaint(file, make);
  takeScans(file, make);
  takeTests(file, make);
  takeConclusion(file, make);
  takeFiles(file, make);
  (file.bulletins ?? []).forEach((b, i) =>
    make.add('bulletinUse', { bulletinId: b.id, helped: b.helped }, i),
  );
  return { rows: make.rows, fresh: make.fresh };
}

/** The vehicle, the case itself, its symptoms, and what was done before. */
function takeComplaint(file: CaseFile, make: RowMaker): void {
  const { into } = make;
  if (!into.vehicleKnown) make.add('vehicle', { ...file.vehicle, id: into.vehicleId });
  make.add('case', {
    id: into.caseId,
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
  (file.symptoms ?? []).forEach((s, i) => {
    const read = (into.vocabulary ?? SHIPPED).read(s.words);
    const given = s.concept !== undefined && (s.concept === '' || symptomById(s.concept));
    const row = {
      ...s,
      concept: given ? s.concept : (read.symptoms.find((x) => !x.negated)?.id ?? ''),
      conditions: s.conditions ?? read.conditions.map((c) => c.id),
      frequency: s.frequency ?? read.frequency,
    };
    make.symptoms.push(make.add('symptom', row, i));
  });
  (file.earlier ?? []).forEach((e, i) => make.add('earlier', { ...e }, i));
}

/** Photos and other files, and the recordings with what was marked on them. */
function takeFiles(file: CaseFile, make: RowMaker): void {
  (file.files ?? []).forEach(({ ref, test, part, scan, sha256, data: _data, ...f }, i) => {
    const row = {
      ...f,
      hash: sha256,
      testId: make.find('test', test),
      partId: make.find('part', part),
      scanId: scan ? (make.scans[scan - 1] ?? null) : null,
    };
    make.name('file', ref || undefined, make.add('attachment', row, i));
  });
  (file.traces ?? []).forEach(({ ref, test, file: of, ...t }, i) =>
    make.add(
      'trace',
      {
        ...t,
        ...(ref ? { id: make.idNamed('trace', ref) } : {}),
        testId: make.find('test', test),
        attachmentId: make.find('file', of),
      },
      i,
    ),
  );
}
