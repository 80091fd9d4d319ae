'use client';

import styled from 'styled-components';

/** A link that gives out a file, drawn as a button. */
export const DownloadLink = styled.a`
  display: inline-flex;
  gap: 6px;
  align-items: center;
  min-height: 38px;
  margin: 0 10px 6px 0;
  padding: 0 12px;
  border: 1px solid var(--rule-2);
  border-radius: var(--radius);
  background: var(--raised);
  text-decoration: none;
  font-weight: 550;
  & svg {
    width: 16px;
    height: 16px;
  }
  &[aria-disabled='true'] {
    opacity: 0.5;
    pointer-events: none;
  }
  @media (pointer: coarse) {
    min-height: 44px;
  }
`;
