'use client';

import { createContext, useContext, useEffect, useMemo, useState, type ReactNode } from 'react';
import type { TaughtWord, Vocabulary } from '@/core/symptoms';
import { readWords, type WordsRead } from '@/core/symptoms/by-clause';

/** Readings of texts that came with the page, by the text. */
export type GivenReadings = Readonly<Record<string, WordsRead>>;

interface Words {
  vocabulary: Vocabulary | null;
  given: GivenReadings;
  /** Says that something is to be read which did not come read. */
  want: () => void;
}

const Context = createContext<Words>({ vocabulary: null, given: {}, want: () => {} });
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
  const [wanted, setWanted] = useState(false);
  useEffect(() => {
    if (wanted) return;
    // Who only looks at a case needs none of it. The cursor in a field comes before the first letter.
    const isField = (e: EventTarget | null) =>
      e instanceof HTMLInputElement || e instanceof HTMLTextAreaElement;
    const look = () => {
      if (isField(document.activeElement)) setWanted(true);
    };
    // The cursor may stand there already: a new case begins in a field.
    look();
    document.addEventListener('focusin', look);
    return () => document.removeEventListener('focusin', look);
  }, [wanted]);
  useEffect(() => {
    if (!wanted) return;
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
  }, [taught, wanted]);
  const words = useMemo(() => ({ vocabulary, given, want: () => setWanted(true) }), [vocabulary, given]);
  return <Context.Provider value={words}>{children}</Context.Provider>;
}

/** The vocabulary, or null until somebody writes and it is loaded. */
export const useVocabulary = (): Vocabulary | null => useContext(Context).vocabulary;

/** What a text says, from the page itself while nobody has changed it; undefined until it can be told. */
export function useWordsRead(text: string): WordsRead | undefined {
  const { vocabulary, given, want } = useContext(Context);
  const came = Object.hasOwn(given, text) ? given[text] : undefined;
  const isNew = came === undefined && text.trim() !== '';
  useEffect(() => {
    if (isNew) want();
  }, [isNew, want]);
  return useMemo(
    () => came ?? (vocabulary && text.trim() !== '' ? readWords(vocabulary, text) : undefined),
    [came, vocabulary, text],
  );
}
