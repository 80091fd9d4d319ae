'use client';

import { Search } from 'lucide-react';
import { usePathname, useRouter } from 'next/navigation';
import { use, useEffect, useRef, useState } from 'react';
import { ComboBox, ComboBoxStateContext, Input, ListBox, ListBoxItem, Popover } from 'react-aria-components';
import styled from 'styled-components';
import type { Suggestion } from '@/core/similar';
import { Quiet } from '@/ui/controls';
import { useActions } from './actions';

const Form = styled.form`
  position: relative;
  & .react-aria-ComboBox {
    display: flex;
    align-items: center;
    position: relative;
  }
  & svg {
    position: absolute;
    left: 10px;
    color: var(--ink-3);
    width: 17px;
    height: 17px;
  }
  & input {
    width: 100%;
    min-height: 38px;
    padding: 0 44px 0 36px;
    border: 1px solid var(--rule-2);
    border-radius: 19px;
    background: var(--sheet);
  }
  & input::placeholder {
    color: var(--ink-3);
    opacity: 1;
  }
  & kbd {
    position: absolute;
    right: 12px;
    padding: 0 7px;
    font: 0.8125rem var(--mono);
    color: var(--ink-3);
    border: 1px solid var(--rule-2);
    border-radius: 4px;
  }
  @media (pointer: coarse) {
    & input {
      min-height: 44px;
    }
    & kbd {
      display: none;
    }
  }
`;
const Sheet = styled(Popover)<{ $empty: boolean }>`
  display: ${({ $empty }) => ($empty ? 'none' : 'block')};
  min-width: 320px;
  max-width: 560px;
  background: var(--raised);
  border: 1px solid var(--rule-2);
  border-radius: var(--radius);
  box-shadow: var(--shadow);
  overflow: auto;
`;
const Item = styled(ListBoxItem)`
  display: flex;
  gap: 10px;
  align-items: baseline;
  min-height: 34px;
  padding: 5px 12px;
  cursor: pointer;
  outline: none;
  & > :last-child {
    margin-left: auto;
    white-space: nowrap;
  }
  &[data-focused] {
    background: var(--accent-soft);
  }
  @media (pointer: coarse) {
    min-height: 44px;
    align-items: center;
  }
`;

const WAIT = 40;

/**
 * Opens the sheet when offers come, a moment after the letters, and closes it when none are left: an open
 * one, even empty, hides the rest of the page from a screen reader.
 */
function OpenWithOffers({ offers }: { offers: readonly Suggestion[] }) {
  const state = use(ComboBoxStateContext);
  const now = useRef(state);
  useEffect(() => {
    now.current = state;
  });
  useEffect(() => {
    const s = now.current;
    if (offers.length === 0) s?.close();
    else if (s?.isFocused && !s.isOpen) s.open(null, 'input');
  }, [offers]);
  return null;
}

/** The one find line; `/` reaches it from anywhere. It offers how the words at its end may go on. */
export function FindLine({ initial = '', onType }: { initial?: string; onType?: (line: string) => void }) {
  const router = useRouter();
  // From a case the results can be opened beside it.
  const inHand = /^\/cases\/([^/]+)$/.exec(usePathname())?.[1];
  const input = useRef<HTMLInputElement>(null);
  const [line, setLine] = useState(initial);
  const [last, setLast] = useState(initial);
  const [offers, setOffers] = useState<Suggestion[]>([]);
  const timer = useRef<ReturnType<typeof setTimeout>>(undefined);
  const turn = useRef(0);
  // A chip taken off changes the line from outside.
  if (initial !== last) {
    setLast(initial);
    setLine(initial);
  }

  useActions('Anywhere', [
    {
      say: 'Find past cases',
      words: 'find search',
      takes: 'vehicle, code, symptom',
      key: '/',
      run: (rest) => {
        if (rest) return go(rest);
        input.current?.focus();
        input.current?.select();
      },
    },
  ]);

  const write = (text: string) => {
    setLine(text);
    if (onType) setLast(text);
    onType?.(text);
  };
  const type = (text: string) => {
    write(text);
    clearTimeout(timer.current);
    const mine = ++turn.current;
    timer.current = setTimeout(async () => {
      const { suggestionsFor } = await import('./server');
      const suggestions = await suggestionsFor(text);
      if (mine === turn.current) setOffers(suggestions);
    }, WAIT);
  };
  const go = (text: string) => {
    turn.current++;
    clearTimeout(timer.current);
    setOffers([]);
    if (onType) onType(text);
    else router.push(`/find?q=${encodeURIComponent(text)}${inHand ? `&with=${inHand}` : ''}`);
  };

  return (
    <Form
      role="search"
      onSubmit={(e) => {
        e.preventDefault();
        go(line);
      }}
    >
      <ComboBox
        aria-label="Find past cases by vehicle, code and symptom"
        allowsCustomValue
        menuTrigger="input"
        items={offers.map((o) => ({ ...o, id: `${o.kind}|${o.line}` }))}
        inputValue={line}
        // Writing and choosing are kept apart: a chosen offer brings its whole line.
        selectedKey={null}
        onInputChange={(text) => text !== line && type(text)}
        onSelectionChange={(key) => {
          const chosen = offers.find((o) => `${o.kind}|${o.line}` === key);
          if (!chosen) return;
          turn.current++;
          setOffers([]);
          write(`${chosen.line} `);
        }}
      >
        <Search aria-hidden="true" />
        <Input
          ref={input}
          placeholder="Vehicle, code, symptom, in any order"
          maxLength={500}
          autoComplete="off"
          spellCheck={false}
          onKeyDown={(e) => {
            if (e.key === 'Escape') input.current?.blur();
            // With no offer chosen, Enter asks.
            if (e.key === 'Enter' && !input.current?.getAttribute('aria-activedescendant')) go(line);
          }}
        />
        <kbd aria-hidden="true">/</kbd>
        <OpenWithOffers offers={offers} />
        <Sheet offset={4} isNonModal $empty={offers.length === 0}>
          <ListBox<Suggestion & { id: string }>>
            {(o) => (
              <Item id={o.id} textValue={o.text}>
                <span>{o.text}</span>
                <Quiet>{o.says}</Quiet>
                <Quiet>{o.cases > 0 && `${o.cases} case${o.cases === 1 ? '' : 's'}`}</Quiet>
              </Item>
            )}
          </ListBox>
        </Sheet>
      </ComboBox>
    </Form>
  );
}
