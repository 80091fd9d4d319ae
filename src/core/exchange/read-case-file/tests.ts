import { Problem } from '@/core/problem';
import { firstRun } from '@/core/case';
import { checkOf, rowsFor } from '@/core/checks';
import type { CaseFile } from '../case-file';
import type { RowMaker } from './row-maker';

type TestInFile = NonNullable<CaseFile['tests']>[number];

/** Suspects, procedures, and the tests with all that hangs on them. */
export function takeTests(file: CaseFile, make: RowMaker): void {
  (file.suspects ?? []).forEach((s, i) => {
    const partId = make.entry('part', s.part);
    const failureId = make.entry('failure', s.failure);
    make.name('suspect', s.ref || undefined, make.add('suspect', { ...s, partId, failureId }, i));
  });
  (file.procedures ?? []).forEach(({ ref, id: procedureId, ...run }, i) =>
    make.name('procedure', ref, make.add('run', { ...run, procedureId: procedureId ?? null }, i)),
  );
  // A test or a recording may be named before it stands in its list.
  const tests = file.tests ?? [];
  for (const t of tests) if (t.ref) make.name('test', t.ref, make.into.newId());
  for (const t of file.traces ?? []) if (t.ref) make.name('trace', t.ref, make.into.newId());
  // A repeat of a repeat is one more repeat of the first run.
  const refs = tests.map((t) => ({ id: t.ref ?? '', repeatOf: t.repeatOf || null }));
  tests.forEach((t, i) => takeTest(t, firstRun(refs, refs[i]!).id, make, i));
}

function takeTest(test: TestInFile, firstRef: string, make: RowMaker, position: number): void {
  const { conditions, readings, says, findings, repeatOf, by, check, procedure, analysis, ...fields } = test;
  const testId = make.add(
    'test',
    {
      ...fields,
      ...(test.ref ? { id: make.idNamed('test', test.ref) } : {}),
      byId: make.into.person(by),
      procedureId: test.procedureId ?? null,
      repeatOf: make.find('test', repeatOf ? firstRef || repeatOf : null),
      runId: make.find('procedure', procedure),
      checkId: check?.id,
      analysisId: analysis?.id,
      traceId: make.find('trace', analysis?.trace),
      ran: analysis?.ran,
    },
    position,
  );
  entriesOf(check).forEach((cell, n) => make.add('input', { ...cell, testId }, n));
  (conditions ?? []).forEach((c, n) => make.add('condition', { ...c, testId }, n));
  (readings ?? []).forEach((r, n) => make.add('reading', { ...r, testId }, n));
  (findings ?? []).forEach((f, n) => make.add('finding', { ...f, testId }, n));
  (says ?? []).forEach((s, n) =>
    make.add('bearing', { ...s, testId, suspectId: make.find('suspect', s.suspect) }, n),
  );
}

/** The entries of a computed check as rows; refuses a check that this version does not have. */
function entriesOf(check: NonNullable<CaseFile['tests']>[number]['check']) {
  if (!check) return [];
  if (check.cells) return check.cells;
  const known = checkOf(check.id);
  if (!known) throw new Problem(`The file uses a computed check "${check.id}", which is not known here.`);
  return rowsFor(known, check.entries);
}
