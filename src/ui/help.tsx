'use client';

import { useId, useRef } from 'react';
import styled from 'styled-components';

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
const WIDTH = 340;
/** The browser's own popover: it lies over everything, and Escape or a press elsewhere takes it away. */
const Said = styled.div`
  position: fixed;
  inset: auto;
  margin: 0;
  width: min(${WIDTH}px, calc(100vw - 24px));
  padding: 12px 14px;
  background: var(--raised);
  color: var(--ink);
  border: 1px solid var(--rule-2);
  border-radius: var(--radius);
  box-shadow: var(--shadow);
  font: 400 0.875rem/1.45 var(--sans);
`;

/** A heading with its question mark. */
export const Titled = styled.div<{ $grow?: boolean }>`
  display: flex;
  align-items: baseline;
  gap: 10px;
  ${({ $grow }) => $grow && 'flex: 1;'}
`;

/**
 * A question mark beside a part that says what the part is for.
 *
 * @param on the name of the part, for those who hear the page
 */
export function Help({ on, text }: { on: string; text: string }) {
  const id = useId();
  const ask = useRef<HTMLButtonElement>(null);
  const label = `What ${on} is for`;
  const place = (said: HTMLElement) => {
    const { left, bottom } = ask.current!.getBoundingClientRect();
    said.style.left = `${Math.max(12, Math.min(left, window.innerWidth - WIDTH - 12))}px`;
    said.style.top = `${Math.min(bottom, window.innerHeight - 160)}px`;
  };
  return (
    <>
      <Ask ref={ask} type="button" aria-label={label} popoverTarget={id}>
        <span aria-hidden="true">?</span>
      </Ask>
      <Said
        id={id}
        popover="auto"
        role="note"
        aria-label={label}
        onBeforeToggle={(e) => place(e.currentTarget)}
      >
        {text}
      </Said>
    </>
  );
}
