import { doneRepairs, firstRun, type CaseRecord, type DoneRepair } from '@/core/case';
import { coursesOf, effectiveRoles, type CodeRecurrence } from '@/core/codes';
import { readWords } from './closing';

/** What was seen after the repair: the rows that a grade is drawn from, and what in them speaks against it. */

export type GradeFacts = Pick<
  CaseRecord,
  | 'case'
  | 'cause'
  | 'explains'
  | 'repair'
  | 'scan'
  | 'module'
  | 'clear'
  | 'code'
  | 'role'
  | 'symptom'
  | 'earlier'
  | 'test'
  | 'proof'
  | 'followUp'
> & { part?: CaseRecord['part'] };

/** Earlier cases are lowered by comebacks: later cases confirmed to be the same trouble again. */
export interface GradeInput extends GradeFacts {
  comebackNumbers: number[];
}

/**
 * What was seen after the repair that says it did not hold.
 *
 * @param input as for `gradeProof`
 * @returns a sentence for technicians, or empty when nothing was seen
 */
export function seenAgainst(input: GradeInput): string {
  const done = doneRepairs(input);
  return done.length === 0 ? '' : speaksAgainst(lookAt(input, done));
}

/** The rows with what follows from them for the grade. */
export interface Look {
  input: GradeInput;
  done: DoneRepair[];
  courses: CodeRecurrence[];
  /** Codes that have to be gone. */
  targets: CodeRecurrence[];
  /** The last repair that was done and has a time. */
  last: string | null;
}

/** Draws the courses of the codes and which of them have to be gone; `done` are the repairs that count. */
export function lookAt(input: GradeInput, done: DoneRepair[]): Look {
  const courses = coursesOf(input);
  const roles = effectiveRoles(input);
  // Where nothing is chased, what nobody has sorted yet may be it.
  const wanted = [...roles.values()].includes('chase') ? 'chase' : 'unsorted';
  const targets = courses.filter((c) => roles.get(c.code) === wanted);
  return { input, done, courses, targets, last: lastOf(done) };
}

/** Time of the last of the repairs that has one. */
const lastOf = (done: readonly DoneRepair[]): string | null =>
  done
    .flatMap((r) => r.at ?? [])
    .sort()
    .at(-1) ?? null;

/** The last repair that bears on a code or test: that of its causes, of any where no cause explains it. */
export function repairFor(look: Look, of: 'code' | 'test', what: string): string | null {
  const by = new Set(look.input.explains.filter((e) => e.of === of && e.what === what).map((e) => e.causeId));
  const own = look.done.filter((r) => by.size === 0 || r.causeId === null || by.has(r.causeId));
  return lastOf(own) ?? look.last;
}

/** What was seen after the repair that speaks against it, as a sentence; empty when nothing was. */
export function speaksAgainst(look: Look): string {
  const { input, last } = look;
  if (input.comebackNumbers.length)
    return `Came back as case ${input.comebackNumbers.join(', ')}: the repair did not hold.`;
  const since = (at: string | null) => at === null || last === null || at >= last;
  const back = input.followUp.find((f) => f.state === 'came back' && since(f.doneAt));
  if (back) return `It came back at the follow-up${back.note ? `: ${back.note}` : ''}.`;
  const returned = look.targets.filter((c) => stoodAgain(look, c));
  if (returned.length)
    return `${returned.map((c) => c.code).join(', ')} stood again after the repair and a clear.`;
  for (const test of failingTests(look)) {
    const again = repeatsOf(look, test).at(-1);
    if (again?.verdict === 'fail')
      return `“${test.question || 'The failing test'}” fails after the repair too.`;
  }
  const step = input.proof.find((p) => p.state === 'failed' && since(p.at));
  return step ? `A proof step failed: ${step.what || step.kind}.` : '';
}

/** Whether a code stands in a scan after the repair for it and a clear. */
function stoodAgain(look: Look, c: CodeRecurrence): boolean {
  const repair = repairFor(look, 'code', c.code);
  if (repair === null) return false;
  const clear = look.input.clear
    .map((x) => x.at)
    .filter((x) => x >= repair)
    .sort()[0];
  return clear !== undefined && look.input.scan.some((s) => s.at > clear && c.inScan.get(s.id) === 'there');
}

/** A test with its verdict. */
export type TestRow = GradeFacts['test'][number];

/** First runs that failed, each with the repair that bears on it; one named as unexplained is left out. */
function failedRuns(look: Look): { test: TestRow; repair: string | null }[] {
  const { test, case: own } = look.input;
  const name = (t: TestRow) => t.question || 'failed test';
  const { of } = readWords(own.unexplained, test.map(name));
  return test.flatMap((t) => {
    if (t.verdict !== 'fail' || t.repeatOf !== null) return [];
    const named = (of.get(name(t)) ?? '').trim() !== '';
    // A word about it does not take away that it was seen to pass again.
    return named && !passedAgain(look, t) ? [] : [{ test: t, repair: repairFor(look, 'test', t.id) }];
  });
}

/** Tests that failed before the repair for them. */
export const failingTests = (look: Look): TestRow[] =>
  failedRuns(look).flatMap(({ test, repair }) => (repair === null || test.at < repair ? [test] : []));

/** Tests that failed for the first time after the repair, and have not passed since. */
export const failedSince = (look: Look): TestRow[] =>
  failedRuns(look).flatMap(({ test, repair }) =>
    repair !== null && test.at >= repair && !passedAgain(look, test) ? [test] : [],
  );

/** Repeats of a test after the repair for it, in order of time; void and unfinished ones say nothing. */
function repeatsOf(look: Look, test: TestRow): TestRow[] {
  const { test: all } = look.input;
  const repair = repairFor(look, 'test', test.id);
  if (repair === null) return [];
  return all
    .filter(
      (t) =>
        t !== test &&
        t.repeatOf !== null &&
        firstRun(all, t) === test &&
        t.at >= repair &&
        (t.verdict === 'pass' || t.verdict === 'fail'),
    )
    .sort((a, b) => a.at.localeCompare(b.at));
}

/** Measured to pass: a verdict by hand is somebody's word. */
export const passedAgain = (look: Look, test: TestRow): boolean => {
  const again = repeatsOf(look, test).at(-1);
  return again?.verdict === 'pass' && again.overrule === '';
};
