'use client';

import { Download } from 'lucide-react';
import { ProgressBar } from 'react-aria-components';
import styled from 'styled-components';
import { Button, Figure } from '@/ui/controls';
import { saveFile } from '@/ui/save-file';
import type { Taken } from './take-in';
import { Cell } from '@/ui/layout';

const Bar = styled.div`
  height: 8px;
  border-radius: 4px;
  background: var(--sunk);
  overflow: hidden;
  margin: 6px 0;
  & > div {
    height: 100%;
    background: var(--accent);
  }
`;
const Reasons = styled.ul`
  & li {
    padding: 4px 0;
    border-top: 1px solid var(--rule);
  }
`;

const n = (count: number, one: string, many = `${one}s`) =>
  `${count.toLocaleString('en')} ${count === 1 ? one : many}`;

/** How far the table has come, what became of it, and the rows to mend. */
export function TakenSoFar({
  taken,
  running,
  name,
  onMend,
}: {
  taken: Taken;
  running: boolean;
  name: string;
  onMend: () => Promise<Blob>;
}) {
  const reasons = new Map<string, number[]>();
  for (const r of taken.refused) {
    const kind = r.reason.replace(/“[^”]*”|\d[\d./-]*\d/gu, '…');
    reasons.set(kind, [...(reasons.get(kind) ?? []), r.row + 1]);
  }
  const save = async () =>
    saveFile(await onMend(), `${name.replace(/\.[^.]+$/, '') || 'old records'} to mend.csv`);
  return (
    <section aria-label="What became of the table">
      {running && (
        <ProgressBar aria-label="Taking in" value={taken.done} maxValue={Math.max(1, taken.of)}>
          {({ percentage }) => (
            <Bar>
              <Cell $width={`${percentage ?? 0}%`} />
            </Bar>
          )}
        </ProgressBar>
      )}
      <p role="status">
        <b>{n(taken.created, 'case')} created</b>, {taken.unchanged.toLocaleString('en')} here already,{' '}
        {taken.refused.length.toLocaleString('en')} to mend
        {taken.passed > 0 && `, ${n(taken.passed, 'line')} without a job`}, of {n(taken.of, 'job')}
        {running ? ' so far.' : '.'}
      </p>
      {taken.stopped !== '' && <p role="alert">{taken.stopped}</p>}
      {taken.refused.length > 0 && !running && (
        <>
          <Reasons>
            {[...reasons].map(([reason, rows]) => (
              <li key={reason}>
                <b>{rows.length.toLocaleString('en')} ×</b> {reason}{' '}
                <Figure>
                  row {rows.slice(0, 5).join(', ')}
                  {rows.length > 5 && ' …'}
                </Figure>
              </li>
            ))}
          </Reasons>
          <Button onPress={() => void save()}>
            <Download aria-hidden="true" /> Save the rows to mend
          </Button>
        </>
      )}
    </section>
  );
}
