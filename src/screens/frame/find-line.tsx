'use client';

import { Search } from 'lucide-react';
import { usePathname, useRouter } from 'next/navigation';
import { useEffect, useRef, useState } from 'react';
import styled from 'styled-components';

const Form = styled.form`
  position: relative;
  display: flex;
  align-items: center;
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

/** The one find line; `/` reaches it from anywhere. */
export function FindLine({ initial = '', onType }: { initial?: string; onType?: (line: string) => void }) {
  const router = useRouter();
  // From a case the results can be opened beside it.
  const inHand = /^\/cases\/([^/]+)$/.exec(usePathname())?.[1];
  const input = useRef<HTMLInputElement>(null);
  const [line, setLine] = useState(initial);
  const [last, setLast] = useState(initial);
  // A chip taken off changes the line from outside.
  if (initial !== last) {
    setLast(initial);
    setLine(initial);
  }

  useEffect(() => {
    const key = (e: KeyboardEvent) => {
      const at = e.target as HTMLElement;
      if (e.key !== '/' || e.ctrlKey || e.metaKey || e.altKey || /^(INPUT|TEXTAREA|SELECT)$/.test(at.tagName))
        return;
      e.preventDefault();
      input.current?.focus();
      input.current?.select();
    };
    window.addEventListener('keydown', key);
    return () => window.removeEventListener('keydown', key);
  }, []);

  return (
    <Form
      role="search"
      onSubmit={(e) => {
        e.preventDefault();
        if (onType) onType(line);
        else router.push(`/find?q=${encodeURIComponent(line)}${inHand ? `&with=${inHand}` : ''}`);
      }}
    >
      <Search aria-hidden="true" />
      <input
        ref={input}
        aria-label="Find past cases by vehicle, code and symptom"
        placeholder="Vehicle, code, symptom, in any order"
        value={line}
        maxLength={500}
        autoComplete="off"
        spellCheck={false}
        onChange={(e) => {
          setLine(e.target.value);
          if (onType) setLast(e.target.value);
          onType?.(e.target.value);
        }}
        onKeyDown={(e) => e.key === 'Escape' && input.current?.blur()}
      />
      <kbd aria-hidden="true">/</kbd>
    </Form>
  );
}
