'use client';

import { useEffect, useState } from 'react';
import styled from 'styled-components';
import { Button } from '@/ui/controls';
import { Inline, Stack } from '@/ui/layout';
import { forgetKeptPages } from '../frame/keep-offline';
import { backTo, goAs, signInWith } from './api';
import { Field, PinPad, Refusal, SignInPage } from './parts';

const People = styled.div`
  display: grid;
  gap: 8px;
  & button {
    min-height: 60px;
    font-size: 1.0625rem;
    justify-content: flex-start;
  }
`;

interface Props {
  shop: string;
  /** The admitted device, and who has a PIN on it. */
  device: { name: string; people: { id: string; name: string }[] } | null;
  to: string;
  /** Who is asked for a PIN at once. */
  chosen: string;
  code: string;
}

type Way = 'pin' | 'passphrase' | 'admit';

/** Who is working?: a name and a PIN on an admitted device, a passphrase elsewhere. */
export function SignIn({ shop, device, to, chosen, code }: Props) {
  const wayHere = device ? 'pin' : 'passphrase';
  const [way, setWay] = useState<Way>(code ? 'admit' : wayHere);
  const [problem, setProblem] = useState('');
  const [busy, setBusy] = useState(false);
  // Nobody is signed in any more, wherever that was decided.
  useEffect(() => void forgetKeptPages(), []);
  const go = async (body: unknown, then = backTo(to)) => {
    setBusy(true);
    const { answer, problem } = await signInWith(body);
    if (answer) void goAs(then);
    else {
      setProblem(problem);
      setBusy(false);
    }
  };
  const change = (next: Way) => {
    setWay(next);
    setProblem('');
  };
  return (
    <SignInPage title={way === 'admit' ? 'Add this device' : `Sign in to ${shop}`}>
      {problem && <Refusal>{problem}</Refusal>}
      {way === 'pin' && device && <ByPin people={device.people} chosen={chosen} busy={busy} go={go} />}
      {way === 'passphrase' && <ByPassphrase busy={busy} go={go} />}
      {way === 'admit' && <Admit code={code} busy={busy} go={(body) => go(body, '/sign-in')} />}
      <Inline $gap={8}>
        {way !== 'pin' && device && <Button onPress={() => change('pin')}>Name and PIN</Button>}
        {way !== 'passphrase' && <Button onPress={() => change('passphrase')}>Passphrase</Button>}
        {way !== 'admit' && !device && (
          <Button onPress={() => change('admit')}>Add this device with a code</Button>
        )}
      </Inline>
      {device && <p>This device: {device.name}</p>}
    </SignInPage>
  );
}

interface WayProps {
  busy: boolean;
  go: (body: unknown) => void;
}

function ByPin({
  people,
  chosen,
  busy,
  go,
}: WayProps & { people: { id: string; name: string }[]; chosen: string }) {
  const [who, setWho] = useState(people.find((p) => p.id === chosen) ?? null);
  if (!who)
    return (
      <People role="group" aria-label="Who is working?">
        {people.map((p) => (
          <Button key={p.id} onPress={() => setWho(p)}>
            {p.name}
          </Button>
        ))}
      </People>
    );
  return (
    <>
      <Inline $gap={10} $align="center" $nowrap>
        <strong>{who.name}</strong>
        <Button $kind="quiet" onPress={() => setWho(null)}>
          Somebody else
        </Button>
      </Inline>
      <PinPad busy={busy} onPin={(pin) => go({ do: 'pin', personId: who.id, pin })} />
    </>
  );
}

function ByPassphrase({ busy, go }: WayProps) {
  return (
    <Stack
      as="form"
      $gap={12}
      onSubmit={(e) => {
        e.preventDefault();
        const form = new FormData(e.currentTarget);
        go({ do: 'passphrase', name: form.get('name'), passphrase: form.get('passphrase') });
      }}
    >
      <Field label="Name" name="name" autoComplete="username" required />
      <Field label="Passphrase" name="passphrase" type="password" autoComplete="current-password" required />
      <Button $kind="main" type="submit" isDisabled={busy}>
        Sign in
      </Button>
    </Stack>
  );
}

function Admit({ code, busy, go }: WayProps & { code: string }) {
  return (
    <Stack
      as="form"
      $gap={12}
      onSubmit={(e) => {
        e.preventDefault();
        const form = new FormData(e.currentTarget);
        go({ do: 'admit', code: form.get('code'), device: form.get('device') });
      }}
    >
      <p>A lead makes the code under Shop, Access. It is good for ten minutes and for one device.</p>
      <Field
        label="Code"
        name="code"
        defaultValue={code}
        autoComplete="off"
        autoCapitalize="characters"
        required
      />
      <Field label="Name of this device" name="device" placeholder="Tablet, bay 2" required />
      <Button $kind="main" type="submit" isDisabled={busy}>
        Admit
      </Button>
    </Stack>
  );
}
