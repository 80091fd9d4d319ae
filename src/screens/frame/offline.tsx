'use client';

import { usePathname } from 'next/navigation';
import { useEffect, useSyncExternalStore } from 'react';
import { keepForOffline, keptAt, registerWorker } from './keep-offline';
import { KeptNotice } from './kept-notice';

/** A page is kept this long after it was opened: whoever passes through needs no copy. */
const SETTLE_MS = 2000;
const AGAIN_MS = 120_000;

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
  return at === null ? null : <KeptNotice at={at} />;
}
