import { describe, expect, it } from 'vitest';
import type { Kind } from '@/core/case';
import { Catalogue } from '@/core/cause';
import { CaseFile } from '../case-file';
import { readCaseFile } from './index';

const catalogue = new Catalogue([
  {
    id: 'p1',
    kind: 'part',
    system: 'Air',
    name: 'intake boot',
    synonyms: ['air duct'],
    mergedInto: null,
    fresh: false,
  },
  {
    id: 'f1',
    kind: 'failure',
    system: '',
    name: 'cracked',
    synonyms: ['split'],
    mergedInto: null,
    fresh: false,
  },
]);
function read(over: Partial<CaseFile>) {
  let n = 0;
  const file = CaseFile.parse({
    format: 'vantle-case/1',
    openedAt: '2026-01-01T08:00:00Z',
    vehicle: { make: 'Corvane' },
    ...over,
  });
  const { rows, fresh } = readCaseFile(file, {
    caseId: 'case',
    vehicleId: 'car',
    vehicleKnown: false,
    number: 7,
    catalogue,
    newId: () => `id${++n}`,
    person: (name) => (name === 'Mara' ? 'mara' : null),
    earlierCase: () => 'earlier',
  });
  const of = (kind: Kind) => rows.filter((r) => r.kind === kind).map((r) => r.row);
  return { rows, fresh, of };
}

describe('a case file', () => {
  it('is read like typed input: sentences, pasted scans, plain parts', () => {
    const { of } = read({
      lead: 'Mara',
      symptoms: [{ words: 'shakes at the lights when hot' }],
      scans: [{ at: '2026-01-01T09:00:00Z', text: 'Engine\nP0171 lean  stored\nABS: no response' }],
      causes: [{ part: 'Air Duct', failure: 'split', explains: { codes: ['p0171'], symptoms: [1] } }],
    });
    expect(of('case')[0]).toMatchObject({ id: 'case', number: 7, leadId: 'mara' });
    expect(of('symptom')[0]).toMatchObject({ concept: 'rough-idle', conditions: ['hot'] });
    expect(of('code')[0]).toMatchObject({ code: 'P0171', statuses: ['stored'] });
    expect(of('module').map((m) => m.answered)).toEqual([true, false]);
    expect(of('cause')[0]).toMatchObject({ partId: 'p1', failureId: 'f1' });
    expect(of('explains').map((e) => [e.of, e.what])).toEqual([
      ['code', 'P0171'],
      ['symptom', of('symptom')[0]!.id],
    ]);
  });

  it('adds a part the shop does not know, once, marked for a look', () => {
    const { fresh, of } = read({
      causes: [
        { part: 'flux box', failure: 'split' },
        { part: 'Flux Box', failure: 'cracked' },
      ],
    });
    expect(fresh).toMatchObject([{ kind: 'part', name: 'flux box', fresh: true }]);
    expect(new Set(of('cause').map((c) => c.partId)).size).toBe(1);
  });

  it('puts owners before what hangs on them, so that rows can be stored in order', () => {
    const { rows } = read({
      tests: [
        {
          ref: 'a',
          at: '2026-01-01T09:00:00Z',
          question: 'holds?',
          conditions: [{ what: 'key on', met: 'yes' }],
          readings: [{ entered: '1 V' }],
          says: [{ suspect: 's', says: 'for' }],
        },
        { at: '2026-01-02T09:00:00Z', question: 'holds?', repeatOf: 'a' },
      ],
      suspects: [{ ref: 's', part: 'air duct' }],
      repairs: [{ action: 'replaced', what: 'boot', parts: [{ name: 'boot' }] }],
      causes: [{ part: 'air duct', failure: 'split' }],
    });
    const seen = new Set<string>();
    for (const { row } of rows) {
      for (const field of ['testId', 'suspectId', 'causeId', 'repairId', 'repeatOf', 'vehicleId']) {
        const owner = row[field];
        if (typeof owner === 'string') expect(seen.has(owner), `${field} ${owner}`).toBe(true);
      }
      seen.add(row.id);
    }
  });

  it.each([
    [{ tests: [{ at: '2026-01-01T09:00:00Z', question: 'x', repeatOf: 'nothing' }] }, /test "nothing"/],
    [
      {
        tests: [
          { at: '2026-01-01T09:00:00Z', question: 'x', says: [{ suspect: 'who', says: 'for' as const }] },
        ],
      },
      /suspect "who"/,
    ],
    [{ causes: [{ part: 'a', failure: 'b', explains: { symptoms: [3] } }] }, /symptom 3/],
    [{ repairs: [{ action: 'replaced' as const, what: 'x', cause: 'none' }] }, /cause "none"/],
  ])('says which reference leads nowhere', (over, message) => {
    expect(() => read(over)).toThrow(message);
  });

  it('names the earlier case of a comeback', () => {
    const { of } = read({ comebackOf: { number: 3, state: 'confirmed', why: 'same again' } });
    expect(of('comeback')[0]).toMatchObject({ ofCaseId: 'earlier', state: 'confirmed', why: 'same again' });
  });
});

describe('tests of a file that compute and belong to a procedure', () => {
  const at = '2026-01-01T09:00:00Z';
  it('become rows: the run, the check’s entries with what the file leaves out, the repeat', () => {
    const { rows } = read({
      procedures: [{ ref: 'filter', title: 'Sensor first', at }],
      tests: [
        {
          ref: 'a',
          at,
          question: 'Converts?',
          procedure: 'filter',
          watch: 'caught',
          tries: 3,
          check: { id: 'nox-conversion', entries: { before: '250 ppm', after: '130 ppm' } },
        },
        { at, question: 'Converts?', repeatOf: 'a', skipped: 'no time' },
      ],
    });
    const of = (kind: Kind) => rows.filter((r) => r.kind === kind).map((r) => r.row);
    const [run] = of('run');
    const [first, second] = of('test');
    expect(first).toMatchObject({ runId: run!.id, checkId: 'nox-conversion', watch: 'caught', tries: 3 });
    expect(second).toMatchObject({ repeatOf: first!.id, skipped: 'no time', runId: null, checkId: '' });
    expect(of('input').map((i) => [i.field, i.entered, i.testId])).toEqual([
      ['before', '250 ppm', first!.id],
      ['after', '130 ppm', first!.id],
      ['limit', '', first!.id],
    ]);
  });
  it('refuse a procedure or a check that is not there, by name', () => {
    expect(() => read({ tests: [{ at, question: 'Q', procedure: 'gone' }] })).toThrow(
      'The file speaks of the procedure "gone", but has none of that name.',
    );
    expect(() => read({ tests: [{ at, question: 'Q', check: { id: 'gone', entries: {} } }] })).toThrow(
      'computed check "gone", which is not known here',
    );
  });
});
