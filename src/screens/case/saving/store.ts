'use client';

import type { Conflict } from '@/core/api';
import { nanoid } from 'nanoid';
import { createContext, useContext, useDeferredValue } from 'react';
import { createStore, useStore, type StoreApi } from 'zustand';
import {
  COMPUTED,
  rowOf,
  sameValue,
  shareRows,
  type CaseRecord,
  type Change,
  type Kind,
  type Op,
} from '@/core/case';
import { NewsAnswer, withRows, type OpenCase } from '@/core/api';
import { optimisticUpdate, withVerdicts } from '@/core/checks';
import { flusher, type Outgoing } from './flush';
import { casesShown, tabsOpen } from '../../tab';
import { addEdit, keepOutbox, takeOutboxes, type Outbox } from './outbox';

export type { OpenCase };

export interface CaseState extends Outgoing {
  open: OpenCase;
  /** The record as shown: the server's, with everything not saved yet laid over it. */
  record: CaseRecord;
  /** The browser has no room to keep what was not sent yet: it is lost if the page is left before it was. */
  noRoom: boolean;
  /** Ids of others who have the case open now. */
  alsoHere: string[];
  /** What was removed last here, for the offer to undo it. */
  removed: string;
  edit: (kind: Kind, id: string, field: string, value: unknown) => void;
  add: (kind: Kind, row: Record<string, unknown>, id?: string) => string;
  /** Several operations that happen together or not at all. */
  together: (ops: Op[]) => void;
  remove: (kind: Kind, id: string, label: string) => void;
  /** Several rows at once, to be put back at once. */
  removeAll: (rows: { kind: Kind; id: string }[], label: string) => void;
  settle: (conflict: Conflict, value: unknown) => void;
  /** Lets theirs stand and adds one's own as a row of its own beside it. */
  besideTheirs: (conflict: Conflict) => void;
  dropRefused: (changeId: string) => void;
  /** Sends a removal again that was held back because somebody wrote there. */
  removeAnyway: (changeId: string) => void;
  /** Sends what waits, and resolves once everything is on the server or has to wait for it. */
  flush: () => Promise<void>;
  noticedRemoval: () => void;
  /** Asks the server for what is new, at once. */
  refresh: () => Promise<void>;
  start: () => () => void;
}

const PAUSE = 500;
const POLL = 2000;
/** No tab is taken for gone. */
const EVERY_TAB: ReadonlySet<string> = { has: () => true } as unknown as ReadonlySet<string>;

/** Cases as this tab saw them last: going back may bring an older page along. */
const lastSeen = new Map<string, OpenCase>();
const MOST_SEEN = 20;
function newestOf(open: OpenCase): OpenCase {
  const seen = lastSeen.get(open.record.case.id);
  if (lastSeen.size > MOST_SEEN) lastSeen.clear();
  return seen && seen.record.case.seq > open.record.case.seq ? seen : open;
}

export type CaseStore = StoreApi<CaseState>;

