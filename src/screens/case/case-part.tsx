'use client';

import type { ReactNode } from 'react';
import styled from 'styled-components';
import { HELP, type HelpOn } from '../help-texts';
import { Help } from '@/ui/help';
import { Inline, Text } from '@/ui/layout';

const PartBox = styled.section`
  padding: 14px 20px 20px;
  border-top: 1px solid var(--rule);
  scroll-margin-top: 116px;
  &:first-of-type {
    border-top: 0;
  }
  & > header {
    display: flex;
    align-items: baseline;
    gap: 12px;
    flex-wrap: wrap;
    margin-bottom: 8px;
  }
  & h2 {
    font-size: 1.1875rem;
    font-weight: 720;
    letter-spacing: -0.01em;
    & a {
      color: inherit;
      text-decoration: none;
    }
  }
  @media (max-width: 620px) {
    padding: 12px;
  }
`;

/** One of the five parts of the sheet. */
export function CasePart({
  id,
  title,
  lead,
  actions,
  children,
}: {
  id: string;
  title: string;
  lead?: string;
  actions?: ReactNode;
  children: ReactNode;
}) {
  return (
    <PartBox id={id} aria-labelledby={`${id}-title`}>
      <header>
        <h2 id={`${id}-title`}>
          <a href={`#${id}`}>{title}</a>
        </h2>
        {id in HELP && <Help on={title} text={HELP[id as HelpOn]} />}
        {lead && (
          <Text as="span" $tone="ink-3" $size="note">
            {lead}
          </Text>
        )}
        <Inline as="span" $gap={6} $push>
          {actions}
        </Inline>
      </header>
      {children}
    </PartBox>
  );
}
