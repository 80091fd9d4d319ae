'use client';

import { Plus } from 'lucide-react';
import styled from 'styled-components';
import type { SentenceReading } from '@/core/symptoms';
import { Button } from '@/ui/controls';
import { useWordsRead } from './vocabulary';

const Line = styled.div`
  display: flex;
  flex-basis: 100%;
  flex-wrap: wrap;
  gap: 2px 6px;
  align-items: center;
  padding-left: 8px;
  font-size: 0.8125rem;
  color: var(--ink-3);
`;

/** What words may mean and do not say for sure: taken with one press, never by itself. */
export function Perhaps({
  words,
  known,
  onTake,
}: {
  words: string;
  /** Symptoms that are on the case already. */
  known: readonly string[];
  onTake: (meant: SentenceReading['perhaps'][number]) => void;
}) {
  const read = useWordsRead(words);
  const perhaps = read?.perhaps.filter((p) => !known.includes(p.id)) ?? [];
  if (perhaps.length === 0) return null;
  return (
    <Line role="group" aria-label="May be meant">
      <span>Perhaps:</span>
      {perhaps.map((p) => (
        <Button key={p.id} $kind="quiet" onPress={() => onTake(p)}>
          <Plus aria-hidden="true" /> {p.label}?
        </Button>
      ))}
    </Line>
  );
}
