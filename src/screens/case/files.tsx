'use client';

import { Camera, FileText, Film, X } from 'lucide-react';
import { nanoid } from 'nanoid';
import { useRef } from 'react';
import styled from 'styled-components';
import type { RowOf } from '@/core/case';
import { Button, IconButton, Quiet } from '@/ui/controls';
import { Text } from '@/ui/layout';
import { useCase } from './saving/store';
import { MOST, useUploads } from './saving/upload-queue';

const Waiting = styled.div`
  min-height: 84px;
  display: grid;
  align-content: center;
  gap: 4px;
`;

const Strip = styled.ul`
  display: flex;
  flex-wrap: wrap;
  gap: 8px;
  padding: 4px 0 4px 8px;
`;
const Thumb = styled.li`
  position: relative;
  width: 112px;
  & a {
    display: grid;
    place-items: center;
    height: 84px;
    overflow: hidden;
    background: var(--sunk);
    border: 1px solid var(--rule-2);
    border-radius: var(--radius);
    color: var(--ink-2);
  }
  & img {
    width: 100%;
    height: 100%;
    object-fit: cover;
  }
  & small {
    display: block;
    font-size: 0.75rem;
    color: var(--ink-3);
    overflow: hidden;
    text-overflow: ellipsis;
    white-space: nowrap;
  }
  & > button {
    position: absolute;
    top: 0;
    right: 0;
    background: var(--sheet);
    opacity: 0.85;
  }
`;
const Note = styled.p`
  font-size: 0.75rem;
  color: var(--unsure);
`;
const Progress = styled.progress`
  width: 100%;
  height: 6px;
  accent-color: var(--accent);
`;

interface Place {
  testId?: string;
  partId?: string;
  scanId?: string;
}

const belongs = (a: { testId: string | null; partId: string | null; scanId?: string | null }, p: Place) =>
  a.testId === (p.testId ?? null) &&
  a.partId === (p.partId ?? null) &&
  (a.scanId ?? null) === (p.scanId ?? null);

/** Photos and files of the case, a test or a part, with those still on their way. */
export function Files({ testId, partId, scanId, label }: Place & { label: string }) {
  const place: Place = {
    ...(testId ? { testId } : {}),
    ...(partId ? { partId } : {}),
    ...(scanId ? { scanId } : {}),
  };
  const traces = useCase((s) => s.record.trace);
  // A recording is shown by its trace.
  const attachments = useCase((s) => s.record.attachment).filter(
    (a) => belongs(a, place) && !traces.some((t) => t.attachmentId === a.id),
  );
  const remove = useCase((s) => s.remove);
  const pending = useUploads((s) => s.pending).filter((p) => belongs(p, place));
  const progress = useUploads((s) => s.progress);
  const offline = useUploads((s) => s.offline);
  const drop = useUploads((s) => s.drop);
  const retry = useUploads((s) => s.retry);
  const waiting = pending.filter((p) => !attachments.some((a) => a.id === p.id));
  if (attachments.length === 0 && waiting.length === 0) return null;
  return (
    <Strip aria-label={label}>
      {attachments.map((a) => (
        <Thumb key={a.id}>
          <a href={`/api/files/${a.hash}`} target="_blank" rel="noreferrer" aria-label={`Open ${a.name}`}>
            <Preview file={a} />
          </a>
          <small title={a.name}>{a.name}</small>
          {a.note !== '' && <Note>{a.note}</Note>}
          <IconButton aria-label={`Remove ${a.name}`} onPress={() => remove('attachment', a.id, a.name)}>
            <X aria-hidden="true" />
          </IconButton>
        </Thumb>
      ))}
      {waiting.map((p) => (
        <Thumb key={p.id}>
          <Waiting>
            {p.refused ? (
              <>
                <Text as="span" role="alert" $tone="fail" $size="small">
                  {p.refused}
                </Text>
                {p.file.size <= MOST && (
                  <Button $kind="quiet" onPress={() => retry(p.id)}>
                    Try again
                  </Button>
                )}
              </>
            ) : (
              <>
                {p.loose ? (
                  <Quiet role="alert">No room in this browser: stay on this page until it is sent</Quiet>
                ) : (
                  <Quiet>{offline ? 'Kept here, waits for the connection' : 'On its way'}</Quiet>
                )}
                <Progress value={progress[p.id] ?? 0} max={1} aria-label={`Sending ${p.name}`} />
              </>
            )}
          </Waiting>
          <small title={p.name}>{p.name}</small>
          <IconButton aria-label={`Stop sending ${p.name}`} onPress={() => drop(p.id)}>
            <X aria-hidden="true" />
          </IconButton>
        </Thumb>
      ))}
    </Strip>
  );
}

function Preview({ file }: { file: RowOf<'attachment'> }) {
  if (/^image\/(jpeg|png|webp|avif|tiff)$/.test(file.mime))
    // Served from the shop's own store with its small picture; an optimiser would only copy it.
    return <img src={`/api/files/${file.hash}?thumb`} alt={file.note || file.name} loading="lazy" />;
  return file.mime.startsWith('video/') ? <Film aria-hidden="true" /> : <FileText aria-hidden="true" />;
}

/** Chooses files, several at once; on a tablet the camera is among the choices. */
export function AddFiles({ testId, partId, what, small }: Place & { what: string; small?: boolean }) {
  const caseId = useCase((s) => s.record.case.id);
  const enqueue = useUploads((s) => s.enqueue);
  const input = useRef<HTMLInputElement>(null);
  return (
    <>
      <input
        ref={input}
        type="file"
        multiple
        hidden
        aria-label={`Photos and files of ${what}`}
        onChange={(e) => {
          const chosen = [...(e.target.files ?? [])];
          e.target.value = '';
          void enqueue(
            chosen.map((file) => ({
              id: nanoid(14),
              caseId,
              testId: testId ?? null,
              partId: partId ?? null,
              name: file.name,
              file,
              refused: '',
            })),
          );
        }}
      />
      {small ? (
        <IconButton aria-label={`Photo or file of ${what}`} onPress={() => input.current?.click()}>
          <Camera aria-hidden="true" />
        </IconButton>
      ) : (
        <Button $kind="quiet" onPress={() => input.current?.click()}>
          <Camera aria-hidden="true" /> Photo, file
        </Button>
      )}
    </>
  );
}
