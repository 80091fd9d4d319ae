import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { applyOps } from './apply';
import { Change, checkFields, sameValue } from './change';
import { CASE_KINDS, KINDS, type CaseRecord } from './kinds';

const record = (): CaseRecord =>
  ({
    case: KINDS.case.parse({ id: 'k', number: 1, vehicleId: 'v', openedAt: '2026-01-01T00:00:00Z' }),
    vehicle: KINDS.vehicle.parse({ id: 'v' }),
    ...Object.fromEntries(CASE_KINDS.map((k) => [k, []])),
  }) as unknown as CaseRecord;

describe('operations over a record', () => {
  it('adds, sets and removes, with what hangs on it', () => {
    const before = record();
    const after = applyOps(before, [
      { op: 'add', kind: 'test', id: 't', row: { at: '2026-01-01T00:00:00Z' } },
      { op: 'add', kind: 'reading', id: 'r', row: { testId: 't', entered: '1 V' } },
      { op: 'set', kind: 'reading', id: 'r', revision: 1, set: { entered: '2 V' }, was: {} },
      { op: 'set', kind: 'case', id: 'k', revision: 1, set: { said: 'it stalls' }, was: {} },
    ]);
    expect(after.reading[0]!.entered).toBe('2 V');
    expect(after.case.said).toBe('it stalls');
    expect(applyOps(after, [{ op: 'remove', kind: 'test', id: 't' }])).toMatchObject({
      test: [],
      reading: [],
    });
    expect(before.test).toEqual([]);
  });

  it('passes over what cannot be: unknown rows, rows without what they need', () => {
    const r = record();
    expect(
      applyOps(r, [{ op: 'set', kind: 'test', id: 'no', revision: 1, set: { question: 'x' }, was: {} }]),
    ).toEqual(r);
    expect(applyOps(r, [{ op: 'add', kind: 'reading', id: 'r', row: {} }]).reading).toEqual([]);
  });

  it('applied twice is applied once', () => {
    const op = fc.oneof(
      fc.record({
        op: fc.constant('add' as const),
        kind: fc.constant('suspect' as const),
        id: fc.constantFrom('a', 'b', 'c'),
        row: fc.record({ why: fc.string({ maxLength: 5 }) }),
      }),
      fc.record({
        op: fc.constant('remove' as const),
        kind: fc.constant('suspect' as const),
        id: fc.constantFrom('a', 'b', 'c'),
      }),
    );
    fc.assert(
      fc.property(op, (o) => {
        const once = applyOps(record(), [o]);
        return sameValue(applyOps(once, [o]), once);
      }),
    );
  });
});

describe('the wall', () => {
  it('takes fields of the row, in their shape', () => {
    expect(checkFields('case', { said: 'x', closedAt: null })).toEqual({ said: 'x', closedAt: null });
    expect(checkFields('symptom', { conditions: ['hot'] })).toEqual({ conditions: ['hot'] });
  });
  it('refuses unknown, computed and badly formed fields with a sentence', () => {
    expect(() => checkFields('case', { grade: 'held' })).toThrow(/computed/);
    expect(() => checkFields('case', { colour: 'red' })).toThrow(/no field "colour"/);
    expect(() => checkFields('case', { constructor: 'x' })).toThrow(/no field/);
    expect(() => checkFields('vehicle', { year: 3 })).toThrow(/year/);
    expect(() => checkFields('test', { at: 'yesterday' })).toThrow(/at/);
  });
  it('refuses changes without operations and ids that are no ids', () => {
    expect(Change.safeParse({ id: 'x', ops: [] }).success).toBe(false);
    expect(
      Change.safeParse({ id: '../../etc', ops: [{ op: 'remove', kind: 'test', id: 'a' }] }).success,
    ).toBe(false);
  });
});
