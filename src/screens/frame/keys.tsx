'use client';

import { Keyboard } from 'lucide-react';
import { useEffect, useState } from 'react';
import { Dialog, DialogTrigger, Heading, Modal, ModalOverlay } from 'react-aria-components';
import styled from 'styled-components';
import { Button, IconButton } from '@/ui/controls';

/** What the keyboard does, by where it does it. A new key is one line here. */
const KEYS: { where: string; keys: [string, string][] }[] = [
  {
    where: 'Anywhere',
    keys: [
      ['/', 'the find line'],
      ['?', 'this sheet'],
      ['Esc', 'leave the find line, close a sheet'],
    ],
  },
  {
    where: 'On a case',
    keys: [
      ['Enter', 'in a row: the next row, a new one after the last'],
      ['Tab', 'the next field; every field saves by itself'],
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

const Veil = styled(ModalOverlay)`
  position: fixed;
  inset: 0;
  z-index: 50;
  display: grid;
  place-items: center;
  background: rgb(20 14 8 / 40%);
`;
const Sheet = styled(Modal)`
  max-width: min(560px, 94vw);
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
  useEffect(() => {
    const key = (e: KeyboardEvent) => {
      const at = e.target as HTMLElement;
      if (e.key !== '?' || e.ctrlKey || e.metaKey || /^(INPUT|TEXTAREA|SELECT)$/.test(at.tagName)) return;
      e.preventDefault();
      setOpen(true);
    };
    window.addEventListener('keydown', key);
    return () => window.removeEventListener('keydown', key);
  }, []);
  return (
    <DialogTrigger isOpen={open} onOpenChange={setOpen}>
      <IconButton aria-label="Keys">
        <Keyboard aria-hidden="true" />
      </IconButton>
      <Veil isDismissable>
        <Sheet>
          <Dialog>
            <Heading slot="title" level={2}>
              Keys
            </Heading>
            {KEYS.map(({ where, keys }) => (
              <section key={where}>
                <h3>{where}</h3>
                <dl>
                  {keys.map(([key, does]) => (
                    <div key={key} style={{ display: 'contents' }}>
                      <dt>{key}</dt>
                      <dd>{does}</dd>
                    </div>
                  ))}
                </dl>
              </section>
            ))}
            <div style={{ paddingTop: 14 }}>
              <Button autoFocus onPress={() => setOpen(false)}>
                Close
              </Button>
            </div>
          </Dialog>
        </Sheet>
      </Veil>
    </DialogTrigger>
  );
}
