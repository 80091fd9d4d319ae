import { doneRepairs, type CaseRecord, type Speaks, type Suspect } from '@/core/case';
import { judgeWhole } from '@/core/checks';
import type { Catalogue } from './catalogue';

/** What a test says of a suspect, with the reason. */
export interface BoardWord {
  testId: string;
  says: Speaks['says'];
  why: string;
  /** Said by what the test found, not by a person. */
  found: boolean;
}

/** One suspect with what speaks for and against it. */
export interface BoardEntry {
  /** The row of the case; null where only findings name it. */
  suspectId: string | null;
  partId: string | null;
  failureId: string | null;
  /** The words, where the shop's list does not have the part. */
  words: string;
  where: string;
  state: Suspect['state'];
  says: BoardWord[];
}

type Facts = Pick<
  CaseRecord,
  'suspect' | 'bearing' | 'test' | 'condition' | 'reading' | 'input' | 'finding' | 'repair' | 'cause' | 'scan'
>;

/** What one test found that speaks of a cause. */
export interface Spoken extends Speaks {
  testId: string;
  why: string;
}

/**
 * What the tests of a case found that speaks for or against a cause: of checks and of analyses alike. Tests that
 * prove nothing, that a person judged otherwise, or that were done after a repair do not speak.
 *
 * @param record tests with their verdicts, and what hangs on them
 * @returns in the order of the tests
 */
export function spokenOf(record: Facts): Spoken[] {
  const repaired = doneRepairs(record)
    .flatMap((r) => r.at ?? [])
    .sort()[0];
  return record.test.flatMap((t): Spoken[] => {
    if (t.checkId === '' && t.analysisId === '') return [];
    if ((t.verdict !== 'pass' && t.verdict !== 'fail') || t.overrule !== '' || t.repeatOf !== null) return [];
    if (repaired !== undefined && t.at >= repaired) return [];
    const own = <T extends { testId: string }>(rows: readonly T[]) => rows.filter((r) => r.testId === t.id);
    const found = own(record.finding);
    const check = t.checkId
      ? judgeWhole(t, own(record.condition), own(record.reading), own(record.input)).check
      : undefined;
    const all = [...found, ...(check?.state === 'done' ? check.findings : [])];
    // What is not certain itself says nothing of a cause.
    const certain = all.filter((f) => f.verdict === 'pass' || f.verdict === 'fail');
    return certain.flatMap((f) => (f.speaks ?? []).map((s) => ({ ...s, testId: t.id, why: f.because })));
  });
}

/**
 * The board of suspects: those a person put there, and those that findings name, each with what speaks for and
 * against it.
 *
 * @param record the rows of the case
 * @param catalogue the shop's list of parts and failures
 * @returns a person's suspects first, in their order
 */
export function boardOf(record: Facts, catalogue: Catalogue): BoardEntry[] {
  const board = record.suspect.map((s): BoardEntry => ({
    suspectId: s.id,
    partId: s.partId,
    failureId: s.failureId,
    words: s.words,
    where: s.where,
    state: s.state,
    says: record.bearing
      .filter((b) => b.suspectId === s.id)
      .map((b) => ({ testId: b.testId, says: b.says, why: b.why, found: false })),
  }));
  for (const spoken of spokenOf(record)) {
    const partId = catalogue.find('part', spoken.part)?.id ?? null;
    const failureId = spoken.failure ? (catalogue.find('failure', spoken.failure)?.id ?? null) : null;
    const word: BoardWord = { testId: spoken.testId, says: spoken.says, why: spoken.why, found: true };
    const same = board.filter((e) => isOf(e, { partId, failureId, ...spoken }, catalogue));
    if (same.length === 0 && spoken.says === 'for') {
      board.push({
        suspectId: null,
        partId,
        failureId,
        words: partId === null ? [spoken.part, spoken.failure].filter(Boolean).join(', ') : '',
        where: spoken.where,
        state: 'standing',
        says: [word],
      });
      continue;
    }
    for (const e of same)
      if (!e.says.some((w) => w.testId === word.testId && w.says === word.says)) e.says.push(word);
  }
  return board;
}

/** Whether what was said is about a suspect: the same part, and the same failure where both name one. */
function isOf(
  entry: BoardEntry,
  said: { partId: string | null; failureId: string | null; part: string },
  catalogue: Catalogue,
): boolean {
  const part = catalogue.resolve(entry.partId)?.id;
  if (said.partId === null || part === undefined)
    return entry.words.toLowerCase().includes(said.part.toLowerCase()) && entry.words !== '';
  if (part !== said.partId) return false;
  const failure = catalogue.resolve(entry.failureId)?.id;
  return failure === undefined || said.failureId === null || failure === said.failureId;
}
