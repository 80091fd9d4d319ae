import type { CaseRecord, Kind } from '@/core/case';
import { judgeCase } from '@/core/conclusions';
import type { Tx } from '@/store/database';
import { appendHistory, loadCase, updateRow } from '@/store/rows';
import { confirmedComebacks } from '@/store/shop';

export interface Touched {
  kinds: Set<Kind>;
  testIds: Set<string>;
  /** Earlier cases that a comeback written here was, or is, about. */
  earlierCaseIds: Set<string>;
}

/** Tests and readings whose verdict was brought up to date, beside the last history sequence. */
export interface Recomputed {
  seq: number;
  rejudged: { kind: 'test' | 'reading'; id: string }[];
}

/** Who wrote what made the grade change; none while a case is taken in from a file. */
export interface Writer {
  who: string;
  at: string;
}

type Comebacks = Awaited<ReturnType<typeof confirmedComebacks>>;

const JUDGED: Kind[] = ['test', 'condition', 'reading', 'input', 'finding'];
const GRADED: Kind[] = [
  'case',
  'symptom',
  'earlier',
  'module',
  'explains',
  'finding',
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
 * @param writer whose write it is, for the history of grades
 * @param known the comebacks of all cases, where they were asked for already and none was written since
 * @returns the last history sequence, which grows when a grade changed, and what was judged anew
 */
export async function recompute(
  tx: Tx,
  caseId: string,
  touched: Touched | 'all',
  seq = 0,
  writer?: Writer,
  known?: Comebacks,
): Promise<Recomputed> {
  const any = (kinds: Kind[]) => touched === 'all' || kinds.some((k) => touched.kinds.has(k));
  if (!any(GRADED)) return { seq, rejudged: [] };
  const record = await loadCase(tx, caseId);
  if (!record) return { seq, rejudged: [] };
  const comebacks = known ?? (await confirmedComebacks(tx));
  const judged = touched !== 'all' && any(JUDGED) ? touched.testIds : new Set<string>();
  const only = touched === 'all' ? undefined : judged;
  const { graded, rejudged } = await write(tx, record, comebacks, writer, only);
  let last = Math.max(seq, graded);
  if (any(['comeback'])) {
    // A comeback weighs on the earlier case, not on this one; one that was removed does no more.
    const earlierIds = new Set(record.comeback.map((c) => c.ofCaseId));
    if (touched !== 'all') for (const id of touched.earlierCaseIds) earlierIds.add(id);
    for (const id of earlierIds) {
      const earlier = await loadCase(tx, id);
      if (!earlier) continue;
      last = Math.max(last, (await write(tx, earlier, comebacks, writer, new Set())).graded);
      // Whoever watches the earlier case is told that something about it is new.
      await updateRow(tx, 'case', id, { seq: Math.max(last, earlier.case.seq) });
    }
  }
  return { seq: last, rejudged };
}

/**
 * Judges a case and writes what came out otherwise. A new grade goes into the history under who made it so.
 *
 * @returns the history sequence of a new grade, else 0, and the rows whose verdict changed
 */
async function write(
  tx: Tx,
  record: CaseRecord,
  comebacks: Comebacks,
  writer: Writer | undefined,
  only: ReadonlySet<string> | undefined,
): Promise<{ graded: number; rejudged: Recomputed['rejudged'] }> {
  const { id, grade: before, gradeWhy } = record.case;
  const numbers = (comebacks.get(id) ?? []).map((c) => c.number);
  const { tests, readings, grade } = judgeCase(record, numbers, only);
  for (const { row, verdict } of readings) await updateRow(tx, 'reading', row.id, { ...verdict });
  for (const { row, verdict } of tests) await updateRow(tx, 'test', row.id, { ...verdict });
  const rejudged = [
    ...readings.map(({ row }) => ({ kind: 'reading' as const, id: row.id })),
    ...tests.map(({ row }) => ({ kind: 'test' as const, id: row.id })),
  ];
  const { grade: now, because } = grade;
  if (now === before && because === gradeWhy) return { graded: 0, rejudged };
  await updateRow(tx, 'case', id, { grade: now, gradeWhy: because });
  if (now === before || !writer) return { graded: 0, rejudged };
  const graded = await appendHistory(tx, {
    ...writer,
    caseId: id,
    kind: 'case',
    rowId: id,
    op: 'set',
    before: { grade: before, gradeWhy },
    after: { grade: now, gradeWhy: because },
  });
  return { graded, rejudged };
}
