'use client';

import { useRouter } from 'next/navigation';
import { useState, type ReactNode } from 'react';
import styled from 'styled-components';
import { roleName } from '@/core/access/roles';
import type { AccessView } from './view';
import { Button, Choice, Quiet, Tag } from '@/ui/controls';
import { dayTime } from '@/ui/dates';
import { Inline } from '@/ui/layout';
import { ShopShelf } from '../shop/sections';
import { access } from './api';
import { AccessLog } from './log';
import { Field, Refusal } from './parts';

const Page = styled.div`
  max-width: 860px;
  display: grid;
  gap: 6px;
  & h1 {
    font-size: 1.25rem;
  }
  & section {
    padding: 12px 0;
    border-top: 1px solid var(--rule);
  }
  & h2 {
    font-size: 1rem;
    margin-bottom: 6px;
  }
`;
const Row = styled.li`
  display: flex;
  flex-wrap: wrap;
  gap: 6px 12px;
  align-items: center;
  min-height: 44px;
  & > :first-child {
    flex: 1 1 220px;
  }
`;
const Once = styled.output`
  display: flex;
  flex-wrap: wrap;
  gap: 16px;
  align-items: center;
  padding: 12px;
  margin-top: 8px;
  background: var(--raised);
  border: 1px solid var(--rule);
  border-radius: var(--radius);
  overflow-wrap: anywhere;
  & strong {
    font-size: 1.25rem;
    font-family: var(--mono);
  }
`;
type Change = (
  body: object,
) => Promise<{ code?: string | undefined; token?: string | undefined } | undefined>;

/** Who may sign in and from where, what programs may do, and who did what. */
export function AccessScreen({ view }: { view: AccessView }) {
  const router = useRouter();
  const [problem, setProblem] = useState('');
  const change: Change = async (body) => {
    const { answer, problem } = await access(body);
    setProblem(problem);
    router.refresh();
    return answer;
  };
  return (
    <ShopShelf>
      <Page>
        <h1>Access</h1>
        {problem && <Refusal>{problem}</Refusal>}
        <People view={view} change={change} />
        <Devices view={view} change={change} />
        <Sessions view={view} change={change} />
        <Tokens view={view} change={change} />
        <Part title="Activity log">
          <AccessLog entries={view.log} />
        </Part>
      </Page>
    </ShopShelf>
  );
}

function Part({ title, children }: { title: string; children: ReactNode }) {
  return (
    <section aria-label={title}>
      <h2>{title}</h2>
      {children}
    </section>
  );
}

function People({ view, change }: { view: AccessView; change: Change }) {
  const [open, setOpen] = useState('');
  return (
    <Part title="People">
      <ul>
        {view.people
          .filter((p) => p.active)
          .map((p) => (
            <Row key={p.id}>
              <span>
                <strong>{p.name}</strong> <Quiet>{roleName(p.role).toLowerCase()}</Quiet>
              </span>
              <Tag $tone={p.pin ? 'pass' : 'plain'}>{p.pin ? 'PIN' : 'no PIN'}</Tag>
              <Tag $tone={p.passphrase ? 'pass' : 'plain'}>
                {p.passphrase ? 'passphrase' : 'no passphrase'}
              </Tag>
              {p.locked && (
                <>
                  <Tag $tone="fail">locked</Tag>
                  <Button onPress={() => void change({ do: 'unlock', personId: p.id })}>Unlock</Button>
                </>
              )}
              <Button onPress={() => setOpen(open === p.id ? '' : p.id)}>Set PIN or passphrase</Button>
              {open === p.id && (
                <SecretForm
                  name={p.name}
                  onDone={async (secrets) => {
                    if (await change({ do: 'secret', personId: p.id, ...secrets })) setOpen('');
                  }}
                />
              )}
            </Row>
          ))}
      </ul>
      <Quiet>People are added and given their role under People and periods.</Quiet>
    </Part>
  );
}

function SecretForm({
  name,
  onDone,
}: {
  name: string;
  onDone: (s: Record<string, string>) => Promise<void>;
}) {
  return (
    <Inline
      as="form"
      aria-label={`PIN and passphrase of ${name}`}
      $gap={8}
      $align="end"
      $whole
      onSubmit={(e) => {
        e.preventDefault();
        const said = [...new FormData(e.currentTarget)].filter(([, v]) => v !== '');
        void onDone(Object.fromEntries(said) as Record<string, string>);
      }}
    >
      <Field label="PIN, 4 to 6 digits" name="pin" inputMode="numeric" autoComplete="off" />
      <Field label="Passphrase" name="passphrase" type="password" autoComplete="new-password" />
      <Button $kind="main" type="submit">
        Keep
      </Button>
    </Inline>
  );
}

