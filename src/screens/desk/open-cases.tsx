'use client';

import type { DeskCase } from '@/core/api';
import { parseISO } from 'date-fns';
import Link from '@/ui/link';
import { useState } from 'react';
import styled from 'styled-components';
import { Button, Choice, Figure, Quiet, Tag } from '@/ui/controls';
import { age, shortDay } from '@/ui/dates';
import { Text, text, type TextProps } from '@/ui/layout';
import { useActions } from '../frame/actions';
import { personHere } from '../person';
import { DESK_ORDERS, inOrder, isOf, type DeskOrder } from './order';

const Line = styled.li`
  display: grid;
  grid-template-columns: 46px minmax(0, 1.5fr) 88px minmax(0, 1fr) 142px;
  gap: 12px;
  align-items: center;
  padding: 9px 0;
  border-top: 1px solid var(--rule);
  position: relative;
  cursor: pointer;
  &:hover {
    background: var(--sunk);
  }
  & a {
    color: inherit;
    text-decoration: none;
    font-weight: 650;
  }
  /* The whole row opens the case. */
  & a::after {
    content: '';
    position: absolute;
    inset: 0;
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
const Cut = styled.div<TextProps>`
  ${text}
  min-width: 0;
  & > * {
    display: block;
    overflow: hidden;
    text-overflow: ellipsis;
    white-space: nowrap;
  }
  /* A plate that is cut off is none. */
  @media (max-width: 1000px) {
    & > :first-child {
      white-space: normal;
    }
  }
`;

const Filters = styled.div`
  display: flex;
  flex-wrap: wrap;
  gap: 6px 14px;
  align-items: end;
  margin-top: 8px;
  & > * {
    min-width: 130px;
  }
`;

/** What each group of open cases waits for, in the order in which the lead can do something about it. */
const GROUPS = [
  { id: 'diagnose', waits: ['', 'diagnosis'], title: 'To diagnose' },
  { id: 'authorisation', waits: ['authorisation'], title: 'Wait for authorisation' },
  { id: 'part', waits: ['part'], title: 'Wait for a part' },
  { id: 'customer', waits: ['customer'], title: 'Wait for the customer' },
  { id: 'repair', waits: ['repair'], title: 'To repair' },
  { id: 'prove', waits: ['proof', 'road test', 'follow-up'], title: 'To prove' },
];
const ORDERS: Record<DeskOrder, string> = {
  waiting: 'longest waiting first',
  promised: 'promised first',
  number: 'newest first',
};

/** Open cases in groups by what they wait for; by person, by group, in the order chosen. */
export function OpenCases({
  cases,
  people,
  at,
}: {
  cases: DeskCase[];
  people: { id: string; name: string }[];
  at: Date;
}) {
  const [person, setPerson] = useState('');
  const [group, setGroup] = useState('');
  const [order, setOrder] = useState<DeskOrder>('waiting');
  const mine = () => setPerson(person === '' ? (personHere() ?? '') : '');
  useActions('On the desk', [
    { say: 'My cases, or all', words: 'filter person', key: 'm', run: mine },
    ...GROUPS.map((g) => ({ say: `Show: ${g.title}`, words: 'filter waits', run: () => setGroup(g.id) })),
    { say: 'Show all open cases', words: 'filter clear', run: () => (setPerson(''), setGroup('')) },
    ...DESK_ORDERS.map((o) => ({ say: `Order: ${ORDERS[o]}`, run: () => setOrder(o) })),
  ]);
  const shown = cases.filter((c) => isOf(c, person));
  const groups = GROUPS.filter((g) => group === '' || g.id === group)
    .map((g) => ({ ...g, cases: inOrder(shown, order).filter((c) => g.waits.includes(c.waitsFor)) }))
    .filter((g) => g.cases.length > 0);
  return (
    <>
      <Filters role="group" aria-label="Which cases">
        <Choice
          label="Whose"
          value={person}
          options={[
            { value: '', label: 'everybody’s' },
            ...people.map((p) => ({ value: p.id, label: p.name })),
          ]}
          empty="everybody’s"
          onChange={setPerson}
        />
        <Choice
          label="Waiting for"
          value={group}
          options={[
            { value: '', label: 'anything' },
            ...GROUPS.map((g) => ({ value: g.id, label: g.title })),
          ]}
          empty="anything"
          onChange={setGroup}
        />
        <Choice
          label="Order"
          value={order}
          options={DESK_ORDERS.map((o) => ({ value: o, label: ORDERS[o] }))}
          onChange={(o) => setOrder(o as DeskOrder)}
        />
      </Filters>
      {groups.length === 0 && (
        <Text $margin="14px 0 0">
          <Quiet>None of the {cases.length} open cases is among these.</Quiet>{' '}
          <Button $kind="quiet" onPress={() => (setPerson(''), setGroup(''))}>
            Show all
          </Button>
        </Text>
      )}
      {groups.map((g) => (
        <section key={g.id} aria-label={g.title}>
          <h2>
            {g.title} <Quiet>{g.cases.length}</Quiet>
          </h2>
          <ul>
            {g.cases.map((c) => (
              <OpenCase key={c.id} of={c} at={at} />
            ))}
          </ul>
        </section>
      ))}
    </>
  );
}

function OpenCase({ of: c, at }: { of: DeskCase; at: Date }) {
  return (
    <Line>
      <Figure $tone="accent" $weight={600}>
        {c.number}
      </Figure>
      <Cut>
        <span>
          <Link href={`/cases/${c.number}`}>{c.vehicle}</Link>{' '}
          <Quiet>{[c.plate, c.customer].filter(Boolean).join(' · ')}</Quiet>
        </span>
        <span>
          {c.comebackOf && <Tag $tone="fail">comeback</Tag>} {c.headline}
        </span>
      </Cut>
      <Steps parts={c.parts} />
      <Cut $size="note">
        <span>{c.waitNote || c.next}</span>
        {c.waitNote && <Quiet>then: {c.next}</Quiet>}
        {c.handNote && (
          <span>
            <Tag $tone="accent">for {c.hand}</Tag> {c.handNote}
          </span>
        )}
        {c.beyondLimit && (
          <span>
            <Tag $tone="unsure">above the customer’s limit</Tag>
          </span>
        )}
      </Cut>
      <Cut $size="small" $tone="ink-3">
        <span title={c.hand === c.lead ? undefined : `led by ${c.lead}`}>{c.hand || 'nobody'}</span>
        <span>waiting {age(c.waitsSince, at) === 'today' ? 'since today' : age(c.waitsSince, at)}</span>
        {c.promisedAt && (
          <span>
            <Tag $tone={parseISO(c.promisedAt) < at ? 'fail' : 'plain'}>by {shortDay(c.promisedAt)}</Tag>
          </span>
        )}
      </Cut>
    </Line>
  );
}

const PARTS = ['complaint', 'evidence', 'cause', 'repair', 'proof'];

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
