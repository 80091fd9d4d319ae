'use client';

import { Plus } from 'lucide-react';
import { nanoid } from 'nanoid';
import { useState } from 'react';
import styled from 'styled-components';
import type { Procedure } from '@/core/case';
import { Button, Empty, Quiet, Tag } from '@/ui/controls';
import { TestShelf } from '../checks/sections';
import { ProcedureEditor } from './editor';
import { sendProcedure } from './send';
import { HELP_PROCEDURES } from '../help-texts';
import { Help, Titled } from '@/ui/help';
import { Inline, Text } from '@/ui/layout';

const Page = styled.div`
  display: grid;
  grid-template-columns: 300px minmax(0, 1fr);
  gap: 24px;
  align-items: start;
  @media (max-width: 900px) {
    grid-template-columns: minmax(0, 1fr);
  }
  & h1 {
    font-size: 1.1875rem;
  }
`;
const List = styled.ul`
  & button {
    display: block;
    width: 100%;
    min-height: 54px;
    padding: 7px 10px;
    border: 0;
    border-bottom: 1px solid var(--rule);
    background: none;
    text-align: left;
    cursor: pointer;
  }
  & button:hover {
    background: var(--sunk);
  }
  & button[aria-pressed='true'] {
    background: var(--accent-soft);
  }
  & b {
    font-weight: 650;
  }
`;

const blank = (): Procedure => ({
  id: nanoid(14),
  revision: 1,
  title: '',
  codes: [],
  part: '',
  build: '',
  note: '',
  steps: [],
});

/** The shop's own procedures: what they are for, and their steps. */
export function ProceduresScreen({ start }: { start: Procedure[] }) {
  const [list, setList] = useState(start);
  const [chosen, setChosen] = useState<Procedure | undefined>(start[0]);
  const [message, setMessage] = useState('');
  const send = async (request: Parameters<typeof sendProcedure>[0], done: string) => {
    const { answer, problem } = await sendProcedure(request);
    setMessage(problem || done);
    if (!answer) return false;
    setList(answer.procedures);
    setChosen(
      request.do === 'save'
        ? answer.procedures.find((p) => p.id === request.procedure.id)
        : answer.procedures[0],
    );
    return true;
  };
  return (
    <TestShelf>
      <Page>
        <section aria-label="All procedures">
          <Inline $gap={8} $align="center" $nowrap $pad="0 0 6px">
            <Titled $grow>
              <h1>Procedures</h1>
              <Help on="Procedures" text={HELP_PROCEDURES} />
            </Titled>
            <Button onPress={() => setChosen(blank())}>
              <Plus aria-hidden="true" /> New
            </Button>
          </Inline>
          {list.length === 0 && (
            <Empty>
              None yet. Write one here, or save a test that told from the case where it did: the folder beside
              its question.
            </Empty>
          )}
          <List>
            {list.map((p) => (
              <li key={p.id}>
                <button type="button" aria-pressed={chosen?.id === p.id} onClick={() => setChosen(p)}>
                  <b>{p.title}</b>
                  <br />
                  <Quiet>
                    {p.steps.length} {p.steps.length === 1 ? 'step' : 'steps'}
                    {p.build && ` · ${p.build}`}
                    {p.part && ` · ${p.part}`}
                  </Quiet>{' '}
                  {p.codes.slice(0, 4).map((c) => (
                    <Tag key={c}>{c}</Tag>
                  ))}
                </button>
              </li>
            ))}
          </List>
        </section>
        <section aria-label="Procedure">
          <Text role="status" $tone="ink-2" $size="note" $room={20}>
            {message}
          </Text>
          {chosen && (
            <ProcedureEditor
              key={chosen.id + chosen.revision}
              procedure={chosen}
              isNew={!list.some((p) => p.id === chosen.id)}
              onSave={(procedure) => send({ do: 'save', procedure }, `“${procedure.title}” is saved.`)}
              onRemove={() =>
                send(
                  { do: 'remove', id: chosen.id, revision: chosen.revision },
                  `“${chosen.title}” is removed.`,
                )
              }
            />
          )}
        </section>
      </Page>
    </TestShelf>
  );
}
