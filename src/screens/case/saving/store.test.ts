import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import type { ChangedRows, ChangeResult } from '@/core/api';
import { applyOps, KINDS, KIND_NAMES, type CaseRecord, type Change } from '@/core/case';
import { emptyRecord } from '@/core/case/test-record';
import { waitsForServer } from './flush';
import { createCaseStore } from './store';
import { openedCase } from './test-open-case';

const record = emptyRecord;
const opened = (r = record()) => openedCase(r);

/** A browser's storage, as far as the outbox needs it. */
function storage() {
  const kept: Record<string, string> = {};
  return new Proxy(kept, {
    get: (_, name: string) =>
      ({
        getItem: (key: string) => kept[key] ?? null,
        setItem: (key: string, value: string) => void (kept[key] = value),
        removeItem: (key: string) => void delete kept[key],
      })[name] ?? kept[name],
  });
}

/** Everything that stands on a record, as the server sends rows; what `before` had and it has not is removed. */
function rowsOf(r: CaseRecord, before: CaseRecord = record()): ChangedRows {
  const lists = KIND_NAMES.filter((k) => k !== 'case' && k !== 'vehicle') as (keyof typeof KINDS & 'test')[];
  return {
    seq: r.case.seq,
    rows: [
      { kind: 'case', row: r.case },
      { kind: 'vehicle', row: r.vehicle },
      ...lists.flatMap((kind) => r[kind].map((row) => ({ kind, row }))),
    ],
    removed: lists.flatMap((kind) =>
      before[kind].filter((x) => !r[kind].some((y) => y.id === x.id)).map(({ id }) => ({ kind, id })),
    ),
  };
}

/** A server that keeps the record and answers as told. */
let server: CaseRecord;
let answers: ((change: Change) => ChangeResult | 'lost')[];
beforeEach(() => {
  vi.useFakeTimers();
  server = record();
  answers = [];
  vi.stubGlobal('localStorage', storage());
  vi.stubGlobal('sessionStorage', storage());
  vi.stubGlobal('fetch', async (_url: string, init?: { body: string }) => {
    const { changes } = JSON.parse(init!.body) as { changes: Change[] };
    const before = server;
    const results: ChangeResult[] = [];
    for (const change of changes) {
      const result = answers.shift()?.(change) ?? { id: change.id, ok: true };
      if (result === 'lost') throw new TypeError('network');
      if (result.ok) server = applyOps(server, change.ops);
      results.push(result);
    }
    server = { ...server, case: { ...server.case, seq: server.case.seq + 1 } };
    return { ok: true, status: 200, json: async () => ({ results, changed: rowsOf(server, before) }) };
  });
});
afterEach(() => {
  vi.useRealTimers();
  vi.unstubAllGlobals();
});
const keptBoxes = () => Object.keys(localStorage).filter((k) => k.startsWith('vantle:outbox:'));

