'use client';

import Link from '@/ui/link';
import { nanoid } from 'nanoid';
import { useEffect, useRef, useState } from 'react';
import styled from 'styled-components';
import type { RowOf } from '@/core/case';
import { ReadAs, type Preview } from '@/core/traces/files';
import { vehicleName } from '@/core/vehicle';
import { Button, Quiet } from '@/ui/controls';
import type { Loaded } from '@/workers/trace-api';
import { LostClashes } from '../case/fields';
import { CaseContext, createCaseStore, useCase, type OpenCase } from '../case/saving/store';
import { OpenSheet } from './open-sheet';
import type { OtherTrace } from './other-trace';
import { createTraceStore, TraceContext, type TraceStore } from './open-trace';
import { PreviewPane } from './preview';
import { Source, type ChosenFile, type ScopeOffer } from './source';
import { upload } from './upload';
import { TraceWorker } from './worker';

const Head = styled.div`
  display: flex;
  flex-wrap: wrap;
  gap: 4px 14px;
  align-items: baseline;
  padding: 8px 14px;
  & h1 {
    font-size: 1.0625rem;
  }
`;
const Progress = styled.div`
  display: flex;
  gap: 12px;
  align-items: center;
  padding: 18px;
  & progress {
    width: 260px;
    accent-color: var(--accent);
  }
`;

type Phase =
  | { is: 'source' }
  | { is: 'preview'; given: ChosenFile; preview: Preview }
  | { is: 'reading'; name: string; share: number }
  | { is: 'open'; store: TraceStore; traceId: string };

/** A trace on its own page: taken in, looked at, measured, analysed. */
interface Props {
  traceId: string | undefined;
  /** Traces that can be laid over this one. */
  others: OtherTrace[];
  scope: ScopeOffer;
}

export function TraceScreen({ open, ...props }: Props & { open: OpenCase }) {
  const [store] = useState(() => createCaseStore(open));
  useEffect(() => store.getState().start(), [store]);
  return (
    <CaseContext.Provider value={store}>
      <Traced {...props} />
    </CaseContext.Provider>
  );
}

