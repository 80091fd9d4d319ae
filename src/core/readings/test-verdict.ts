import type { Condition, Reading, Test } from '@/core/case';
import { judgeReading, type Judgement } from './verdict';

type TestFacts = Pick<Test, 'setup' | 'setupResult' | 'overrule' | 'overruleWhy'>;
type ConditionFacts = Pick<Condition, 'what' | 'met'>;
type ReadingFacts = Pick<Reading, 'label' | 'entered' | 'limit'>;

/**
 * The verdict of a whole test. Conditions that were not met, or a set-up check that failed, make
 * it void: it proves nothing either way. Then one failing reading fails the test; all passing
 * passes it; anything in between is unsure.
 *
 * @param test its set-up check and a person's overruling, if any
 * @param conditions what had to hold, each met or not
 * @param readings as entered, with their limits
 * @returns the verdict and why; void says what to do about it
 */
export function judgeTest(
  test: TestFacts,
  conditions: ConditionFacts[],
  readings: ReadingFacts[],
): Judgement {
  if (test.overrule !== '') {
    return {
      verdict: test.overrule,
      because: test.overruleWhy ? `By hand: ${test.overruleWhy}` : 'By hand, no reason given yet.',
    };
  }
  const unmet = conditions.filter((c) => c.met === 'no').map((c) => c.what);
  if (unmet.length) {
    return {
      verdict: 'void',
      because: `Proves nothing: not met — ${unmet.join('; ')}. Bring it about and test again.`,
    };
  }
  if (test.setupResult === 'failed') {
    return {
      verdict: 'void',
      because: `Proves nothing: the set-up check failed${test.setup ? ` (${test.setup})` : ''}. Put the leads or the tool right first.`,
    };
  }
  const judged = readings
    .filter((r) => r.entered.trim() !== '')
    .map((r) => ({ r, ...judgeReading(r.entered, r.limit) }));
  if (judged.length === 0) return { verdict: '', because: '' };
  const named = (x: (typeof judged)[number]) => (x.r.label ? `${x.r.label}: ${x.because}` : x.because);
  const failed = judged.filter((x) => x.verdict === 'fail');
  if (failed.length) {
    const more = judged.length > failed.length ? ` ${failed.length} of ${judged.length} readings fail.` : '';
    return {
      verdict: 'fail',
      because:
        failed.slice(0, 3).map(named).join(' ') +
        (failed.length > 3 ? ' …' : '') +
        (judged.length > 1 ? more : ''),
    };
  }
  const unsure = judged.filter((x) => x.verdict === 'unsure');
  if (unsure.length) return { verdict: 'unsure', because: unsure.map(named).join(' ') };
  const passed = judged.filter((x) => x.verdict === 'pass');
  if (passed.length === 0)
    return {
      verdict: 'unsure',
      because: 'No limit to hold the readings against. Give one, or say by hand what they mean.',
    };
  const asked = conditions.filter((c) => c.met === '' && c.what.trim() !== '').map((c) => c.what);
  if (asked.length) {
    return {
      verdict: 'unsure',
      because: `Readings are inside, but nobody said whether this held: ${asked.join('; ')}.`,
    };
  }
  const without = judged.length - passed.length;
  return {
    verdict: 'pass',
    because:
      passed.length === 1
        ? named(passed[0]!)
        : `All ${passed.length} readings inside their limits.${without ? ` ${without} more without a limit.` : ''}`,
  };
}
