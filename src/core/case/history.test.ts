import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { applyOps } from './apply';
import { changesOf, undoChange, type HistoryRow } from './history';
import { emptyRecord } from './test-record';

const record = emptyRecord;
const row = (seq: number, over: Partial<HistoryRow>): HistoryRow => ({
  seq,
  at: '2026-01-01T10:00:00.000Z',
  who: 'mara',
  kind: 'role',
  rowId: 'r1',
  op: 'set',
  before: null,
  after: null,
  ...over,
});
const withRole = (role: string) =>
  applyOps(record(), [{ op: 'add', kind: 'role', id: 'r1', row: { code: 'P0171', role } }]);

describe('changes', () => {
  it('are what one person wrote at one moment, newest first', () => {
    const later = '2026-01-01T11:00:00.000Z';
    const list = changesOf([
      row(3, { at: later }),
      row(1, {}),
      row(2, { kind: 'cause' }),
      row(4, { at: later, who: 'jun' }),
    ]);
    expect(list.map((c) => [c.seq, c.who, c.rows.length])).toEqual([
      [4, 'jun', 1],
      [3, 'mara', 1],
      [1, 'mara', 2],
    ]);
  });
});

describe('undoing', () => {
  it('puts a field back, naming what it says now', () => {
    const [change] = changesOf([row(1, { before: { role: 'chase' }, after: { role: 'leftover' } })]);
    const ops = undoChange(change!, withRole('leftover'));
    expect(ops).toEqual([
      { op: 'set', kind: 'role', id: 'r1', revision: 1, set: { role: 'chase' }, was: { role: 'leftover' } },
    ]);
  });
  it('refuses when it was written over since, says so, and leaves what Vantle computed', () => {
    const [change] = changesOf([row(1, { before: { role: 'chase' }, after: { role: 'leftover' } })]);
    expect(undoChange(change!, withRole('aside'))).toMatch(/"role" was written again since/);
    expect(undoChange(change!, record())).toMatch(/not on the case any more/);
    const graded = row(1, { kind: 'case', rowId: 'k', before: { grade: '' }, after: { grade: 'proven' } });
    // Vantle computed it: there is nothing of a person's to undo.
    expect(undoChange(changesOf([graded])[0]!, record())).toEqual([]);
  });
  it('takes an addition back and a removal with what hung on it, owners first', () => {
    const before = applyOps(record(), [
      { op: 'add', kind: 'cause', id: 'c1', row: { where: 'bank 1' } },
      { op: 'add', kind: 'explains', id: 'e1', row: { causeId: 'c1', of: 'code', what: 'P0171' } },
    ]);
    const after = applyOps(before, [{ op: 'remove', kind: 'cause', id: 'c1' }]);
    // The store removes what hangs on a row first.
    const rows = [
      row(1, { kind: 'explains', rowId: 'e1', op: 'remove', before: { ...before.explains[0] } }),
      row(2, { kind: 'cause', rowId: 'c1', op: 'remove', before: { ...before.cause[0] } }),
    ];
    const back = undoChange(changesOf(rows)[0]!, after);
    expect(typeof back).not.toBe('string');
    expect(applyOps(after, back as never)).toEqual(before);
    const added = row(1, { kind: 'cause', rowId: 'c1', op: 'add', after: { ...before.cause[0] } });
    expect(undoChange(changesOf([added])[0]!, before)).toEqual([
      { op: 'remove', kind: 'cause', id: 'c1', seen: added.seq },
    ]);
  });
  it('of any row of roles leads back to where it was', () => {
    const roles = fc.constantFrom('', 'chase', 'knock-on', 'aside', 'leftover');
    fc.assert(
      fc.property(roles, roles, (a, b) => {
        const [change] = changesOf([row(1, { before: { role: a }, after: { role: b } })]);
        const ops = undoChange(change!, withRole(b));
        return typeof ops !== 'string' && applyOps(withRole(b), ops).role[0]!.role === a;
      }),
    );
  });
});
