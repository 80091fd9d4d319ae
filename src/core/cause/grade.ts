import type { CaseRecord, Grade } from '@/core/case';

type GradeFacts = Pick<
  CaseRecord,
  'case' | 'cause' | 'repair' | 'scan' | 'clear' | 'code' | 'role' | 'test' | 'proof' | 'followUp'
>;

/** Earlier cases are lowered by comebacks: later cases confirmed to be the same trouble again. */
export interface GradeInput extends GradeFacts {
  comebackNumbers: number[];
}

export interface GradeResult {
  grade: Grade;
  because: string;
  /** What the next higher grade still asks for, in words. */
  missing: string[];
}

const has = <T>(list: T[], test: (t: T) => boolean) => list.some(test);

/**
 * The grade of a case's proof: *claimed* (nothing after the repair), *checked* (codes cleared and
 * not back), *proven* (the failing test repeated and passed, and the conditions of the complaint
 * met), *held* (no return after the follow-up). A confirmed comeback brings it down to claimed.
 * The steps are the house plan's (shared words of the product); no outside source.
 *
 * @param input the rows of the case and its comebacks
 * @returns grade, the sentence why, and what is missing for the next one; no grade without a repair
 */
export function gradeProof(input: GradeInput): GradeResult {
  const repaired = has(input.cause, (c) => c.state === 'repaired') && input.repair.length > 0;
  if (!repaired) {
    return {
      grade: '',
      because: 'No repair recorded for a cause yet.',
      missing: ['a cause marked repaired, with what was done'],
    };
  }
  if (input.comebackNumbers.length) {
    return {
      grade: 'claimed',
      because: `Came back as case ${input.comebackNumbers.join(', ')}: the repair did not hold.`,
      missing: [],
    };
  }
  const failedStep = input.proof.find((p) => p.state === 'failed');
  if (failedStep) {
    return {
      grade: 'claimed',
      because: `A proof step failed: ${failedStep.what || failedStep.kind}.`,
      missing: ['that step passed'],
    };
  }
  const checked = codesStayedAway(input);
  const repeated = testRepeated(input);
  const ticked = tickedAgain(input);
  const met = has(
    input.proof,
    (p) =>
      p.state === 'passed' &&
      (p.kind === 'road test' || p.kind === 'cold start' || p.kind === 'complaint conditions'),
  );
  const proven = (repeated || ticked === 'shown') && met;
  const held =
    has(input.followUp, (f) => f.state === 'held') && !has(input.followUp, (f) => f.state === 'came back');
  if (proven && held)
    return { grade: 'held', because: 'Proven, and no return at the follow-up.', missing: [] };
  if (proven) {
    return {
      grade: 'proven',
      because: 'The failing test passed after the repair, and the conditions of the complaint were met.',
      missing: ['a follow-up that finds no return'],
    };
  }
  const missing = [
    ...(repeated || ticked === 'shown'
      ? []
      : ticked === 'only said'
        ? ['the failing test repeated on the case: it is ticked as passed, but no reading shows it']
        : ['the failing test again, now passing']),
    ...(met ? [] : ['the conditions of the complaint, met without the symptom']),
  ];
  if (checked) return { grade: 'checked', because: 'Codes cleared and not back since.', missing };
  return {
    grade: 'claimed',
    because: 'Repaired, but nothing after the repair shows that it held.',
    missing: ['codes cleared and scanned again', ...missing],
  };
}

/** Codes count as gone when a scan after the repair's clear shows none that is to be chased. */
function codesStayedAway(input: GradeFacts): boolean {
  const step = (kind: string) => has(input.proof, (p) => p.kind === kind && p.state === 'passed');
  if (step('record and clear') && step('key cycle and scan')) return true;
  const lastClear = input.clear
    .map((c) => c.at)
    .sort()
    .at(-1);
  const after = input.scan.filter(
    (s) => s.phase === 'after repair' && lastClear !== undefined && s.at >= lastClear,
  );
  if (after.length === 0) return false;
  const ids = new Set(after.map((s) => s.id));
  const ignored = new Set(
    input.role.filter((r) => r.role === 'aside' || r.role === 'leftover').map((r) => r.code),
  );
  return !has(input.code, (c) => ids.has(c.scanId) && !ignored.has(c.code));
}

/**
 * Tests that passed after something was repaired. One that failed once and passed by itself before
 * any repair shows only that the fault comes and goes. A repair without a time does not hold it back.
 */
function passedSinceRepair(input: GradeFacts): GradeFacts['test'] {
  const done = input.repair.filter((r) => r.authorisation !== 'declined' && r.authorisation !== 'put off');
  const times = done.map((r) => r.at ?? '').sort();
  const since = times[0];
  return since === undefined ? [] : input.test.filter((t) => t.verdict === 'pass' && t.at >= since);
}

/** A step "failing test again" ticked as passed. It shows something only when it names such a test. */
function tickedAgain(input: GradeFacts): 'shown' | 'only said' | 'no' {
  const steps = input.proof.filter((p) => p.kind === 'failing test again' && p.state === 'passed');
  if (steps.length === 0) return 'no';
  const passed = new Set(passedSinceRepair(input).map((t) => t.id));
  return steps.some((p) => p.testId !== null && passed.has(p.testId)) ? 'shown' : 'only said';
}

/** A test that failed and whose repeat, after the repair, passed. */
function testRepeated(input: GradeFacts): boolean {
  const failed = new Set(input.test.filter((t) => t.verdict === 'fail').map((t) => t.id));
  return has(passedSinceRepair(input), (t) => t.repeatOf !== null && failed.has(t.repeatOf));
}
