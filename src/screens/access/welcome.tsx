'use client';

import { useState } from 'react';
import { REGIONS } from '@/core/region';
import { Button, Choice } from '@/ui/controls';
import { Stack } from '@/ui/layout';
import { goAs, signInWith } from './api';
import { Field, Refusal, SignInPage } from './parts';

const PLACES = [
  { value: '', label: 'choose …' },
  ...REGIONS.map((r) => ({ value: r.id as string, label: r.name })),
];

/** The first start: whoever sets the shop up becomes its first lead, and this its first device. */
export function Welcome() {
  const [problem, setProblem] = useState('');
  const [busy, setBusy] = useState(false);
  const [region, setRegion] = useState('');
  return (
    <SignInPage title="Set up your shop">
      <p>
        You become the first lead. The passphrase lets you in from any device; on this one, and on those you
        admit, your name and a PIN are enough.
      </p>
      {problem && <Refusal>{problem}</Refusal>}
      <Stack
        as="form"
        $gap={12}
        onSubmit={(e) => {
          e.preventDefault();
          const said = Object.fromEntries(new FormData(e.currentTarget));
          if (said.passphrase !== said.again) return setProblem('The two passphrases are not the same.');
          if (region === '')
            return setProblem('Choose a region: it sets the unit of numbers typed without one.');
          setBusy(true);
          void signInWith({ do: 'owner', ...said, region, again: undefined }).then(({ answer, problem }) => {
            if (answer) return goAs('/');
            setProblem(problem);
            setBusy(false);
          });
        }}
      >
        <Field label="Your name" name="name" autoComplete="name" required />
        <Field
          label="Passphrase, at least 10 characters"
          name="passphrase"
          type="password"
          autoComplete="new-password"
          required
        />
        <Field label="The same again" name="again" type="password" autoComplete="new-password" required />
        <Field
          label="PIN, 4 to 6 digits"
          name="pin"
          inputMode="numeric"
          pattern="[0-9]{4,6}"
          autoComplete="off"
          required
        />
        <Field label="Name of this device" name="device" defaultValue="Workshop PC" required />
        <Choice label="Region" value={region} options={PLACES} onChange={setRegion} />
        <Button $kind="main" type="submit" isDisabled={busy}>
          Begin
        </Button>
      </Stack>
    </SignInPage>
  );
}
