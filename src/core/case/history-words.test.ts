import { describe, expect, it } from 'vitest';
import { applyOps } from './apply';
import { changesOf, type HistoryRow } from './history';
import { changeInWords, fieldLabel, type WordsContext } from './history-words';
import { KINDS } from './kinds';
import { emptyRecord } from './test-record';

const record = applyOps(emptyRecord(), [
  { op: 'add', kind: 'cause', id: 'c', row: { partId: 'pump', failureId: 'worn' } },
  { op: 'add', kind: 'test', id: 't', row: { at: '2026-01-01T10:00:00.000Z', question: 'Does it hold?' } },
]);
let seq = 0;
const row = (over: Partial<HistoryRow>): HistoryRow => ({
  seq: ++seq,
  at: '2026-01-01T10:00:00.000Z',
  who: 'mara',
  kind: 'cause',
  rowId: 'c',
  op: 'set',
  before: null,
  after: null,
  ...over,
});
const say = (...rows: HistoryRow[]) => {
  const context: WordsContext = {
    record,
    rows,
    catalogueName: (id) => ({ pump: 'fuel pump', worn: 'worn', split: 'cracked' })[id] ?? '',
    personName: (id) => (id === 'jun' ? 'Jun' : id),
    symptomLabel: (id) => (id === 'stall' ? 'stalls' : id),
    dayTime: (at) => at.slice(0, 10),
  };
  return changeInWords(changesOf(rows)[0]!, context);
};

describe('a change in words', () => {
  it.each([
    [
      row({ before: { failureId: 'split' }, after: { failureId: 'worn' } }),
      'Cause fuel pump, worn: failure changed from cracked to worn',
    ],
    [
      row({ before: { state: 'diagnosed' }, after: { state: 'repaired' } }),
      'Cause fuel pump, worn: state changed from diagnosed to repaired',
    ],
    [
      row({ kind: 'case', rowId: 'k', before: { leadId: null }, after: { leadId: 'jun' } }),
      'Lead set to Jun',
    ],
    [
      row({ kind: 'test', rowId: 't', before: { minutes: null }, after: { minutes: 12 } }),
      'Test Does it hold?: minutes set to 12',
    ],
    [
      row({ kind: 'repair', rowId: 'r', before: { at: null }, after: { at: '2026-11-29T10:21:12.487Z' } }),
      'Repair: time set to 2026-11-29',
    ],
    [row({ kind: 'case', rowId: 'k', op: 'add', after: { number: 1 } }), 'Case opened'],
    [
      row({ kind: 'case', rowId: 'k', before: { leadId: 'jun' }, after: { leadId: null } }),
      'Lead removed (was Jun)',
    ],
    [
      row({ kind: 'role', rowId: 'ro', op: 'add', after: { code: 'P0171', role: 'leftover' } }),
      'P0171: role set to old',
    ],
    [
      row({ kind: 'case', rowId: 'k', before: { grade: 'held' }, after: { grade: 'claimed' } }),
      'Grade changed from stayed fixed to claimed',
    ],
    [
      row({ kind: 'test', rowId: 't', before: { minutes: 12 }, after: { minutes: 20 } }),
      'Test Does it hold?: minutes changed from 12 to 20',
    ],
    [
      row({ kind: 'case', rowId: 'k', before: {}, after: { rules: 9, grade: 'proven', verdicts: 2 } }),
      'Updated to newer rules: grade set to proven, 2 verdicts recomputed',
    ],
  ])('%#', (r, words) => {
    expect(say(r).lines).toEqual([words]);
  });
  it('names what is gone by what it was', () => {
    const gone = row({
      kind: 'symptom',
      rowId: 's',
      op: 'remove',
      before: { concept: 'stall', words: 'dies' },
    });
    expect(say(gone).lines).toEqual(['Symptom stalls removed']);
  });
  it('names what another row speaks of, also where that was removed since', () => {
    const gone = row({ kind: 'symptom', rowId: 's', op: 'remove', before: { concept: 'stall' } });
    const explains = row({
      kind: 'explains',
      rowId: 'e',
      op: 'add',
      after: { of: 'symptom', what: 's', causeId: 'c' },
    });
    expect(say(gone, explains).lines[1]).toBe('A cause explains stalls');
    const code = row({ kind: 'explains', rowId: 'e2', op: 'remove', before: { of: 'code', what: 'P0171' } });
    expect(say(code).lines).toEqual(['A cause no longer explains P0171']);
    const repair = row({ kind: 'repair', rowId: 'r', before: { causeId: 'c9' }, after: { causeId: null } });
    expect(say(repair).lines[0]).toContain('cause removed (was one that was removed)');
  });
  it('names people wherever they stand', () => {
    const given = row({
      kind: 'case',
      rowId: 'k',
      before: { handId: null, handNote: '' },
      after: { handId: 'jun', handNote: 'ring them' },
    });
    expect(say(given).lines).toEqual(['Assignee set to Jun; note for them set to “ring them”']);
  });
  it('gathers many alike, and says to which part they belong', () => {
    const scan = row({ kind: 'scan', rowId: 'sc', op: 'add', after: {} });
    const codes = Array.from({ length: 25 }, (_, i) =>
      row({ kind: 'code', rowId: `x${i}`, op: 'add', after: { code: `P01${10 + i}` } }),
    );
    expect(say(scan, ...codes)).toEqual({
      part: 'evidence',
      lines: ['Scan added', 'Code P0110 added', 'Code P0111 added', '23 more code entries added'],
    });
    const repair = row({ kind: 'repair', rowId: 'r', op: 'add', after: {} });
    const grade = row({
      kind: 'case',
      rowId: 'k',
      before: { grade: '' },
      after: { grade: 'claimed', gradeWhy: 'x' },
    });
    expect(say(repair, grade).part).toBe('repair');
    expect(say(grade)).toEqual({ part: 'proof', lines: ['Grade set to claimed'] });
  });
  it('calls every field of every row by plain words', () => {
    for (const shape of Object.values(KINDS))
      for (const field of Object.keys(shape.shape)) expect(fieldLabel(field)).toMatch(/^[a-z][a-z ,’]*$/);
    expect(['alsoChanged', 'askedAt', 'handId'].map(fieldLabel)).toEqual([
      'also changed',
      'asked',
      'assignee',
    ]);
  });
  it('cuts what is long', () => {
    const long = row({ kind: 'case', rowId: 'k', before: { said: '' }, after: { said: 'x'.repeat(500) } });
    expect(say(long).lines[0]!.length).toBeLessThan(150);
  });
});
