'use client';

import { usePathname } from 'next/navigation';
import { useEffect, useState, useSyncExternalStore } from 'react';
import styled from 'styled-components';
import { Button } from '@/ui/controls';
import { dayTime } from '@/ui/dates';
import { keepForOffline, keptAt, registerWorker } from './keep-offline';

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

/** A page is kept this long after it was opened: whoever passes through needs no copy. */
const SETTLE_MS = 2000;
const AGAIN_MS = 120_000;
const ASK_MS = 5000;

const never = () => () => undefined;

/** Keeps what is read for the time without a connection, and says so of a page that is shown without one. */
export function Offline() {
  const path = usePathname();
  const at = useSyncExternalStore(never, keptAt, () => null);
  useEffect(registerWorker, []);
  useEffect(() => {
    const keep = () => void keepForOffline(path);
    const soon = setTimeout(keep, SETTLE_MS);
    const again = setInterval(() => document.visibilityState === 'visible' && keep(), AGAIN_MS);
    const hidden = () => document.visibilityState === 'hidden' && keep();
    document.addEventListener('visibilitychange', hidden);
    return () => {
      clearTimeout(soon);
      clearInterval(again);
      document.removeEventListener('visibilitychange', hidden);
    };
  }, [path]);
  return at === null ? null : <Kept at={at} />;
}

function Kept({ at }: { at: string }) {
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
