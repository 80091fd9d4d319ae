import type { DeskCase } from '@/core/api';

/** How the desk orders the cases of a group. */
export const DESK_ORDERS = ['waiting', 'promised', 'number'] as const;
export type DeskOrder = (typeof DESK_ORDERS)[number];

/**
 * Cases in the order in which they are looked at.
 *
 * @param cases of one group
 * @param order `waiting`: who waits longest first; `promised`: what is promised soonest first, then what is not
 * promised by how long it waits; `number`: newest first
 * @returns a new list
 */
export function inOrder(cases: readonly DeskCase[], order: DeskOrder): DeskCase[] {
  const late = '￿';
  const keyed: Record<DeskOrder, (a: DeskCase, b: DeskCase) => number> = {
    waiting: (a, b) => a.waitsSince.localeCompare(b.waitsSince),
    promised: (a, b) =>
      (a.promisedAt ?? late).localeCompare(b.promisedAt ?? late) || a.waitsSince.localeCompare(b.waitsSince),
    number: (a, b) => b.number - a.number,
  };
  return [...cases].sort((a, b) => keyed[order](a, b) || a.number - b.number);
}

/** Whether a case is on somebody's desk: in their hand, or led by them. Nobody: on everybody's. */
export const isOf = (c: Pick<DeskCase, 'leadId' | 'handId'>, person: string): boolean =>
  person === '' || c.handId === person || c.leadId === person;
