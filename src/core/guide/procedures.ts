import type { CaseRecord, Procedure, ProcedureStep, RowOf } from '@/core/case';
import { checkOf, givensOf } from '@/core/checks';
import { readLimit } from '@/core/readings';

export interface ProcedureHit {
  procedure: Procedure;
  score: number;
  because: string[];
}

const fold = (s: string) =>
  s
    .toLowerCase()
    .replace(/[^\p{L}\p{N}]+/gu, ' ')
    .trim();

/**
 * Ranks the shop's procedures for a case: those for one of its codes first, then for its build, then
 * for a part that is suspected.
 *
 * @param procedures all of them
 * @param record the case
 * @param suspected names of the suspected parts
 * @returns all of them, best first, each with its reasons
 */
export function rankProcedures(
  procedures: readonly Procedure[],
  record: Pick<CaseRecord, 'code' | 'vehicle'>,
  suspected: readonly string[],
): ProcedureHit[] {
  const codes = new Set(record.code.map((c) => c.code.toUpperCase().slice(0, 5)));
  const { make, model, engine } = record.vehicle;
  const build = fold(`${make} ${model} ${engine}`);
  return procedures
    .map((procedure): ProcedureHit => {
      const because: string[] = [];
      let score = 0;
      const code = procedure.codes.find((c) => codes.has(c.toUpperCase().slice(0, 5)));
      if (code) {
        score += 4;
        because.push(`for ${code}`);
      }
      const wanted = fold(procedure.build);
      if (wanted !== '' && wanted.split(' ').every((w) => build.split(' ').includes(w))) {
        score += 2;
        because.push('for this build');
      } else if (wanted !== '') score -= 1;
      const part = fold(procedure.part);
      const hit = part !== '' && suspected.find((s) => fold(s).includes(part) || part.includes(fold(s)));
      if (hit) {
        score += 2;
        because.push(`for ${hit}`);
      }
      return { procedure, score, because };
    })
    .sort((a, b) => b.score - a.score || a.procedure.title.localeCompare(b.procedure.title));
}

type TestRow = RowOf<'test'>;

/** What hangs on one test. */
export interface TestParts {
  conditions: readonly RowOf<'condition'>[];
  readings: readonly RowOf<'reading'>[];
  inputs: readonly RowOf<'input'>[];
}

/**
 * The rows of one test.
 *
 * @param record the case
 * @param testId which test
 */
export function partsOf(
  record: Pick<CaseRecord, 'condition' | 'reading' | 'input'>,
  testId: string,
): TestParts {
  return {
    conditions: record.condition.filter((c) => c.testId === testId),
    readings: record.reading.filter((r) => r.testId === testId),
    inputs: record.input.filter((i) => i.testId === testId),
  };
}

/**
 * What of a test is worth doing again: its question, place, caution, set-up, expectation, conditions,
 * limits and the givens of its check, but nothing that was measured and nothing of this one vehicle.
 *
 * @param test the test
 * @param parts its conditions, readings and entries
 * @returns a step of a procedure
 */
export function stepOf(test: TestRow, { conditions, readings, inputs }: TestParts): ProcedureStep {
  const { question, whereKind, where, caution, setup, expectation, expectationSource, minutes, checkId } =
    test;
  const check = checkOf(checkId);
  return {
    question,
    whereKind,
    where,
    caution,
    setup,
    expectation,
    expectationSource,
    minutes,
    checkId,
    conditions: conditions.map((c) => c.what).filter((w) => w.trim() !== ''),
    readings: readings.map((r) => ({ label: r.label, limit: r.limit })),
    inputs: check ? givensOf(check, inputs) : [],
  };
}

type Build = Pick<CaseRecord['vehicle'], 'make' | 'model' | 'engine'>;

/**
 * Whether two vehicles are of one build as far as limits go: make, model and engine are known of both, and the same.
 *
 * @param a one vehicle
 * @param b the other
 * @returns false where one of the three is not known
 */
export const isSameBuild = (a: Build, b: Build): boolean =>
  (['make', 'model', 'engine'] as const).every((f) => fold(a[f]) !== '' && fold(a[f]) === fold(b[f]));

/** Limits that hold for any vehicle: a state, or being like its siblings. */
const holdsAnywhere = (limit: string): boolean => {
  const read = readLimit(limit);
  return read.ok && (read.limit?.form === 'states' || read.limit?.form === 'siblings');
};

/**
 * A test of one case as a step for another vehicle: as `stepOf`, but what holds for a build (limits in figures, what
 * was expected, the givens of its check) comes along only where the other vehicle is of the same one. A limit of
 * another engine would judge wrongly without a word.
 *
 * @param test the test
 * @param parts its conditions, readings and entries
 * @param done the vehicle it was done on
 * @param planned the vehicle it is to be done on
 * @returns a step of a procedure
 */
export function stepFor(test: TestRow, parts: TestParts, done: Build, planned: Build): ProcedureStep {
  const step = stepOf(test, parts);
  if (isSameBuild(done, planned)) return step;
  return {
    ...step,
    expectation: '',
    expectationSource: '',
    readings: step.readings.map((r) => (holdsAnywhere(r.limit) ? r : { ...r, limit: '' })),
    inputs: [],
  };
}

/** How far a run is: a step counts once it has a verdict or was left out with a reason. */
export function runProgress(tests: readonly TestRow[]): { done: number; all: number; current?: TestRow } {
  const open = tests.filter((t) => t.verdict === '' && t.skipped === '' && t.overrule === '');
  const [current] = open;
  return { done: tests.length - open.length, all: tests.length, ...(current ? { current } : {}) };
}
