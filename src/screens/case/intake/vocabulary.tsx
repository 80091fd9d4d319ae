'use client';

import { createContext, useContext, useEffect, useMemo, useState, type ReactNode } from 'react';
import type { TaughtWord, Vocabulary } from '@/core/symptoms';
import { readWords, type WordsRead } from '@/core/symptoms/by-clause';

/** Readings of texts that came with the page, by the text. */
export type GivenReadings = Readonly<Record<string, WordsRead>>;

interface Words {
  vocabulary: Vocabulary | null;
  given: GivenReadings;
}

const Context = createContext<Words>({ vocabulary: null, given: {} });
const NONE: GivenReadings = {};

/** The page is there before the thousands of ways of saying things are, and shows what came read with it. */
const load = () => import('@/core/symptoms');

/** The vocabulary with this shop's own words, for whatever on the page reads sentences. */
export function VocabularyProvider({
  taught,
  given = NONE,
  children,
}: {
  taught: TaughtWord[];
  given?: GivenReadings;
  children: ReactNode;
}) {
  const [vocabulary, setVocabulary] = useState<Vocabulary | null>(null);
  useEffect(() => {
    // At once, not with the first touch: drawing it up would then meet the first letters.
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
  const words = useMemo(() => ({ vocabulary, given }), [vocabulary, given]);
  return <Context.Provider value={words}>{children}</Context.Provider>;
}

/** The vocabulary, or null for the moment until it is loaded. */
export const useVocabulary = (): Vocabulary | null => useContext(Context).vocabulary;

/** What a text says, from the page itself while nobody has changed it; undefined until it can be told. */
export function useWordsRead(text: string): WordsRead | undefined {
  const { vocabulary, given } = useContext(Context);
  const came = Object.hasOwn(given, text) ? given[text] : undefined;
  return useMemo(
    () => came ?? (vocabulary && text.trim() !== '' ? readWords(vocabulary, text) : undefined),
    [came, vocabulary, text],
  );
}
