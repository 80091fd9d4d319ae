'use client';

import Link from '@/ui/link';
import { Fragment, useState, type ReactNode } from 'react';
import styled from 'styled-components';
import { Button, Quiet } from '@/ui/controls';
import { Text } from '@/ui/layout';
import { PlainTable } from '@/ui/plain-table';

const Part = styled.section`
  min-width: 0;
  overflow-x: auto;
  & h2 {
    font-size: 1rem;
    margin: 14px 0 4px;
  }
`;

interface Row {
  key: string;
  cells: ReactNode[];
  /** The cases behind the figures of this row. */
  cases: readonly number[];
}

/** Figures of one kind, each with the cases behind it; what is said where there are none. */
export function Figures({
  title,
  head,
  rows,
  none,
  children,
}: {
  title: string;
  head: readonly string[];
  rows: readonly Row[];
  none: string;
  children?: ReactNode;
}) {
  return (
    <Part aria-label={title}>
      <h2>{title}</h2>
      {rows.length === 0 ? (
        <Quiet>{none}</Quiet>
      ) : (
        <>
          {children}
          <PlainTable>
            <thead>
              <tr>
                {head.map((column) => (
                  <th key={column} scope="col">
                    {column}
                  </th>
                ))}
                <th scope="col">
                  <span className="visually-hidden">Cases</span>
                </th>
              </tr>
            </thead>
            <tbody>
              {rows.map((row) => (
                <tr key={row.key}>
                  {row.cells.map((cell, i) => (
                    <td key={head[i]}>{cell}</td>
                  ))}
                  <td>
                    <Cases of={row.cases} />
                  </td>
                </tr>
              ))}
            </tbody>
          </PlainTable>
        </>
      )}
    </Part>
  );
}

const SHOWN = 3;

/** The first cases by number, the rest on a press. */
function Cases({ of }: { of: readonly number[] }) {
  const [all, setAll] = useState(false);
  const shown = all ? of : of.slice(0, SHOWN);
  return (
    <Text as="span" $size="small">
      {shown.map((n, i) => (
        <Fragment key={n}>
          {i > 0 && ', '}
          <Link href={`/cases/${n}`}>{n}</Link>
        </Fragment>
      ))}
      {of.length > shown.length && (
        <Button $kind="quiet" $pad="0 4px" onPress={() => setAll(true)}>
          {of.length - shown.length} more
        </Button>
      )}
    </Text>
  );
}
