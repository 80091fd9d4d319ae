'use client';

import dynamic from 'next/dynamic';
import Link from 'next/link';
import type { ReactNode } from 'react';
import styled from 'styled-components';
import { Empty, Figure, Quiet, Tag } from '@/ui/controls';
import { age, day, until } from '@/ui/dates';
import { GradeMark } from '@/ui/marks';

export interface DeskView {
  open: {
    id: string;
    number: number;
    vehicle: string;
    headline: string;
    openedAt: string;
    waitsFor: string;
    waitNote: string;
    lead: string;
    parts: boolean[];
    next: string;
    comebackOf: boolean;
  }[];
  due: {
    caseId: string;
    number: number;
    vehicle: string;
    dueAt: string | null;
    dueOdometer: string;
    note: string;
  }[];
  lately: {
    id: string;
    number: number;
    vehicle: string;
    headline: string;
    cause: string;
    grade: string;
    closedAt: string;
  }[];
  cameBack: { number: number; of: number; vehicle: string; openedAt: string; open: boolean }[];
  total: number;
}

/** Met once in a shop's life; not sent to a desk that has cases. */
const FirstRun = dynamic(() => import('./first-run').then((m) => m.FirstRun));

const Page = styled.main`
  max-width: 1320px;
  margin: 0 auto;
  padding: 20px 20px 60px;
  display: grid;
  grid-template-columns: minmax(0, 1fr) 330px;
  gap: 34px;
  @media (max-width: 1180px) {
    grid-template-columns: minmax(0, 1fr) 250px;
    gap: 22px;
  }
  @media (max-width: 1000px) {
    grid-template-columns: minmax(0, 1fr);
  }
  & h1 {
    font-size: 1.25rem;
    font-weight: 730;
  }
  & h2 {
    font-size: 0.9375rem;
    margin: 22px 0 2px;
    display: flex;
    gap: 8px;
    align-items: baseline;
  }
  & aside h2:first-child {
    margin-top: 4px;
  }
`;
const Line = styled.li`
  display: grid;
  grid-template-columns: 46px minmax(0, 1.5fr) 92px minmax(0, 1fr) 96px;
  gap: 12px;
  align-items: center;
  padding: 9px 0;
  border-top: 1px solid var(--rule);
  & a {
    color: inherit;
    text-decoration: none;
    font-weight: 650;
  }
  & a:hover {
    color: var(--accent);
    text-decoration: underline;
  }
  @media (max-width: 700px) {
    grid-template-columns: 46px minmax(0, 1fr) 92px;
    & > :nth-child(4) {
      grid-column: 2 / -1;
    }
  }
`;
const Cut = styled.div`
  min-width: 0;
  & > * {
    display: block;
    overflow: hidden;
    text-overflow: ellipsis;
    white-space: nowrap;
  }
`;

export const Small = styled.li`
  padding: 6px 0;
  border-top: 1px solid var(--rule);
  font-size: 0.875rem;
  overflow-wrap: anywhere;
`;

/** What each group of open cases waits for, in the order in which the lead can do something about it. */
const GROUPS = [
  { waits: ['', 'diagnosis'], title: 'To diagnose' },
  { waits: ['authorisation'], title: 'Wait for authorisation' },
  { waits: ['part'], title: 'Wait for a part' },
  { waits: ['customer'], title: 'Wait for the customer' },
  { waits: ['road test', 'follow-up'], title: 'To prove' },
];
const PARTS = ['complaint', 'evidence', 'cause', 'repair', 'proof'];

