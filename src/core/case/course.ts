import { differenceInCalendarDays, parseISO } from 'date-fns';
import { doneRepairs, doneTests } from './done';
import type { CaseRecord } from './kinds';

export const COURSE_KINDS = [
  'opened',
  'scan',
  'codes cleared',
  'trace',
  'test',
  'repair',
  'proof',
  'follow-up',
  'closed',
] as const;
export type CourseKind = (typeof COURSE_KINDS)[number];

/** One thing that happened on a case. */
export interface CourseEvent {
  kind: CourseKind;
  at: string;
  /** Its row, to go there; empty for the case itself. */
  rowId: string;
  /** What it was, in a few words. */
  what: string;
  /** How it came out: a test's verdict, a proof, a follow-up; empty where nothing comes out. */
  result: '' | 'pass' | 'fail' | 'unsure' | 'void';
}

/** The events of one day, and how many days lie between it and the one before. */
export interface CourseDay {
  /** Its first moment. */
  at: string;
  daysBefore: number;
  events: CourseEvent[];
}

type Rows = Pick<
  CaseRecord,
  'case' | 'scan' | 'clear' | 'trace' | 'test' | 'reading' | 'repair' | 'cause' | 'proof' | 'followUp'
>;

/**
 * What happened on a case and when, day by day in the reader's time zone. Only what was done counts: a planned test, an
 * open step of proof and a follow-up that is due are not there, nor is a repair of which nobody knows when it was done.
 *
 * @param record the case with its rows
 * @returns days in order, each with its events in order
 */
export function courseOf(record: Rows): CourseDay[] {
  const days: CourseDay[] = [];
  for (const event of eventsOf(record).sort((a, b) => a.at.localeCompare(b.at))) {
    const last = days.at(-1);
    const daysBefore = last ? differenceInCalendarDays(parseISO(event.at), parseISO(last.at)) : 0;
    if (last && daysBefore === 0) last.events.push(event);
    else days.push({ at: event.at, daysBefore, events: [event] });
  }
  return days;
}

function eventsOf(record: Rows): CourseEvent[] {
  const { openedAt, closedAt } = record.case;
  const event = (
    kind: CourseKind,
    at: string | null,
    rowId: string,
    what: string,
    result: CourseEvent['result'] = '',
  ): CourseEvent[] => (at ? [{ kind, at, rowId, what, result }] : []);
  const repairs = new Map(record.repair.map((r) => [r.id, r]));
  return [
    ...event('opened', openedAt, '', 'Case opened'),
    ...record.scan.flatMap((s) => event('scan', s.at, s.id, s.phase ? `Scan: ${s.phase}` : 'Scan')),
    ...record.clear.flatMap((c) => event('codes cleared', c.at, c.id, 'Codes cleared')),
    ...record.trace.flatMap((t) => event('trace', t.at, t.id, t.name || 'Trace')),
    ...doneTests(record).flatMap((t) =>
      event('test', t.at, t.id, t.question || 'Test', t.overrule || t.verdict || ''),
    ),
    ...doneRepairs(record).flatMap((d) => {
      const r = repairs.get(d.id)!;
      // Where only a scan after it tells, its moment is not known.
      return event('repair', r.at, r.id, r.what || `Repair: ${r.action}`);
    }),
    ...record.proof.flatMap((p) =>
      p.state === 'passed' || p.state === 'failed'
        ? event('proof', p.at, p.id, p.what || p.kind, p.state === 'passed' ? 'pass' : 'fail')
        : [],
    ),
    ...record.followUp.flatMap((f) =>
      f.state === 'held' || f.state === 'came back'
        ? event(
            'follow-up',
            f.doneAt,
            f.id,
            f.state === 'held' ? 'Follow-up: stayed fixed' : 'Follow-up: came back',
            f.state === 'held' ? 'pass' : 'fail',
          )
        : [],
    ),
    ...event('closed', closedAt, '', 'Case closed'),
  ];
}
