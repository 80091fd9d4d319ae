'use client';

import { Keyboard } from 'lucide-react';
import { usePathname } from 'next/navigation';
import { Fragment, useState } from 'react';
import { Dialog, DialogTrigger, Heading, Modal, ModalOverlay } from 'react-aria-components';
import styled from 'styled-components';
import { Button, IconButton } from '@/ui/controls';
import { Cell, Inline } from '@/ui/layout';
import { actionsHere, lettersAlone, setLettersAlone, useActions } from './actions';

const InColumns = styled.div`
  columns: 2 300px;
  column-gap: 30px;
`;

/** Keys that are no actions of a list: what the fields and the trace sheet do by themselves. */
const BESIDES: { where: string; keys: [string, string][] }[] = [
  {
    where: 'Anywhere',
    keys: [
      ['Alt', 'with a letter: the same from within a field'],
      ['Esc', 'leave a field, close a sheet'],
    ],
  },
  {
    where: 'On a case',
    keys: [
      ['Enter', 'in a row: the next row, a new one after the last'],
      ['Alt Enter', 'accept what is offered next to the cursor'],
      ['Ctrl Z', 'undo what was done last, with Shift do it again'],
    ],
  },
  {
    where: 'On a trace',
    keys: [
      ['← →', 'move, with Shift a little'],
      ['↑ ↓', 'closer, further'],
      ['W', 'the whole'],
      ['Home End', 'beginning, end'],
      ['F G', 'first mark, second mark in the middle of what is shown'],
      ['Alt ← →', 'nudge the first mark; with Ctrl the second'],
      ['B', 'what lies between the marks'],
      ['P', 'pin a note'],
      ['U', 'channels under or over each other'],
    ],
  },
];

/** The keys of this screen by where they work: those of its actions, then the rest. */
function keysHere(onTrace: boolean): { where: string; keys: [string, string][] }[] {
  const groups = new Map<string, [string, string][]>();
  const put = (where: string, ...keys: [string, string][]) =>
    groups.set(where, [...(groups.get(where) ?? []), ...keys]);
  for (const { where, action } of [...actionsHere()].reverse())
    if (action.key) put(where, [action.key, action.say]);
  const here = new Set(groups.keys());
  for (const { where, keys } of BESIDES)
    if (here.has(where) || (where === 'On a trace' && onTrace)) put(where, ...keys);
  return [...groups].map(([where, keys]) => ({ where, keys }));
}

/** A tablet has no keys to be told about; there the action line leads here too. */
const ForKeyboards = styled(IconButton)`
  @media (max-width: 1100px) {
    display: none;
  }
`;
const Veil = styled(ModalOverlay)`
  position: fixed;
  inset: 0;
  z-index: 50;
  display: grid;
  place-items: center;
  background: rgb(20 14 8 / 40%);
`;
const Sheet = styled(Modal)`
  max-width: min(820px, 94vw);
  max-height: 88vh;
  overflow: auto;
  padding: 18px 22px;
  background: var(--sheet);
  border-radius: var(--radius);
  box-shadow: var(--shadow);
  & h2 {
    font-size: 1.125rem;
  }
  & h3 {
    font-size: 0.8125rem;
    color: var(--ink-3);
    margin: 12px 0 2px;
  }
  & section {
    break-inside: avoid;
  }
  & dl {
    display: grid;
    grid-template-columns: 92px 1fr;
    gap: 3px 12px;
  }
  & dt {
    font: 0.875rem/1.5 var(--mono);
  }
`;

/** The sheet of keys: `?` from anywhere but a field, or the button. */
export function KeysSheet() {
  const [open, setOpen] = useState(false);
  const onTrace = usePathname().includes('/traces/');
  useActions('Anywhere', [
    { say: 'Show the keys', words: 'help keyboard shortcuts', key: '?', run: () => setOpen(true) },
  ]);
  return (
    <DialogTrigger isOpen={open} onOpenChange={setOpen}>
      <ForKeyboards aria-label="Keys">
        <Keyboard aria-hidden="true" />
      </ForKeyboards>
      <Veil isDismissable>
        <Sheet>
          <Dialog>
            <Heading slot="title" level={2}>
              Keys
            </Heading>
            <InColumns>
              {keysHere(onTrace).map(({ where, keys }) => (
                <section key={where}>
                  <h3>{where}</h3>
                  <dl>
                    {keys.map(([key, does]) => (
                      <Fragment key={key}>
                        <dt>{key}</dt>
                        <dd>{does}</dd>
                      </Fragment>
                    ))}
                  </dl>
                </section>
              ))}
            </InColumns>
            <LettersAlone />
            <Cell $pad="14px 0 0">
              <Button autoFocus onPress={() => setOpen(false)}>
                Close
              </Button>
            </Cell>
          </Dialog>
        </Sheet>
      </Veil>
    </DialogTrigger>
  );
}

/** Whoever dictates, or rests a hand on the keys, turns letters alone off. */
function LettersAlone() {
  const [on, setOn] = useState(lettersAlone);
  return (
    <Inline as="label" $gap={8} $align="center" $nowrap $pad="14px 0 0">
      <input
        type="checkbox"
        checked={on}
        onChange={(e) => {
          setOn(e.target.checked);
          setLettersAlone(e.target.checked);
        }}
      />
      A letter alone does it outside of fields; otherwise only with Alt
    </Inline>
  );
}
