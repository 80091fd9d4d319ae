'use client';

import { useEffect, useState } from 'react';
import styled from 'styled-components';
import { Button, Choice, Quiet } from '@/ui/controls';
import { useCase, type OpenCase } from './store';

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
  const takeIn = useCase((s) => s.takeIn);
  const [faults, setFaults] = useState<{ id: string; label: string }[]>([]);
  const [fault, setFault] = useState('flat-boot');
  const [connected, setConnected] = useState(false);
  const [busy, setBusy] = useState(false);
  const [message, setMessage] = useState('');

  useEffect(() => {
    const stop = new AbortController();
    fetch(`/api/cases/${id}/port`, { signal: stop.signal })
      .then((r) => r.json())
      .then((a: { faults: typeof faults }) => setFaults(a.faults))
      .catch(() => undefined);
    return () => stop.abort();
  }, [id]);

  const ask = async (body: { do: string; fault?: string }) => {
    setBusy(true);
    setMessage('Talking to the vehicle …');
    try {
      await flush();
      const response = await fetch(`/api/cases/${id}/port`, {
        method: 'POST',
        headers: { 'content-type': 'application/json' },
        body: JSON.stringify(body),
      });
      const answer = (await response.json()) as { said?: string; error?: string; now?: OpenCase };
      if (answer.now) takeIn(answer.now);
      setMessage(answer.error ?? answer.said ?? '');
      if (body.do === 'connect' && answer.said) setConnected(true);
    } catch {
      setMessage('No connection to the shop’s server; the vehicle was not asked.');
    }
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
      <Button isDisabled={busy || faults.length === 0} onPress={() => void ask({ do: 'connect', fault })}>
        Connect
      </Button>
      {connected && (
        <>
          <Button $kind="main" isDisabled={busy} onPress={() => void ask({ do: 'read' })}>
            Read the vehicle
          </Button>
          <Button isDisabled={busy} onPress={() => void ask({ do: 'clear' })}>
            Read, then clear
          </Button>
          <Button isDisabled={busy} onPress={() => void ask({ do: 'key' })}>
            Key off and on
          </Button>
          <Button isDisabled={busy} onPress={() => void ask({ do: 'drive' })}>
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
