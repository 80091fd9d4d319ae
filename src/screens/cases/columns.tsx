import type { ReactNode } from 'react';
import type { CaseListRow } from '@/core/api';
import type { CaseListColumn } from '@/core/case';
import { Figure, Quiet } from '@/ui/controls';
import { day } from '@/ui/dates';
import { GradeMark } from '@/ui/marks';

/** A column of the list; `wide` ones are shown where there is room. */
interface ColumnOf {
  id: CaseListColumn | 'cause';
  title: string;
  width: number | `${number}fr`;
  minWidth?: number;
  wide?: boolean;
  show: (row: CaseListRow) => ReactNode;
}
export const COLUMNS: readonly ColumnOf[] = [
  { id: 'number', title: 'Case', width: 74, show: (c) => <Figure>{c.number}</Figure> },
  {
    id: 'vehicle',
    title: 'Vehicle',
    width: '1.8fr',
    minWidth: 214,
    show: (c) => (
      <>
        <strong>{c.vehicle}</strong> <Quiet className="plate">{c.plate}</Quiet>
      </>
    ),
  },
  {
    id: 'cause',
    title: 'Cause',
    width: '1.2fr',
    minWidth: 170,
    show: (c) => c.cause || <Quiet>{c.closedAt ? 'no cause recorded' : 'not found yet'}</Quiet>,
  },
  { id: 'customer', title: 'Customer', width: '0.7fr', minWidth: 110, wide: true, show: (c) => c.customer },
  { id: 'openedAt', title: 'Opened', width: 106, show: (c) => day(c.openedAt) },
  {
    id: 'closedAt',
    title: 'Closed',
    width: 112,
    wide: true,
    show: (c) => (c.closedAt ? day(c.closedAt) : <Quiet>{c.waitsFor || 'open'}</Quiet>),
  },
  { id: 'grade', title: 'Proof', width: 128, show: (c) => <GradeMark grade={c.grade} /> },
  { id: 'lead', title: 'Lead', width: 120, wide: true, show: (c) => c.lead },
];
