'use client';

import { useEffect, useState } from 'react';
import styled from 'styled-components';
import { Button } from '@/ui/controls';
import { dayTime } from '@/ui/dates';

const Notice = styled.div`
  display: flex;
  flex-wrap: wrap;
  align-items: center;
  gap: 8px 16px;
  padding: 8px 16px;
  background: var(--unsure-soft);
  @media print {
    display: none;
  }
`;

const ASK_MS = 5000;

/** Says of a page that was answered without the server when it was drawn, and when the server is there again. */
export function KeptNotice({ at }: { at: string }) {
  const [connected, setConnected] = useState(false);
  useEffect(() => {
    const ask = async () => {
      const answer = await fetch('/manifest.webmanifest', { method: 'HEAD', cache: 'no-store' }).catch(
        () => null,
      );
      setConnected(answer?.ok ?? false);
    };
    const timer = setInterval(() => void ask(), ASK_MS);
    return () => clearInterval(timer);
  }, []);
  return (
    <Notice role="status">
      {connected ? (
        <>
          Connected again. This page is still as it was {when(at)}.
          <Button onPress={() => location.reload()}>Load it anew</Button>
        </>
      ) : (
        <>
          No connection. This page is as it was {when(at)}. What you write stays on this device and is sent
          when the connection is back.
        </>
      )}
    </Notice>
  );
}

const when = (at: string): string =>
  at === 'unknown' ? 'when it was last opened here' : `on ${dayTime(at)}`;
