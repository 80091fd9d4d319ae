'use client';

import { createContext, useContext, useEffect, useRef, useState, type ReactNode } from 'react';
import type { MarginAnswer } from '@/core/api';
import { useCase } from '../saving/store';

export type MarginView = MarginAnswer;
export type Guide = MarginAnswer['guide'];
/** A bulletin that goes with the case, and why. */
export type ShownBulletin = MarginAnswer['bulletins'][number];

interface Shared extends MarginAnswer {
  /** When the view was drawn up, once it could not be asked for anew; null while it is up to date. */
  oldSince: string | null;
}
const Context = createContext<Shared>({
  precedents: { cases: [], causes: [], searched: 0 },
  forks: [],
  guide: { causes: [], unseen: 1, cases: 0, near: 0, counts: {}, because: {}, next: [] },
  bulletins: [],
  oldSince: null,
});
const AGAIN_MS = 6000;

/** Similar cases, what separated them and the odds, asked for anew whenever something was saved. */
export function PrecedentsProvider({
  initial,
  now,
  children,
}: {
  initial: MarginView;
  now: string;
  children: ReactNode;
}) {
  const caseId = useCase((s) => s.record.case.id);
  const seq = useCase((s) => s.open.record.case.seq);
  const [view, setView] = useState<Shared>({ ...initial, oldSince: null });
  const [tries, setTries] = useState(0);
  const known = useRef({ seq, at: now });
  useEffect(() => {
    if (known.current.seq === seq) return;
    const stop = new AbortController();
    let again: ReturnType<typeof setTimeout> | undefined;
    void import('../saving/server')
      .then(({ marginFor }) => marginFor(caseId, stop.signal))
      .then(({ answer }) => {
        if (answer) {
          known.current = { seq, at: new Date().toISOString() };
          setView({ ...answer, oldSince: null });
          return;
        }
        // What stands there belongs to an earlier state of the case, and says so.
        setView((v) => ({ ...v, oldSince: known.current.at }));
        again = setTimeout(() => setTries((n) => n + 1), AGAIN_MS);
      })
      .catch(() => undefined);
    return () => {
      stop.abort();
      clearTimeout(again);
    };
  }, [seq, caseId, tries]);
  return <Context.Provider value={view}>{children}</Context.Provider>;
}

/** Since when the margin could not be brought up to date; null while it is. */
export const useMarginAge = () => useContext(Context).oldSince;
/** What it was in the near cases. */
export const usePrecedents = () => useContext(Context).precedents;
/** Tests and readings that separated near cases of different causes, with where this one stands. */
export const useForks = () => useContext(Context).forks;
/** Odds over causes, and the tests that would tell most per minute. */
export const useGuide = () => useContext(Context).guide;
/** Bulletins that go with the case, those consulted on it among them. */
export const useBulletins = () => useContext(Context).bulletins;
