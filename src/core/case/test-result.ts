import type { CaseRecord } from './kinds';

type Rows = Partial<Pick<CaseRecord, 'reading' | 'finding'>>;
type Test = Pick<CaseRecord['test'][number], 'id' | 'question' | 'verdict'>;

const ENDS: Record<string, string> = {
  pass: 'OK',
  fail: 'not OK',
  unsure: 'unsure',
  void: 'not valid',
};

/**
 * What a test found, as a result: what was measured, the value that told most, and whether that is OK. The first row
 * that bears the verdict of the whole test is named; a test without one is named by its question.
 *
 * @param test the row of the test
 * @param record the readings and findings of the case; those of other tests are passed over
 * @returns one line without a full stop; an empty test is "Test"
 * @example of a failed test with the reading "long-term trim at idle", "19.5 %" // 'Long-term trim at idle 19.5 % – not OK'
 */
export function testResult(test: Test, record: Rows): string {
  const reading = record.reading?.find(
    (r) => r.testId === test.id && r.verdict === test.verdict && r.entered !== '',
  );
  const finding = record.finding?.find((f) => f.testId === test.id && f.verdict === test.verdict);
  const ofFinding = finding ? [finding.about || test.question, finding.figure] : [];
  const result = reading ? [reading.label || test.question, reading.entered] : ofFinding;
  const words = result.filter(Boolean).join(' ') || test.question.trim() || 'Test';
  const said = `${words.charAt(0).toUpperCase()}${words.slice(1)}`;
  const end = ENDS[test.verdict];
  return end === undefined ? said : `${said} – ${end}`;
}
