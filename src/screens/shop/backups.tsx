'use client';

import { useState } from 'react';
import styled from 'styled-components';
import { z } from 'zod';
import { Button, Quiet } from '@/ui/controls';
import { dayTime } from '@/ui/dates';
import { Inline, PageTitle } from '@/ui/layout';
import { Field } from '../access/parts';
import { post } from '../send';
import { ShopShelf } from './sections';

const Answer = z.object({
  settings: z.object({ daily: z.boolean(), folder: z.string(), keep: z.number() }),
  folder: z.string(),
  last: z.object({ at: z.string(), good: z.string(), problem: z.string() }).nullable(),
  backups: z.array(z.object({ name: z.string(), bytes: z.number(), at: z.string() })),
});
type View = z.infer<typeof Answer>;

const Section = styled.section`
  padding: 12px 0;
  border-top: 1px solid var(--rule);
  max-width: 780px;
  display: grid;
  gap: 10px;
  & h2 {
    font-size: 1rem;
  }
  & p {
    color: var(--ink-2);
    max-width: 66ch;
  }
  & form {
    display: flex;
    flex-wrap: wrap;
    gap: 10px 14px;
    align-items: end;
  }
`;
const Row = styled.li`
  display: flex;
  justify-content: space-between;
  gap: 12px;
  padding: 6px 0;
  border-top: 1px solid var(--rule);
  overflow-wrap: anywhere;
`;

const size = (bytes: number): string =>
  bytes < 1e6 ? `${Math.ceil(bytes / 1e3)} kB` : `${(bytes / 1e6).toFixed(1)} MB`;

/** The shop as one file: now, and every day. */
export function BackupsScreen({ start }: { start: View }) {
  const [view, setView] = useState(start);
  const [message, setMessage] = useState('');
  const [busy, setBusy] = useState(false);
  const send = async (body: object, done: string) => {
    setBusy(true);
    setMessage('');
    const { answer, problem } = await post('/api/backups', body, Answer);
    if (answer) setView(answer);
    setMessage(problem || done);
    setBusy(false);
  };
  const { settings, last } = view;
  return (
    <ShopShelf>
      <PageTitle $margin="0 0 10px">Backups</PageTitle>
      <Section aria-label="Back up now">
        <h2>Back up now</h2>
        <p>
          One file with everything: cases, photos and recordings, lists, words, procedures, history. It is
          read through after it is written. Nobody’s PIN, passphrase or token is in it.
        </p>
        <form
          onSubmit={(e) => {
            e.preventDefault();
            const passphrase = String(new FormData(e.currentTarget).get('passphrase') ?? '');
            void send({ do: 'now', ...(passphrase ? { passphrase } : {}) }, 'Backed up, and read through.');
          }}
        >
          <Field
            label="Passphrase to encrypt it with, if wanted"
            name="passphrase"
            type="password"
            autoComplete="new-password"
          />
          <Button $kind="main" type="submit" isDisabled={busy}>
            {busy ? 'Backing up …' : 'Back up now'}
          </Button>
        </form>
        <p role="status">{message}</p>
        {last && (
          <Quiet>
            {last.good ? `Last good backup: ${dayTime(last.good)}.` : 'No backup has gone well yet.'}{' '}
            {last.problem}
          </Quiet>
        )}
      </Section>
      <Section aria-label="Every day">
        <h2>Every day</h2>
        <form
          onSubmit={(e) => {
            e.preventDefault();
            const form = new FormData(e.currentTarget);
            const wanted = {
              daily: form.get('daily') === 'on',
              folder: String(form.get('folder') ?? ''),
              keep: Number(form.get('keep')),
            };
            void send({ do: 'settings', settings: wanted }, 'Kept.');
          }}
        >
          <Inline as="label" $gap={8} $align="center" $nowrap $room={44}>
            <input type="checkbox" name="daily" defaultChecked={settings.daily} /> Back up every day
          </Inline>
          <Field
            label="Folder, best on another disk"
            name="folder"
            defaultValue={settings.folder}
            placeholder={view.folder}
          />
          <Field label="How many are kept" name="keep" inputMode="numeric" defaultValue={settings.keep} />
          <Button type="submit" isDisabled={busy}>
            Keep
          </Button>
        </form>
      </Section>
      <Section aria-label="Backups in the folder">
        <h2>In {view.folder}</h2>
        <ul>
          {view.backups.map((b) => (
            <Row key={b.name}>
              <span>{b.name}</span>
              <Quiet>{size(b.bytes)}</Quiet>
            </Row>
          ))}
        </ul>
        {view.backups.length === 0 && <Quiet>None yet.</Quiet>}
        <p>
          Put one back with <code>npm run restore FILE</code> where there is no shop yet, or beside the shop
          to compare first: <code>npm run restore FILE -- --beside FOLDER</code>.
        </p>
      </Section>
    </ShopShelf>
  );
}
