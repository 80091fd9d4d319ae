import { describe, expect, it } from 'vitest';
import { judgeTest, type Elsewhere } from './test-verdict';

/** What is said of a whole test, sentence by sentence; the cases are common practice, no source. */

type Test = Parameters<typeof judgeTest>[0];
type Condition = Parameters<typeof judgeTest>[1][number];
const plain: Test = { setup: '', setupResult: '', overrule: '', overruleWhy: '' };
const held = (what: string, met: Condition['met'] = 'yes', reading = ''): Condition => ({
  what,
  met,
  reading,
});
const reading = (label: string, entered: string, limit = '') => ({ label, entered, limit });
const judge = (
  more: Partial<Test> = {},
  conditions: Condition[] = [],
  readings: ReturnType<typeof reading>[] = [],
  elsewhere?: Elsewhere,
) => {
  const { verdict, because } = judgeTest({ ...plain, ...more }, conditions, readings, elsewhere);
  return [verdict, because.replace(/[\u00a0\u202f]/g, ' ')];
};
const good = reading('rail', '4.0 bar', '3.7..4.3 bar');
const low = reading('rail', '2.4 bar', '3.7..4.3 bar');
const bare = reading('temperature', '88 °C');

describe('a test that proves nothing', () => {
  it('names every condition that was not met, with what was read of it, and what to do', () => {
    expect(judge({}, [held('engine warm', 'no'), held('load on', 'no')], [low])).toEqual([
      'void',
      'Proves nothing: not met — engine warm; load on. Bring it about and test again.',
    ]);
    const [verdict, because] = judge({}, [held('above 80 °C', 'yes', '45 °C')], [good]);
    expect(verdict).toBe('void');
    expect(because).toMatch(/^Proves nothing: not met — above 80 °C \(.*45 °C.*[^.]\)\. Bring it about/);
  });
  it('says that the set-up failed, with its words or what was read of it', () => {
    expect(judge({ setup: 'leads touched', setupResult: 'failed' }, [], [low])).toEqual([
      'void',
      'Proves nothing: the set-up check failed (leads touched). Put the leads or the tool right first.',
    ]);
    expect(judge({ setupResult: 'failed' }, [], [low])[1]).toBe(
      'Proves nothing: the set-up check failed. Put the leads or the tool right first.',
    );
    expect(judge({ setup: 'leads touched: below 0.5 Ω', setupReading: '0.2 Ω' }, [], [good])[0]).toBe('pass');
  });
  it('is void before it is anything else, even where a reading fails', () => {
    expect(judge({ watch: 'caught' }, [held('x', 'no')], [low])[0]).toBe('void');
  });
});

describe('a test whose readings speak', () => {
  it('fails by the one that fails, named, and counts them among several', () => {
    expect(judge({}, [], [low])[0]).toBe('fail');
    expect(judge({}, [], [low])[1]).toMatch(/^rail: .*below the limit of 3\.7 bar\.$/);
    const [, many] = judge({}, [], [low, good, reading('return', '9 mL', '≤ 5 mL')]);
    expect(many).toMatch(/^rail: .*return: .* 2 of 3 readings fail\.$/);
    const four = ['a', 'b', 'c', 'd'].map((l) => reading(l, '9 V', '≤ 5 V'));
    expect(judge({}, [], four)[1]).toMatch(/c: .* …$/);
    expect(judge({}, [], four)[1]).not.toContain('d: ');
  });
  it('passes where all lie inside, and says what has no limit', () => {
    expect(judge({}, [], [good])).toEqual(['pass', expect.stringMatching(/^rail: /)]);
    expect(judge({}, [], [good, reading('idle', '3.9 bar', '≥ 3 bar')])).toEqual([
      'pass',
      'All 2 readings inside their limits.',
    ]);
    expect(judge({}, [], [good, reading('idle', '3.9 bar', '≥ 3 bar'), bare])[1]).toBe(
      'All 2 readings inside their limits. 1 more without a limit.',
    );
  });
  it('stays unsure without a limit, and says nothing where nothing was read', () => {
    expect(judge({}, [], [bare])).toEqual([
      'unsure',
      'No limit to hold the readings against. Give one, or say by hand what they mean.',
    ]);
    expect(judge({}, [], [reading('rail', '', '≥ 3 bar')])).toEqual(['', '']);
    expect(judge({}, [held('engine warm')], [])).toEqual(['', '']);
  });
  it('is unsure either way where nobody said whether a condition held', () => {
    expect(judge({}, [held('engine warm', '')], [good])).toEqual([
      'unsure',
      'Readings are inside, but nobody said whether this held: engine warm.',
    ]);
    const [verdict, because] = judge({}, [held('engine warm', ''), held('load on')], [low]);
    expect(verdict).toBe('unsure');
    expect(because).toMatch(/^rail: .* But nobody said whether this held: engine warm\.$/);
  });
  it('is unfinished while something that it requires was not taken', () => {
    const missing = { each: [], more: [], missing: ['at 2500 rpm', 'hot'] };
    expect(judge({}, [], [good], missing)).toEqual([
      'unsure',
      'Unfinished: not taken yet: at 2500 rpm, hot.',
    ]);
    // What fails fails all the same.
    expect(judge({}, [], [low], missing)[0]).toBe('fail');
  });
});

