'use client';

import { Undo2 } from 'lucide-react';
import Link from '@/ui/link';
import { useState } from 'react';
import styled from 'styled-components';
import { HistoryAnswer, type ShownChange } from '@/core/api';
import { Button, Choice, Empty, Figure, Quiet, Tag } from '@/ui/controls';
import { dayTime } from '@/ui/dates';
import { LineInput } from '@/ui/line-input';
import { post } from '../send';
import { HELP_HISTORY } from '../help-texts';
import { Help, Titled } from '@/ui/help';
import { Cell, Inline, Text } from '@/ui/layout';

const Page = styled.main`
  max-width: 980px;
  margin: 0 auto;
  padding: 18px 20px 60px;
  & h1 {
    font-size: 1.25rem;
  }
`;
const Line = styled.li`
  display: grid;
  grid-template-columns: 104px 120px 86px minmax(0, 1fr) auto;
  gap: 4px 12px;
  align-items: start;
  padding: 7px 0;
  border-top: 1px solid var(--rule);
  overflow-wrap: anywhere;
  @media (max-width: 700px) {
    grid-template-columns: 1fr 1fr auto;
    & > div {
      grid-column: 1 / -1;
      grid-row: 2;
    }
  }
`;
const PARTS = ['', 'complaint', 'evidence', 'cause', 'repair', 'proof'];
const STEP = 100;

/** What happened on a case, who did it and when; each change can be undone while nothing stands on it. */
export function HistoryScreen({
  caseId,
  number,
  start,
}: {
  caseId: string;
  number: number;
  start: ShownChange[];
}) {
  const [changes, setChanges] = useState(start);
  const [part, setPart] = useState('');
  const [words, setWords] = useState('');
  const [most, setMost] = useState(STEP);
  const [message, setMessage] = useState('');
  const wanted = words.toLowerCase().split(/\s+/).filter(Boolean);
  const shown = changes.filter((c) => {
    const text = `${c.who} ${c.lines.join(' ')}`.toLowerCase();
    return (part === '' || c.part === part) && wanted.every((w) => text.includes(w));
  });
  const undo = async (seq: number) => {
    const { answer, problem } = await post(
      `/api/cases/${caseId}/history`,
      { undo: true, seq },
      HistoryAnswer,
    );
    setMessage(problem || 'Undone; that stands in the history too.');
    if (answer) setChanges(answer.changes);
  };
  return (
    <Page>
      <p>
        <Link href={`/cases/${caseId}`}>Back to case {number}</Link>
      </p>
      <Titled>
        <h1>History of case {number}</h1>
        <Help on="the history" text={HELP_HISTORY} />
      </Titled>
      <Inline $gap={14} $align="end" $margin="8px 0 4px">
        <Choice label="Part" value={part} options={PARTS} empty="all parts" onChange={setPart} />
        <Cell $min={200} $grow>
          <LineInput
            label="Words, code or person"
            value={words}
            onChange={setWords}
            placeholder="P0171 role"
          />
        </Cell>
      </Inline>
      <Text role="status" $tone="ink-2" $room={20}>
        {message}
      </Text>
      {shown.length === 0 ? (
        <Empty>{changes.length === 0 ? 'No changes yet.' : 'No change matches.'}</Empty>
      ) : (
        <ol aria-label="Changes">
          {shown.slice(0, most).map((c) => (
            <Line key={c.seq}>
              <Figure>{dayTime(c.at)}</Figure>
              <span>{c.who || <Quiet>nobody named</Quiet>}</span>
              <span>
                <Tag>{c.part}</Tag>
              </span>
              <div>
                {c.lines.map((l, i) => (
                  <p key={i}>{l}</p>
                ))}
              </div>
              {c.fixed === '' ? (
                <Button aria-label={`Undo: ${c.lines[0] ?? ''}`} onPress={() => void undo(c.seq)}>
                  <Undo2 aria-hidden="true" /> Undo
                </Button>
              ) : (
                <Quiet title={c.fixed} $max={150}>
                  {c.fixed}
                </Quiet>
              )}
            </Line>
          ))}
        </ol>
      )}
      {shown.length > most && (
        <Button onPress={() => setMost(most + STEP)}>Show {Math.min(STEP, shown.length - most)} more</Button>
      )}
    </Page>
  );
}
