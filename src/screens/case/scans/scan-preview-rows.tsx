'use client';

import { X } from 'lucide-react';
import { useState } from 'react';
import styled from 'styled-components';
import { CODE_STATUSES, type CodeStatus } from '@/core/case';
import type { Label } from '@/core/codes';
import { Button, Choice, Figure, IconButton, Input, Quiet, Tag } from '@/ui/controls';
import { Inline } from '@/ui/layout';
import type { ScanReadingState } from './scan-edits';

/** What the lines of a report became, each with what puts it right in one press. */

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
export function CodeRow({ row, line, state }: { row: number; line: string; state: ScanReadingState }) {
  const { read, edits } = state;
  const code = read.codes[row]!;
  if (edits.gone.includes(row)) return <Quiet>{code.code} is left out</Quiet>;
  const status = edits.statuses[row] ?? (code.statuses.length > 1 ? 'several' : (code.statuses[0] ?? ''));
  const under =
    code.module !== null && state.taken('modules', code.module) ? read.modules[code.module] : undefined;
  const module = edits.modules[row] ?? under?.name ?? '';
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
          ...read.modules.flatMap((m, i) =>
            state.taken('modules', i) ? [{ value: m.name, label: m.name }] : [],
          ),
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
    <Inline $gap={6} $align="center" $nowrap>
      <Input
        $figure
        aria-label={`Code that was read as ${code}`}
        value={typed}
        maxLength={60}
        $width={100}
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
    </Inline>
  );
}

export function ModuleRow({ row, line, state }: { row: number; line: string; state: ScanReadingState }) {
  const module = state.read.modules[row]!;
  const codes = state.read.codes.filter((c) => c.module === row).length;
  const found = codes ? `${codes} code${codes === 1 ? '' : 's'}` : 'no codes';
  return (
    <>
      <Tag $tone={module.answered ? 'accent' : 'fail'}>module</Tag>
      <span>{module.name}</span>
      <Quiet>{module.answered ? found : 'did not answer'}</Quiet>
      {!state.taken('modules', row) && (
        <Button onPress={() => state.confirm('modules', row)}>It is a module</Button>
      )}
      <Button $kind="quiet" onPress={() => state.heading(line, false)}>
        Not a module
      </Button>
    </>
  );
}

export function Columns({ cells, state }: { cells: readonly string[]; state: ScanReadingState }) {
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

export function Unread({ line, raw, state }: { line: string; raw: string; state: ScanReadingState }) {
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

const LISTS = { 'live value': 'live', 'freeze frame': 'freeze', monitor: 'monitors' } as const;

/** A value or a monitor; of a photo it waits, where it was hard to read. */
export function ValueRow({
  kind,
  row,
  state,
}: {
  kind: keyof typeof LISTS;
  row: number;
  state: ScanReadingState;
}) {
  const list = LISTS[kind];
  return (
    <>
      <Quiet>{saysOf(state, kind, row)}</Quiet>
      {!state.taken(list, row) && <Button onPress={() => state.confirm(list, row)}>It is right</Button>}
    </>
  );
}
export const isValueRow = (kind: string): kind is keyof typeof LISTS => kind in LISTS;

function saysOf({ read }: ScanReadingState, kind: string, row: number | undefined): string {
  if (kind === 'live value' && row !== undefined)
    return `live value: ${read.live[row]?.name} = ${read.live[row]?.entered}`;
  if (kind === 'freeze frame' && row !== undefined) {
    const f = read.freeze[row];
    return `freeze frame of ${read.codes[f?.code ?? -1]?.code ?? ''}: ${f?.name} = ${f?.entered}`;
  }
  if (kind === 'monitor' && row !== undefined)
    return `monitor: ${read.monitors[row]?.name}, ${read.monitors[row]?.state}`;
  return '';
}
