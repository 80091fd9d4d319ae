'use client';

import { nanoid } from 'nanoid';
import { createContext, useContext, useDeferredValue } from 'react';
import { createStore, useStore, type StoreApi } from 'zustand';
import {
  rowOf,
  sameValue,
  shareRows,
  type CaseRecord,
  type Change,
  type ChangeResult,
  type Conflict,
  type Kind,
  type Op,
} from '@/core/case';
import { layOver } from '@/core/checks';
import { addEdit, keepOutbox, takeOutboxes } from './outbox';

/** What the server gives for a case screen. */
export interface OpenCase {
  record: CaseRecord;
  sameVehicle: {
    id: string;
    number: number;
    openedAt: string;
    headline: string;
    grade: string;
    open: boolean;
  }[];
  cameBackAs: { number: number; caseId: string }[];
  comebackOf: { number: number; caseId: string; state: string }[];
  comebackOffers: { number: number; caseId: string; shares: string[]; days: number; km?: number }[];
  followUp: { days: number; distance: string };
}

type SaveState = 'saved' | 'typing' | 'saving' | 'offline' | 'stuck';

export interface CaseState {
  open: OpenCase;
  /** The record as shown: the server's, with everything not saved yet laid over it. */
  record: CaseRecord;
  waiting: Change[];
  sending: Change[];
  conflicts: Conflict[];
  /** Changes the server refused for a reason that sending again will not mend. */
  refused: { change: Change; error: string }[];
  saveState: SaveState;
  /** What was removed last, so that it can be put back. */
  undo: { label: string; ops: Op[] } | null;
  edit: (kind: Kind, id: string, field: string, value: unknown) => void;
  add: (kind: Kind, row: Record<string, unknown>, id?: string) => string;
  /** Several operations that happen together or not at all. */
  together: (ops: Op[]) => void;
  remove: (kind: Kind, id: string, label: string) => void;
  /** Several rows at once, to be put back at once. */
  removeAll: (rows: { kind: Kind; id: string }[], label: string) => void;
  putBack: () => void;
  settle: (conflict: Conflict, value: unknown) => void;
  dropRefused: (changeId: string) => void;
  flush: () => Promise<void>;
  takeIn: (now: OpenCase) => void;
  /** Asks the server for what is new, at once. */
  refresh: () => Promise<void>;
  start: () => () => void;
}

const PAUSE = 500;
const POLL = 5000;

export type CaseStore = StoreApi<CaseState>;

