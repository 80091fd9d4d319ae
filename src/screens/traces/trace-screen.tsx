'use client';

import Link from '@/ui/link';
import { useEffect, useState } from 'react';
import styled from 'styled-components';
import { vehicleName } from '@/core/vehicle';
import { Button, Quiet } from '@/ui/controls';
import { Cell, Notice } from '@/ui/layout';
import { LostClashes } from '../case/clash-note';
import { CaseContext, createCaseStore, useCase, type OpenCase } from '../case/saving/store';
import { OpenSheet } from './open-sheet';
import type { OtherTrace } from './other-trace';
import { TraceContext } from './open-trace';
import { PreviewPane } from './preview';
import { Source, type ScopeOffer } from './source';
import { useRecording } from './use-recording';

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
  const { phase, problem, sending, back, look, take, scope: simulate } = useRecording(traceId);
  return (
    <main
      onDragOver={(e) => e.preventDefault()}
      onDrop={(e) => {
        e.preventDefault();
        const file = e.dataTransfer.files[0];
        if (file && (phase.is === 'source' || phase.is === 'preview')) void look({ file, source: 'file' });
      }}
    >
      <TraceHead sending={sending} />
      <LostClashes />
      {problem && phase.is !== 'open' && (
        <Notice role="alert" $tone="fail" $margin="4px 16px">
          {problem}
        </Notice>
      )}
      {phase.is === 'source' && (
        <Source scope={scopeOffer} onGiven={(g) => void look(g)} onScope={(o) => void simulate(o)} />
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

const SAVE_WORDS: Record<string, string> = {
  saved: 'Saved',
  offline: 'Kept here, waits for the connection',
};

/** Whose recording it is, and how far it is kept. */
function TraceHead({ sending }: { sending: ReturnType<typeof useRecording>['sending'] }) {
  const record = useCase((s) => s.record);
  const saveState = useCase((s) => s.saveState);
  return (
    <Head>
      <h1>
        <Link href={`/cases/${record.case.number}#evidence`}>Case {record.case.number}</Link> · trace
      </h1>
      <Quiet>{vehicleName(record.vehicle)}</Quiet>
      <Cell as="span" $grow />
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
      <Quiet>{SAVE_WORDS[saveState] ?? 'Saving …'}</Quiet>
    </Head>
  );
}
