'use client';

import { createContext, useContext, useEffect, useState, type ReactNode } from 'react';
import type { TaughtWord, Vocabulary } from '@/core/symptoms';

const Context = createContext<Vocabulary | null>(null);

/** The page is there before the thousands of ways of saying things are. */
const load = () => import('@/core/symptoms');

/** The vocabulary with this shop's own words, for whatever on the page reads sentences. */
export function VocabularyProvider({ taught, children }: { taught: TaughtWord[]; children: ReactNode }) {
  const [vocabulary, setVocabulary] = useState<Vocabulary | null>(null);
  useEffect(() => {
    let gone = false;
    void load().then(async (m) => {
      const made = taught.length ? new m.Vocabulary(taught) : m.SHIPPED;
      // Drawing it up at once would hold the first press for a quarter of a second, on a tablet for a whole one.
      await made.prepare(async () => {
        await new Promise((done) => setTimeout(done));
      });
      if (!gone) setVocabulary(made);
    });
    return () => {
      gone = true;
    };
  }, [taught]);
  return <Context.Provider value={vocabulary}>{children}</Context.Provider>;
}

/** The vocabulary, or null for the moment until it is loaded. */
export const useVocabulary = (): Vocabulary | null => useContext(Context);
