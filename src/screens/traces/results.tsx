'use client';

import { CopyPlus, ListPlus } from 'lucide-react';
import dynamic from 'next/dynamic';
import { useState } from 'react';
import styled from 'styled-components';
import type { Ran, TraceAnalysis, TraceFinding, TraceResult } from '@/core/traces';
import { Button, Quiet } from '@/ui/controls';
import { day } from '@/ui/dates';
import { Inline } from '@/ui/layout';
import { VerdictMark } from '@/ui/marks';
import { useSheet, useTrace, useTraceStore } from './open-trace';
import { FiguresSoFar, SideBySide } from './figures-beside';
import { useFirstRun, usePutFindings } from './put-findings';
import { clampSpan } from './view';

const Drawing = dynamic(() => import('@/ui/drawing'), { ssr: false });

const List = styled.ol`
  & li {
    padding: 7px 0;
    border-top: 1px solid var(--rule);
    display: grid;
    grid-template-columns: 74px minmax(0, 1fr);
    gap: 2px 8px;
    align-items: baseline;
  }
  & button[data-go] {
    font: inherit;
    text-align: left;
    background: none;
    border: 0;
    padding: 0;
    color: inherit;
    cursor: pointer;
    min-height: 24px;
  }
  & button[data-go] u {
    color: var(--accent);
    white-space: nowrap;
  }
`;

/** What an analysis found; each finding goes to its place, and all of them onto the case. */
export function Results({
  analysis,
  result,
  ran,
}: {
  analysis: TraceAnalysis;
  result: TraceResult;
  ran: Ran;
}) {
  const store = useTraceStore();
  const loaded = useTrace((s) => s.loaded);
  const { name } = useSheet();
  const put = usePutFindings();
  const first = useFirstRun(analysis.id);
  const [done, setDone] = useState<TraceResult>();

  const go = (f: TraceFinding) => {
    const { from, to } = f.place!;
    const room = Math.max((to - from) * 0.6, (loaded.to - loaded.from) / 60, 1e-6);
    store.setState({ span: clampSpan({ from: from - room, to: to + room }, loaded) });
  };
  const onCase = (repeatOf: string | null) => {
    put(analysis, result, ran, repeatOf);
    setDone(result);
  };
  return (
    <section aria-label="What was found">
      <List>
        {result.findings.map((f, i) => (
          <li key={i}>
            {f.verdict ? <VerdictMark verdict={f.verdict} small /> : <Quiet>noted</Quiet>}
            <span>
              {f.place ? (
                <button data-go type="button" onClick={() => go(f)}>
                  {f.because} <u>show</u>
                </button>
              ) : (
                f.because
              )}
            </span>
          </li>
        ))}
      </List>
      <SideBySide />
      {result.drawing && <Drawing drawing={result.drawing} />}
      <FiguresSoFar analysisId={analysis.id} />
      <Inline $gap={10} $align="center" $pad="8px 0">
        {first && (
          <Button $kind="main" isDisabled={done === result} onPress={() => onCase(first.id)}>
            <CopyPlus aria-hidden="true" /> Add to the case, repeat of {day(first.at)}
          </Button>
        )}
        <Button $kind={first ? 'quiet' : 'main'} isDisabled={done === result} onPress={() => onCase(null)}>
          <ListPlus aria-hidden="true" /> {first ? 'As a test of its own' : 'Add to the case'}
        </Button>
        <Quiet role="status">
          {done === result ? `“${name}” stands on the case with all it found.` : ''}
        </Quiet>
      </Inline>
    </section>
  );
}
