import type { Condition, Reading, Test } from '@/core/case';
import { judgeReading, judgeSiblings, judgeTest, type Judgement } from '@/core/readings';
import { typedOf, type InputFacts } from './rows';
import { overall, runCheck, type CheckResult } from './run';
import { checkOf } from './search';

export interface WholeJudgement {
  test: Judgement;
  /** By reading, in the order given. */
  readings: Judgement[];
  check?: CheckResult;
}

/**
 * Judges a test with all that belongs to it: conditions, set-up check, readings with their limits
 * and against each other, the computed check, an intermittent fault watched for, a person's word.
 *
 * @param test the test
 * @param conditions its conditions
 * @param readings its readings in order
 * @param inputs entries of its computed check
 * @returns the verdict of the test and of every reading, and what the check found
 */
export function judgeWhole(
  test: Test,
  conditions: readonly Condition[],
  readings: readonly Reading[],
  inputs: readonly InputFacts[],
): WholeJudgement {
  const siblings = judgeSiblings(readings);
  const each = readings.map(
    (r, i) => siblings?.each.get(i) ?? judgeReading(r.entered, r.limit, test.accuracy),
  );
  const check = test.checkId ? checkOf(test.checkId) : undefined;
  const result = check && runCheck(check, typedOf(check, inputs));
  const more: Judgement[] = [];
  if (siblings && siblings.group.verdict !== '') more.push(siblings.group);
  if (result?.state === 'done') more.push(overall(result.findings));
  if (result?.state === 'refused')
    more.push({ verdict: 'unsure', because: result.problems[0]?.message ?? 'An entry is not understood.' });
  return {
    test: judgeTest(test, [...conditions], [...readings], { each, more }),
    readings: each,
    ...(result ? { check: result } : {}),
  };
}
