import { z } from 'zod';
import { GRADES } from './complaint';

/** The list of all cases: which of them, and in which order. */

export const CASE_LIST_COLUMNS = [
  'number',
  'openedAt',
  'closedAt',
  'vehicle',
  'customer',
  'grade',
  'lead',
] as const;
export type CaseListColumn = (typeof CASE_LIST_COLUMNS)[number];

/** Which cases; nothing said: all. */
export const CaseListFilter = z.object({
  words: z
    .string()
    .max(200, 'Search the list with at most 200 characters.')
    .default('')
    .describe('Words that stand in vehicle, plate, VIN, customer or order number; all of them must.'),
  state: z.enum(['', 'open', 'closed'], 'The state is open or closed.').default(''),
  grade: z.enum(GRADES, `The proof is one of ${GRADES.filter(Boolean).join(', ')}.`).default(''),
  lead: z.string().max(60).default('').describe('Id of the lead.'),
});
export type CaseListFilter = z.infer<typeof CaseListFilter>;

export const CaseListQuery = CaseListFilter.extend({
  sort: z.enum(CASE_LIST_COLUMNS).default('openedAt'),
  order: z.enum(['up', 'down']).default('down'),
  from: z.coerce.number().int().min(0).max(10_000_000).default(0).describe('How many are passed over.'),
  most: z.coerce.number().int().min(1).max(500).default(100),
});
export type CaseListQuery = z.infer<typeof CaseListQuery>;
