'use client';

import Link from '@/ui/link';
import { useState } from 'react';
import styled from 'styled-components';
import { searchChecks } from '@/core/checks';
import { Empty, FieldLabel, Input, Quiet, Tag } from '@/ui/controls';
import { Cell, Inline, Text } from '@/ui/layout';
import { TestShelf } from './sections';

const List = styled.ul`
  display: grid;
  grid-template-columns: repeat(auto-fill, minmax(330px, 1fr));
  gap: 2px 26px;
  margin-top: 12px;
  & a {
    display: block;
    min-height: 58px;
    padding: 9px 8px;
    border-bottom: 1px solid var(--rule);
    color: inherit;
    text-decoration: none;
  }
  & a:hover {
    background: var(--raised);
  }
  & b {
    color: var(--accent);
    font-weight: 650;
  }
`;

/** The library of computed checks, found by what one has in hand and by code. */
export function CheckLibrary({ start, caseId }: { start: string; caseId: string }) {
  const [text, setText] = useState(start);
  const hits = searchChecks(text);
  return (
    <TestShelf>
      <h1 className="visually-hidden">Computed checks</h1>
      <Cell $max={560}>
        <FieldLabel htmlFor="check-search">What is in your hand, or on the screen?</FieldLabel>
        <Input
          id="check-search"
          type="search"
          value={text}
          autoComplete="off"
          placeholder="multimeter · P0171 · flat battery · scope"
          onChange={(e) => setText(e.target.value)}
        />
      </Cell>
      <Quiet as="p" $pad="6px 8px 0" role="status">
        {text.trim() === '' ? `${hits.length} checks` : `${hits.length} of them go with that`}
      </Quiet>
      {hits.length === 0 ? (
        <Empty>
          No check goes with “{text}”. Try the tool alone (“multimeter”), the part (“battery”) or a code. A
          reading with a limit needs no check: put a test on the case.
        </Empty>
      ) : (
        <List>
          {hits.map(({ check, because }) => (
            <li key={check.id}>
              <Link href={`/tests/${check.id}${caseId && `?case=${caseId}`}`}>
                <b>{check.title}</b>
                <br />
                <Text as="span" $tone="ink-2" $size="note">
                  {check.question}
                </Text>
                {because.length > 0 && (
                  <Inline as="span" $gap={6} $pad="3px 0 0">
                    {because.map((b) => (
                      <Tag key={b} $tone="accent">
                        {b}
                      </Tag>
                    ))}
                  </Inline>
                )}
              </Link>
            </li>
          ))}
        </List>
      )}
    </TestShelf>
  );
}
