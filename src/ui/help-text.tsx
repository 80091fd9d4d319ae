'use client';

import type { RefObject } from 'react';
import { Dialog, Popover } from 'react-aria-components';
import styled from 'styled-components';

const Box = styled(Popover)`
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

/** What a part is for, beside its question mark; Escape or a press elsewhere takes it away. */
export function HelpText({
  beside,
  label,
  text,
  onClose,
}: {
  beside: RefObject<HTMLElement | null>;
  label: string;
  text: string;
  onClose: () => void;
}) {
  return (
    <Box triggerRef={beside} isOpen onOpenChange={(open) => !open && onClose()} placement="bottom start">
      <Dialog aria-label={label}>{text}</Dialog>
    </Box>
  );
}
