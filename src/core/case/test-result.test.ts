import { describe, expect, it } from 'vitest';
import { testResult } from './test-result';
import type { CaseRecord } from './kinds';

const reading = (over: object) =>
  ({ testId: 't', label: '', entered: '', verdict: '', ...over }) as CaseRecord['reading'][number];
const finding = (over: object) =>
  ({ testId: 't', about: '', figure: '', verdict: '', ...over }) as CaseRecord['finding'][number];
const test = (verdict: string, question = 'Does the pump hold pressure?') =>
  ({ id: 't', question, verdict }) as CaseRecord['test'][number];

describe('what a test found, in one line', () => {
  it.each([
    [
      'names the reading that failed, not the one beside it',
      testResult(test('fail'), {
        reading: [
          reading({ label: 'at rest', entered: '3.8 bar', verdict: 'pass' }),
          reading({ label: 'after 10 min', entered: '0.4 bar', verdict: 'fail' }),
        ],
      }),
      'After 10 min 0.4 bar – not OK',
    ],
    [
      'a reading without a label is named by the question',
      testResult(test('pass'), { reading: [reading({ entered: 'yes', verdict: 'pass' })] }),
      'Does the pump hold pressure? yes – OK',
    ],
    [
      'a finding of a check or trace, with its figure',
      testResult(test('fail'), {
        finding: [finding({ about: 'cylinder 3', figure: '−38 %', verdict: 'fail' })],
      }),
      'Cylinder 3 −38 % – not OK',
    ],
    [
      'rows of another test are passed over',
      testResult(test('pass'), {
        reading: [reading({ testId: 'x', label: 'other', entered: '5 V', verdict: 'pass' })],
      }),
      'Does the pump hold pressure? – OK',
    ],
    [
      'a test that is not valid',
      testResult(test('void', 'Cold compression'), {}),
      'Cold compression – not valid',
    ],
    ['one without a verdict has none', testResult(test('', 'Smoke test'), {}), 'Smoke test'],
    ['an empty one', testResult(test('', ''), {}), 'Test'],
  ])('%s', (_, said, wanted) => {
    expect(said).toBe(wanted);
  });
});
