'use client';

import { Contrast, Plus } from 'lucide-react';
import dynamic from 'next/dynamic';
import Link from '@/ui/link';
import { usePathname, useRouter } from 'next/navigation';
import { Suspense, useEffect, useState, useTransition, type ReactNode } from 'react';
import styled from 'styled-components';
import { Button, IconButton } from '@/ui/controls';
import type { Here } from '../access/person-menu';
import { writeAs } from '../person';
import { ActionLine } from './action-line';
import { useActionKeys, useActions } from './actions';
import { FindLine } from './find-line';
import { Going } from './going';
import { KeysSheet } from './keys';
import { Offline } from './offline';
import { UnsentCases } from './unsent';
import { Notice } from '@/ui/layout';

const PersonMenu = dynamic(() => import('../access/person-menu').then((m) => m.PersonMenu));

export interface PersonChoice {
  id: string;
  name: string;
  role: string;
}

const Bar = styled.header`
  position: sticky;
  top: 0;
  z-index: 20;
  display: flex;
  align-items: center;
  gap: 14px;
  height: 54px;
  /* What comes and goes in the bar must not make the page wider than its window. */
  overflow-x: clip;
  padding: 0 16px;
  background: var(--ground);
  border-bottom: 1px solid var(--rule);
  /* Room for what comes and goes in the bar, and for a wider font until ours is there. */
  @media (max-width: 1160px) {
    gap: 8px;
    padding: 0 10px;
  }
  /* On a tablet the case's own head stays in sight instead. */
  @media (max-width: 900px) {
    position: static;
    flex-wrap: wrap;
    height: auto;
    padding: 6px 10px;
    gap: 6px 10px;
  }
  @media print {
    display: none;
  }
`;
const DemoBar = styled.p`
  padding: 3px 16px;
  font-size: 0.8125rem;
  color: var(--ink-2);
  background: var(--raised);
  @media print {
    display: none;
  }
`;
const Mark = styled(Link)`
  display: inline-flex;
  align-items: center;
  gap: 8px;
  font-weight: 780;
  font-size: 1.125rem;
  letter-spacing: -0.01em;
  color: var(--ink);
  text-decoration: none;
  min-height: 44px;
`;
const Nav = styled.nav`
  display: flex;
  gap: 2px;
  & a {
    display: inline-flex;
    align-items: center;
    min-height: 40px;
    padding: 0 10px;
    color: var(--ink-2);
    text-decoration: none;
    border-radius: var(--radius);
  }
  & a[aria-current] {
    color: var(--ink);
    font-weight: 650;
    box-shadow: inset 0 -2px 0 var(--accent);
    border-radius: 0;
  }
  @media (max-width: 1160px) {
    & a {
      padding: 0 7px;
    }
  }
`;
const Who = styled.select`
  min-height: 36px;
  max-width: 130px;
  border: 0;
  background: transparent;
  cursor: pointer;
  @media (pointer: coarse) {
    min-height: 44px;
  }
  & option {
    background: var(--raised);
  }
`;
const Grow = styled.div`
  flex: 1 1 260px;
  min-width: 190px;
  max-width: 680px;
  margin: 0 auto;
  @media (min-width: 901px) and (max-width: 1160px) {
    min-width: 56px;
  }
`;

const NAV = [
  { href: '/', label: 'Desk' },
  { href: '/find', label: 'Find' },
  { href: '/cases', label: 'Cases' },
  { href: '/tests', label: 'Tests' },
  { href: '/causes', label: 'Causes' },
  { href: '/shop', label: 'Shop' },
];

/** Where the action line leads, beyond the bar. */
const GO = [
  ...NAV.map((n) => ({ ...n, label: `the ${n.label.toLowerCase()}`, words: '' })),
  { href: '/tests/procedures', label: 'the procedures', words: 'checklists' },
  { href: '/tests/known-good', label: 'known-good values', words: '' },
  { href: '/shop/words', label: 'the words of the shop', words: 'symptoms vocabulary' },
  { href: '/shop/bulletins', label: 'the bulletins', words: '' },
  { href: '/shop/data', label: 'files in and out', words: 'import export backup' },
];

