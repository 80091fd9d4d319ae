import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { applyOps } from './apply';
import { AUTHORISATIONS, CAUSE_STATES } from './argument';
import { type CaseRecord } from './kinds';
import { doneRepairs } from './done';
import { emptyRecord } from './test-record';
import { impliedWait, nextActs, REPAIR_ACTS, repairAct, repairStates, type RepairAct } from './repair-state';

const AT = '2026-05-04T09:00:00.000Z';
const LATER = '2026-05-05T09:00:00.000Z';

const empty = emptyRecord;

/** A cause with one planned repair and one part on it. */
const planned = (repair: object = {}, part: object = {}, cause: object = {}): CaseRecord =>
  applyOps(empty(), [
    { op: 'add', kind: 'cause', id: 'c', row: { state: 'diagnosed', ...cause } },
    { op: 'add', kind: 'repair', id: 'r', row: { causeId: 'c', what: 'pump', ...repair } },
    { op: 'add', kind: 'part', id: 'p', row: { repairId: 'r', name: 'pump', ...part } },
  ]);
const after = (record: CaseRecord, acts: RepairAct[], id = 'r'): CaseRecord =>
  acts.reduce((r, act) => applyOps(r, repairAct(r, id, act, 'mara', AT)), record);
const state = (record: CaseRecord, id = 'r') => repairStates(record).get(id);

describe('where a repair stands', () => {
  it.each([
    ['written down', {}, {}, {}, 'planned'],
    ['the customer was asked', { authorisation: 'asked' }, {}, {}, 'asked'],
    ['the customer said yes', { authorisation: 'authorised' }, {}, {}, 'authorised'],
    ['its part is on order', { authorisation: 'authorised' }, { orderedAt: AT }, {}, 'waiting for a part'],
    ['its part came', { authorisation: 'authorised' }, { orderedAt: AT, arrivedAt: LATER }, {}, 'authorised'],
    ['it has a moment', { at: LATER }, {}, {}, 'done'],
    ['its cause is repaired', {}, {}, { state: 'repaired' }, 'done'],
    [
      'its cause is repaired by something else, and its own part is on order',
      {},
      { orderedAt: AT },
      { state: 'repaired' },
      'waiting for a part',
    ],
    ['the customer said no', { authorisation: 'declined', at: LATER }, {}, {}, 'declined'],
    ['the customer said later', { authorisation: 'put off' }, { orderedAt: AT }, {}, 'put off'],
  ])('%s', (_, repair, part, cause, says) => {
    expect(state(planned(repair, part, cause))).toBe(says);
  });
});

