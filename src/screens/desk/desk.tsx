'use client';

import dynamic from 'next/dynamic';
import Link from '@/ui/link';
import type { Desk } from '@/core/api';
import { parseISO } from 'date-fns';
import { useRouter } from 'next/navigation';
import { useEffect, type ReactNode } from 'react';
import styled from 'styled-components';
import { Empty, Figure, Quiet, Tag } from '@/ui/controls';
import { ago, day, until } from '@/ui/dates';
import { Notice, Text } from '@/ui/layout';
import { GradeMark } from '@/ui/marks';
import { OpenCases } from './open-cases';

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
export const Small = styled.li`
  padding: 6px 0;
  border-top: 1px solid var(--rule);
  font-size: 0.875rem;
  overflow-wrap: anywhere;
`;

/** The desk: open cases and what each waits for; it follows what is written anywhere in the shop. */
export function DeskScreen({
  desk,
  shop,
  now,
  people,
  learned,
  warnings,
}: {
  desk: Desk;
  shop: string;
  now: string;
  people: { id: string; name: string }[];
  /** What a lead must hear of the shop's data, and the page to deal with it. */
  warnings: { text: string; href: string; link: string }[];
  /** What the shop learned lately; it comes after the rest. */
  learned: ReactNode;
}) {
  const at = new Date(now);
  useNews(desk.seq);
  if (desk.total === 0) return <FirstRun shop={shop} />;
  return (
    <Page>
      <section>
        <h1>{shop}</h1>
        {warnings.map((w) => (
          <Notice key={w.text} role="alert" $tone="unsure" $margin="0 0 6px">
            {w.text} <Link href={w.href}>{w.link}</Link>
          </Notice>
        ))}
        {desk.open.length === 0 ? (
          <Empty>No open cases.</Empty>
        ) : (
          <OpenCases cases={desk.open} people={people} at={at} />
        )}
        {desk.openInAll > desk.open.length && (
          <Quiet as="p">
            The newest {desk.open.length} of {desk.openInAll.toLocaleString('en')} open cases.{' '}
            <Link href="/cases?state=open">All open cases</Link>
          </Quiet>
        )}
      </section>
      <aside>
        <Calls due={desk.due} at={at} />
        {desk.cameBack.length > 0 && (
          <>
            <h2>Came back</h2>
            <ul>
              {desk.cameBack.map((c) => (
                <Small key={`${c.number}-${c.of}`}>
                  <Link href={`/cases/${c.number}${c.of === null ? '#proof' : ''}`}>
                    <Figure>{c.number}</Figure> {c.vehicle}
                  </Link>
                  <br />
                  <Quiet>
                    {c.of === null ? (
                      <>told at the follow-up{c.note && `: ${c.note}`}</>
                    ) : (
                      <>
                        after case <Link href={`/cases/${c.of}`}>{c.of}</Link>
                      </>
                    )}
                    , {ago(c.at, at)}
                    {c.open && ', open'}
                    {!c.open && c.of === null && ', no new case yet'}
                  </Quiet>
                </Small>
              ))}
            </ul>
          </>
        )}
        {learned}
        <h2>Recently closed</h2>
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
              <GradeMark grade={c.grade} cameBack={c.cameBack} />
            </Small>
          ))}
        </ul>
        <Text $margin="12px 0 0">
          <Link href="/cases">All {desk.total.toLocaleString('en')} cases</Link>
        </Text>
      </aside>
    </Page>
  );
}

const POLL = 2000;

/** Draws the desk anew when something was written in the shop since. */
function useNews(seq: number) {
  const router = useRouter();
  useEffect(() => {
    const poll = setInterval(async () => {
      if (document.hidden) return;
      try {
        if ((await fetch(`/api/desk?since=${seq}`)).status === 200) router.refresh();
      } catch {
        // Without a connection the desk stays as it was.
      }
    }, POLL);
    return () => clearInterval(poll);
  }, [seq, router]);
}

/** Customers to be asked whether it held, and whose call each is. */
function Calls({ due, at }: { due: Desk['due']; at: Date }) {
  return (
    <>
      <h2>
        Follow-ups <Quiet>{due.length}</Quiet>
      </h2>
      {due.length === 0 && <Quiet>None due.</Quiet>}
      <ul>
        {due.map((d) => (
          <Small key={d.id}>
            <Link href={`/cases/${d.number}#proof`}>
              case <Figure>{d.number}</Figure>
            </Link>{' '}
            {d.vehicle}
            <br />
            <Tag $tone={d.dueAt && parseISO(d.dueAt) < at ? 'unsure' : 'plain'}>
              {d.dueAt ? until(d.dueAt, at) : 'no date'}
            </Tag>{' '}
            {d.again && <Tag>not reached, ask again</Tag>}{' '}
            <Quiet>
              {[
                d.dueOdometer && `or at ${d.dueOdometer}`,
                [d.customer, d.phone].filter(Boolean).join(', '),
                d.note,
                d.by && `${d.by} calls`,
              ]
                .filter(Boolean)
                .join(' · ')}
            </Quiet>
          </Small>
        ))}
      </ul>
    </>
  );
}
