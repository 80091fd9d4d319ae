'use client';

import Link from 'next/link';
import styled from 'styled-components';
import { Button } from '@/ui/controls';
import { useCase } from './store';

const Note = styled.div`
  display: flex;
  flex-wrap: wrap;
  gap: 6px 12px;
  align-items: center;
  margin: 12px 20px 0;
  padding: 8px 12px;
  border: 1px solid var(--unsure);
  border-left-width: 6px;
  border-radius: 3px;
  background: var(--unsure-soft);
`;

/** Earlier cases of this vehicle that look like this one: a person says whether it came back. */
export function ComebackOffers() {
  const offers = useCase((s) => s.open.comebackOffers);
  const decided = useCase((s) => s.record.comeback);
  const add = useCase((s) => s.add);
  const open = offers.filter((o) => !decided.some((c) => c.ofCaseId === o.caseId));
  if (open.length === 0) return null;
  const decide = (o: (typeof offers)[number], state: 'confirmed' | 'rejected') =>
    add('comeback', { ofCaseId: o.caseId, state, why: o.shares.join('; ').slice(0, 400) });
  return open.map((o) => (
    <Note key={o.caseId} role="note" aria-label={`Comeback of case ${o.number}?`}>
      <span style={{ flex: 1, minWidth: 220 }}>
        Looks like <Link href={`/cases/${o.number}`}>case {o.number}</Link> come back, {o.days}{' '}
        {o.days === 1 ? 'day' : 'days'}
        {o.km !== undefined && ` and ${o.km.toLocaleString('en-GB').replace(/,/g, ' ')} km`} after it was
        closed: <b>{o.shares.join(', ')}</b>.
      </span>
      <Button onPress={() => decide(o, 'confirmed')}>It came back</Button>
      <Button $kind="quiet" onPress={() => decide(o, 'rejected')}>
        Another matter
      </Button>
    </Note>
  ));
}