describe('acts on a repair', () => {
  it('go the usual way, each with its time and who did it', () => {
    const record = after(planned(), ['ask', 'authorise', 'order', 'arrived']);
    expect(record.repair[0]).toMatchObject({ askedAt: AT, answeredAt: AT, answeredById: 'mara', at: null });
    expect(record.part[0]).toMatchObject({ orderedAt: AT, arrivedAt: AT });
    expect(record.cause[0]!.state).toBe('diagnosed');
    const done = applyOps(record, repairAct(record, 'r', 'done', 'joon', LATER));
    expect(done.repair[0]).toMatchObject({ at: LATER, byId: 'joon' });
    expect(done.cause[0]!.state).toBe('repaired');
  });

  it('credit a repair to who did it, and keep who stands there where nobody is signed in', () => {
    const by = (who: string | null) => {
      const record = planned({ byId: 'mara' });
      return applyOps(record, repairAct(record, 'r', 'done', who, AT)).repair[0]!.byId;
    };
    expect([by('joon'), by(null)]).toEqual(['joon', 'mara']);
  });

  it('say how the cause stands at each step', () => {
    const causeAfter = (...acts: RepairAct[]) => after(planned(), acts).cause[0]!.state;
    expect(causeAfter('ask')).toBe('diagnosed');
    expect(causeAfter('authorise', 'order')).toBe('part on order');
    expect(causeAfter('decline')).toBe('declined');
    expect(causeAfter('decline', 'authorise')).toBe('diagnosed');
    expect(causeAfter('put off')).toBe('diagnosed');
  });

  it('do not decline a cause of which another repair goes on', () => {
    const two = applyOps(planned(), [
      { op: 'add', kind: 'repair', id: 'r2', row: { causeId: 'c', what: 'relay' } },
    ]);
    const one = after(two, ['decline'], 'r2');
    expect([state(one, 'r2'), one.cause[0]!.state]).toEqual(['declined', 'diagnosed']);
    expect(after(one, ['decline'], 'r').cause[0]!.state).toBe('declined');
  });

  it('offer only what can follow', () => {
    expect(nextActs(planned(), 'r')).toEqual(['ask', 'done', 'authorise', 'order', 'decline']);
    const bare = applyOps(empty(), [{ op: 'add', kind: 'repair', id: 'r', row: {} }]);
    expect(nextActs(bare, 'r')).not.toContain('order');
    expect(nextActs(planned({ at: AT }), 'r')).toEqual([]);
    expect(nextActs(planned(), 'nothing')).toEqual([]);
    expect(repairAct(planned(), 'nothing', 'done', null, AT)).toEqual([]);
  });

  it('whatever is written, an asked, declined or put-off repair is never done, and an act leads where it says', () => {
    const moment = fc.constantFrom(null, AT, LATER);
    const drawn = fc.record({
      authorisation: fc.constantFrom(...AUTHORISATIONS),
      at: moment,
      orderedAt: moment,
      arrivedAt: moment,
      cause: fc.constantFrom(...CAUSE_STATES),
      act: fc.constantFrom(...REPAIR_ACTS),
    });
    fc.assert(
      fc.property(drawn, ({ authorisation, at, orderedAt, arrivedAt, cause, act }) => {
        const record = planned({ authorisation, at }, { orderedAt, arrivedAt }, { state: cause });
        const says = state(record)!;
        expect(says === 'done').toBe(
          doneRepairs(record).length === 1 && !['declined', 'put off'].includes(authorisation),
        );
        if (['asked', 'declined', 'put off'].includes(authorisation)) expect(says).not.toBe('done');
        if (!nextActs(record, 'r').includes(act)) return;
        const next = state(after(record, [act]));
        expect(next).toBe(
          {
            ask: 'asked',
            // What is on order stays on order with the customer's yes.
            authorise: orderedAt !== null && arrivedAt === null ? 'waiting for a part' : 'authorised',
            decline: 'declined',
            'put off': 'put off',
            order: 'waiting for a part',
            arrived: authorisation === '' ? 'planned' : 'authorised',
            done: 'done',
          }[act],
        );
      }),
    );
  });
});

describe('what a case waits for', () => {
  it('follows from its repairs', () => {
    const waits = (...acts: RepairAct[]) => impliedWait(after(planned(), acts));
    expect(waits()).toBeUndefined();
    expect(waits('ask')).toBe('authorisation');
    expect(waits('ask', 'authorise')).toBe('repair');
    expect(waits('authorise', 'order')).toBe('part');
    expect(waits('authorise', 'order', 'arrived')).toBe('repair');
    expect(waits('authorise', 'done')).toBe('proof');
  });

  it('is nobody where the customer said no to everything, and the other repair where they said no to one', () => {
    expect(impliedWait(after(planned(), ['ask', 'decline']))).toBe('');
    const two = applyOps(planned(), [
      { op: 'add', kind: 'repair', id: 'r2', row: { what: 'relay', authorisation: 'asked' } },
    ]);
    expect(impliedWait(after(two, ['decline']))).toBe('authorisation');
  });

  it('is not told while a confirmed cause has no repair of its own', () => {
    const second = applyOps(after(planned(), ['done']), [
      { op: 'add', kind: 'cause', id: 'c2', row: { state: 'diagnosed' } },
    ]);
    expect(impliedWait(second)).toBeUndefined();
    const suspected = applyOps(after(planned(), ['done']), [
      { op: 'add', kind: 'cause', id: 'c2', row: { state: 'suspected' } },
    ]);
    expect(impliedWait(suspected)).toBe('proof');
  });

  it('is told by a cause alone where its part is on order', () => {
    const record = applyOps(empty(), [
      { op: 'add', kind: 'cause', id: 'c', row: { state: 'part on order' } },
    ]);
    expect(impliedWait(record)).toBe('part');
    expect(impliedWait(empty())).toBeUndefined();
  });
});
