import { z } from 'zod';
import { GRADES, WAITS } from '@/core/case';

/** One open case on the desk: what it waits for, since when, in whose hand it is, and what it still lacks. */
export const DeskCase = z.object({
  id: z.string(),
  number: z.number().int(),
  vehicle: z.string(),
  plate: z.string(),
  customer: z.string(),
  headline: z.string(),
  openedAt: z.string(),
  waitsFor: z.enum(WAITS),
  waitNote: z.string(),
  /** Since when it waits for this. */
  waitsSince: z.string(),
  promisedAt: z.string().nullable(),
  leadId: z.string().nullable(),
  lead: z.string(),
  /** In whose hand it is: who it was given to, else the lead. */
  handId: z.string().nullable(),
  hand: z.string(),
  /** What was said when it was given. */
  handNote: z.string(),
  /** Which of the five parts have something, in order. */
  parts: z.array(z.boolean()),
  next: z.string(),
  comebackOf: z.boolean(),
  /** What was done and is planned goes beyond what the customer said may be spent. */
  beyondLimit: z.boolean(),
});
export type DeskCase = z.infer<typeof DeskCase>;

/** A customer to be asked whether it held. */
export const DueFollowUp = z.object({
  id: z.string(),
  caseId: z.string(),
  number: z.number().int(),
  vehicle: z.string(),
  customer: z.string(),
  phone: z.string(),
  dueAt: z.string().nullable(),
  dueOdometer: z.string(),
  note: z.string(),
  /** They were called before and not reached. */
  again: z.boolean(),
  /** Who calls. */
  by: z.string(),
  byId: z.string().nullable(),
});

export const Desk = z.object({
  /** The newest of the open cases. */
  open: z.array(DeskCase),
  openInAll: z.number().int(),
  due: z.array(DueFollowUp),
  lately: z.array(
    z.object({
      id: z.string(),
      number: z.number().int(),
      vehicle: z.string(),
      headline: z.string(),
      cause: z.string(),
      grade: z.enum(GRADES),
      cameBack: z.boolean(),
      closedAt: z.string(),
    }),
  ),
  /** Repairs that did not hold: as a later case (`of` is the earlier one), or as told at a follow-up. */
  cameBack: z.array(
    z.object({
      number: z.number().int(),
      of: z.number().int().nullable(),
      vehicle: z.string(),
      at: z.string(),
      open: z.boolean(),
      note: z.string(),
    }),
  ),
  total: z.number().int(),
  /** Grows with everything that is written in the shop. */
  seq: z.number().int(),
});
export type Desk = z.infer<typeof Desk>;
