'use client';

import styled from 'styled-components';

/** A table as on ruled paper: small quiet heads, a line under each row. */
export const PlainTable = styled.table`
  width: 100%;
  border-collapse: collapse;
  & th {
    text-align: left;
    font-size: 0.75rem;
    font-weight: 600;
    color: var(--ink-3);
    padding: 2px 8px;
    border-bottom: 1px solid var(--rule-2);
    vertical-align: bottom;
  }
  & td {
    padding: 4px 8px;
    border-bottom: 1px solid var(--rule);
    vertical-align: top;
  }
`;