/** The desk: open cases and what each waits for. */
export function DeskScreen({
  desk,
  shop,
  now,
  learned,
}: {
  desk: DeskView;
  shop: string;
  now: string;
  /** What the shop learned lately; it comes after the rest. */
  learned: ReactNode;
}) {
  const at = new Date(now);
  if (desk.total === 0) return <FirstRun shop={shop} />;
  return (
    <Page>
      <section>
        <h1>{shop}</h1>
        {desk.total > 0 && desk.open.length === 0 && <Empty>Nothing is open. Every case is closed.</Empty>}
        {GROUPS.map((g) => {
          const cases = desk.open.filter((c) => g.waits.includes(c.waitsFor));
          if (cases.length === 0) return null;
          return (
            <section key={g.title} aria-label={g.title}>
              <h2>
                {g.title} <Quiet>{cases.length}</Quiet>
              </h2>
              <ul>
                {cases.map((c) => (
                  <Line key={c.id}>
                    <Figure style={{ color: 'var(--accent)', fontWeight: 600 }}>{c.number}</Figure>
                    <Cut>
                      <Link href={`/cases/${c.number}`}>{c.vehicle}</Link>
                      <span>
                        {c.comebackOf && <Tag $tone="fail">comeback</Tag>} {c.headline}
                      </span>
                    </Cut>
                    <Steps parts={c.parts} />
                    <Cut style={{ fontSize: '0.875rem' }}>
                      <span>{c.waitNote || c.next}</span>
                      {c.waitNote && <Quiet>then: {c.next}</Quiet>}
                    </Cut>
                    <Cut style={{ fontSize: '0.8125rem', color: 'var(--ink-3)' }}>
                      <span>{c.lead}</span>
                      <span>{age(c.openedAt, at)}</span>
                    </Cut>
                  </Line>
                ))}
              </ul>
            </section>
          );
        })}
      </section>
      <aside>
        <h2>
          Follow-ups <Quiet>{desk.due.length}</Quiet>
        </h2>
        {desk.due.length === 0 && <Quiet>None due.</Quiet>}
        <ul>
          {desk.due.map((d) => (
            <Small key={d.caseId + d.dueAt}>
              <Link href={`/cases/${d.number}#proof`}>
                case <Figure>{d.number}</Figure>
              </Link>{' '}
              {d.vehicle}
              <br />
              <Tag $tone={d.dueAt && d.dueAt < now ? 'unsure' : 'plain'}>
                {d.dueAt ? until(d.dueAt, at) : 'no date'}
              </Tag>{' '}
              <Quiet>{[d.dueOdometer && `or at ${d.dueOdometer}`, d.note].filter(Boolean).join(' · ')}</Quiet>
            </Small>
          ))}
        </ul>
        {desk.cameBack.length > 0 && (
          <>
            <h2>Came back</h2>
            <ul>
              {desk.cameBack.map((c) => (
                <Small key={`${c.number}-${c.of}`}>
                  <Link href={`/cases/${c.number}`}>
                    <Figure>{c.number}</Figure> {c.vehicle}
                  </Link>
                  <br />
                  <Quiet>
                    after case <Link href={`/cases/${c.of}`}>{c.of}</Link>, {age(c.openedAt, at)} ago
                    {c.open ? ', open' : ''}
                  </Quiet>
                </Small>
              ))}
            </ul>
          </>
        )}
        {learned}
        <h2>Closed lately</h2>
        <ul>
          {desk.lately.map((c) => (
            <Small key={c.id}>
              <Link href={`/cases/${c.number}`}>
                <Figure>{c.number}</Figure> {c.cause || c.headline}
              </Link>
              <br />
              <Quiet>
                {c.vehicle} · {day(c.closedAt)}
              </Quiet>{' '}
              <GradeMark grade={c.grade} />
            </Small>
          ))}
        </ul>
        <p style={{ marginTop: 12 }}>
          <Quiet>{desk.total} cases in all.</Quiet>
        </p>
      </aside>
    </Page>
  );
}

/** Which of the five parts have something: five small fields, filled or not. */
function Steps({ parts }: { parts: boolean[] }) {
  const has = PARTS.filter((_, i) => parts[i]);
  return (
    <svg
      width="84"
      height="14"
      viewBox="0 0 84 14"
      role="img"
      aria-label={has.length ? `has ${has.join(', ')}` : 'nothing recorded'}
    >
      <title>{has.length ? `has ${has.join(', ')}` : 'nothing recorded'}</title>
      {parts.map((on, i) => (
        <rect
          key={PARTS[i]}
          x={i * 17 + 0.5}
          y="3.5"
          width="14"
          height="7"
          rx="1.5"
          fill={on ? 'var(--accent)' : 'none'}
          stroke={on ? 'var(--accent)' : 'var(--rule-2)'}
        />
      ))}
    </svg>
  );
}
