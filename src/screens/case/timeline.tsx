'use client';

import type { ReactNode } from 'react';
import styled from 'styled-components';
import type { RowOf } from '@/core/case';
import { Button, Quiet } from '@/ui/controls';
import { dayTime } from '@/ui/dates';
import { TraceItem } from '../traces/list';
import { Sub } from './fields';
import { MomentField } from './moment';
import { usePeople } from './people';
import { useCase } from './saving/store';
import { ClearItem, ScanItem } from './scans/codes';
import { FoldedTest, useFolded } from './tests/folded-test';
import { RunItem } from './tests/run-item';
import { TestItem } from './tests/test-item';

const Line = styled.li<{ $folded: boolean }>`
  display: grid;
  grid-template-columns: 72px 1fr;
  gap: 10px;
  padding: ${({ $folded }) => ($folded ? '2px' : '8px')} 0;
  border-bottom: 1px solid var(--rule);
  & > time {
    font: 0.75rem/1.35 var(--mono);
    color: var(--ink-3);
    padding-top: 8px;
    & a {
      color: inherit;
      text-decoration: none;
      opacity: 0.6;
      padding: 0 4px;
    }
    & a:hover {
      color: var(--accent);
      text-decoration: underline;
    }
  }
  scroll-margin-top: 116px;
  /* What is out of sight on a long case is not laid out until it comes near. */
  content-visibility: auto;
  contain-intrinsic-size: auto 150px;
  @media (max-width: 620px) {
    grid-template-columns: 1fr;
    & > time {
      padding-top: 0;
    }
  }
`;

const WHEN = {
  scan: 'Scan taken',
  clear: 'Codes cleared',
  trace: 'Recorded',
  run: 'Procedure begun',
  test: 'Tested',
};

/** One thing that came onto the case at its time. */
interface Event {
  kind: keyof typeof WHEN;
  row: { id: string; at: string | null };
  /** Who did it, where that is kept. */
  by?: string | null;
  node: ReactNode;
}

/** Scans, clears, recordings, procedures and tests in the order they came; a test of a procedure stands in it. */
function eventsOf(record: {
  scan: RowOf<'scan'>[];
  clear: RowOf<'clear'>[];
  trace: RowOf<'trace'>[];
  run: RowOf<'run'>[];
  test: RowOf<'test'>[];
}): Omit<Event, 'by'>[] {
  const { scan, clear, trace, run, test } = record;
  const inOrder = [...scan].sort((a, b) => a.at.localeCompare(b.at));
  return [
    ...scan.map((row) => ({
      kind: 'scan' as const,
      row,
      node: <ScanItem scan={row} name={`S${inOrder.indexOf(row) + 1}`} />,
    })),
    ...clear.map((row) => ({ kind: 'clear' as const, row, node: <ClearItem clear={row} /> })),
    ...trace.map((row) => ({ kind: 'trace' as const, row, node: <TraceItem trace={row} /> })),
    ...run.map((row) => ({
      kind: 'run' as const,
      row,
      node: <RunItem run={row} tests={test.filter((t) => t.runId === row.id)} />,
    })),
  ];
}

/** Everything of the case in the order it came; what is finished is folded to a line. */
export function Timeline({ empty }: { empty: ReactNode }) {
  const scan = useCase((s) => s.record.scan);
  const clear = useCase((s) => s.record.clear);
  const trace = useCase((s) => s.record.trace);
  const run = useCase((s) => s.record.run);
  const test = useCase((s) => s.record.test);
  const people = usePeople();
  const { folded, open, openAll } = useFolded();
  const nameOf = (id: string | null) => (id === null ? '' : people(id));
  const inProcedure = new Set(run.map((r) => r.id));
  const events: Event[] = [
    ...eventsOf({ scan, clear, trace, run, test }),
    ...test
      .filter((t) => t.runId === null || !inProcedure.has(t.runId))
      .map((row) => ({
        kind: 'test' as const,
        row,
        by: row.byId,
        node: folded.has(row.id) ? (
          <FoldedTest test={row} by={nameOf(row.byId)} onOpen={() => open(row.id)} />
        ) : (
          <TestItem test={row} />
        ),
      })),
  ].sort((a, b) => (a.row.at ?? '').localeCompare(b.row.at ?? ''));
  if (events.length === 0) return empty;
  return (
    <>
      <Sub>In the order it came</Sub>
      {folded.size > 0 && (
        <Button $kind="quiet" onPress={openAll}>
          Unfold {folded.size === 1 ? 'the finished test' : `${folded.size} finished tests`}
        </Button>
      )}
      <ol>
        {events.map((e) => (
          <EventLine key={e.row.id} event={e} by={nameOf(e.by ?? null)} folded={folded.has(e.row.id)} />
        ))}
      </ol>
    </>
  );
}

function EventLine({
  event: { kind, row, node },
  by,
  folded,
}: {
  event: Event;
  by: string;
  folded: boolean;
}) {
  return (
    <Line id={`at-${row.id}`} $folded={folded}>
      <time dateTime={row.at || undefined}>
        <MomentField kind={kind} id={row.id} label={WHEN[kind]} empty="·" />
        {!folded && (
          <>
            <a href={`#at-${row.id}`} aria-label={`Link to what came ${row.at ? dayTime(row.at) : 'here'}`}>
              #
            </a>
            {by !== '' && (
              <Quiet as="div" $sans>
                {by}
              </Quiet>
            )}
          </>
        )}
      </time>
      {node}
    </Line>
  );
}
