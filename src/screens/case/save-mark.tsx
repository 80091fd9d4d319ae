'use client';

import styled from 'styled-components';
import { Button, Quiet, Tag } from '@/ui/controls';
import { useCase } from './saving/store';

const SaveState = styled.span`
  min-width: 74px;
  font-size: 0.8125rem;
  text-align: right;
`;

/** Says in words whether everything is saved. */
export function SaveMark() {
  const state = useCase((s) => s.saveState);
  const because = useCase((s) => s.waitsBecause);
  const waiting = useCase((s) => s.waiting.length + s.sending.length);
  const noRoom = useCase((s) => s.noRoom);
  const conflicts = useCase((s) => s.conflicts.length);
  const refused = useCase((s) => s.refused);
  const drop = useCase((s) => s.dropRefused);
  const removeAnyway = useCase((s) => s.removeAnyway);
  const flush = useCase((s) => s.flush);
  return (
    <SaveState role="status" aria-live="polite">
      {state === 'saved' && <Quiet>Saved</Quiet>}
      {(state === 'typing' || state === 'saving') && <Quiet>Saving …</Quiet>}
      {noRoom && waiting > 0 && (
        <Tag $tone="fail" $wraps>
          This browser has no room left: stay on this page until it is saved
        </Tag>
      )}
      {state === 'offline' && (
        <Tag $tone="fail">
          No connection: {waiting} not saved yet{noRoom ? '' : ', kept here'}
          <Button $kind="quiet" onPress={() => void flush()}>
            Try now
          </Button>
        </Tag>
      )}
      {state === 'busy' && (
        <Tag $tone="unsure" $wraps>
          {waiting} not saved yet: {because}
          <Button $kind="quiet" onPress={() => void flush()}>
            Try now
          </Button>
        </Tag>
      )}
      {state === 'stuck' && conflicts > 0 && (
        <Tag $tone="unsure">
          {conflicts === 1
            ? 'Two versions of a field: choose one'
            : `Two versions of ${conflicts} fields: choose`}
        </Tag>
      )}
      {refused.map((r) => (
        <Tag key={r.change.id} $tone="fail" $wraps>
          {r.code === 'changed' ? r.error : `Not saved: ${r.error}`}
          {r.code === 'changed' && (
            <Button $kind="quiet" onPress={() => removeAnyway(r.change.id)}>
              Remove it all the same
            </Button>
          )}
          <Button $kind="quiet" onPress={() => drop(r.change.id)}>
            {r.code === 'changed' ? 'Keep it' : 'Discard'}
          </Button>
        </Tag>
      ))}
    </SaveState>
  );
}
