import type { CaseRecord, Kind } from '@/core/case';
import { gradeProof } from '@/core/cause';
import { judgeWhole } from '@/core/checks';
import type { Tx } from '@/store/database';
import { loadCase, updateRow } from '@/store/rows';
import { confirmedComebacks } from '@/store/shop';

export interface Touched {
  kinds: Set<Kind>;
  testIds: Set<string>;
}

const JUDGED: Kind[] = ['test', 'condition', 'reading', 'input'];
const GRADED: Kind[] = [
  'cause',
  'repair',
  'scan',
  'clear',
  'code',
  'role',
  'test',
  'condition',
  'reading',
  'input',
  'proof',
  'followUp',
  'comeback',
];

/**
 * Brings what Vantle computes (verdicts, grade) up to date after a write, in the same transaction.
 * Computed fields do not count as a revision: nobody typed them.
 *
 * @param seq the history sequence of this write, for earlier cases that it weighs on
 */
export async function recompute(tx: Tx, caseId: string, touched: Touched | 'all', seq = 0): Promise<void> {
  const any = (kinds: Kind[]) => touched === 'all' || kinds.some((k) => touched.kinds.has(k));
  if (!any(GRADED)) return;
  const record = await loadCase(tx, caseId);
  if (!record) return;
  if (any(JUDGED)) await judge(tx, record, touched === 'all' ? undefined : touched.testIds);
  await grade(tx, record);
  if (any(['comeback'])) {
    // A comeback weighs on the earlier case, not on this one.
    for (const c of record.comeback) {
      const earlier = await loadCase(tx, c.ofCaseId);
      if (earlier) await grade(tx, earlier, seq);
    }
  }
}

async function judge(tx: Tx, record: CaseRecord, only: Set<string> | undefined): Promise<void> {
  for (const test of record.test) {
    if (only && !only.has(test.id)) continue;
    const readings = record.reading.filter((r) => r.testId === test.id);
    const judged = judgeWhole(
      test,
      record.condition.filter((c) => c.testId === test.id),
      readings,
      record.input.filter((i) => i.testId === test.id),
    );
    for (const [i, r] of readings.entries()) {
      const j = judged.readings[i]!;
      if (j.verdict !== r.verdict || j.because !== r.because) {
        Object.assign(r, j);
        await updateRow(tx, 'reading', r.id, { ...j });
      }
    }
    const j = judged.test;
    if (j.verdict !== test.verdict || j.because !== test.because) {
      Object.assign(test, j);
      await updateRow(tx, 'test', test.id, { ...j });
    }
  }
}

async function grade(tx: Tx, record: CaseRecord, seq?: number): Promise<void> {
  const comebacks = (await confirmedComebacks(tx)).get(record.case.id) ?? [];
  const result = gradeProof({ ...record, comebackNumbers: comebacks.map((c) => c.number) });
  if (result.grade === record.case.grade && result.because === record.case.gradeWhy && seq === undefined)
    return;
  await updateRow(tx, 'case', record.case.id, {
    grade: result.grade,
    gradeWhy: result.because,
    ...(seq === undefined ? {} : { seq: Math.max(seq, record.case.seq) }),
  });
}
