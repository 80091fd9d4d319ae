'use client';

import { createContext, useContext, useDeferredValue } from 'react';
import { createStore, useStore, type StoreApi } from 'zustand';
import type { OpenCase } from '@/core/api';
import type { CaseRecord } from '@/core/case';
import { caseCore } from './case-core';
import type { CaseState } from './case-state';
import { editing } from './editing';
import { flusher } from './flush';
import { news } from './news';
import { settling } from './settling';
import { newestOf, watching } from './watching';

export type { CaseState, OpenCase };
export type CaseStore = StoreApi<CaseState>;

/** The state of one open case in the browser: shown record, outbox, conflicts. */
export function createCaseStore(given: OpenCase): CaseStore {
  const initial = newestOf(given);
  return createStore<CaseState>((set, get) => {
    const core = caseCore(initial.record.case, set, get);
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
      ...editing(core),
      ...settling(core),
      ...news(core),
      flush: flusher(core),
      start: watching(core),
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
