'use client';

import { ownValue } from '@/core/text/own-value';
import { Pencil } from 'lucide-react';
import { createContext, useContext, useState, type ReactNode } from 'react';
import styled from 'styled-components';
import { baseCode, meaningOf } from '@/core/codes';
import { IconButton, Input, Quiet } from '@/ui/controls';

/* A button's own rule sets the size of what is in it. */
const SmallPencil = styled(Pencil)`
  && {
    width: 12px;
    height: 12px;
  }
`;

/** What codes mean: the tool's wording, else the shop's own, else the dictionary that ships. */

interface Shared {
  own: Record<string, string>;
  set: (code: string, says: string) => Promise<string>;
}
const Context = createContext<Shared>({ own: {}, set: () => Promise.resolve('') });
export const useMeanings = (): Shared => useContext(Context);

export function MeaningsProvider({
  meanings,
  children,
}: {
  meanings: Record<string, string>;
  children: ReactNode;
}) {
  const [own, setOwn] = useState(meanings);
  const set = async (code: string, says: string): Promise<string> => {
    const { setMeaning } = await import('../saving/server');
    const { answer, problem } = await setMeaning(code, says);
    if (answer) setOwn(answer.own);
    return problem;
  };
  return <Context.Provider value={{ own, set }}>{children}</Context.Provider>;
}

/** Small beside the words for a mouse; full size for a finger. */
const SmallButton = styled(IconButton)`
  @media (pointer: fine) {
    min-height: 22px;
    min-width: 24px;
    padding: 2px;
  }
`;

/** A code's wording, which the shop can put in its own words. */
export function Wording({ code, toolText }: { code: string; toolText: string }) {
  const { own, set } = useMeanings();
  const ours = ownValue(own, baseCode(code)) ?? '';
  const shipped = meaningOf(code);
  const [typed, setTyped] = useState<string | null>(null);
  const [problem, setProblem] = useState('');
  const keep = async () => {
    const error = await set(code, typed ?? '');
    setProblem(error);
    if (!error) setTyped(null);
  };
  if (typed !== null) {
    return (
      <>
        <Input
          autoFocus
          aria-label={`What ${code} means, in the shop’s words`}
          value={typed}
          maxLength={200}
          onChange={(e) => setTyped(e.target.value)}
          onKeyDown={(e) => {
            e.stopPropagation();
            if (e.key === 'Enter') void keep();
            if (e.key === 'Escape') setTyped(null);
          }}
          onBlur={() => void keep()}
        />
        {problem && <span role="alert">{problem}</span>}
      </>
    );
  }
  return (
    <>
      {toolText || ours || shipped || <Quiet>no wording</Quiet>}{' '}
      {toolText && ours && toolText !== ours && <Quiet>— here: {ours}</Quiet>}
      {!toolText && !ours && shipped && (
        <Quiet title="Generic, from memory of the public standard">(from memory)</Quiet>
      )}
      <SmallButton
        aria-label={`Say what ${code} means in the shop’s words`}
        onPress={() => setTyped(ours || toolText || shipped)}
      >
        <SmallPencil aria-hidden="true" />
      </SmallButton>
    </>
  );
}
