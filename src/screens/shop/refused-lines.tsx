'use client';

import styled from 'styled-components';
import { Figure } from '@/ui/controls';

const List = styled.ul`
  max-height: 320px;
  overflow: auto;
  & li {
    padding: 4px 0;
    border-top: 1px solid var(--rule);
  }
`;

/** Lines of a file that were refused, each with why. */
export function RefusedLines({ lines }: { lines: readonly { line: number; reason: string }[] }) {
  return (
    <List>
      {lines.map((r) => (
        <li key={r.line}>
          <Figure>line {r.line}</Figure> {r.reason}
        </li>
      ))}
    </List>
  );
}
