'use client';

import { ChevronDown, ChevronRight, SkipForward } from 'lucide-react';
import { useState } from 'react';
import styled from 'styled-components';
import type { RowOf } from '@/core/case';
import { runProgress } from '@/core/guide';
import { Button, Quiet, Tag } from '@/ui/controls';
import { dayTime } from '@/ui/dates';
import { Cell } from '@/ui/layout';
import { VerdictMark, VerdictShape } from '@/ui/marks';
import { LineField, focusNext } from '../fields';
import { usePeople } from '../people';
import { useCase, useRecord } from '../saving/store';
import { TestItem } from './test-item';

const Box = styled.section`
  border: 1px solid var(--rule-2);
  border-radius: var(--radius);
  background: var(--raised);
  min-width: 0;
  scroll-margin-top: 116px;
  & > header {
    display: flex;
    flex-wrap: wrap;
    gap: 4px 12px;
    align-items: center;
    padding: 8px 12px;
    border-bottom: 1px solid var(--rule);
  }
  & h3 {
    font-size: 0.9375rem;
    font-weight: 680;
    flex: 1;
  }
`;
const Step = styled.li`
  border-top: 1px solid var(--rule);
  &:first-child {
    border-top: 0;
  }
`;
const Head = styled.button<{ $open: boolean }>`
  display: grid;
  grid-template-columns: 18px 22px 1fr auto;
  gap: 8px;
  align-items: center;
  width: 100%;
  min-height: 44px;
  padding: 4px 12px;
  border: 0;
  background: ${({ $open }) => ($open ? 'var(--accent-soft)' : 'transparent')};
  text-align: left;
  cursor: pointer;
  font-weight: ${({ $open }) => ($open ? 650 : 400)};
  & svg {
    flex: none;
  }
`;
const Feet = styled.div`
  display: flex;
  gap: 8px;
  flex-wrap: wrap;
  align-items: center;
  padding: 4px 12px 10px;
`;
const Bar = styled.progress`
  width: 110px;
  height: 8px;
  accent-color: var(--accent);
`;

/** A procedure under way: a checklist that can be left and taken up again, one step open at a time. */
export function RunItem({ run, tests }: { run: RowOf<'run'>; tests: RowOf<'test'>[] }) {
  const record = useRecord();
  const edit = useCase((s) => s.edit);
  const removeAll = useCase((s) => s.removeAll);
  const people = usePeople();
  const progress = runProgress(tests);
  const stopped = run.state === 'stopped';
  const [open, setOpen] = useState(stopped ? '' : (progress.current?.id ?? ''));
  const goOn = (from: string) => {
    const i = tests.findIndex((s) => s.id === from);
    const rest = [...tests.slice(i + 1), ...tests.slice(0, i)];
    const next = rest.find((s) => s.verdict === '' && s.skipped === '' && s.overrule === '');
    setOpen(next?.id ?? '');
    if (!next && run.state !== 'done') edit('run', run.id, 'state', 'done');
    const cell = next && firstCell(record, next.id);
    if (cell) focusNext(cell);
  };
  const leaveOut = (id: string) => {
    edit('test', id, 'skipped', 'left out');
    focusNext(`${id}:skipped`);
  };
  const all = progress.done === progress.all;
  return (
    <Box id={`run-${run.id}`} aria-label={`Procedure: ${run.title}`}>
      <header>
        <h3>{run.title}</h3>
        <Bar value={progress.done} max={progress.all} aria-label="Steps done" />
        <span role="status">
          {progress.done} of {progress.all} done{stopped ? ', stopped' : ''}
        </span>
        {!all && (
          <Button
            $kind="quiet"
            onPress={() => {
              edit('run', run.id, 'state', stopped ? '' : 'stopped');
              setOpen(stopped ? (progress.current?.id ?? '') : '');
            }}
          >
            {stopped ? 'Resume' : 'Stop here'}
          </Button>
        )}
        {tests.every((t) => t.verdict === '' && t.skipped === '') && (
          <Button
            $kind="quiet"
            onPress={() =>
              removeAll(
                [{ kind: 'run', id: run.id }, ...tests.map((t) => ({ kind: 'test' as const, id: t.id }))],
                `procedure ${run.title}`,
              )
            }
          >
            Remove from the case
          </Button>
        )}
      </header>
      <ol>
        {tests.map((s, i) => (
          <Step key={s.id}>
            <Head
              type="button"
              $open={open === s.id}
              aria-expanded={open === s.id}
              onClick={() => setOpen(open === s.id ? '' : s.id)}
            >
              {open === s.id ? <ChevronDown size={16} aria-hidden /> : <ChevronRight size={16} aria-hidden />}
              <VerdictShape verdict={s.verdict} />
              <span>
                {i + 1}. {s.question || 'A step without a question'}{' '}
                {s.byId !== null && (
                  <Quiet>
                    {people(s.byId)}, {dayTime(s.at)}
                  </Quiet>
                )}
              </span>
              {s.skipped !== '' && <Tag>left out</Tag>}
              {s.skipped === '' && s.verdict !== '' && <VerdictMark verdict={s.verdict} small />}
              {s.skipped === '' && s.verdict === '' && (
                <Quiet>{s.minutes === null ? 'to do' : `to do, about ${s.minutes} min`}</Quiet>
              )}
            </Head>
            {open === s.id && (
              <Cell $pad="6px 8px 2px">
                <TestItem test={tests[i]!} asStep />
                {s.skipped !== '' && (
                  <Cell $pad="2px 12px">
                    <LineField kind="test" id={s.id} field="skipped" label="Skipped because" />
                  </Cell>
                )}
                <Feet>
                  <Button $kind="main" onPress={() => goOn(s.id)}>
                    {last(tests, s.id) ? 'Done with the procedure' : 'Next step'}
                  </Button>
                  {s.skipped === '' ? (
                    <Button $kind="quiet" onPress={() => leaveOut(s.id)}>
                      <SkipForward aria-hidden="true" /> Skip this step
                    </Button>
                  ) : (
                    <Button $kind="quiet" onPress={() => edit('test', s.id, 'skipped', '')}>
                      Do it now
                    </Button>
                  )}
                </Feet>
              </Cell>
            )}
          </Step>
        ))}
      </ol>
    </Box>
  );
}

/** Whether nothing else is left to do. */
function last(
  steps: { id: string; verdict: string; skipped: string; overrule: string }[],
  id: string,
): boolean {
  return steps.every((s) => s.id === id || s.verdict !== '' || s.skipped !== '' || s.overrule !== '');
}

/** Where the typing of a step begins. */
function firstCell(
  record: { reading: RowOf<'reading'>[]; input: RowOf<'input'>[] },
  testId: string,
): string | undefined {
  const row =
    record.input.find((r) => r.testId === testId && r.entered === '') ??
    record.reading.find((r) => r.testId === testId && r.entered === '');
  return row && `${row.id}:entered`;
}
