'use client';

import { createContext, useContext, useMemo, type ReactNode } from 'react';
import { SHIPPED, Vocabulary, type TaughtWord } from '@/core/symptoms';

const Context = createContext<Vocabulary>(SHIPPED);

/** The vocabulary with this shop's own words, for whatever on the page reads sentences. */
export function VocabularyProvider({ taught, children }: { taught: TaughtWord[]; children: ReactNode }) {
  const vocabulary = useMemo(() => (taught.length ? new Vocabulary(taught) : SHIPPED), [taught]);
  return <Context.Provider value={vocabulary}>{children}</Context.Provider>;
}

export const useVocabulary = (): Vocabulary => useContext(Context);
