import type { Condition, Reading, Test } from '@/core/case';
import { judgeCondition } from './condition';
import type { Judgement } from './hold';
import { judgeReading } from './verdict';

type TestFacts = Pick<Test, 'setup' | 'setupResult' | 'overrule' | 'overruleWhy'> &
  Partial<Pick<Test, 'setupReading' | 'watch' | 'tries' | 'took' | 'caughtUnder' | 'skipped'>>;
type ConditionFacts = Pick<Condition, 'what' | 'met'> & Partial<Pick<Condition, 'reading'>>;
type ReadingFacts = Pick<Reading, 'label' | 'entered' | 'limit'>;

/** What was judged elsewhere: readings against each other, and a computed check. */
export interface Elsewhere {
  /** By reading, in their order. */
  each: readonly Judgement[];
  /** Verdicts that no single reading has. */
  more: readonly Judgement[];
  /** What the test requires and nobody has taken, by name: it does not pass without. */
  missing?: readonly string[];
}

/** What a set-up result ticks. */
const TICKED: Record<string, 'yes' | 'no'> = { ok: 'yes', failed: 'no' };

/** Conditions and set-up as they really were: a reading of theirs outranks the tick. */
function validity(test: TestFacts, conditions: readonly ConditionFacts[]) {
  const judged = conditions
    .filter((c) => c.what.trim() !== '' || c.met !== '')
    .map((c) => ({
      what: c.what,
      ...judgeCondition({ what: c.what, met: c.met, reading: c.reading ?? '' }),
    }));
  const ticked = TICKED[test.setupResult] ?? '';
  const setup = judgeCondition({ what: test.setup, met: ticked, reading: test.setupReading ?? '' });
  return { judged, setup };
}

/** What was seen of a fault that comes and goes. */
function watched(test: TestFacts): Judgement | undefined {
  const after = test.took ? ` in ${test.took}` : '';
  const tried = test.tries ? `${test.tries} ${test.tries === 1 ? 'try' : 'tries'}` : '';
  if (test.watch === 'caught')
    return {
      verdict: 'fail',
      because: `Caught in the act${after}${test.caughtUnder ? `, ${test.caughtUnder}` : ''}${tried ? `, after ${tried} that did not show it` : ''}.`,
    };
  if (test.watch === 'seen good')
    return {
      verdict: 'unsure',
      because: `Seen good${tried ? ` over ${tried}` : ''}${after}. A fault that comes and goes is not acquitted by that; note under which conditions it was tried, and try those of the complaint.`,
    };
  return undefined;
}

/**
 * The verdict of a whole test. Conditions that were not met, or a set-up check that failed, make
 * it void: it proves nothing either way; conditions nobody spoke of leave it unsure. Then one failing
 * reading fails the test; all passing passes it; anything in between, and a reading that the test requires and
 * nobody took, is unsure. A fault that comes and goes and was only seen good
 * stays unsure.
 *
 * @param test its set-up check, what was watched for, and a person's overruling, if any
 * @param conditions what had to hold, each met or not, some with a reading of their own
 * @param readings as entered, with their limits
 * @param elsewhere judgements made elsewhere; each reading by itself when left out
 * @returns the verdict and why; void says what to do about it
 */
export function judgeTest(
  test: TestFacts,
  conditions: readonly ConditionFacts[],
  readings: readonly ReadingFacts[],
  elsewhere?: Elsewhere,
): Judgement {
  const computed = computedVerdict(test, conditions, readings, elsewhere);
  return test.overrule === '' ? computed : overruled(test, computed);
}

/** A person's verdict over the computed one. It needs a reason, and both stand. */
function overruled(test: TestFacts, computed: Judgement): Judgement {
  const word = test.overrule;
  if (test.overruleWhy.trim() === '') {
    return computed.verdict === ''
      ? { verdict: word, because: 'By hand, no reason given yet.' }
      : {
          verdict: computed.verdict,
          because: `${computed.because} Set to ${word} by hand without a reason, which changes nothing; say why.`,
        };
  }
  const both =
    computed.verdict === '' || computed.verdict === word
      ? ''
      : ` Computed: ${computed.verdict}. ${computed.because}`;
  return { verdict: word, because: `By hand: ${test.overruleWhy}${both}` };
}