describe('the open case in the browser', () => {
  it('shows a letter at once, sends half a second after the last one, and forgets its outbox', async () => {
    const store = createCaseStore(opened());
    store.getState().edit('case', 'k', 'said', 'it');
    store.getState().edit('case', 'k', 'said', 'it stalls');
    expect(store.getState().record.case.said).toBe('it stalls');
    expect(keptBoxes()).toHaveLength(1);
    expect(server.case.said).toBe('');
    await vi.advanceTimersByTimeAsync(600);
    expect(server.case.said).toBe('it stalls');
    expect(store.getState()).toMatchObject({ saveState: 'saved', waiting: [], sending: [] });
    expect(keptBoxes()).toHaveLength(0);
  });

  it('keeps everything in order when the connection is lost, and sends it again', async () => {
    const store = createCaseStore(opened());
    answers = [() => 'lost', () => 'lost'];
    store.getState().edit('case', 'k', 'said', 'one');
    store.getState().add('symptom', { words: 'stalls' }, 's1');
    await vi.advanceTimersByTimeAsync(600);
    expect(store.getState().saveState).toBe('offline');
    store.getState().edit('symptom', 's1', 'words', 'stalls hot');
    expect(store.getState().saveState).toBe('offline');
    await vi.advanceTimersByTimeAsync(20_000);
    expect(server.symptom[0]!.words).toBe('stalls hot');
    expect(server.case.said).toBe('one');
    expect(store.getState().saveState).toBe('saved');
  });

  it('flushes what came while something was on its way, and says what has to wait', async () => {
    const store = createCaseStore(opened());
    store.getState().add('symptom', { words: 'stalls' }, 's1');
    const first = store.getState().flush();
    store.getState().remove('symptom', 's1', 'stalls');
    // Asked while the first is under way: undo goes by what is on the server when this resolves.
    await store.getState().flush();
    expect(server.symptom).toEqual([]);
    expect(server.case.seq).toBe(record().case.seq + 2);
    await first;
    answers = [() => 'lost'];
    store.getState().edit('case', 'k', 'said', 'it stalls');
    const lost = store.getState().flush();
    store.getState().edit('case', 'k', 'said', 'it stalls hot');
    await Promise.all([lost, store.getState().flush()]);
    expect(waitsForServer(store.getState())).toBe(true);
    expect(server.case.said).toBe('');
    await vi.advanceTimersByTimeAsync(20_000);
    expect(waitsForServer(store.getState())).toBe(false);
    expect(server.case.said).toBe('it stalls hot');
  });

  it('keeps mine on the screen while a conflict is open, and settles it by the revision now', async () => {
    const store = createCaseStore(opened());
    server = applyOps(server, [
      { op: 'set', kind: 'case', id: 'k', revision: 1, set: { said: 'theirs' }, was: {} },
    ]);
    answers = [
      (c) => ({
        id: c.id,
        ok: false,
        conflict: {
          kind: 'case',
          id: 'k',
          field: 'said',
          mine: 'mine',
          theirs: 'theirs',
          by: 'Tomasz',
          at: '',
          revision: 2,
        },
      }),
    ];
    store.getState().edit('case', 'k', 'said', 'mine');
    await vi.advanceTimersByTimeAsync(600);
    const { conflicts, record: shown, saveState } = store.getState();
    expect(saveState).toBe('stuck');
    expect(shown.case.said).toBe('mine');
    expect(keptBoxes()).toHaveLength(1);
    let sent: Change | undefined;
    answers = [(c) => ((sent = c), { id: c.id, ok: true })];
    store.getState().settle(conflicts[0]!, 'theirs\nmine');
    await vi.advanceTimersByTimeAsync(600);
    expect(sent!.ops[0]).toMatchObject({
      revision: 2,
      was: { said: 'theirs' },
      set: { said: 'theirs\nmine' },
    });
    expect(store.getState()).toMatchObject({ saveState: 'saved', conflicts: [] });
  });

  it('takes theirs without writing', async () => {
    const store = createCaseStore(opened());
    answers = [
      (c) => ({
        id: c.id,
        ok: false,
        conflict: {
          kind: 'case',
          id: 'k',
          field: 'said',
          mine: 'mine',
          theirs: '',
          by: '',
          at: '',
          revision: 2,
        },
      }),
    ];
    store.getState().edit('case', 'k', 'said', 'mine');
    await vi.advanceTimersByTimeAsync(600);
    store.getState().settle(store.getState().conflicts[0]!, '');
    expect(store.getState().record.case.said).toBe('');
    expect(store.getState().waiting).toEqual([]);
  });

  it('shows again what was not removed, and removes it once the person has seen it', async () => {
    const start = opened();
    start.record.symptom = [
      { ...KINDS.symptom.parse({ id: 's1', caseId: 'k', words: 'stalls' }), revision: 1 },
    ];
    const store = createCaseStore(start);
    answers = [(c) => ({ id: c.id, ok: false, error: 'Jun wrote on it', code: 'changed' })];
    store.getState().remove('symptom', 's1', 'stalls');
    expect(store.getState().record.symptom).toEqual([]);
    await vi.advanceTimersByTimeAsync(600);
    expect(store.getState().record.symptom).toHaveLength(1);
    expect(store.getState().refused).toMatchObject([{ code: 'changed' }]);
    let sent: Change | undefined;
    answers = [(c) => ((sent = c), { id: c.id, ok: true })];
    store.getState().removeAnyway(store.getState().refused[0]!.change.id);
    await vi.advanceTimersByTimeAsync(600);
    expect(sent!.ops[0]).toMatchObject({ op: 'remove', id: 's1' });
    expect(store.getState()).toMatchObject({ refused: [], saveState: 'saved' });
  });

  it('keeps a refused change, with its reason, until somebody lets it go', async () => {
    const store = createCaseStore(opened());
    answers = [(c) => ({ id: c.id, ok: false, error: 'too long', code: 'invalid' })];
    store.getState().edit('case', 'k', 'said', 'x');
    await vi.advanceTimersByTimeAsync(600);
    expect(store.getState().refused).toMatchObject([{ error: 'too long' }]);
    expect(keptBoxes()).toHaveLength(1);
    store.getState().dropRefused(store.getState().refused[0]!.change.id);
    expect(keptBoxes()).toHaveLength(0);
  });

  it('keeps a change that met a busy database in the outbox, says so, and sends it again', async () => {
    const store = createCaseStore(opened());
    const busy = (c: Change): ChangeResult => ({
      id: c.id,
      ok: false,
      error: 'The database was busy.',
      code: 'busy',
    });
    answers = [busy, busy];
    store.getState().edit('case', 'k', 'said', 'x');
    await vi.advanceTimersByTimeAsync(600);
    expect(store.getState()).toMatchObject({
      saveState: 'busy',
      waitsBecause: 'The database was busy.',
      refused: [],
    });
    expect(keptBoxes()).toHaveLength(1);
    await vi.advanceTimersByTimeAsync(20_000);
    expect(server.case.said).toBe('x');
    expect(store.getState()).toMatchObject({ saveState: 'saved', waiting: [], sending: [] });
    expect(keptBoxes()).toHaveLength(0);
  });

  it('does not take an answer it cannot read for one', async () => {
    const store = createCaseStore(opened());
    vi.stubGlobal('fetch', async () => ({
      ok: true,
      status: 200,
      json: async () => ({ results: 'all fine' }),
    }));
    store.getState().edit('case', 'k', 'said', 'x');
    await vi.advanceTimersByTimeAsync(600);
    expect(store.getState().saveState).toBe('busy');
    expect(store.getState().record.case.said).toBe('x');
    expect(keptBoxes()).toHaveLength(1);
  });

  it('takes what hung on a removed row away with it, and offers to undo it', async () => {
    const store = createCaseStore(opened());
    store.getState().add('test', { at: '2026-01-01T00:00:00Z', question: 'holds?' }, 't1');
    store.getState().add('reading', { testId: 't1', entered: '1 V' }, 'r1');
    await vi.advanceTimersByTimeAsync(600);
    store.getState().remove('test', 't1', 'test');
    expect(store.getState().record).toMatchObject({ test: [], reading: [] });
    expect(store.getState().removed).toBe('test');
    await vi.advanceTimersByTimeAsync(600);
    expect(server).toMatchObject({ test: [], reading: [] });
    expect(store.getState().open.record).toMatchObject({ test: [], reading: [] });
  });

  it('lays rows that others wrote into the record, and leaves the rest the same objects', () => {
    const store = createCaseStore(opened());
    store.getState().add('symptom', { words: 'stalls' }, 's1');
    const { record: before } = store.getState();
    const theirs = KINDS.test.parse({
      id: 't9',
      caseId: 'k',
      at: '2026-01-01T00:00:00Z',
      question: 'theirs',
    });
    store.getState().takeIn({
      changed: { seq: 5, rows: [{ kind: 'test', row: theirs }], removed: [] },
    });
    const { record: after } = store.getState();
    expect(after.test).toMatchObject([{ question: 'theirs' }]);
    expect(after.symptom).toMatchObject([{ words: 'stalls' }]);
    expect(after.repair).toBe(before.repair);
  });

  it('does not let a poll write over what is being typed', () => {
    const store = createCaseStore(opened());
    store.getState().edit('case', 'k', 'said', 'typing');
    store.getState().takeIn({
      changed: rowsOf(
        applyOps(record(), [
          { op: 'set', kind: 'case', id: 'k', revision: 1, set: { seen: 'theirs', said: 'old' }, was: {} },
        ]),
      ),
    });
    expect(store.getState().record.case).toMatchObject({ said: 'typing', seen: 'theirs' });
  });

  it('says saved again when typed back to what it was', async () => {
    const store = createCaseStore(opened());
    store.getState().edit('case', 'k', 'said', 'x');
    store.getState().edit('case', 'k', 'said', '');
    await vi.advanceTimersByTimeAsync(600);
    expect(store.getState().saveState).toBe('saved');
  });

  it('judges a test while it is written, before the server has said anything', () => {
    const store = createCaseStore(opened());
    store.getState().add('test', { at: '2026-01-01T00:00:00.000Z', question: 'Holds?' }, 't');
    store.getState().add('reading', { testId: 't', limit: '≥ 3 bar' }, 'r');
    store.getState().edit('reading', 'r', 'entered', '2 bar');
    expect(store.getState().record.test[0]).toMatchObject({ verdict: 'fail' });
    store.getState().edit('reading', 'r', 'entered', '3 bar');
    expect(store.getState().record.test[0]).toMatchObject({ verdict: 'pass' });
    expect(server.test).toEqual([]);
  });

  it('removes several rows at once with what hung on them', async () => {
    const store = createCaseStore(opened());
    const { add, removeAll } = store.getState();
    add('run', { title: 'Procedure', at: '2026-01-01T00:00:00.000Z' }, 'run');
    add('test', { at: '2026-01-01T00:00:00.000Z', question: 'One?', runId: 'run' }, 't1');
    add('reading', { testId: 't1', label: 'pressure', limit: '≥ 3 bar' }, 'r1');
    add('test', { at: '2026-01-01T00:00:00.000Z', question: 'Other?' }, 't2');
    removeAll(
      [
        { kind: 'run', id: 'run' },
        { kind: 'test', id: 't1' },
      ],
      'procedure',
    );
    expect(store.getState().record).toMatchObject({ run: [], reading: [], test: [{ question: 'Other?' }] });
    await vi.advanceTimersByTimeAsync(600);
    expect(server.test).toHaveLength(1);
  });

  it('keeps both of two readings as two, each with what it said', async () => {
    const base = applyOps(record(), [
      { op: 'add', kind: 'test', id: 't', row: { at: '2026-01-01T00:00:00Z', question: 'q' } },
      {
        op: 'add',
        kind: 'reading',
        id: 'r',
        row: { testId: 't', label: 'idle', limit: '≤ 2 V', position: 1 },
      },
    ]);
    server = applyOps(base, [
      { op: 'set', kind: 'reading', id: 'r', revision: 1, set: { entered: '1.9 V' }, was: { entered: '' } },
    ]);
    const store = createCaseStore(opened(base));
    answers = [
      (c) => ({
        id: c.id,
        ok: false,
        conflict: {
          ...{ kind: 'reading', id: 'r', field: 'entered', mine: '2.4 V', theirs: '1.9 V' },
          ...{ by: 'Mara', at: '', revision: 2 },
        },
      }),
    ];
    store.getState().edit('reading', 'r', 'entered', '2.4 V');
    await vi.advanceTimersByTimeAsync(600);
    const [conflict] = store.getState().conflicts;
    store.getState().besideTheirs(conflict!);
    await vi.advanceTimersByTimeAsync(600);
    expect(store.getState().conflicts).toEqual([]);
    expect(server.reading.map((x) => [x.label, x.entered, x.limit])).toEqual([
      ['idle', '1.9 V', '≤ 2 V'],
      ['idle', '2.4 V', '≤ 2 V'],
    ]);
  });

  it('says when the browser has no room to keep what is not sent yet', async () => {
    const store = createCaseStore(opened());
    answers = [() => 'lost', () => 'lost'];
    const real = localStorage;
    vi.stubGlobal('localStorage', {
      ...real,
      getItem: () => null,
      setItem: () => {
        throw new DOMException('full', 'QuotaExceededError');
      },
    });
    store.getState().edit('case', 'k', 'said', 'one');
    expect(store.getState().noRoom).toBe(true);
    vi.stubGlobal('localStorage', real);
    store.getState().edit('case', 'k', 'said', 'one more');
    expect(store.getState().noRoom).toBe(false);
  });
});
