'use client';

import { Redo2, Undo2 } from 'lucide-react';
import { useEffect, useRef, useState } from 'react';
import styled from 'styled-components';
import { HistoryAnswer, UndoLastAnswer } from '@/core/api';
import { Button, IconButton } from '@/ui/controls';
import { useActions } from '../../frame/actions';
import { post } from '../../send';
import { waitsForServer } from './flush';
import { GUIDANCE_BESIDE } from '../guidance/guidance-bar';
import { useCase, useCaseStore } from './store';

const Toast = styled.div`
  position: fixed;
  left: 50%;
  bottom: 18px;
  /* Above the guidance in short. */
  @media (max-width: ${GUIDANCE_BESIDE}px) {
    bottom: 84px;
  }
  transform: translateX(-50%);
  z-index: 30;
  display: flex;
  gap: 10px;
  align-items: center;
  max-width: min(720px, 94vw);
  padding: 6px 8px 6px 16px;
  background: var(--ink);
  color: var(--ground);
  border-radius: 22px;
  box-shadow: var(--shadow);
  & > span {
    overflow: hidden;
    text-overflow: ellipsis;
    white-space: nowrap;
  }
  & button {
    border-radius: 18px;
    background: var(--raised);
    color: var(--ink);
  }
  @media print {
    display: none;
  }
`;

const SHOWN_MS = 8000;

/** What a text field did since it was entered, the field itself takes back. */
function fieldHasOwn(entered: React.RefObject<string>): boolean {
  const at = document.activeElement;
  const writes = at instanceof HTMLTextAreaElement || (at instanceof HTMLInputElement && at.type === 'text');
  return writes && at.value !== entered.current;
}

/**
 * Undo and again, for whatever this person changed on the case since it was opened here: fields, rows, files,
 * scans from the vehicle. It works on the history, so what was undone stands there too.
 */
export function Undo() {
  const store = useCaseStore();
  const id = useCase((s) => s.open.record.case.id);
  const opened = useRef(useCase((s) => s.open.record.case.seq));
  const flush = useCase((s) => s.flush);
  const refresh = useCase((s) => s.refresh);
  const removed = useCase((s) => s.removed);
  const noticed = useCase((s) => s.noticedRemoval);
  const passed = useRef<number[]>([]);
  const again = useRef<number[]>([]);
  // As many as can be done again; the button stays as long as there is one.
  const [redoable, setRedoable] = useState(0);
  const entered = useRef('');
  const [says, setSays] = useState<{ text: string; again: boolean } | null>(null);

  // Pressed quickly, one follows the other: each looks at what the one before it left.
  const queue = useRef(Promise.resolve());
  const ask = (body: () => object | undefined, says: (lines: string[]) => string, isUndo: boolean) => {
    queue.current = queue.current.then(async () => {
      const asked = body();
      if (!asked) return;
      noticed();
      await flush();
      // Undoing now would take back the change before it.
      if (waitsForServer(store.getState())) {
        setSays({ text: 'Your last change is not saved yet. Undo it once it is.', again: false });
        return;
      }
      const { answer, problem } = await post(
        `/api/cases/${id}/history`,
        asked,
        isUndo ? UndoLastAnswer : HistoryAnswer,
      );
      const undone = answer?.undone;
      if (undone) {
        await refresh().catch(() => undefined);
        passed.current.push(undone.seq, ...(isUndo ? [undone.by] : []));
        if (isUndo) again.current.push(undone.by);
        else again.current.pop();
      }
      setRedoable(again.current.length);
      setSays({
        text:
          problem || (undone ? says(undone.lines) : 'Nothing was changed here since the case was opened.'),
        again: again.current.length > 0 && !problem,
      });
    });
  };
  const undo = () =>
    ask(
      () => ({ undo: 'last', after: opened.current, skip: passed.current }),
      (lines) => `Undone: ${lines.join('; ')}`,
      true,
    );
  const redo = () =>
    ask(
      () => {
        const seq = again.current.at(-1);
        return seq === undefined ? undefined : { undo: true, seq };
      },
      () => 'Done again.',
      false,
    );

  useActions('On a case', [
    { say: 'Undo', words: 'back', run: undo },
    { say: 'Do again what was undone', words: 'redo', run: redo },
  ]);
  const act = useRef({ undo, redo });
  useEffect(() => {
    act.current = { undo, redo };
  });
  useEffect(() => {
    const enter = (e: FocusEvent) => {
      if (e.target instanceof HTMLInputElement || e.target instanceof HTMLTextAreaElement)
        entered.current = e.target.value;
    };
    const press = (e: KeyboardEvent) => {
      if (!(e.ctrlKey || e.metaKey) || e.altKey || e.key.toLowerCase() !== 'z' || fieldHasOwn(entered))
        return;
      e.preventDefault();
      if (e.shiftKey) act.current.redo();
      else act.current.undo();
    };
    window.addEventListener('focusin', enter);
    window.addEventListener('keydown', press);
    return () => {
      window.removeEventListener('focusin', enter);
      window.removeEventListener('keydown', press);
    };
  }, []);
  useEffect(() => {
    if (removed === '') return;
    const wait = setTimeout(noticed, SHOWN_MS);
    return () => clearTimeout(wait);
  }, [removed, noticed]);
  useEffect(() => {
    if (!says) return;
    const wait = setTimeout(() => setSays(null), SHOWN_MS);
    return () => clearTimeout(wait);
  }, [says]);

  return (
    <>
      <IconButton aria-label="Undo the last change" onPress={undo}>
        <Undo2 aria-hidden="true" />
      </IconButton>
      {redoable > 0 && (
        <IconButton aria-label="Do again what was undone" onPress={redo}>
          <Redo2 aria-hidden="true" />
        </IconButton>
      )}
      {says ? (
        <Toast role="status">
          <span>{says.text}</span>
          {says.again && <Button onPress={redo}>Do it again</Button>}
        </Toast>
      ) : (
        removed !== '' && (
          <Toast role="status">
            <span>Removed: {removed}</span>
            <Button onPress={undo}>Restore it</Button>
          </Toast>
        )
      )}
    </>
  );
}
