'use client';

import { PortAnswer, PortFaultsAnswer } from '@/core/api';
import { ask, post } from '../../send';
import { useEffect, useState } from 'react';
import styled from 'styled-components';
import { Button, Choice, Quiet } from '@/ui/controls';
import { useCase } from '../saving/store';

const Box = styled.div`
  display: flex;
  flex-wrap: wrap;
  gap: 8px;
  align-items: end;
  padding: 10px 12px;
  margin-bottom: 8px;
  background: var(--sunk);
  border-radius: var(--radius);
  & p {
    flex-basis: 100%;
  }
`;

/**
 * At the vehicle's diagnostic socket. A simulated vehicle stands in for an interface: read it, clear
 * it (the scan is stored first, always), cycle the key, drive it.
 */
export function PortPanel({ onDone }: { onDone: () => void }) {
  const id = useCase((s) => s.record.case.id);
  const flush = useCase((s) => s.flush);
  const refresh = useCase((s) => s.refresh);
  const [faults, setFaults] = useState<{ id: string; label: string }[]>([]);
  const [fault, setFault] = useState('flat-boot');
  const [connected, setConnected] = useState(false);
  const [busy, setBusy] = useState(false);
  const [message, setMessage] = useState('');

  useEffect(() => {
    const stop = new AbortController();
    ask(`/api/cases/${id}/port`, PortFaultsAnswer, { signal: stop.signal })
      .then(({ answer }) => answer && setFaults(answer.faults))
      .catch(() => undefined);
    return () => stop.abort();
  }, [id]);

  const atVehicle = async (body: { do: string; fault?: string }) => {
    setBusy(true);
    setMessage('Talking to the vehicle …');
    await flush();
    const { answer, problem } = await post(
      `/api/cases/${id}/port`,
      body,
      PortAnswer,
      'No connection to the shop’s server; the vehicle was not asked.',
    );
    if (answer) await refresh().catch(() => undefined);
    setMessage(answer?.said ?? problem);
    if (body.do === 'connect' && answer) setConnected(true);
    setBusy(false);
  };

  return (
    <Box role="region" aria-label="At the vehicle">
      <Choice
        label="Simulated vehicle with"
        value={fault}
        options={faults.map((f) => ({ value: f.id, label: f.label }))}
        onChange={setFault}
      />
      <Button
        isDisabled={busy || faults.length === 0}
        onPress={() => void atVehicle({ do: 'connect', fault })}
      >
        Connect
      </Button>
      {connected && (
        <>
          <Button $kind="main" isDisabled={busy} onPress={() => void atVehicle({ do: 'read' })}>
            Read the vehicle
          </Button>
          <Button isDisabled={busy} onPress={() => void atVehicle({ do: 'clear' })}>
            Read, then clear
          </Button>
          <Button isDisabled={busy} onPress={() => void atVehicle({ do: 'key' })}>
            Key off and on
          </Button>
          <Button isDisabled={busy} onPress={() => void atVehicle({ do: 'drive' })}>
            Drive
          </Button>
        </>
      )}
      <Button $kind="quiet" onPress={onDone}>
        Close
      </Button>
      <p role="status">
        {message || (
          <Quiet>
            No interface is attached here; a simulated vehicle answers in its place, in real frames.
          </Quiet>
        )}
      </p>
    </Box>
  );
}
