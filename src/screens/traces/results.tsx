'use client';

import { ListPlus } from 'lucide-react';
import { nanoid } from 'nanoid';
import dynamic from 'next/dynamic';
import { useState } from 'react';
import styled from 'styled-components';
import type { Op } from '@/core/case';
import type { TraceAnalysis, TraceFinding, TraceResult } from '@/core/traces';
import { Button, Quiet } from '@/ui/controls';
import { VerdictMark } from '@/ui/marks';
import { nowIso } from '../case/fields';
import { useCase } from '../case/store';
import { useSheet, useTrace, useTraceStore } from './open-trace';
import { held } from './view';

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
export function Results({ analysis, result }: { analysis: TraceAnalysis; result: TraceResult }) {
  const store = useTraceStore();
  const loaded = useTrace((s) => s.loaded);
  const over = useTrace((s) => s.over);
  const there = useTrace((s) => s.overResult);
  const beside = (f: TraceFinding) =>
    f.reading && there?.findings.find((o) => o.reading?.label === f.reading!.label)?.reading?.entered;
  const { sheet, name, write } = useSheet();
  const together = useCase((s) => s.together);
  const tests = useCase((s) => s.record.test.length);
  const [put, setPut] = useState<TraceResult>();

  const go = (f: TraceFinding) => {
    const { from, to } = f.place!;
    const room = Math.max((to - from) * 0.6, (loaded.to - loaded.from) / 60, 1e-6);
    store.setState({ span: held({ from: from - room, to: to + room }, loaded) });
  };
  const onCase = () => {
    const testId = nanoid(14);
    const readings = result.findings.flatMap((f) => (f.reading ? [{ id: nanoid(14), f }] : []));
    const ops: Op[] = [
      {
        op: 'add',
        kind: 'test',
        id: testId,
        row: {
          at: nowIso(),
          question: analysis.question,
          instrument: `trace: ${name}`.slice(0, 400),
          note: result.findings
            .map((f) => f.because)
            .join('\n')
            .slice(0, 20_000),
          position: tests,
        },
      },
      ...readings.map(({ id, f }, position): Op => ({
        op: 'add',
        kind: 'reading',
        id,
        row: {
          testId,
          label: f.reading!.label.slice(0, 400),
          entered: f.reading!.entered,
          limit: f.reading!.limit,
          position,
        },
      })),
    ];
    together(ops);
    write({
      places: {
        ...sheet.places,
        ...Object.fromEntries(readings.flatMap(({ id, f }) => (f.place ? [[id, f.place]] : []))),
      },
    });
    setPut(result);
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
              {beside(f) && (
                <Quiet style={{ display: 'block' }}>
                  {f.reading!.entered} here, {beside(f)} in {over?.name}
                </Quiet>
              )}
            </span>
          </li>
        ))}
      </List>
      {result.drawing && <Drawing drawing={result.drawing} />}
      <div style={{ display: 'flex', gap: 10, alignItems: 'center', padding: '8px 0' }}>
        <Button $kind="main" isDisabled={put === result} onPress={onCase}>
          <ListPlus aria-hidden="true" /> Put on the case
        </Button>
        <Quiet role="status">
          {put === result ? 'It stands on the case as a test with its readings.' : ''}
        </Quiet>
      </div>
    </section>
  );
}
