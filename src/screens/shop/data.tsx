'use client';

import { Download, Upload } from 'lucide-react';
import { nanoid } from 'nanoid';
import { useRef, useState } from 'react';
import styled from 'styled-components';
import { z } from 'zod';
import { Button, Figure, Quiet } from '@/ui/controls';
import { ShopShelf } from './sections';

const Section = styled.section`
  padding: 12px 0;
  border-top: 1px solid var(--rule);
  max-width: 780px;
  & h2 {
    font-size: 1rem;
    margin-bottom: 4px;
  }
  & p {
    color: var(--ink-2);
    margin-bottom: 10px;
    max-width: 66ch;
  }
`;
const Out = styled.a`
  display: inline-flex;
  gap: 6px;
  align-items: center;
  min-height: 38px;
  margin: 0 10px 6px 0;
  padding: 0 12px;
  border: 1px solid var(--rule-2);
  border-radius: var(--radius);
  background: var(--raised);
  text-decoration: none;
  font-weight: 550;
  & svg {
    width: 16px;
    height: 16px;
  }
  @media (pointer: coarse) {
    min-height: 44px;
  }
`;
const Refused = styled.ul`
  max-height: 320px;
  overflow: auto;
  & li {
    padding: 4px 0;
    border-top: 1px solid var(--rule);
  }
`;

const Progress = z.object({
  lines: z.number(),
  created: z.number(),
  unchanged: z.number(),
  refused: z.array(z.object({ line: z.number(), reason: z.string() })),
  moreRefused: z.number(),
  renumbered: z.number(),
  fresh: z.array(z.string()),
  done: z.boolean(),
});
type Progress = z.infer<typeof Progress>;

const ASK_EVERY = 700;
const n = (count: number, what: string) => `${count.toLocaleString('en')} ${what}${count === 1 ? '' : 's'}`;

/** Cases in from files and out as files and tables. */
export function DataScreen() {
  const file = useRef<HTMLInputElement>(null);
  const stop = useRef<AbortController>(undefined);
  const [state, setState] = useState<Progress>();
  const [running, setRunning] = useState('');
  const [problem, setProblem] = useState('');

  const take = async (chosen: File | undefined) => {
    if (!chosen) return;
    const name = nanoid(12);
    setProblem('');
    setState(undefined);
    setRunning(chosen.name);
    stop.current = new AbortController();
    const ask = setInterval(() => {
      void fetch(`/api/v1/import/progress?name=${name}`)
        .then(async (r) => r.ok && setState(Progress.parse(await r.json())))
        .catch(() => undefined);
    }, ASK_EVERY);
    try {
      const response = await fetch(`/api/v1/import?name=${name}`, {
        method: 'POST',
        body: chosen,
        signal: stop.current.signal,
      });
      const answer: unknown = await response.json();
      const refused = z.object({ error: z.string() }).safeParse(answer);
      if (refused.success) setProblem(refused.data.error);
      else setState(Progress.parse(answer));
    } catch {
      setProblem(
        stop.current.signal.aborted
          ? 'Stopped. What had gone in stays; the same file can be taken in again, nothing comes twice.'
          : 'The connection broke. What had gone in stays; take the same file in again, nothing comes twice.',
      );
    } finally {
      clearInterval(ask);
      setRunning('');
    }
  };

  return (
    <ShopShelf>
      <h1 style={{ fontSize: '1.25rem', marginBottom: 10 }}>In and out</h1>
      <Section aria-label="Take cases in">
        <h2>Take cases in</h2>
        <p>
          A case file (JSON) or many of them, one in a line (NDJSON). Each goes in whole or not at all; the
          same case twice is one case; what this shop does not know comes in as new, marked for a look.
        </p>
        <Button $kind="main" isDisabled={running !== ''} onPress={() => file.current?.click()}>
          <Upload aria-hidden="true" /> Choose a file
        </Button>{' '}
        {running && <Button onPress={() => stop.current?.abort()}>Stop</Button>}
        <input
          ref={file}
          type="file"
          accept=".json,.ndjson,.jsonl"
          aria-label="Case file"
          hidden
          onChange={(e) => {
            void take(e.target.files?.[0]);
            e.target.value = '';
          }}
        />
        <div role="status" style={{ paddingTop: 10 }}>
          {running && <p>Taking in “{running}” …</p>}
          {state && (
            <p>
              <b>{n(state.created, 'case')} created</b>, {state.unchanged.toLocaleString('en')} here already,{' '}
              {(state.refused.length + state.moreRefused).toLocaleString('en')} refused, after{' '}
              {n(state.lines, 'line')}
              {state.done ? '.' : ' so far.'}
              {state.renumbered > 0 && ` ${n(state.renumbered, 'case')} got another number.`}
            </p>
          )}
          {problem && <p role="alert">{problem}</p>}
        </div>
        {state && state.fresh.length > 0 && (
          <p>
            New in the list of causes: {state.fresh.slice(0, 12).join(', ')}
            {state.fresh.length > 12 && ` and ${state.fresh.length - 12} more`}.
          </p>
        )}
        {state && state.refused.length > 0 && (
          <>
            <h2>Refused</h2>
            <Refused>
              {state.refused.map((r) => (
                <li key={r.line}>
                  <Figure>line {r.line}</Figure> {r.reason}
                </li>
              ))}
              {state.moreRefused > 0 && <li>and {n(state.moreRefused, 'line')} more.</li>}
            </Refused>
          </>
        )}
      </Section>
      <Section aria-label="Give cases out">
        <h2>Give cases out</h2>
        <p>
          Case files hold everything that stands on a case. With photos and files inside they are large, and
          are all another shop needs.
        </p>
        <Out href="/api/v1/export" download>
          <Download aria-hidden="true" /> All cases
        </Out>
        <Out href="/api/v1/export?files=inline" download>
          <Download aria-hidden="true" /> All cases with their files
        </Out>
        <Out href="/api/v1/export?as=cases.csv" download>
          <Download aria-hidden="true" /> Table of cases
        </Out>
        <Out href="/api/v1/export?as=readings.csv" download>
          <Download aria-hidden="true" /> Table of readings
        </Out>
      </Section>
      <Section aria-label="For programs">
        <h2>For programs</h2>
        <p>
          The same ways in and out, and search and guide, are described at{' '}
          <a href="/api/v1/openapi.json">/api/v1/openapi.json</a> (OpenAPI 3.1).
        </p>
        <Quiet>Whoever reaches this server reaches all of it: keep it within the shop’s network.</Quiet>
      </Section>
    </ShopShelf>
  );
}
