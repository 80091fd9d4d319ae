'use client';

import { useRef, useState } from 'react';
import { Popover } from 'react-aria-components';
import styled from 'styled-components';
import { setFields } from '@/core/case';
import { Button, Choice, Quiet, Tag } from '@/ui/controls';
import { LineInput } from '@/ui/line-input';
import { personHere } from '../person';
import { ChoiceField } from './fields';
import { usePeople, usePeopleToChoose } from './people';
import { useCase, useCaseStore } from './saving/store';

const Box = styled(Popover)`
  width: 320px;
  padding: 12px;
  background: var(--raised);
  border: 1px solid var(--rule-2);
  border-radius: var(--radius);
  box-shadow: var(--shadow);
  & > div {
    display: grid;
    gap: 10px;
  }
`;

/** Puts the case into somebody's hand, with a word for them; the lead stays the lead. */
export function useGive(): (to: string, word: string) => void {
  const store = useCaseStore();
  return (to, word) => {
    const { record, together, flush } = store.getState();
    const ops = setFields('case', record.case, { handId: to, handNote: word.trim().slice(0, 400) });
    if (ops.length) together(ops);
    // It is to be seen on their desk at once.
    void flush();
  };
}

/** In whose hand the case is; pressed, it can be given to somebody else, and its lead changed. */
export function HandButton() {
  const name = usePeople();
  const toChoose = usePeopleToChoose();
  const { id, leadId, handId, handNote } = useCase((s) => s.record.case);
  const give = useGive();
  const trigger = useRef<HTMLButtonElement>(null);
  const [open, setOpen] = useState(false);
  const [to, setTo] = useState('');
  const [word, setWord] = useState('');
  const hand = handId ?? leadId;
  const mine = handId !== null && handId === personHere() && handNote !== '';
  const done = () => {
    if (to === '') return;
    give(to, word);
    setOpen(false);
    setWord('');
    setTo('');
  };
  return (
    <>
      <Button ref={trigger} aria-expanded={open} onPress={() => setOpen(true)}>
        {hand ? `Assigned to: ${name(hand)}` : 'Not assigned'}
      </Button>
      {mine && <Tag $tone="accent">for you: {handNote}</Tag>}
      <Box
        triggerRef={trigger}
        isOpen={open}
        onOpenChange={setOpen}
        placement="bottom end"
        aria-label="Who works on this case"
      >
        <div>
          {handId !== null && handNote !== '' && (
            <Quiet>
              For {name(handId)}: {handNote}
            </Quiet>
          )}
          <Choice
            label="Give to"
            value={to}
            options={[{ value: '', label: '' }, ...toChoose(null).filter((p) => p.value !== hand)]}
            empty="whom?"
            onChange={setTo}
          />
          <LineInput
            label="Note for them"
            placeholder="what to do next, what to watch"
            most={400}
            value={word}
            onChange={setWord}
            onEnter={done}
          />
          <Button $kind="main" isDisabled={to === ''} onPress={done}>
            Give it to {to ? name(to) : '…'}
          </Button>
          <ChoiceField
            kind="case"
            id={id}
            field="leadId"
            label="Lead"
            options={toChoose(leadId)}
            empty="lead?"
          />
        </div>
      </Box>
    </>
  );
}

/** Who else has this case open now. */
export function AlsoHere() {
  const name = usePeople();
  const here = useCase((s) => s.alsoHere);
  const names = here.map((id) => name(id) || 'somebody else');
  if (names.length === 0) return null;
  return (
    <span role="status">
      <Tag $tone="accent">
        {names.join(', ')} {names.length === 1 ? 'is' : 'are'} on it too
      </Tag>
    </span>
  );
}