/** The state of one open case in the browser: shown record, outbox, conflicts. */
export function createCaseStore(given: OpenCase): CaseStore {
  const initial = newestOf(given);
  let timer: ReturnType<typeof setTimeout> | undefined;
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
      return optimisticUpdate(open.record, [...changes.flatMap((c) => c.ops), ...mine]);
    };
    const keep = () => {
      const { sending, waiting, conflicts, refused } = get();
      const kept = keepOutbox(caseId, {
        changes: [...sending, ...refused.map((r) => r.change), ...waiting],
        conflicts,
        number: initial.record.case.number,
      });
      if (kept === get().noRoom) set({ noRoom: !kept });
      return kept;
    };
    const schedule = (delay: number) => {
      clearTimeout(timer);
      timer = setTimeout(() => void get().flush(), delay);
    };
    const push = (ops: Op[]) => {
      set((s) => ({
        waiting: [...s.waiting, { id: nanoid(12), ops }],
        record: optimisticUpdate(s.record, ops),
        saveState: s.saveState === 'offline' || s.saveState === 'busy' ? s.saveState : 'typing',
      }));
      keep();
      schedule(PAUSE);
    };

    const flush = flusher({ caseId, set, get, keep, schedule });

    return {
      open: initial,
      record: initial.record,
      waiting: [],
      sending: [],
      conflicts: [],
      refused: [],
      saveState: 'saved',
      waitsBecause: '',
      noRoom: false,
      alsoHere: [],
      removed: '',

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
        const record = optimisticUpdate(s.record, [
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
        push(there.map((r) => ({ op: 'remove', ...r, seen: get().open.record.case.seq })));
        set({ removed: label });
      },

      noticedRemoval: () => set({ removed: '' }),

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

      besideTheirs(conflict) {
        const { kind, id, field, mine, theirs } = conflict;
        const row = rowOf(get().record, kind, id) as Record<string, unknown> | undefined;
        get().settle(conflict, theirs);
        if (!row) return;
        const { id: _id, caseId: _case, revision: _revision, ...fields } = row;
        const computed = COMPUTED[kind] ?? [];
        const written = Object.fromEntries(Object.entries(fields).filter(([f]) => !computed.includes(f)));
        // Right behind theirs.
        const position = Number(fields.position ?? 0) + 0.5;
        get().add(kind, { ...written, [field]: mine, position });
      },

      removeAnyway(changeId) {
        const again = get().refused.find((r) => r.change.id === changeId);
        get().dropRefused(changeId);
        // Whoever presses has seen what stands there now.
        const seen = get().open.record.case.seq;
        if (again) push(again.change.ops.map((op) => (op.op === 'remove' ? { ...op, seen } : op)));
      },

      dropRefused(changeId) {
        set((s) => {
          const refused = s.refused.filter((r) => r.change.id !== changeId);
          const laid = [...s.sending, ...refused.map((r) => r.change), ...s.waiting];
          const idle = laid.length === 0 && s.conflicts.length === 0;
          return {
            refused,
            record: shown(s.open, laid, s.conflicts),
            saveState: idle ? 'saved' : s.saveState,
          };
        });
        keep();
      },

      flush,

      takeIn({ changed, around }) {
        set((s) => {
          if (changed.seq < s.open.record.case.seq) return {};
          // What did not change stays the same object: nothing is drawn anew for it.
          const laid = withVerdicts(withRows(s.open.record, changed));
          const now: OpenCase = {
            ...s.open,
            ...(around ?? {}),
            record: shareRows(s.open.record, laid),
          };
          // What was not removed because somebody wrote there is shown again, to be looked at.
          const standing = s.refused.filter((r) => r.code !== 'changed').map((r) => r.change);
          const changes = [...s.sending, ...standing, ...s.waiting];
          const busy = s.waiting.length + s.sending.length > 0;
          return {
            open: now,
            record: shown(now, changes, s.conflicts),
            saveState: s.refused.length || s.conflicts.length ? 'stuck' : busy ? s.saveState : 'saved',
          };
        });
      },

      async refresh() {
        const since = get().open.record.case.seq;
        const response = await fetch(`/api/cases/${caseId}?since=${since}`, { cache: 'no-store' });
        const alsoHere = (response.headers.get('vantle-also-here') ?? '').split(' ').filter(Boolean);
        if (!sameValue(alsoHere, get().alsoHere)) set({ alsoHere });
        if (response.status === 200) get().takeIn(NewsAnswer.parse(await response.json()));
      },

      start() {
        casesShown.add(caseId);
        const takeOver = (left: Pick<Outbox, 'changes' | 'conflicts'>) => {
          const known = new Set([...get().sending, ...get().waiting].map((c) => c.id));
          const changes = left.changes.filter((c) => !known.has(c.id));
          const conflicts = left.conflicts.filter(
            (c) => !get().conflicts.some((x) => x.id === c.id && x.field === c.field),
          );
          if (changes.length === 0 && conflicts.length === 0) return;
          set((s) => {
            const all = [...s.conflicts, ...conflicts];
            const waiting = [...changes, ...s.waiting];
            return {
              waiting,
              conflicts: all,
              record: shown(s.open, [...s.sending, ...waiting], all),
              saveState: 'typing',
            };
          });
          keep();
          schedule(10);
        };
        // What this tab left shows at once; what tabs that are gone left, as soon as it is told that they are.
        takeOver(takeOutboxes(caseId, EVERY_TAB));
        const adopt = () => void tabsOpen().then((alive) => takeOver(takeOutboxes(caseId, alive)));
        adopt();
        // A page that comes back from the browser's memory is as old as it was left.
        void get()
          .refresh()
          .catch(() => undefined);
        const poll = setInterval(async () => {
          const s = get();
          if (s.waiting.length || s.conflicts.length) keep();
          adopt();
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
        const comeBack = (e: PageTransitionEvent) => {
          if (e.persisted)
            void get()
              .refresh()
              .catch(() => undefined);
        };
        window.addEventListener('online', now);
        window.addEventListener('beforeunload', leave);
        window.addEventListener('pageshow', comeBack);
        return () => {
          casesShown.delete(caseId);
          window.removeEventListener('pageshow', comeBack);
          lastSeen.set(caseId, get().open);
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
