'use client';

import { useEffect, useRef, useState } from 'react';
import styled from 'styled-components';
import { Button } from '@/ui/controls';
import { keptOutboxes } from '../case/saving/outbox';
import { personHere } from '../person';
import { access, goAs, onAccessChanged } from './api';

const Anchor = styled.div`
  position: relative;
`;

const Menu = styled.div`
  position: absolute;
  top: calc(100% + 6px);
  right: 0;
  z-index: 40;
  display: grid;
  gap: 4px;
  min-width: 220px;
  max-width: 320px;
  padding: 8px;
  background: var(--raised);
  border: 1px solid var(--rule);
  border-radius: var(--radius);
  box-shadow: 0 8px 28px rgb(0 0 0 / 0.18);
  & button {
    min-height: 52px;
    justify-content: flex-start;
  }
  & p {
    padding: 6px 8px;
    color: var(--ink-2);
  }
`;

export interface Here {
  id: string;
  name: string;
  /** Minutes without a touch after which a PIN is asked for again; 0: never. */
  idleMinutes: number;
  /** Who else has a PIN on this device. */
  others: { id: string; name: string }[];
}

const WAIT_MS = 3000;
const PAUSE_MS = 150;

/** What this person wrote in this browser and what the server does not have yet. */
const unsaved = (): number =>
  keptOutboxes().filter(({ box }) => (box.by ?? personHere()) === personHere() && box.changes.length > 0)
    .length;

/** Waits until everything is saved, but not for long. */
async function saved(): Promise<boolean> {
  for (let waited = 0; waited < WAIT_MS; waited += PAUSE_MS) {
    if (unsaved() === 0) return true;
    await new Promise((r) => setTimeout(r, PAUSE_MS));
  }
  return unsaved() === 0;
}

/** Who is signed in; one press shows who else may be, the next asks for their PIN. */
export function PersonMenu({ here }: { here: Here }) {
  const [open, setOpen] = useState(false);
  const [held, setHeld] = useState<string>();
  const [offline, setOffline] = useState(false);
  const box = useRef<HTMLDivElement>(null);
  const leave = async (to: string, sure = false) => {
    if (!sure && !(await saved())) return setHeld(to);
    const { code } = await access({ do: 'sign out' });
    // Without a connection there is no page to sign in on: this one stays, and so does what stands on it.
    if (code === 'offline') return setOffline(true);
    void goAs(`/sign-in?person=${to}&to=${encodeURIComponent(location.pathname + location.search)}`);
  };
  useEffect(() => onAccessChanged(() => location.reload()), []);
  useIdle(here.idleMinutes, () => void leave(here.id, true));
  useEffect(() => {
    if (!open) return;
    const outside = (e: PointerEvent) => !box.current?.contains(e.target as Node) && setOpen(false);
    const escape = (e: KeyboardEvent) => e.key === 'Escape' && setOpen(false);
    addEventListener('pointerdown', outside);
    addEventListener('keydown', escape);
    return () => {
      removeEventListener('pointerdown', outside);
      removeEventListener('keydown', escape);
    };
  }, [open]);
  return (
    <Anchor ref={box}>
      <Button
        $kind="quiet"
        aria-expanded={open}
        aria-label={`Signed in: ${here.name}`}
        onPress={() => setOpen(!open)}
      >
        {here.name}
      </Button>
      {open && (
        <Menu role="group" aria-label="Switch person">
          {held === undefined ? (
            <>
              {here.others.map((p) => (
                <Button key={p.id} onPress={() => void leave(p.id)}>
                  {p.name}
                </Button>
              ))}
              <Button onPress={() => void leave('')}>Sign out</Button>
              {offline && (
                <p role="alert">No connection to the shop’s server: nobody else can sign in now.</p>
              )}
            </>
          ) : (
            <>
              <p role="alert">
                Some of what {here.name} wrote is not saved yet: there is no connection. It stays on this
                device under {here.name}’s name and is sent when {here.name} signs in here again.
              </p>
              <Button onPress={() => void leave(held, true)}>Leave it so, and go on</Button>
              <Button onPress={() => setHeld(undefined)}>Stay signed in</Button>
            </>
          )}
        </Menu>
      )}
    </Anchor>
  );
}

const MINUTE = 60_000;

/** Calls out when no hand has touched the page for a while, and tells the server of hands at most once a minute. */
function useIdle(minutes: number, onIdle: () => void) {
  const idle = useRef(onIdle);
  useEffect(() => {
    idle.current = onIdle;
  });
  useEffect(() => {
    if (minutes === 0) return;
    let last = Date.now();
    let told = Date.now();
    const touched = () => {
      last = Date.now();
      if (last - told < MINUTE) return;
      told = last;
      void access({ do: 'active' });
    };
    const timer = setInterval(() => Date.now() - last > minutes * MINUTE && idle.current(), 5000);
    addEventListener('pointerdown', touched);
    addEventListener('keydown', touched);
    return () => {
      clearInterval(timer);
      removeEventListener('pointerdown', touched);
      removeEventListener('keydown', touched);
    };
  }, [minutes]);
}
