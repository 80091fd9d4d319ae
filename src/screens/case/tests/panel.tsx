'use client';

import { X } from 'lucide-react';
import { type ReactNode } from 'react';
import styled from 'styled-components';
import { IconButton } from '@/ui/controls';

const Box = styled.section`
  padding: 8px 12px 12px;
  background: var(--sunk);
  border-radius: var(--radius);
  display: grid;
  gap: 8px;
  margin: 4px 0 8px;
  & > header {
    display: flex;
    align-items: center;
    gap: 8px;
  }
  & h3 {
    flex: 1;
    font-size: 0.875rem;
    font-weight: 680;
  }
`;

/** A sheet laid on the evidence while something is chosen or filled in; Escape takes it away. */
export function Panel({
  title,
  onDone,
  children,
}: {
  title: string;
  onDone: () => void;
  children: ReactNode;
}) {
  return (
    <Box aria-label={title} onKeyDown={(e) => e.key === 'Escape' && onDone()}>
      <header>
        <h3>{title}</h3>
        <IconButton aria-label="Close" onPress={onDone}>
          <X aria-hidden="true" />
        </IconButton>
      </header>
      {children}
    </Box>
  );
}

/** One thing to choose: what it is, why it is here, and the button. */
export const Offer = styled.li`
  display: flex;
  gap: 4px 12px;
  align-items: center;
  padding: 6px 0;
  border-top: 1px solid var(--rule-2);
  & > div {
    flex: 1;
    min-width: 0;
  }
  & p {
    font-size: 0.875rem;
    color: var(--ink-2);
  }
  & b {
    font-weight: 650;
  }
`;
