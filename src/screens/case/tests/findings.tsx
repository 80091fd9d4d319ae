'use client';

import Link from '@/ui/link';
import styled from 'styled-components';
import { useShallow } from 'zustand/react/shallow';
import type { RowOf } from '@/core/case';
import { placeOf, readRan } from '@/core/traces/ran';
import { Figure, Quiet } from '@/ui/controls';
import { VerdictMark } from '@/ui/marks';
import { useCase } from '../saving/store';

const List = styled.ol`
  padding: 2px 8px 4px;
  & li {
    display: grid;
    grid-template-columns: 78px minmax(0, 1fr);
    gap: 2px 8px;
    align-items: baseline;
    padding: 4px 0;
    border-top: 1px solid var(--rule);
  }
`;

/** What an analysis of a trace found, as it was found; beside it what its first run found, for a repeat. */
export function Findings({ test }: { test: RowOf<'test'> }) {
  const number = useCase((s) => s.record.case.number);
  const findings = useCase(useShallow((s) => s.record.finding.filter((f) => f.testId === test.id)));
  const before = useCase(useShallow((s) => s.record.finding.filter((f) => f.testId === test.repeatOf)));
  const trace = useCase((s) => s.record.trace.find((t) => t.id === test.traceId));
  if (test.analysisId === '') return null;
  const ran = readRan(test.ran);
  const channels = Object.values(ran.roles).flat();
  return (
    <>
      <Quiet as="p" $pad="2px 8px">
        Analysis{channels.length > 0 && ` of ${channels.join(', ')}`}
        {Object.keys(ran.settings).length > 0 &&
          ` (${Object.entries(ran.settings)
            .filter(([, v]) => v !== '')
            .map(([k, v]) => `${k} ${v}`)
            .join(', ')})`}
        {trace && (
          <>
            {' · '}
            <Link href={`/cases/${number}/traces/${trace.id}`}>{trace.name || 'the trace'}</Link>
          </>
        )}
      </Quiet>
      <List aria-label="What was found">
        {findings.map((f) => {
          const first = before.find((b) => b.about === f.about && b.about !== '');
          return (
            <li key={f.id}>
              {f.verdict === '' ? <Quiet>noted</Quiet> : <VerdictMark verdict={f.verdict} small />}
              <span>
                {f.because}
                {f.distance && (
                  <Quiet>
                    {' '}
                    {f.distance} {f.limit}
                  </Quiet>
                )}
                {trace && placeOf(f) && (
                  <>
                    {' '}
                    <Link href={`/cases/${number}/traces/${trace.id}?reading=${f.id}`}>where</Link>
                  </>
                )}
                {first && (
                  <Quiet as="span" $block>
                    before: <Figure>{first.figure}</Figure> <VerdictMark verdict={first.verdict} small />
                  </Quiet>
                )}
              </span>
            </li>
          );
        })}
      </List>
    </>
  );
}
