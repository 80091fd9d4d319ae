'use client';

import { createContext, useContext, useEffect, useRef, useState, type ReactNode } from 'react';
import type { ProcedureStep } from '@/core/case';
import type { Fork, NextTest, Odds } from '@/core/guide';
import type { FoundView } from '../find/types';
import { useCase } from './store';

/** Near cases and what it was in them, as the search shows them too. */
type Precedents = Pick<FoundView, 'cases' | 'causes' | 'searched'>;
type ShownFork = Fork & { here?: { reads: string; causes: string[] } };

export interface Guide extends Odds {
  /** Near cases, those that are counted in words. */
  near: number;
  /** By cause: its numbers among the near cases, nearest first, with their grades. */
  counts: Record<string, { numbers: number[]; byGrade: Record<string, number> }>;
  /** By cause: what speaks for it before any test. */
  because: Record<string, { label: string; cases: number; of: number; factor: number }[]>;
  next: (NextTest & { step: ProcedureStep })[];
}

/** A bulletin that goes with the case, and why. */
export interface ShownBulletin {
  bulletin: { id: string; number: string; title: string; issuedBy: string; body: string };
  because: string[];
}

/** Everything the margin says of an open case. */
export interface MarginView {
  precedents: Precedents;
  forks: ShownFork[];
  guide: Guide;
  bulletins: ShownBulletin[];
}

const Context = createContext<MarginView>({
  precedents: { cases: [], causes: [], searched: 0 },
  forks: [],
  guide: { causes: [], unseen: 1, cases: 0, near: 0, counts: {}, because: {}, next: [] },
  bulletins: [],
});

/** Near cases, what separated them and the odds, asked for anew whenever something was saved. */
export function PrecedentsProvider({ initial, children }: { initial: MarginView; children: ReactNode }) {
  const caseId = useCase((s) => s.record.case.id);
  const seq = useCase((s) => s.open.record.case.seq);
  const [view, setView] = useState(initial);
  const known = useRef(seq);
  useEffect(() => {
    if (known.current === seq) return;
    known.current = seq;
    const stop = new AbortController();
    fetch(`/api/cases/${caseId}/margin`, { signal: stop.signal })
      .then((r) => (r.ok ? (r.json() as Promise<MarginView>) : undefined))
      .then((answer) => answer && setView(answer))
      .catch(() => undefined);
    return () => stop.abort();
  }, [seq, caseId]);
  return <Context.Provider value={view}>{children}</Context.Provider>;
}

/** What it was in the near cases. */
export const usePrecedents = () => useContext(Context).precedents;
/** Tests and readings that separated near cases of different causes, with where this one stands. */
export const useForks = () => useContext(Context).forks;
/** Odds over causes, and the tests that would tell most per minute. */
export const useGuide = () => useContext(Context).guide;
/** Bulletins that go with the case, those consulted on it among them. */
export const useBulletins = () => useContext(Context).bulletins;
