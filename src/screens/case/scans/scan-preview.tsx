'use client';

import styled from 'styled-components';
import { linesOf, plainText } from '@/core/codes';
import { Quiet, Tag } from '@/ui/controls';
import type { ScanReadingState } from './scan-edits';
import { CodeRow, Columns, isValueRow, ModuleRow, Unread, ValueRow } from './scan-preview-rows';

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
                <BecameOf line={line} kind={kind} row={first ? b?.row : undefined} state={state} />
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

/** What a line became; without a row where what it says is shown at another line. */
function BecameOf({
  line,
  kind,
  row,
  state,
}: {
  line: ReturnType<typeof linesOf>[number];
  kind: string;
  row: number | undefined;
  state: ScanReadingState;
}) {
  if (row !== undefined) {
    if (kind === 'code') return <CodeRow row={row} line={line.text} state={state} />;
    if (kind === 'module') return <ModuleRow row={row} line={line.text} state={state} />;
    if (isValueRow(kind)) return <ValueRow kind={kind} row={row} state={state} />;
  }
  if (kind === 'heading' && line.cells.length > 1) return <Columns cells={line.cells} state={state} />;
  if (kind === 'unread') return <Unread line={line.text} raw={line.raw} state={state} />;
  return <Quiet>{SAYS[kind] ?? 'goes on'}</Quiet>;
}
