'use client';

import { X } from 'lucide-react';
import { useState } from 'react';
import styled from 'styled-components';
import { CODE_STATUSES, type CodeStatus } from '@/core/case';
import { linesOf, plainText, type Label } from '@/core/codes';
import { Button, Choice, Figure, IconButton, Input, Quiet, Tag } from '@/ui/controls';
import type { ScanReadingState } from './scan-edits';

const MOST = 300;

const Lines = styled.ol`
  list-style: none;
  max-height: 46vh;
  overflow: auto;
  border-top: 1px solid var(--rule-2);
  font-size: 0.875rem;
`;
const Line = styled.li<{ $unread?: boolean; $doubtful?: boolean }>`
  display: grid;
  grid-template-columns: minmax(0, 1fr) minmax(0, 1.9fr);
  gap: 4px 14px;
  align-items: center;
  padding: 2px 4px;
  border-bottom: 1px solid var(--rule);
  ${({ $unread }) => $unread && 'background: color-mix(in srgb, var(--unsure) 9%, transparent);'}
  ${({ $doubtful }) => $doubtful && 'box-shadow: inset 3px 0 0 var(--unsure);'}
  & code {
    font-family: var(--mono);
    font-size: 0.8125rem;
    white-space: pre;
    overflow: hidden;
    text-overflow: ellipsis;
  }
  @container sheet (max-width: 640px) {
    grid-template-columns: minmax(0, 1fr);
  }
`;
const Became = styled.div`
  display: flex;
  flex-wrap: wrap;
  gap: 2px 8px;
  align-items: center;
  min-width: 0;
  min-height: 30px;
  & select {
    min-height: 28px;
    padding-block: 0;
    max-width: 150px;
  }
`;
const Fault = styled.div`
  display: grid;
  grid-template-columns: auto minmax(40px, 1fr) 104px 128px 30px;
  gap: 0 8px;
  align-items: center;
  width: 100%;
  & > span:nth-child(2) {
    overflow: hidden;
    text-overflow: ellipsis;
    white-space: nowrap;
  }
  & select {
    width: 100%;
  }
  @container sheet (max-width: 640px) {
    grid-template-columns: auto 1fr 30px;
    & > span:nth-child(2) {
      white-space: normal;
      grid-column: 1 / -1;
      grid-row: 1;
    }
  }
`;
const STATUSES = [{ value: '', label: 'no status' }, ...CODE_STATUSES.map((s) => ({ value: s, label: s }))];
const COLUMNS: { value: Label | ''; label: string }[] = [
  { value: '', label: 'nothing of these' },
  { value: 'code', label: 'code' },
  { value: 'text', label: 'wording' },
  { value: 'status', label: 'status' },
  { value: 'module', label: 'module' },
  { value: 'name', label: 'name of a value' },
  { value: 'value', label: 'value' },
  { value: 'unit', label: 'unit' },
  { value: 'detail', label: 'count or distance' },
];
const SAYS: Partial<Record<string, string>> = {
  text: 'wording, goes on',
  status: 'status of the code above',
  detail: 'when and how often',
  vehicle: 'about vehicle or report',
  heading: 'heading',
  scope: 'what was read',
};

/** Each line beside what it became; what is wrong is put right in one press. */
export function ScanPreview({
  text,
  state,
  doubtful,
}: {
  text: string;
  state: ScanReadingState;
  /** Lines of a picture that were hard to read. */
  doubtful: ReadonlySet<number>;
}) {
  const { read } = state;
  const lines = linesOf(plainText(text));
  // Of a line that is a module and a fault, the fault is shown; its module stands in it.
  const became = new Map(
    [...read.lines]
      .sort((a, b) => Number(a.became === 'code') - Number(b.became === 'code'))
      .map((l) => [l.n, l]),
  );
  const shown = new Set<number>();
  return (
    <>
      <Lines aria-label="Lines of the report">
        {lines.slice(0, MOST).map((line) => {
          const b = became.get(line.n);
          const kind = b?.became ?? 'unread';
          const first = kind !== 'code' || b?.row === undefined || !shown.has(b.row);
          if (kind === 'code' && b?.row !== undefined) shown.add(b.row);
          return (
            <Line key={line.n} $unread={kind === 'unread'} $doubtful={doubtful.has(line.n)}>
              <code title={line.raw}>{line.raw}</code>
              <Became>
                {kind === 'code' && b?.row !== undefined && first ? (
                  <CodeRow row={b.row} line={line.text} state={state} />
                ) : kind === 'module' && b?.row !== undefined ? (
                  <ModuleRow row={b.row} line={line.text} state={state} />
                ) : kind === 'heading' && line.cells.length > 1 ? (
                  <Columns cells={line.cells} state={state} />
                ) : kind === 'unread' ? (
                  <Unread line={line.text} raw={line.raw} state={state} />
                ) : (
                  <Quiet>{saysOf(state, kind, b?.row)}</Quiet>
                )}
                {doubtful.has(line.n) && <Tag $tone="unsure">hard to read</Tag>}
              </Became>
            </Line>
          );
        })}
      </Lines>
      {lines.length > MOST && <Quiet>and {lines.length - MOST} more lines, read in the same way</Quiet>}
    </>
  );
}