/** The state of one open case in the browser: shown record, outbox, conflicts. */
export function createCaseStore(initial: OpenCase): CaseStore {
  let timer: ReturnType<typeof setTimeout> | undefined;
  let retry = 1000;
  const caseId = initial.record.case.id;

  return createStore<CaseState>((set, get) => {
    const shown = (open: OpenCase, changes: Change[], conflicts: Conflict[]): CaseRecord => {
      const mine = conflicts
        .filter((c) => !c.removed)
        .map((c): Op => ({
          op: 'set',
          kind: c.kind,
          id: c.id,
          revision: c.revision,
          set: { [c.field]: c.mine },
          was: {},
        }));
      return layOver(open.record, [...changes.flatMap((c) => c.ops), ...mine]);
    };
    const keep = () => {
      const { sending, waiting, conflicts, refused } = get();
      return keepOutbox(caseId, {
        changes: [...sending, ...refused.map((r) => r.change), ...waiting],
        conflicts,
      });
    };
    const schedule = (delay: number) => {
      clearTimeout(timer);
      timer = setTimeout(() => void get().flush(), delay);
    };
    const push = (ops: Op[]) => {
      set((s) => ({
        waiting: [...s.waiting, { id: nanoid(12), ops }],
        record: layOver(s.record, ops),
        saveState: s.saveState === 'offline' ? 'offline' : 'typing',
      }));
      keep();
      schedule(PAUSE);
    };

    return {
      open: initial,
      record: initial.record,
      waiting: [],
      sending: [],
      conflicts: [],
      refused: [],
      saveState: 'saved',
      undo: null,

      edit(kind, id, field, value) {
        const s = get();
        const row = rowOf(s.record, kind, id) as (Record<string, unknown> & { revision: number }) | undefined;
        if (!row || sameValue(row[field], value)) return;
        const waiting = addEdit(s.waiting, {
          kind,
          id,
          field,
          value,
          before: row[field],
          revision: row.revision,
          changeId: nanoid(12),
        });
        const record = layOver(s.record, [
          { op: 'set', kind, id, revision: 0, set: { [field]: value }, was: {} },
        ]);
        set({ waiting, record, saveState: s.saveState === 'offline' ? 'offline' : 'typing' });
        keep();
        schedule(PAUSE);
      },

      add(kind, row, id = nanoid(14)) {
        push([{ op: 'add', kind, id, row }]);
        return id;
      },

      together: push,

      remove: (kind, id, label) => get().removeAll([{ kind, id }], label),

      removeAll(rows, label) {
        const before = get().record;
        const there = rows.filter((r) => rowOf(before, r.kind, r.id));
        if (there.length === 0) return;
        push(there.map((r) => ({ op: 'remove', ...r })));
        const after = get().record;
        const gone: Op[] = [];
        for (const k of Object.keys(before) as Kind[]) {
          if (k === 'case' || k === 'vehicle') continue;
          const kept = new Set((after[k] as { id: string }[]).map((r) => r.id));
          for (const r of before[k] as { id: string }[])
            if (!kept.has(r.id)) gone.push({ op: 'add', kind: k, id: r.id, row: { ...r } });
        }
        // Owners first: what hangs on a row can only be put back after it.
        const named = new Set(there.map((r) => r.id));
        gone.sort((a, b) => Number(named.has(b.id)) - Number(named.has(a.id)));
        set({ undo: { label, ops: gone } });
      },

      putBack() {
        const { undo } = get();
        if (!undo) return;
        // Under new ids: the old ones stand in the history as removed.
        const ids = new Map(undo.ops.map((op) => [op.id, nanoid(14)]));
        const fresh = undo.ops.map((op): Op => {
          const row =
            op.op === 'add'
              ? Object.fromEntries(
                  Object.entries(op.row).map(([k, v]) => [k, typeof v === 'string' ? (ids.get(v) ?? v) : v]),
                )
              : {};
          return { op: 'add', kind: op.kind, id: ids.get(op.id)!, row };
        });
        push(fresh);
        set({ undo: null });
      },

      settle(conflict, value) {
        const others = get().conflicts.filter((c) => c !== conflict);
        set((s) => ({ conflicts: others, record: shown(s.open, [...s.sending, ...s.waiting], others) }));
        if (conflict.removed || sameValue(value, conflict.theirs)) {
          keep();
          return;
        }
        const { kind, id, field, revision, theirs } = conflict;
        push([{ op: 'set', kind, id, revision, set: { [field]: value }, was: { [field]: theirs } }]);
      },

      dropRefused(changeId) {
        set((s) => ({ refused: s.refused.filter((r) => r.change.id !== changeId) }));
        keep();
      },

      async flush() {
        const s = get();
        if (s.sending.length) return;
        if (s.waiting.length === 0) {
          // Typed back to what it was: there is nothing to send.
          set({ saveState: s.refused.length || s.conflicts.length ? 'stuck' : 'saved' });
          return;
        }
        const sending = s.waiting.slice(0, 100);
        set({ sending, waiting: s.waiting.slice(100), saveState: 'saving' });
        try {
          const response = await fetch(`/api/cases/${caseId}/changes`, {
            method: 'POST',
            headers: { 'content-type': 'application/json' },
            body: JSON.stringify({ changes: sending }),
          });
          const answer = (await response.json()) as {
            results?: ChangeResult[];
            now?: OpenCase;
            error?: string;
          };
          if (response.status >= 500) throw new Error(answer.error);
          if (!answer.results || !answer.now) {
            set((x) => ({
              sending: [],
              refused: [
                ...x.refused,
                ...sending.map((change) => ({ change, error: answer.error ?? 'Not accepted.' })),
              ],
              saveState: 'stuck',
            }));
            keep();
            return;
          }
          retry = 1000;
          const conflicts = [...get().conflicts];
          const refused = [...get().refused];
          answer.results.forEach((r, i) => {
            if (r.ok) return;
            if ('conflict' in r) conflicts.push(r.conflict);
            else refused.push({ change: sending[i]!, error: r.error });
          });
          set({ sending: [], conflicts, refused });
          get().takeIn(answer.now);
          keep();
          if (get().waiting.length) schedule(50);
        } catch {
          // Nothing is lost: it stays in the outbox, in order, and goes out again.
          set((x) => ({ sending: [], waiting: [...sending, ...x.waiting], saveState: 'offline' }));
          keep();
          retry = Math.min(retry * 1.7, 8_000);
          schedule(retry);
        }
      },

      takeIn(answer) {
        set((s) => {
          // What did not change stays the same object: nothing is drawn anew for it.
          const now = { ...answer, record: shareRows(s.open.record, answer.record) };
          const changes = [...s.sending, ...s.refused.map((r) => r.change), ...s.waiting];
          const busy = s.waiting.length + s.sending.length > 0;
          return {
            open: now,
            record: shown(now, changes, s.conflicts),
            saveState: s.refused.length || s.conflicts.length ? 'stuck' : busy ? s.saveState : 'saved',
          };
        });
      },

      async refresh() {
        const response = await fetch(`/api/cases/${caseId}?since=${get().open.record.case.seq}`);
        if (response.status === 200) get().takeIn((await response.json()) as OpenCase);
      },

      start() {
        const left = takeOutboxes(caseId);
        if (left.changes.length || left.conflicts.length) {
          set((s) => ({
            waiting: [...left.changes, ...s.waiting],
            conflicts: left.conflicts,
            record: shown(s.open, left.changes, left.conflicts),
            saveState: 'typing',
          }));
          keep();
          schedule(10);
        }
        const poll = setInterval(async () => {
          const s = get();
          if (s.waiting.length || s.conflicts.length) keep();
          if (document.hidden || s.sending.length) return;
          try {
            await get().refresh();
            if (get().saveState === 'offline') schedule(10);
          } catch {
            if (get().waiting.length) set({ saveState: 'offline' });
          }
        }, POLL);
        const now = () => schedule(0);
        const leave = (e: BeforeUnloadEvent) => {
          void get().flush();
          if (!keep()) e.preventDefault();
        };
        window.addEventListener('online', now);
        window.addEventListener('beforeunload', leave);
        return () => {
          void get().flush();
          clearInterval(poll);
          clearTimeout(timer);
          window.removeEventListener('online', now);
          window.removeEventListener('beforeunload', leave);
        };
      },
    };
  });
}

export const CaseContext = createContext<CaseStore | null>(null);

/** The open case's state itself, for what looks at it only when something is done. */
export function useCaseStore(): CaseStore {
  const store = useContext(CaseContext);
  if (!store) throw new Error('useCase outside a case screen');
  return store;
}

/** Reads from the open case's state. */
export function useCase<T>(select: (s: CaseState) => T): T {
  return useStore(useCaseStore(), select);
}

/**
 * The whole record for what is worked out from it: grades, plans, what is left to explain. It follows a moment
 * after the letters, so that a full case does not hold up who writes in it.
 */
export function useRecord(): CaseRecord {
  return useDeferredValue(useCase((s) => s.record));
}
