'use client';

import Link from '@/ui/link';
import styled from 'styled-components';
import { Figure, Quiet } from '@/ui/controls';
import type { Beside } from '@/core/api';

const Item = styled.li`
  padding: 6px 0;
  border-top: 1px solid var(--rule);
  font-size: 0.875rem;
  & summary {
    cursor: pointer;
    min-height: 28px;
  }
  & p {
    white-space: pre-line;
    color: var(--ink-2);
    padding: 4px 0;
  }
  @media (pointer: coarse) {
    & summary {
      min-height: 44px;
    }
  }
`;
const Head = styled.h2`
  font-size: 0.9375rem;
  margin: 18px 0 4px;
`;

/** What is known beside past cases, each with why it stands here. */
export function KnownBeside({ beside }: { beside: Beside }) {
  return (
    <>
      {beside.bulletins.length > 0 && (
        <>
          <Head>Bulletins</Head>
          <ul>
            {beside.bulletins.map((b) => (
              <Item key={b.id}>
                <details>
                  <summary>
                    <Figure>{b.number}</Figure> {b.title} <Quiet>{b.because.join(', ')}</Quiet>
                  </summary>
                  <p>{b.body}</p>
                  <Quiet>{b.issuedBy}. Open it on a case to note that it was consulted.</Quiet>
                </details>
              </Item>
            ))}
          </ul>
        </>
      )}
      {beside.procedures.length > 0 && (
        <>
          <Head>Procedures of the shop</Head>
          <ul>
            {beside.procedures.map((p) => (
              <Item key={p.id}>
                <Link href={`/tests/procedures#${p.id}`}>{p.title}</Link>{' '}
                <Quiet>{p.because.join(', ')}</Quiet>
              </Item>
            ))}
          </ul>
        </>
      )}
      {beside.knownGood.length > 0 && (
        <>
          <Head>Known-good</Head>
          <ul>
            {beside.knownGood.map((k) => (
              <Item key={k.label + k.entered + k.from}>
                {k.label} <Figure>{k.entered}</Figure>{' '}
                <Quiet>{[k.conditions.join(', '), k.build, k.from].filter(Boolean).join(' · ')}</Quiet>
              </Item>
            ))}
          </ul>
        </>
      )}
    </>
  );
}
