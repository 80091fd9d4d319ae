'use client';

import { Button, Dialog, DialogTrigger, Popover } from 'react-aria-components';
import styled from 'styled-components';

const Ask = styled(Button)`
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
const Said = styled(Popover)`
  max-width: min(360px, calc(100vw - 24px));
  padding: 12px 14px;
  background: var(--raised);
  color: var(--ink);
  border: 1px solid var(--rule-2);
  border-radius: var(--radius);
  box-shadow: var(--shadow);
  font-size: 0.875rem;
  & > section {
    outline: none;
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
  return (
    <DialogTrigger>
      <Ask aria-label={`What ${on} is for`}>
        <span aria-hidden="true">?</span>
      </Ask>
      <Said placement="bottom start">
        <Dialog aria-label={`What ${on} is for`}>{text}</Dialog>
      </Said>
    </DialogTrigger>
  );
}
