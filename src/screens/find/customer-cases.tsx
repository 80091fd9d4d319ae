'use client';

import type { CustomerCase } from '@/core/api';
import Link from '@/ui/link';
import styled from 'styled-components';
import { Figure, Quiet, Tag } from '@/ui/controls';
import { age } from '@/ui/dates';

const List = styled.ul`
  margin: 8px 0 14px;
  background: var(--sheet);
  box-shadow: var(--shadow);
  & li {
    display: flex;
    flex-wrap: wrap;
    gap: 4px 12px;
    align-items: center;
    min-height: 40px;
    padding: 4px 14px;
    border-top: 1px solid var(--rule);
  }
  & li:first-child {
    border-top: 0;
  }
  @media (pointer: coarse) {
    & li {
      min-height: 48px;
    }
  }
`;
const BY: Record<CustomerCase['by'], string> = {
  plate: 'this plate',
  'order number': 'this order number',
  telephone: 'this telephone number',
  customer: 'a customer of this name',
};

/** Cases by plate, customer, telephone or order number, the open ones told apart. */
export function CustomerCases({ cases }: { cases: readonly CustomerCase[] }) {
  if (cases.length === 0) return null;
  return (
    <List aria-label="By plate, customer or number">
      {cases.map((c) => (
        <li key={c.id}>
          <Link href={`/cases/${c.number}`}>
            case <Figure>{c.number}</Figure>
          </Link>
          <strong>{c.vehicle}</strong>
          <Quiet>{[c.plate, c.customer, c.phone, c.orderNumber].filter(Boolean).join(' · ')}</Quiet>
          {c.open ? <Tag $tone="accent">open</Tag> : <Quiet>{age(c.openedAt)} ago</Quiet>}
          <Quiet $push>{BY[c.by]}</Quiet>
        </li>
      ))}
    </List>
  );
}
