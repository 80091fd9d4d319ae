import type { CaseRecord } from '@/core/case';

/** One step of a case as somebody does it for the first time. */
export interface FirstCaseStep {
  id: string;
  /** What to do. */
  title: string;
  /** What it is good for, in a sentence or two. */
  why: string;
  /** Key of the command that begins it. */
  key: string;
  isDone: (record: CaseRecord) => boolean;
}

/** A case from the customer to the proof, in the order of the job. */
export const FIRST_CASE: readonly FirstCaseStep[] = [
  {
    id: 'vehicle',
    title: 'Name the vehicle',
    why: 'A VIN fills in year and plant and finds earlier visits; make and model alone will do. The VIN can be read from a photo of its label.',
    key: 'v',
    isDone: ({ vehicle: v }) => v.vin !== '' || v.make !== '' || v.model !== '',
  },
  {
    id: 'said',
    title: 'Write what the customer says',
    why: 'In their own words. Symptoms are read out of them, and find similar cases.',
    key: 'w',
    isDone: (r) => r.case.said.trim() !== '',
  },
  {
    id: 'symptom',
    title: 'Accept the symptoms heard in it, or add one',
    why: 'Say when it happens, too: cold, hot, under load, in the rain.',
    key: 'y',
    isDone: (r) => r.symptom.length > 0,
  },
  {
    id: 'scan',
    title: 'Paste or photograph the scan tool’s report',
    why: 'Before any code is cleared. A vehicle without codes is a case all the same: skip this.',
    key: 's',
    isDone: (r) => r.scan.length > 0,
  },
  {
    id: 'test',
    title: 'Record a test',
    why: 'One question, what you measured, and what is right. With a limit the verdict follows by itself.',
    key: 't',
    isDone: (r) => r.test.some((t) => t.verdict !== ''),
  },
  {
    id: 'cause',
    title: 'Name the cause',
    why: 'A part and how it failed. Until you know it, collect suspects: each test speaks for or against them.',
    key: 'c',
    isDone: (r) => r.cause.some((c) => c.partId !== null),
  },
  {
    id: 'repair',
    title: 'Write what was done',
    why: 'The work, the parts, and what had to come off for it.',
    key: 'r',
    isDone: (r) => r.repair.some((x) => x.what.trim() !== ''),
  },
  {
    id: 'proof',
    title: 'Prove the repair',
    why: 'Repeat the test that failed, and look for the codes again. Until then a repair is only claimed.',
    key: 'p',
    isDone: (r) =>
      r.test.some((t) => t.repeatOf !== null && t.verdict !== '') || r.proof.some((p) => p.state !== 'open'),
  },
  {
    id: 'close',
    title: 'Close the case',
    why: 'It is found from now on by vehicle, code and symptom, and counts in what the shop has learned.',
    key: 'x',
    isDone: (r) => r.case.closedAt !== null,
  },
];

/**
 * Where somebody stands who does a case for the first time.
 *
 * @param record the case
 * @param skipped ids of steps that were passed over
 * @returns the steps done, of how many, and the first that is neither done nor skipped; none when all are
 * @example on an empty case: 0 of 9 done, next is the vehicle
 */
export function firstCaseProgress(
  record: CaseRecord,
  skipped: readonly string[] = [],
): { done: number; of: number; next: FirstCaseStep | undefined } {
  const open = FIRST_CASE.filter((s) => !s.isDone(record));
  return {
    done: FIRST_CASE.length - open.length,
    of: FIRST_CASE.length,
    next: open.find((s) => !skipped.includes(s.id)),
  };
}