describe('readings that are judged against each other', () => {
  const among = (verdict: 'pass' | 'fail' | 'unsure' | '', because: string): Elsewhere => ({
    each: [
      { verdict, because: 'one by one' },
      { verdict: 'pass', because: 'one by one' },
    ],
    more: [{ verdict, because }],
  });
  const pair = [reading('left', '5 km/h'), reading('right', '5 km/h')];
  it('are told by the verdict over all of them, once', () => {
    expect(judge({}, [], pair, among('fail', 'Left is the odd one.'))).toEqual([
      'fail',
      'Left is the odd one.',
    ]);
    expect(judge({}, [], pair, among('pass', 'Both agree.'))).toEqual(['pass', 'Both agree.']);
    expect(judge({}, [], pair, among('unsure', 'Too few.'))[0]).toBe('unsure');
    const nothing = {
      each: [{ verdict: '' as const, because: '' }],
      more: [{ verdict: '' as const, because: 'As it was.' }],
    };
    expect(judge({}, [], [reading('left', '5 km/h')], nothing)).toEqual(['', 'As it was.']);
  });
});

describe('a fault that comes and goes', () => {
  it('fails when it was caught, with how, even where nobody spoke of a condition', () => {
    expect(judge({ watch: 'caught', took: '12 min', caughtUnder: 'wiggling the plug', tries: 3 })).toEqual([
      'fail',
      'Caught in the act in 12 min, wiggling the plug, after 3 tries that did not show it.',
    ]);
    expect(judge({ watch: 'caught', tries: 1 })[1]).toBe(
      'Caught in the act, after 1 try that did not show it.',
    );
    expect(judge({ watch: 'caught' }, [held('hot', '')], [low])[0]).toBe('fail');
    expect(judge({ watch: 'caught' }, [], [low])[1]).toMatch(/^Caught in the act\. rail: /);
  });
  it('is not acquitted by being seen good, whatever the readings say', () => {
    const [verdict, because] = judge({ watch: 'seen good', tries: 50, took: '10 min' }, [], [good]);
    expect(verdict).toBe('unsure');
    expect(because).toMatch(
      /^Seen good over 50 tries in 10 min\. A fault that comes and goes is not acquitted/,
    );
    expect(judge({ watch: 'seen good' }, [], [low])[0]).toBe('fail');
  });
});

describe('a person’s word over it', () => {
  it('needs a reason: without one it changes nothing, and says so', () => {
    expect(judge({ overrule: 'pass' }, [], [low])[0]).toBe('fail');
    expect(judge({ overrule: 'pass' }, [], [low])[1]).toMatch(
      /Set to pass by hand without a reason, which changes nothing; say why\.$/,
    );
    expect(judge({ overrule: 'pass', overruleWhy: '  ' }, [], [])).toEqual([
      'pass',
      'By hand, no reason given yet.',
    ]);
  });
  it('stands beside what was computed, unless they say the same', () => {
    const word = { overrule: 'pass' as const, overruleWhy: 'measured at the bracket' };
    expect(judge(word, [], [low])[1]).toMatch(/^By hand: measured at the bracket Computed: fail\. rail: /);
    expect(judge(word, [], [good])).toEqual(['pass', 'By hand: measured at the bracket']);
    expect(judge(word)).toEqual(['pass', 'By hand: measured at the bracket']);
  });
});