function Traced({ traceId, others, scope: scopeOffer }: Props) {
  const record = useCase((s) => s.record);
  const add = useCase((s) => s.add);
  const refresh = useCase((s) => s.refresh);
  const flush = useCase((s) => s.flush);
  const saveState = useCase((s) => s.saveState);
  const worker = useRef<TraceWorker>(undefined);
  const [phase, setPhase] = useState<Phase>(
    traceId ? { is: 'reading', name: '', share: 0 } : { is: 'source' },
  );
  const [problem, setProblem] = useState('');
  const [sending, setSending] = useState<{ share: number; again?: () => void }>();

  const fresh = () => {
    worker.current?.end();
    worker.current = new TraceWorker();
    return worker.current;
  };
  const back = (message = '') => {
    fresh();
    setProblem(message);
    setPhase({ is: 'source' });
  };
  useEffect(() => () => worker.current?.end(), []);

  const asked = useRef(0);
  const look = async (given: ChosenFile, corrected?: ReadAs) => {
    setProblem('');
    const turn = ++asked.current;
    // A correction stands at once, so that the next one is made on top of it; the rows follow.
    if (corrected)
      setPhase((p) => (p.is === 'preview' ? { ...p, preview: { ...p.preview, readAs: corrected } } : p));
    const w = worker.current ?? fresh();
    const answer = await w.api.preview(given.file, given.file.name, corrected);
    if (turn !== asked.current) return;
    if (answer.ok) setPhase({ is: 'preview', given, preview: answer.value });
    else if (corrected) setProblem(answer.message);
    else back(answer.message);
  };
  const readFile = async (file: Blob, name: string, as: ReadAs): Promise<Loaded | undefined> => {
    const w = worker.current ?? fresh();
    setPhase({ is: 'reading', name, share: 0 });
    const answer = await w.api.read(
      file,
      as,
      w.progress((share) => worker.current === w && setPhase({ is: 'reading', name, share })),
    );
    if (worker.current !== w) return undefined;
    if (answer.ok) return answer.value;
    setProblem(answer.message);
    return undefined;
  };
  const take = async (given: ChosenFile, as: ReadAs, preview: Preview) => {
    const loaded = await readFile(given.file, given.file.name, as);
    if (!loaded) {
      setPhase((p) => (p.is === 'reading' ? { is: 'preview', given, preview } : p));
      return;
    }
    const id = nanoid(14);
    const attachmentId = nanoid(14);
    setPhase({ is: 'open', store: createTraceStore(worker.current!, loaded), traceId: id });
    add(
      'trace',
      {
        name: given.file.name.replace(/\.\w+$/, ''),
        source: given.source,
        at: new Date().toISOString(),
        channels: loaded.channels
          .map((c) => `${c.name}${c.unit ? ` (${c.unit})` : ''}`.slice(0, 120))
          .slice(0, 60),
        interval: `${Number((loaded.channels[0]!.interval * 1000).toPrecision(6))} ms`,
        readAs: JSON.stringify(as),
        attachmentId,
        note: loaded.notes.join('\n'),
        position: record.trace.length,
      },
      id,
    );
    window.history.replaceState(null, '', `/cases/${record.case.number}/traces/${id}`);
    const send = async () => {
      setSending({ share: 0 });
      try {
        await flush();
        await upload(record.case.id, attachmentId, given.file, (share) => setSending({ share }));
        setSending(undefined);
        await refresh();
      } catch (e) {
        setProblem(e instanceof Error ? e.message : 'The file could not be sent.');
        setSending({ share: 0, again: () => void send() });
      }
    };
    void send();
  };
  const scope = async (o: { test: string; fault: string; order: string; seed: number }) => {
    const w = fresh();
    const answer = await w.api.simulate(o);
    if (!answer.ok) return setProblem(answer.message);
    const csv = await w.api.csv(answer.value.from, answer.value.to);
    const file = new File([csv], `${o.test}.csv`, { type: 'text/csv' });
    const given = { file, source: `simulated scope: ${o.test}, ${o.fault}, ${o.order}, seed ${o.seed}` };
    const seen = await w.api.preview(file, file.name);
    if (!seen.ok) return setProblem(seen.message);
    await take(given, seen.value.readAs, seen.value);
  };

  const loadKept = async (row: RowOf<'trace'>) => {
    fresh();
    const hash = record.attachment.find((a) => a.id === row.attachmentId)?.hash;
    if (!hash)
      return setProblem(
        'The recording of this trace is not with the shop yet, or is gone. Its readings stand on the case.',
      );
    try {
      const response = await fetch(`/api/files/${hash}`);
      if (!response.ok) throw new Error();
      const as = ReadAs.parse(JSON.parse(row.readAs));
      const loaded = await readFile(await response.blob(), row.name, as);
      if (loaded) setPhase({ is: 'open', store: createTraceStore(worker.current!, loaded), traceId: row.id });
    } catch {
      setProblem(
        'The recording could not be fetched from the shop’s server. Try again when there is a connection.',
      );
    }
  };
  const begun = useRef(false);
  useEffect(() => {
    if (begun.current || !traceId) return;
    begun.current = true;
    const row = record.trace.find((t) => t.id === traceId);
    if (row) void Promise.resolve().then(() => loadKept(row));
  });

  const title = vehicleName(record.vehicle);
  return (
    <main
      onDragOver={(e) => e.preventDefault()}
      onDrop={(e) => {
        e.preventDefault();
        const file = e.dataTransfer.files[0];
        if (file && (phase.is === 'source' || phase.is === 'preview')) void look({ file, source: 'file' });
      }}
    >
      <Head>
        <h1>
          <Link href={`/cases/${record.case.number}#evidence`}>Case {record.case.number}</Link> · trace
        </h1>
        <Quiet>{title}</Quiet>
        <span style={{ flex: 1 }} />
        {sending && (
          <Quiet role="status">
            {sending.again ? (
              <Button onPress={sending.again}>Send the recording again</Button>
            ) : (
              <>
                Keeping the recording …{' '}
                <progress value={sending.share} max={1} aria-label="Sending the recording" />
              </>
            )}
          </Quiet>
        )}
        <Quiet>
          {saveState === 'saved'
            ? 'Saved'
            : saveState === 'offline'
              ? 'Kept here, waits for the connection'
              : 'Saving …'}
        </Quiet>
      </Head>
      <LostClashes />
      {problem && phase.is !== 'open' && (
        <p
          role="alert"
          style={{
            margin: '4px 16px',
            padding: '8px 12px',
            color: 'var(--fail)',
            background: 'var(--fail-soft)',
            borderRadius: 3,
          }}
        >
          {problem}
        </p>
      )}
      {phase.is === 'source' && (
        <Source scope={scopeOffer} onGiven={(g) => void look(g)} onScope={(o) => void scope(o)} />
      )}
      {phase.is === 'preview' && (
        <PreviewPane
          name={phase.given.file.name}
          preview={phase.preview}
          onCorrect={(as) => void look(phase.given, as)}
          onTake={() => void take(phase.given, phase.preview.readAs, phase.preview)}
          onBack={() => back()}
        />
      )}
      {phase.is === 'reading' && !(traceId && problem) && (
        <Progress role="status">
          Reading {phase.name || 'the recording'} …
          <progress value={phase.share} max={1} aria-label="Reading" />
          <Button
            onPress={() => {
              back('Stopped; nothing was taken.');
            }}
          >
            Stop
          </Button>
        </Progress>
      )}
      {phase.is === 'open' && (
        <TraceContext.Provider value={phase.store}>
          <OpenSheet traceId={phase.traceId} others={others} problem={problem} />
        </TraceContext.Provider>
      )}
    </main>
  );
}
