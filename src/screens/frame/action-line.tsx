'use client';

import { ChevronRight } from 'lucide-react';
import { useState } from 'react';
import {
  Autocomplete,
  Dialog,
  Input,
  Menu,
  MenuItem,
  Modal,
  ModalOverlay,
  TextField,
} from 'react-aria-components';
import styled from 'styled-components';
import { IconButton, Quiet } from '@/ui/controls';
import { Text } from '@/ui/layout';
import { actionsHere, useActions, type Action } from './actions';
import { matchActions } from './match-actions';

const Veil = styled(ModalOverlay)`
  position: fixed;
  inset: 0;
  z-index: 60;
  background: rgb(20 14 8 / 30%);
`;
/** At the foot of the screen, where the hands are. */
const Foot = styled(Modal)`
  position: fixed;
  left: 50%;
  bottom: 0;
  transform: translateX(-50%);
  width: min(760px, 100vw);
  background: var(--sheet);
  border: 1px solid var(--rule-2);
  border-bottom: 0;
  border-radius: var(--radius) var(--radius) 0 0;
  box-shadow: var(--shadow);
  & section {
    outline: none;
  }
  & input {
    width: 100%;
    min-height: 48px;
    padding: 0 16px;
    border: 0;
    border-bottom: 2px solid var(--accent);
    background: var(--raised);
    font-size: 1.0625rem;
    outline: none;
  }
  & input::placeholder {
    color: var(--ink-3);
    opacity: 1;
  }
`;
const Offers = styled(Menu)`
  height: min(46vh, 350px);
  overflow: auto;
  outline: none;
` as typeof Menu;
const Offer = styled(MenuItem)`
  display: flex;
  gap: 10px;
  align-items: baseline;
  flex: none;
  min-height: 34px;
  padding: 5px 16px;
  cursor: pointer;
  outline: none;
  & > :last-child {
    margin-left: auto;
    white-space: nowrap;
  }
  & kbd {
    font: 0.875rem var(--mono);
    color: var(--ink-2);
  }
  &[data-focused] {
    background: var(--accent-soft);
  }
  @media (pointer: coarse) {
    min-height: 46px;
    align-items: center;
  }
`;

/** A line for whatever can be done here: `.` outside of fields, Alt and `.` anywhere, or the button. */
export function ActionLine() {
  const [open, setOpen] = useState(false);
  useActions('Anywhere', [{ say: 'Commands', key: '.', run: () => setOpen(true) }]);
  return (
    <>
      <IconButton aria-label="What to do" aria-keyshortcuts=". Alt+." onPress={() => setOpen(true)}>
        <ChevronRight aria-hidden="true" />
      </IconButton>
      <Veil isDismissable isOpen={open} onOpenChange={setOpen}>
        <Foot>
          <Dialog aria-label="What to do">
            <Line onDone={() => setOpen(false)} />
          </Dialog>
        </Foot>
      </Veil>
    </>
  );
}

function Line({ onDone }: { onDone: () => void }) {
  const [line, setLine] = useState('');
  const [actions] = useState(() => actionsHere().map((a) => a.action));
  const matches = matchActions(
    line,
    actions.filter((a) => a.key !== '.'),
  ).map((m, i) => ({ ...m, id: `${i} ${m.action.say}` }));
  const run = (action: Action, rest: string) => {
    onDone();
    // The sheet gives the focus back first; what the action does with it comes after.
    setTimeout(() => action.run(rest));
  };
  return (
    <Autocomplete inputValue={line} onInputChange={setLine}>
      <TextField autoFocus aria-label="What to do">
        <Input
          placeholder="Command: test …, scan, repair, waits for a part, case 34"
          spellCheck={false}
          maxLength={300}
        />
      </TextField>
      <Offers
        aria-label="Commands"
        items={matches}
        dependencies={[line]}
        renderEmptyState={() => <Text $pad="8px 16px">No command matches.</Text>}
        onAction={(id) => {
          const m = matches.find((x) => x.id === id);
          if (m) run(m.action, m.rest);
        }}
      >
        {({ action, rest }) => (
          <Offer textValue={action.say}>
            <span>
              {action.say}
              {rest && <strong> {rest}</strong>}
            </span>
            {action.takes && !rest && <Quiet>{action.takes}</Quiet>}
            {action.key ? <kbd>{action.key}</kbd> : <span />}
          </Offer>
        )}
      </Offers>
    </Autocomplete>
  );
}