function computedVerdict(
  test: TestFacts,
  conditions: readonly ConditionFacts[],
  readings: readonly ReadingFacts[],
  elsewhere: Elsewhere | undefined,
): Judgement {
  const { judged: conditionsJudged, setup } = validity(test, conditions);
  const unmet = conditionsJudged.filter((c) => c.met === 'no');
  if (unmet.length) {
    const each = unmet.map((c) => (c.because ? `${c.what} (${c.because.replace(/\.$/, '')})` : c.what));
    return {
      verdict: 'void',
      because: `Proves nothing: not met — ${each.join('; ')}. Bring it about and test again.`,
    };
  }
  if (setup.met === 'no') {
    const named = test.setup ? ` (${test.setup})` : '';
    const why = setup.because ? `: ${setup.because.replace(/\.$/, '')}` : named;
    return {
      verdict: 'void',
      because: `Proves nothing: the set-up check failed${why}. Put the leads or the tool right first.`,
    };
  }
  const judged = [
    ...readings
      .map((r, i) => ({ r, ...(elsewhere?.each[i] ?? judgeReading(r.entered, r.limit)) }))
      .filter(({ r }) => r.entered.trim() !== ''),
    ...(elsewhere?.more ?? []).map((j) => ({ r: { label: '', entered: '', limit: '' }, ...j })),
  ];
  const seen = watched(test);
  if (judged.length === 0) return seen ?? { verdict: '', because: '' };
  const named = (x: (typeof judged)[number]) => (x.r.label ? `${x.r.label}: ${x.because}` : x.because);
  const failed = judged.filter((x) => x.verdict === 'fail');
  const asked = conditionsJudged.filter((c) => c.met === '').map((c) => c.what);
  if (failed.length && asked.length && seen?.verdict !== 'fail') {
    return {
      verdict: 'unsure',
      because: `${failed.slice(0, 2).map(named).join(' ')} But nobody said whether this held: ${asked.join('; ')}.`,
    };
  }
  if (failed.length || seen?.verdict === 'fail') {
    // The verdict over the siblings names the odd ones already.
    const told = failed.some((x) => x.r.entered === '') ? failed.filter((x) => x.r.entered === '') : failed;
    const more =
      readings.length > 1 && told === failed && failed.length < judged.length
        ? ` ${failed.length} of ${judged.length} readings fail.`
        : '';
    return {
      verdict: 'fail',
      because: [
        ...(seen?.verdict === 'fail' ? [seen.because] : []),
        told.slice(0, 3).map(named).join(' ') + (told.length > 3 ? ' …' : '') + more,
      ]
        .filter(Boolean)
        .join(' '),
    };
  }
  const voided = judged.find((x) => x.verdict === 'void');
  if (voided) return { verdict: 'void', because: named(voided) };
  if (seen) return seen;
  const missing = elsewhere?.missing ?? [];
  if (missing.length)
    return { verdict: 'unsure', because: `Unfinished: not taken yet: ${missing.join(', ')}.` };
  const unsure = judged.filter((x) => x.verdict === 'unsure');
  if (unsure.length)
    return { verdict: 'unsure', because: [...new Set(unsure.map(named))].slice(0, 3).join(' ') };
  const passed = judged.filter((x) => x.verdict === 'pass');
  if (passed.length === 0)
    return elsewhere?.more.length
      ? { verdict: '', because: elsewhere.more.map((m) => m.because).join(' ') }
      : {
          verdict: 'unsure',
          because: 'No limit to hold the readings against. Give one, or say by hand what they mean.',
        };
  if (asked.length) {
    return {
      verdict: 'unsure',
      because: `Readings are inside, but nobody said whether this held: ${asked.join('; ')}.`,
    };
  }
  const entered = passed.filter((x) => x.r.entered !== '');
  const without = judged.length - passed.length;
  const group = passed.find((x) => x.r.entered === '');
  return {
    verdict: 'pass',
    because: group
      ? group.because
      : entered.length === 1
        ? named(entered[0]!)
        : `All ${entered.length} readings inside their limits.${without ? ` ${without} more without a limit.` : ''}`,
  };
}
