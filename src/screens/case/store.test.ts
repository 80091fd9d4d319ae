import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import { applyOps, CASE_KINDS, KINDS, type CaseRecord, type Change, type ChangeResult } from '@/core/case';
import { createCaseStore, type OpenCase } from './store';

const record = (): CaseRecord =>
  ({
    case: KINDS.case.parse({ id: 'k', number: 1, vehicleId: 'v', openedAt: '2026-01-01T00:00:00Z' }),
    vehicle: KINDS.vehicle.parse({ id: 'v' }),
    ...Object.fromEntries(CASE_KINDS.map((kind) => [kind, []])),
  }) as unknown as CaseRecord;
const opened = (r = record()): OpenCase => ({
  record: r,
  sameVehicle: [],
  cameBackAs: [],
  comebackOf: [],
  comebackOffers: [],
  followUp: { days: 30, distance: '' },
});

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
    const results: ChangeResult[] = [];
    for (const change of changes) {
      const result = answers.shift()?.(change) ?? { id: change.id, ok: true };
      if (result === 'lost') throw new TypeError('network');
      if (result.ok) server = applyOps(server, change.ops);
      results.push(result);
    }
    return { status: 200, json: async () => ({ results, now: opened(server) }) };
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

  it('keeps a refused change, with its reason, until somebody lets it go', async () => {
    const store = createCaseStore(opened());
    answers = [(c) => ({ id: c.id, ok: false, error: 'too long' })];
    store.getState().edit('case', 'k', 'said', 'x');
    await vi.advanceTimersByTimeAsync(600);
    expect(store.getState().refused).toMatchObject([{ error: 'too long' }]);
    expect(keptBoxes()).toHaveLength(1);
    store.getState().dropRefused(store.getState().refused[0]!.change.id);
    expect(keptBoxes()).toHaveLength(0);
  });

  it('puts back what was removed, with what hung on it, under new ids', async () => {
    const store = createCaseStore(opened());
    store.getState().add('test', { at: '2026-01-01T00:00:00Z', question: 'holds?' }, 't1');
    store.getState().add('reading', { testId: 't1', entered: '1 V' }, 'r1');
    store.getState().remove('test', 't1', 'test');
    expect(store.getState().record).toMatchObject({ test: [], reading: [] });
    store.getState().putBack();
    await vi.advanceTimersByTimeAsync(600);
    expect(server.test[0]).toMatchObject({ question: 'holds?' });
    expect(server.test[0]!.id).not.toBe('t1');
    expect(server.reading[0]).toMatchObject({ testId: server.test[0]!.id, entered: '1 V' });
  });

  it('does not let a poll write over what is being typed', () => {
    const store = createCaseStore(opened());
    store.getState().edit('case', 'k', 'said', 'typing');
    store
      .getState()
      .takeIn(
        opened(
          applyOps(record(), [
            { op: 'set', kind: 'case', id: 'k', revision: 1, set: { seen: 'theirs', said: 'old' }, was: {} },
          ]),
        ),
      );
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

  it('removes several rows at once, and puts them back at once with what hung on them', async () => {
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
    store.getState().putBack();
    const { run, test, reading } = store.getState().record;
    const one = test.find((t) => t.question === 'One?')!;
    expect(one.runId).toBe(run[0]!.id);
    expect(reading).toMatchObject([{ testId: one.id, label: 'pressure' }]);
    expect(store.getState().undo).toBeNull();
    await vi.advanceTimersByTimeAsync(600);
    expect(server.test).toHaveLength(2);
  });
});
