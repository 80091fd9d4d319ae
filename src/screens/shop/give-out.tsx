'use client';

import type { ExportChoice } from '@/core/api';
import { Download } from 'lucide-react';
import { useEffect, useState } from 'react';
import styled from 'styled-components';
import { Choice, Quiet } from '@/ui/controls';
import { DownloadLink } from '@/ui/download-link';
import { LineInput } from '@/ui/line-input';

const Line = styled.div`
  display: flex;
  flex-wrap: wrap;
  gap: 8px 14px;
  align-items: end;
  margin-bottom: 10px;
  & > * {
    min-width: 150px;
  }
`;

type By = 'all' | 'days' | 'numbers' | 'line';
interface Size {
  cases: number;
  brought: number[];
  files: number;
  bytes: number;
}
const WAIT = 250;

function begunWith(start: ExportChoice): By {
  if (start.q) return 'line';
  if (start.numbers) return 'numbers';
  return start.day ? 'days' : 'all';
}

/** Gives cases out: all, those of some days, some by number, or what a search line finds. */
export function GiveOut({ start }: { start: ExportChoice }) {
  const [by, setBy] = useState<By>(begunWith(start));
  const [day, setDay] = useState(start.day ?? today());
  const [until, setUntil] = useState(start.until ?? '');
  const [numbers, setNumbers] = useState(start.numbers ?? '');
  const [line, setLine] = useState(start.q ?? '');
  const asked: Record<By, Record<string, string>> = {
    all: {},
    days: { day, ...(until ? { until } : {}) },
    numbers: { numbers },
    line: { q: line },
  };
  const query = new URLSearchParams(asked[by]).toString();
  const unsaid = (by === 'numbers' && numbers.trim() === '') || (by === 'line' && line.trim() === '');
  const { size, problem } = useSize(query, unsaid);
  const off = unsaid || problem !== '' || size?.cases === 0;
  const href = (more: Record<string, string>) =>
    `/api/v1/export?${new URLSearchParams([...new URLSearchParams(query), ...Object.entries(more)])}`;
  return (
    <>
      <Line>
        <Choice
          label="Which cases"
          value={by}
          options={[
            { value: 'all', label: 'all' },
            { value: 'days', label: 'written on some days' },
            { value: 'numbers', label: 'by number' },
            { value: 'line', label: 'what a search finds' },
          ]}
          onChange={(v) => setBy(v as By)}
        />
        {by === 'days' && (
          <>
            <LineInput label="Day" figure most={10} placeholder="2026-11-28" value={day} onChange={setDay} />
            <LineInput
              label="until (left empty: that day)"
              figure
              most={10}
              value={until}
              onChange={setUntil}
            />
          </>
        )}
        {by === 'numbers' && (
          <LineInput label="Numbers" figure placeholder="12, 15-20" value={numbers} onChange={setNumbers} />
        )}
        {by === 'line' && (
          <LineInput
            label="Search line"
            placeholder="P0171 Tessa, proven last year"
            value={line}
            onChange={setLine}
          />
        )}
      </Line>
      <p role="status">{problem || (unsaid ? <Quiet>Choose which.</Quiet> : size && <Says size={size} />)}</p>
      <DownloadLink href={href({})} download aria-disabled={off}>
        <Download aria-hidden="true" /> Case files
      </DownloadLink>
      <DownloadLink href={href({ files: 'inline' })} download aria-disabled={off}>
        <Download aria-hidden="true" /> Case files with photos and files
      </DownloadLink>
      <DownloadLink href={href({ as: 'cases.csv' })} download aria-disabled={off}>
        <Download aria-hidden="true" /> Table of cases
      </DownloadLink>
      <DownloadLink href={href({ as: 'readings.csv' })} download aria-disabled={off}>
        <Download aria-hidden="true" /> Table of readings
      </DownloadLink>
    </>
  );
}

const count = (n: number, one: string) => `${n.toLocaleString('en')} ${one}${n === 1 ? '' : 's'}`;

/** How many, what comes along, and what is left out. */
function Says({ size }: { size: Size }) {
  const { cases, brought, files, bytes } = size;
  if (cases === 0) return <>No case is among these.</>;
  const mb = Math.max(0.1, bytes / 1e6).toFixed(1);
  return (
    <>
      <b>{count(cases, 'case')}</b>
      {brought.length > 0 &&
        `, among them ${brought.slice(0, 8).join(', ')}${brought.length > 8 ? ' …' : ''}, since others refer to ${brought.length === 1 ? 'it as what came back' : 'them as what came back'}`}
      .{' '}
      <Quiet>
        {files > 0
          ? `${count(files, 'photo or file')} (${mb} MB) ${files === 1 ? 'goes' : 'go'} along only where asked for. `
          : 'No photos or files. '}
        History, procedures, words and known-good values taken on purpose are left out.
      </Quiet>
    </>
  );
}

function useSize(query: string, unsaid: boolean): { size: Size | undefined; problem: string } {
  const [state, setState] = useState<{ size: Size | undefined; problem: string }>({
    size: undefined,
    problem: '',
  });
  useEffect(() => {
    if (unsaid) return;
    const stop = new AbortController();
    const wait = setTimeout(async () => {
      try {
        const [{ ask }, { ExportSize }] = await Promise.all([
          import('../send'),
          import('@/core/api/operations'),
        ]);
        const { answer, problem } = await ask(`/api/export/size?${query}`, ExportSize, {
          signal: stop.signal,
        });
        setState({ size: answer, problem });
      } catch {
        // Given up for a newer question.
      }
    }, WAIT);
    return () => {
      clearTimeout(wait);
      stop.abort();
    };
  }, [query, unsaid]);
  return state;
}

/** Today in the reader's own time zone, as 2026-11-28. */
function today(): string {
  const now = new Date();
  return new Date(now.getTime() - now.getTimezoneOffset() * 60_000).toISOString().slice(0, 10);
}
