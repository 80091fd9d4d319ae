'use client';

import { Delete } from 'lucide-react';
import { useEffect, useId, useState, type ReactNode } from 'react';
import styled from 'styled-components';
import { Button, FieldLabel, Input } from '@/ui/controls';

const Page = styled.main`
  max-width: 460px;
  margin: 8vh auto 0;
  padding: 0 20px 40px;
  display: grid;
  gap: 14px;
  & h1 {
    font-size: 1.375rem;
  }
  & p {
    color: var(--ink-2);
  }
  & form > button {
    min-height: 48px;
    justify-content: center;
  }
`;
export const Refusal = styled.p.attrs({ role: 'alert' })`
  && {
    color: var(--fail);
  }
`;
const Pad = styled.div`
  display: grid;
  grid-template-columns: repeat(3, 1fr);
  gap: 8px;
  & button {
    min-height: 64px;
    font-size: 1.375rem;
    justify-content: center;
  }
`;
const Dots = styled.div`
  min-height: 34px;
  font-size: 1.75rem;
  letter-spacing: 0.3em;
  text-align: center;
`;

/** A page outside the shop's own frame. */
export function SignInPage({ title, children }: { title: string; children: ReactNode }) {
  return (
    <Page>
      <h1>{title}</h1>
      {children}
    </Page>
  );
}

/** A field with its name above it. */
export function Field({
  label,
  ...rest
}: { label: string } & Omit<React.ComponentProps<typeof Input>, 'ref' | 'id'>) {
  const id = useId();
  return (
    <div>
      <FieldLabel htmlFor={id}>{label}</FieldLabel>
      <Input id={id} {...rest} />
    </div>
  );
}

const DIGITS = ['1', '2', '3', '4', '5', '6', '7', '8', '9'];

/** Digits large enough for a glove; a keyboard works too. */
export function PinPad({ busy, onPin }: { busy: boolean; onPin: (pin: string) => void }) {
  const [pin, setPin] = useState('');
  const add = (d: string) => setPin((p) => (p.length < 6 ? p + d : p));
  const enter = () => {
    if (busy || pin.length < 4) return;
    onPin(pin);
    setPin('');
  };
  useEffect(() => {
    const onKey = (e: KeyboardEvent) => {
      if (/^\d$/.test(e.key)) add(e.key);
      else if (e.key === 'Backspace') setPin((p) => p.slice(0, -1));
      else if (e.key === 'Enter') enter();
      else return;
      e.preventDefault();
    };
    addEventListener('keydown', onKey);
    return () => removeEventListener('keydown', onKey);
  });
  return (
    <div role="group" aria-label="PIN">
      <Dots aria-label={`${pin.length} digits entered`}>{'●'.repeat(pin.length)}</Dots>
      <Pad>
        {DIGITS.map((d) => (
          <Button key={d} onPress={() => add(d)}>
            {d}
          </Button>
        ))}
        <Button aria-label="Delete a digit" onPress={() => setPin((p) => p.slice(0, -1))}>
          <Delete aria-hidden="true" />
        </Button>
        <Button onPress={() => add('0')}>0</Button>
        <Button $kind="main" isDisabled={busy || pin.length < 4} onPress={enter}>
          OK
        </Button>
      </Pad>
    </div>
  );
}