function saysOf({ read }: ScanReadingState, kind: string, row: number | undefined): string {
  if (kind === 'live value' && row !== undefined)
    return `live value: ${read.live[row]?.name} = ${read.live[row]?.entered}`;
  if (kind === 'freeze frame' && row !== undefined) {
    const f = read.freeze[row];
    return `freeze frame of ${read.codes[f?.code ?? -1]?.code ?? ''}: ${f?.name} = ${f?.entered}`;
  }
  if (kind === 'monitor' && row !== undefined)
    return `monitor: ${read.monitors[row]?.name}, ${read.monitors[row]?.state}`;
  return SAYS[kind] ?? 'goes on';
}

function CodeRow({ row, line, state }: { row: number; line: string; state: ScanReadingState }) {
  const { read, edits } = state;
  const code = read.codes[row]!;
  if (edits.gone.includes(row)) return <Quiet>{code.code} is left out</Quiet>;
  const status = edits.statuses[row] ?? (code.statuses.length > 1 ? 'several' : (code.statuses[0] ?? ''));
  const module = edits.modules[row] ?? (code.module === null ? '' : (read.modules[code.module]?.name ?? ''));
  if (state.waiting.includes(row)) return <Waiting row={row} code={code.code} state={state} />;
  return (
    <Fault>
      <Figure>{edits.codes[row] ?? code.code}</Figure>
      <span title={code.text}>{code.text}</span>
      <Choice
        label={`Status of ${code.code}`}
        hideLabel
        value={status}
        options={
          status === 'several'
            ? [{ value: 'several', label: code.statuses.join(', ') }, ...STATUSES]
            : STATUSES
        }
        onChange={(v) => v !== 'several' && state.setStatus(row, line, v as CodeStatus | '')}
      />
      <Choice
        label={`Module of ${code.code}`}
        hideLabel
        value={module}
        options={[
          { value: '', label: 'no module' },
          ...read.modules.map((m) => ({ value: m.name, label: m.name })),
        ]}
        onChange={(name) => state.setModule(row, name)}
      />
      <IconButton aria-label={`Leave ${code.code} out`} onPress={() => state.remove(row)}>
        <X aria-hidden="true" />
      </IconButton>
    </Fault>
  );
}

/** A code that was hard to read: it is asked, never taken silently. */
function Waiting({ row, code, state }: { row: number; code: string; state: ScanReadingState }) {
  const [typed, setTyped] = useState(/\d/.test(code) ? code : '');
  const take = () => typed.trim() !== '' && state.setCode(row, typed.trim());
  return (
    <div style={{ display: 'flex', gap: 6, alignItems: 'center' }}>
      <Input
        $figure
        aria-label={`Code that was read as ${code}`}
        value={typed}
        maxLength={60}
        style={{ width: 100 }}
        onChange={(e) => setTyped(e.target.value)}
        onKeyDown={(e) => {
          if (e.key !== 'Enter') return;
          e.preventDefault();
          take();
        }}
      />
      <Button onPress={take}>It is {typed || '…'}</Button>
      <Button $kind="quiet" onPress={() => state.remove(row)}>
        Leave it out
      </Button>
    </div>
  );
}

function ModuleRow({ row, line, state }: { row: number; line: string; state: ScanReadingState }) {
  const module = state.read.modules[row]!;
  const codes = state.read.codes.filter((c) => c.module === row).length;
  return (
    <>
      <Tag $tone={module.answered ? 'accent' : 'fail'}>module</Tag>
      <span>{module.name}</span>
      <Quiet>
        {module.answered ? (codes ? `${codes} code${codes === 1 ? '' : 's'}` : 'no codes') : 'did not answer'}
      </Quiet>
      <Button $kind="quiet" onPress={() => state.heading(line, false)}>
        Not a module
      </Button>
    </>
  );
}

function Columns({ cells, state }: { cells: readonly string[]; state: ScanReadingState }) {
  return cells
    .filter((c) => c !== '')
    .map((cell, i) => (
      <Choice
        key={`${cell}${i}`}
        label={`Column ${cell}`}
        hideLabel
        value={state.labelOf(cell)}
        options={COLUMNS}
        onChange={(label) => state.column(cell, label as Label | '')}
      />
    ));
}

function Unread({ line, raw, state }: { line: string; raw: string; state: ScanReadingState }) {
  if (state.edits.faults.includes(raw)) return <Quiet>taken as a fault in words</Quiet>;
  return (
    <>
      <Quiet>not understood</Quiet>
      {line.length <= 80 && (
        <>
          <Button $kind="quiet" onPress={() => state.heading(line, true)}>
            A module
          </Button>
          <Button $kind="quiet" onPress={() => state.fault(raw)}>
            A fault
          </Button>
        </>
      )}
    </>
  );
}
