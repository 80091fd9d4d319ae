'use client';

import { createContext, useContext, useEffect, useRef, useState, type ReactNode } from 'react';
import type { Fork } from '@/core/guide';
import { useCase } from './store';

export interface Precedents {
  cases: {
    id: string;
    number: number;
    vehicle: string;
    headline: string;
    causes: string[];
    grade: string;
    comebacks: number[];
    isolated: string;
    open: boolean;
    openedAt: string;
    score: number;
    reasons: { of: string; text: string; points: number }[];
    lacks: string[];
  }[];
  causes: {
    key: string;
    name: string;
    cases: number;
    byGrade: Record<string, number | undefined>;
    notIsolated: number;
    numbers: number[];
  }[];
  searched: number;
}
export type ShownFork = Fork & { here?: { reads: string; causes: string[] } };

const Context = createContext<{ found: Precedents; forks: ShownFork[] }>({
  found: { cases: [], causes: [], searched: 0 },
  forks: [],
});

/** Near cases and what separated them, asked for anew whenever something was saved. */
export function PrecedentsProvider({
  initial,
  forks: first,
  children,
}: {
  initial: Precedents;
  forks: ShownFork[];
  children: ReactNode;
}) {
  const caseId = useCase((s) => s.record.case.id);
  const seq = useCase((s) => s.open.record.case.seq);
  const [found, setFound] = useState(initial);
  const [forks, setForks] = useState(first);
  const known = useRef(seq);
  useEffect(() => {
    if (known.current === seq) return;
    known.current = seq;
    const stop = new AbortController();
    const ask = <T,>(what: string, take: (answer: T) => void) =>
      fetch(`/api/cases/${caseId}/${what}`, { signal: stop.signal })
        .then((r) => (r.ok ? (r.json() as Promise<T>) : undefined))
        .then((answer) => answer && take(answer))
        .catch(() => undefined);
    void ask<Precedents>('precedents', setFound);
    void ask<{ forks: ShownFork[] }>('forks', (a) => setForks(a.forks));
    return () => stop.abort();
  }, [seq, caseId]);
  return <Context.Provider value={{ found, forks }}>{children}</Context.Provider>;
}

/** What it was in the near cases. */
export const usePrecedents = () => useContext(Context).found;
/** Tests and readings that separated near cases of different causes, with where this one stands. */
export const useForks = () => useContext(Context).forks;
