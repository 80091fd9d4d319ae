import { describe, expect, it } from 'vitest';
import { applyOps, KINDS, type CaseRecord, type Op } from '@/core/case';
import { emptyRecord } from '@/core/case/test-record';
import { FIRST_CASE, firstCaseProgress } from './first-case';

const vehicle = KINDS.vehicle.parse({ id: 'v' });
const empty = (): CaseRecord => emptyRecord({}, vehicle);
const at = '2026-03-02T09:00:00.000Z';
const add = (kind: Op['kind'], row: object, id = `${kind}-1`): Op =>
  ({ op: 'add', kind, id, row: { at, ...row } }) as Op;
/** What a person does, one act after the other, and the step that it ends. */
const ACTS: [string, (r: CaseRecord) => CaseRecord][] = [
  ['vehicle', (r) => ({ ...r, vehicle: { ...r.vehicle, make: 'Haldric' } })],
  ['said', (r) => ({ ...r, case: { ...r.case, said: 'it stalls when warm' } })],
  ['symptom', (r) => applyOps(r, [add('symptom', { concept: 'stall' })])],
  ['scan', (r) => applyOps(r, [add('scan', {})])],
  ['test', (r) => applyOps(r, [add('test', { question: 'Does it hold?', verdict: 'fail' })])],
  ['cause', (r) => applyOps(r, [add('cause', { partId: 'p-fuel-pump' })])],
  ['repair', (r) => applyOps(r, [add('repair', { what: 'pump replaced' })])],
  ['proof', (r) => applyOps(r, [add('test', { repeatOf: 'test-1', verdict: 'pass' }, 'test-2')])],
  ['close', (r) => ({ ...r, case: { ...r.case, closedAt: at } })],
];

describe('the guide through a first case', () => {
  it('asks for each step in the order of the job, and for the next once one is done', () => {
    let record = empty();
    expect(ACTS.map(([id]) => id)).toEqual(FIRST_CASE.map((s) => s.id));
    ACTS.forEach(([id, act], i) => {
      expect([firstCaseProgress(record).next?.id, firstCaseProgress(record).done]).toEqual([id, i]);
      record = act(record);
    });
    expect(firstCaseProgress(record)).toEqual({ done: 9, of: 9, next: undefined });
  });

  it('takes what is not there yet for not done', () => {
    // A test put on the case and not done, a suspect without a part, a repair without a word, a blank complaint.
    const started = applyOps(empty(), [
      add('test', { question: 'Does it hold?' }),
      add('cause', {}),
      add('repair', { what: ' ' }),
      add('proof', { kind: 'road test' }),
    ]);
    const record = { ...started, case: { ...started.case, said: '  ' } };
    expect(firstCaseProgress(record).done).toBe(0);
  });

  it('passes over what was skipped, and still counts it as not done', () => {
    const record = ACTS[0]![1](empty());
    expect(firstCaseProgress(record, ['said', 'symptom'])).toMatchObject({ done: 1, next: { id: 'scan' } });
    // What was skipped and done later is done.
    expect(firstCaseProgress(ACTS[1]![1](record), ['said']).done).toBe(2);
    expect(
      firstCaseProgress(
        record,
        FIRST_CASE.map((s) => s.id),
      ).next,
    ).toBeUndefined();
  });

  it('counts a step of the plan that was ticked as proof', () => {
    const ticked = applyOps(empty(), [add('proof', { kind: 'road test', state: 'passed' })]);
    expect(firstCaseProgress(ticked).done).toBe(1);
  });
});
