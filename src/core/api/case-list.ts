import { z } from 'zod';
import { GRADES, WAITS } from '@/core/case';

/** One page of the list of all cases. */

export const CaseListRow = z.object({
  id: z.string(),
  number: z.number().int(),
  openedAt: z.string(),
  closedAt: z.string().nullable(),
  waitsFor: z.enum(WAITS),
  vehicle: z.string(),
  plate: z.string(),
  customer: z.string(),
  /** What it was: the first cause named; empty where none is. */
  cause: z.string(),
  grade: z.enum(GRADES),
  lead: z.string(),
});
export type CaseListRow = z.infer<typeof CaseListRow>;

export const CaseListAnswer = z.object({
  /** How many there are, on all pages. */
  total: z.number().int(),
  rows: z.array(CaseListRow),
});
export type CaseListAnswer = z.infer<typeof CaseListAnswer>;
