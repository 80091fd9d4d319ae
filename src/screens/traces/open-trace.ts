'use client';

import { createContext, use } from 'react';
import { createStore, useStore, type StoreApi } from 'zustand';
import type { ComparedFigure, Difference, Mark, Sheet, TraceResult } from '@/core/traces';
import type { Loaded, ViewAnswer } from '@/workers/trace-api';
import type { Span } from './view';
import type { TraceWorker } from './worker';

/** Another trace laid over this one. */
export interface Over {
  name: string;
  /** before, after or known-good, where somebody said so. */
  stands: string;
  /** Taken as healthy by a person. */
  healthy: boolean;
  worker: TraceWorker;
  loaded: Loaded;
  /** Seconds it is moved by, and what its time is stretched by. */
  shift: number;
  stretch: number;
}

/** One trace on the screen: what is loaded, what is shown, what was found. Nothing of it is kept here for good. */
export interface TraceState {
  worker: TraceWorker;
  loaded: Loaded;
  span: Span;
  /** Columns that were drawn last, and those of the overlay. */
  answer: ViewAnswer | undefined;
  overAnswer: ViewAnswer | undefined;
  over: Over | undefined;
  /** Crank marks, one cycle apart. */
  cycles: number[];
  found: readonly Mark[];
  result: TraceResult | undefined;
  /** The same analysis of the trace that is laid over, when it answered. */
  overResult: TraceResult | undefined;
  /** Each figure in both, and whether the difference is real. */
  compared: readonly ComparedFigure[];
  /** Stretches in which a like recording goes otherwise. */
  differs: readonly Difference[];
  /** What a click or a touch on the sheet does. */
  touch: 'move' | 'first' | 'second' | 'pin' | 'over';
}

export type TraceStore = StoreApi<TraceState>;

export const createTraceStore = (worker: TraceWorker, loaded: Loaded): TraceStore =>
  createStore<TraceState>(() => ({
    worker,
    loaded,
    span: { from: loaded.from, to: loaded.to },
    answer: undefined,
    overAnswer: undefined,
    over: undefined,
    cycles: [],
    found: [],
    result: undefined,
    overResult: undefined,
    compared: [],
    differs: [],
    touch: 'move',
  }));

export const TraceContext = createContext<TraceStore | undefined>(undefined);

export function useTraceStore(): TraceStore {
  const store = use(TraceContext);
  if (!store) throw new Error('No trace is open here.');
  return store;
}

export const useTrace = <T>(pick: (s: TraceState) => T): T => useStore(useTraceStore(), pick);

/** The sheet of the trace and how it is written. */
export interface SheetHandle {
  /** Id and name of the trace. */
  traceId: string;
  name: string;
  sheet: Sheet;
  write: (change: Partial<Sheet>) => void;
}
export const SheetContext = createContext<SheetHandle | undefined>(undefined);
export function useSheet(): SheetHandle {
  const handle = use(SheetContext);
  if (!handle) throw new Error('No sheet is open here.');
  return handle;
}
