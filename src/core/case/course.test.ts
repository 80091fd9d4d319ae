import { describe, expect, it } from 'vitest';
import { applyOps } from './apply';
import type { Op } from './change';
import { courseOf } from './course';
import { emptyRecord } from './test-record';

const add = (kind: string, id: string, row: object): Op => ({ op: 'add', kind, id, row }) as Op;

/** Opened on a Thursday and closed on the Friday, in summer where it is. */
const days = (ops: Op[], closedAt: string | null = '2026-03-06T16:00:00.000Z') =>
  courseOf(applyOps(emptyRecord({ openedAt: '2026-03-05T09:00:00.000Z', closedAt }), ops)).map((d) => [
    d.daysBefore,
    ...d.events.map((e) => `${e.kind}${e.result && ` ${e.result}`}: ${e.what}`),
  ]);

describe('the course of a case', () => {
  it('an open case on which nothing was done was opened', () => {
    expect(days([], null)).toEqual([[0, 'opened: Case opened']]);
  });
  it('each thing stands on its day, in order, with how it came out', () => {
    expect(
      days([
        add('followUp', 'f', { state: 'came back', doneAt: '2026-03-27T10:00:00.000Z' }),
        add('scan', 's', { at: '2026-03-05T09:20:00.000Z', phase: 'first' }),
        add('clear', 'c', { at: '2026-03-06T14:00:00.000Z' }),
        add('test', 't', { at: '2026-03-05T09:40:00.000Z', question: 'Fuel pressure', verdict: 'fail' }),
        add('trace', 'x', { at: '2026-03-05T11:00:00.000Z', name: 'Pump current' }),
        add('cause', 'k', { state: 'repaired' }),
        add('repair', 'r', { at: '2026-03-06T13:00:00.000Z', causeId: 'k', what: 'New fuel pump' }),
        add('proof', 'p', { at: '2026-03-06T15:00:00.000Z', kind: 'road test', state: 'passed' }),
      ]),
    ).toEqual([
      [0, 'opened: Case opened', 'scan: Scan: first', 'test fail: Fuel pressure', 'trace: Pump current'],
      [
        1,
        'repair: New fuel pump',
        'codes cleared: Codes cleared',
        'proof pass: road test',
        'closed: Case closed',
      ],
      [21, 'follow-up fail: Follow-up: came back'],
    ]);
  });
  it('what was only planned, is due, is refused, or has no moment did not happen', () => {
    expect(
      days(
        [
          add('test', 't', { at: '2026-03-05T09:40:00.000Z', question: 'Fuel pressure' }),
          add('proof', 'p', { at: '2026-03-06T15:00:00.000Z', kind: 'road test', state: 'open' }),
          add('proof', 'q', { kind: 'cold start', state: 'passed' }),
          add('proof', 'n', { at: '2026-03-06T15:00:00.000Z', kind: 'cold start', state: 'not possible' }),
          add('followUp', 'f', { state: 'due', dueAt: '2026-04-06T10:00:00.000Z' }),
          add('repair', 'r', { at: '2026-03-06T13:00:00.000Z', authorisation: 'declined' }),
          add('cause', 'k', { state: 'repaired' }),
          add('repair', 'w', { causeId: 'k', what: 'When is not known' }),
        ],
        null,
      ),
    ).toEqual([[0, 'opened: Case opened']]);
  });
  it('a person’s verdict stands over the computed one, and a reading alone makes a test done', () => {
    expect(
      days(
        [
          add('test', 't', {
            ...{ at: '2026-03-05T09:40:00.000Z', question: 'Rail pressure' },
            ...{ verdict: 'pass', overrule: 'unsure' },
          }),
          add('test', 'u', { at: '2026-03-05T09:50:00.000Z', question: 'Supply' }),
          add('reading', 'm', { testId: 'u', label: 'U', entered: '12.1 V' }),
        ],
        null,
      ),
    ).toEqual([[0, 'opened: Case opened', 'test unsure: Rail pressure', 'test: Supply']]);
  });
});