/** What stands around every screen: the find line, where to go, who is writing. */
export function Frame({
  people,
  person,
  here,
  children,
}: {
  /** In the demo: everybody, one of whom is chosen as writing. */
  people: PersonChoice[];
  person: string;
  /** Who is signed in, outside the demo. */
  here: Here | null;
  children: ReactNode;
}) {
  const path = usePathname();
  const router = useRouter();
  const [who, setWho] = useState(person || people[0]?.id || '');
  const [opening, startOpening] = useTransition();
  const [problem, setProblem] = useState('');

  const choose = (id: string) => {
    setWho(id);
    writeAs(id, people.find((p) => p.id === id)?.role);
  };
  // Whoever is shown as writing is the one who stands in the history, also before anybody chose.
  useEffect(() => {
    if (!here && who !== '') writeAs(who, undefined);
  }, [here, who]);
  const newCase = () =>
    startOpening(async () => {
      if (!here) choose(who);
      const { openNewCase } = await import('./server');
      const { answer, problem } = await openNewCase();
      setProblem(problem);
      if (answer) router.push(`/cases/${answer.number}`);
    });

  useActionKeys();
  useActions('Anywhere', [
    { say: 'New case', key: 'n', run: newCase },
    {
      say: 'Go to case',
      words: 'case open',
      takes: 'its number',
      run: (rest) => router.push(rest ? `/cases/${encodeURIComponent(rest)}` : '/find'),
    },
    ...GO.map(({ href, label, words }) => ({
      say: `Go to ${label}`,
      words,
      run: () => router.push(href),
    })),
    ...people.map((p) => ({ say: `Write as ${p.name}`, words: 'person who', run: () => choose(p.id) })),
    { say: 'Light or dark', words: 'theme night', run: toggleTheme },
  ]);

  return (
    <>
      {!here && (
        <DemoBar>
          Demo shop with made-up cases, served to this machine only. You are signed in without a passphrase,
          as its lead until you choose another name.
        </DemoBar>
      )}
      <Bar>
        <Mark href="/" aria-label="Vantle, to the desk">
          <svg width="22" height="22" viewBox="0 0 22 22" aria-hidden="true">
            <path
              d="M2 4h4.2l5 12.4L20 4"
              fill="none"
              stroke="var(--accent)"
              strokeWidth="3"
              strokeLinejoin="round"
              strokeLinecap="round"
            />
            <circle cx="11.2" cy="18.6" r="2.2" fill="var(--accent)" />
          </svg>
          Vantle
        </Mark>
        <Nav aria-label="Main">
          {NAV.map((n) => (
            <Link
              key={n.href}
              href={n.href}
              aria-current={
                path === n.href || (n.href !== '/' && path.startsWith(n.href + '/')) ? 'page' : undefined
              }
            >
              {n.label}
            </Link>
          ))}
        </Nav>
        <Suspense>
          <Going />
        </Suspense>
        <Grow>{path !== '/find' && <FindLine />}</Grow>
        <UnsentCases />
        <Button onPress={newCase} isDisabled={opening}>
          <Plus aria-hidden="true" /> New case
        </Button>
        {here ? (
          <PersonMenu here={here} />
        ) : (
          <label>
            <span className="visually-hidden">Signed in as</span>
            <Who value={who} onChange={(e) => choose(e.target.value)}>
              {people.map((p) => (
                <option key={p.id} value={p.id}>
                  {p.name}
                </option>
              ))}
            </Who>
          </label>
        )}
        <ActionLine />
        <KeysSheet />
        <IconButton aria-label="Light or dark" onPress={toggleTheme}>
          <Contrast aria-hidden="true" />
        </IconButton>
      </Bar>
      <Offline />
      {problem && (
        <Notice role="alert" $tone="fail" $pad="8px 16px">
          {problem}
        </Notice>
      )}
      {children}
    </>
  );
}

function toggleTheme() {
  const root = document.documentElement;
  const isDark = root.dataset.theme
    ? root.dataset.theme === 'dark'
    : matchMedia('(prefers-color-scheme: dark)').matches;
  const theme = isDark ? 'light' : 'dark';
  root.dataset.theme = theme;
  document.cookie = `vantle-theme=${theme}; path=/; max-age=31536000; samesite=lax`;
}
