'use client';

import { Upload } from 'lucide-react';
import { nanoid } from 'nanoid';
import { useRef, useState } from 'react';
import type { z } from 'zod';
import { ImportAnswer, ProblemAnswer } from '@/core/api';
import { Button } from '@/ui/controls';
import { FileButton } from '@/ui/file-button';
import { Cell } from '@/ui/layout';
import { MendLines } from './mend-lines';
import { RefusedLines } from './refused-lines';

type Progress = z.infer<typeof ImportAnswer>;

const ASK_EVERY = 700;
const n = (count: number, what: string) => `${count.toLocaleString('en')} ${what}${count === 1 ? '' : 's'}`;

/** Takes a file of cases in: progress while it runs, a stop, and every refused line with its reason. */
export function TakeIn() {
  const stop = useRef<AbortController>(undefined);
  const [state, setState] = useState<Progress>();
  const [running, setRunning] = useState('');
  const [problem, setProblem] = useState('');
  const [file, setFile] = useState<File>();

  const take = async (chosen: File) => {
    const name = nanoid(12);
    setProblem('');
    setState(undefined);
    setRunning(chosen.name);
    setFile(chosen);
    stop.current = new AbortController();
    const ask = setInterval(() => {
      void fetch(`/api/v1/import/progress?name=${name}`)
        .then(async (r) => r.ok && setState(ImportAnswer.parse(await r.json())))
        .catch(() => undefined);
    }, ASK_EVERY);
    try {
      const response = await fetch(`/api/v1/import?name=${name}`, {
        method: 'POST',
        body: chosen,
        signal: stop.current.signal,
      });
      const answer: unknown = await response.json();
      const refused = ProblemAnswer.safeParse(answer);
      if (refused.success) setProblem(refused.data.error);
      else setState(ImportAnswer.parse(answer));
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
    <>
      <FileButton
        label="Case file"
        accept=".json,.ndjson,.jsonl"
        $kind="main"
        isDisabled={running !== ''}
        onFile={(chosen) => void take(chosen)}
      >
        <Upload aria-hidden="true" /> Choose a file
      </FileButton>{' '}
      {running && <Button onPress={() => stop.current?.abort()}>Stop</Button>}
      <Cell role="status" $pad="10px 0 0">
        {running && <p>Importing “{running}” …</p>}
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
      </Cell>
      {state && state.fresh.length > 0 && (
        <p>
          New in the list of causes: {state.fresh.slice(0, 12).join(', ')}
          {state.fresh.length > 12 && ` and ${state.fresh.length - 12} more`}.
        </p>
      )}
      {state && state.refused.length > 0 && (
        <>
          <h2>Refused</h2>
          {state.moreRefused > 0 && (
            <p>
              The first {state.refused.length} of {n(state.refused.length + state.moreRefused, 'line')}.
            </p>
          )}
          {file && !running ? (
            <MendLines key={file.name + file.lastModified} file={file} refused={state.refused} />
          ) : (
            <RefusedLines lines={state.refused} />
          )}
        </>
      )}
    </>
  );
}
