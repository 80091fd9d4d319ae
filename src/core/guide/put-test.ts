import type { Op, ProcedureStep, RowOf } from '@/core/case';
import {
  checkOf,
  rowsFor,
  rowsToRepeat,
  typedOf,
  type Check,
  type InputCell,
  type VehicleGivens,
} from '@/core/checks';
import { stepOf, type TestParts } from './procedures';

/** Where and when a test is put on a case. The core has no chance of its own, so ids come from outside. */
export interface Placing {
  at: string;
  position: number;
  newId: () => string;
  vehicle?: VehicleGivens;
}

export interface Placed {
  testId: string;
  ops: Op[];
}

type Step = Pick<ProcedureStep, 'question'> & Partial<ProcedureStep>;

/**
 * Operations that put one test on a case: itself, its conditions, a row for each reading and for each
 * entry of its check.
 *
 * @param step what is asked and how
 * @param place when, where in the list, and how ids are made
 * @param more further fields of the test: what it repeats, the run it belongs to
 * @returns the id of the test and operations that belong together
 */
export function putTest(step: Step, place: Placing, more: Record<string, unknown> = {}): Placed {
  const { conditions = [], readings = [], inputs = [], ...fields } = step;
  const check = fields.checkId ? checkOf(fields.checkId) : undefined;
  const typed =
    check &&
    typedOf(
      check,
      inputs.map((r, position) => ({ ...r, position })),
    );
  const cells = check && typed ? rowsFor(check, typed, place.vehicle) : [];
  return write(fields, place, more, conditions, readings, cells);
}

/**
 * A computed check as a test on a case, with what it needs and its caution.
 *
 * @param check from the list of checks
 * @param cells entries that were typed already; when left out, the form begins empty
 */
export function putCheck(check: Check, place: Placing, cells?: readonly InputCell[]): Placed {
  return write(
    { question: check.question, checkId: check.id, caution: check.caution ?? '' },
    place,
    {},
    check.needs ?? [],
    [],
    cells ?? rowsFor(check, {}, place.vehicle),
  );
}

/**
 * A test once more: same question, place, set-up, instrument, conditions and limits; no readings and
 * no verdict. It names the first of its line, so that before and after are the first and this one.
 *
 * @param test the test to repeat
 * @param parts its conditions, readings and entries
 */
export function repeatTest(test: RowOf<'test'>, parts: TestParts, place: Placing): Placed {
  const { inputs: _givens, minutes: _minutes, conditions, readings, ...step } = stepOf(test, parts);
  const check = checkOf(test.checkId);
  return write(
    step,
    place,
    { repeatOf: test.repeatOf ?? test.id, instrument: test.instrument, accuracy: test.accuracy },
    conditions,
    readings,
    check ? rowsToRepeat(check, parts.inputs) : [],
  );
}

function write(
  fields: Record<string, unknown>,
  { at, position, newId }: Placing,
  more: Record<string, unknown>,
  conditions: readonly string[],
  readings: readonly { label: string; limit: string }[],
  cells: readonly InputCell[],
): Placed {
  const testId = newId();
  const hang = (kind: 'condition' | 'reading' | 'input', rows: readonly object[]): Op[] =>
    rows.map((row, i) => ({ op: 'add', kind, id: newId(), row: { ...row, testId, position: i } }));
  return {
    testId,
    ops: [
      { op: 'add', kind: 'test', id: testId, row: { ...fields, ...more, at, position } },
      ...hang(
        'condition',
        conditions.map((what) => ({ what })),
      ),
      ...hang(
        'reading',
        readings.map(({ label, limit }) => ({ label, limit })),
      ),
      ...hang(
        'input',
        cells.map(({ field, at: label, column, entered }) => ({ field, at: label, column, entered })),
      ),
    ],
  };
}

/**
 * Begins a procedure on a case: a run, and its steps as tests that name it, a millisecond apart so
 * that they stand in their order.
 *
 * @param procedure the shop's procedure
 * @param place when and where; `position` is that of the first step
 * @returns the id of the run and operations that belong together
 */
export function beginRun(
  procedure: { id: string; title: string; steps: readonly ProcedureStep[] },
  place: Placing,
): { runId: string; ops: Op[] } {
  const runId = place.newId();
  const ops: Op[] = [
    {
      op: 'add',
      kind: 'run',
      id: runId,
      row: { procedureId: procedure.id, title: procedure.title, at: place.at, position: place.position },
    },
  ];
  procedure.steps.forEach((step, i) => {
    const at = new Date(Date.parse(place.at) + i).toISOString();
    const more = { runId, procedureId: procedure.id };
    ops.push(...putTest(step, { ...place, at, position: place.position + i }, more).ops);
  });
  return { runId, ops };
}