function Devices({ view, change }: { view: AccessView; change: Change }) {
  const [shown, setShown] = useState<{ code: string; picture: string }>();
  const make = async () => {
    const code = (await change({ do: 'device code' }))?.code;
    if (!code) return;
    const { toDataURL } = await import('qrcode');
    const picture = await toDataURL(`${location.origin}/sign-in?code=${encodeURIComponent(code)}`, {
      margin: 1,
    });
    setShown({ code, picture });
  };
  return (
    <Part title="Devices">
      <ul>
        {view.devices.map((d) => (
          <Row key={d.id}>
            <span>
              <strong>{d.name}</strong>{' '}
              <Quiet>
                since {dayTime(d.admittedAt)}
                {d.by && `, admitted by ${d.by}`}
              </Quiet>
            </span>
            <Choice
              label={`Asks ${d.name} for a PIN again`}
              hideLabel
              value={String(d.idleMinutes)}
              options={IDLE}
              onChange={(v) => void change({ do: 'device', id: d.id, name: d.name, idleMinutes: Number(v) })}
            />
            <Button onPress={() => void change({ do: 'revoke device', id: d.id })}>Revoke</Button>
          </Row>
        ))}
      </ul>
      <Button onPress={() => void make()}>Add a device</Button>
      {shown && (
        <Once>
          <img src={shown.picture} alt="Scan with the tablet’s camera" width={132} height={132} />
          <span>
            <strong>{shown.code}</strong>
            <br />
            Open this server on the new device and enter the code, or point its camera at the picture. Good
            for ten minutes, once.
          </span>
        </Once>
      )}
    </Part>
  );
}
const IDLE = [
  { value: '2', label: 'PIN after 2 min' },
  { value: '10', label: 'PIN after 10 min' },
  { value: '30', label: 'PIN after 30 min' },
  { value: '120', label: 'PIN after 2 h' },
  { value: '0', label: 'stays signed in' },
];

function Sessions({ view, change }: { view: AccessView; change: Change }) {
  return (
    <Part title="Signed in now">
      <ul>
        {view.sessions.map((s) => (
          <Row key={s.id}>
            <span>
              <strong>{s.who}</strong>{' '}
              <Quiet>
                {s.where}, since {dayTime(s.since)}
              </Quiet>
            </span>
            <Button onPress={() => void change({ do: 'revoke session', id: s.id })}>Sign out</Button>
          </Row>
        ))}
        {view.sessions.length === 0 && <Quiet>Nobody.</Quiet>}
      </ul>
    </Part>
  );
}

const SCOPES = [
  { value: 'look', label: 'may look' },
  { value: 'technician', label: 'may do what a technician may' },
  { value: 'lead', label: 'may do everything' },
];
function Tokens({ view, change }: { view: AccessView; change: Change }) {
  const [token, setToken] = useState('');
  const [scope, setScope] = useState('look');
  return (
    <Part title="Tokens of programs">
      <ul>
        {view.tokens.map((t) => (
          <Row key={t.id}>
            <span>
              <strong>{t.name}</strong>{' '}
              <Quiet>
                {t.begins}…, {SCOPES.find((s) => s.value === t.scope)?.label}, until {dayTime(t.expiresAt)}
                {t.usedAt ? `, used ${dayTime(t.usedAt)}` : ', never used'}
              </Quiet>
            </span>
            <Button onPress={() => void change({ do: 'revoke token', id: t.id })}>Revoke</Button>
          </Row>
        ))}
      </ul>
      <Inline
        as="form"
        $gap={8}
        $align="end"
        onSubmit={(e) => {
          e.preventDefault();
          const form = new FormData(e.currentTarget);
          const asked = { do: 'token', name: form.get('name'), days: Number(form.get('days')), scope };
          void change(asked).then((done) => setToken(done?.token ?? ''));
        }}
      >
        <Field label="Name of the program" name="name" required />
        <Choice label="Rights" value={scope} options={SCOPES} onChange={setScope} />
        <Field label="Days it is good for" name="days" inputMode="numeric" defaultValue="365" required />
        <Button type="submit">Make a token</Button>
      </Inline>
      {token && (
        <Once>
          <strong>{token}</strong>
          <span>Copy it now: it is not shown again. Programs send it as Authorization: Bearer.</span>
        </Once>
      )}
    </Part>
  );
}
