import type { CaseRecord } from '@/core/case';
import { gradeProof, type GradeResult } from '@/core/cause';
import { judgeTests, type Rejudged } from '@/core/checks';

/**
 * What is kept with the rows of a case, judged: verdicts and grade. Server, import and the bringing up to date
 * of old cases all write what this gives; the browser shows the same before they have.
 *
 * @param record the case; verdicts that come out otherwise are written into its rows
 * @param comebackNumbers later cases in which it came back
 * @param only ids of the tests that were written; all when left out
 * @returns the rows whose verdict changed, and the grade
 */
export function judgeCase(
  record: CaseRecord,
  comebackNumbers: number[],
  only?: ReadonlySet<string>,
): Rejudged & { grade: GradeResult } {
  const rejudged = judgeTests(record, only);
  for (const { row, verdict } of [...rejudged.tests, ...rejudged.readings]) Object.assign(row, verdict);
  return { ...rejudged, grade: gradeProof({ ...record, comebackNumbers }) };
}
