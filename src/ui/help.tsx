'use client';

import dynamic from 'next/dynamic';
import { useRef, useState } from 'react';
import styled from 'styled-components';

/** What opens on a press is fetched on the press. */
const HelpText = dynamic(() => import('./help-text').then((m) => m.HelpText), { ssr: false });

const Ask = styled.button`
  min-width: 44px;
  min-height: 44px;
  margin: -12px -10px -12px -12px;
  padding: 0;
  border: 0;
  background: none;
  color: var(--ink-3);
  cursor: pointer;
  vertical-align: middle;
  & > span {
    display: inline-grid;
    place-items: center;
    width: 18px;
    height: 18px;
    border: 1px solid var(--rule-2);
    border-radius: 4px;
    font: 600 0.75rem/1 var(--sans);
  }
  &:hover > span {
    color: var(--accent);
    border-color: var(--accent);
  }
  @media print {
    display: none;
  }
`;

/** A heading with its question mark. */
export const Titled = styled.div`
  display: flex;
  align-items: baseline;
  gap: 10px;
`;

/**
 * A question mark beside a part that says what the part is for.
 *
 * @param on the name of the part, for those who hear the page
 */
export function Help({ on, text }: { on: string; text: string }) {
  const [open, setOpen] = useState(false);
  const ask = useRef<HTMLButtonElement>(null);
  const label = `What ${on} is for`;
  return (
    <>
      <Ask ref={ask} type="button" aria-label={label} aria-expanded={open} onClick={() => setOpen(!open)}>
        <span aria-hidden="true">?</span>
      </Ask>
      {open && <HelpText beside={ask} label={label} text={text} onClose={() => setOpen(false)} />}
    </>
  );
}
