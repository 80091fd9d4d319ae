import { z } from 'zod';
import { Bulletin, ProcedureStep } from '@/core/case';
import { byGrade, FoundCase, FoundCause, lifted } from './find';

/** What the margin of an open case says: near cases, what separated them, odds, the next test, bulletins. */

const moved = z.object({ words: z.string(), answer: z.string(), factor: z.number() });
const quantity = z.object({ value: z.number(), unit: z.string() });

export const CauseOdds = z.object({
  key: z.string(),
  name: z.string(),
  share: z.number(),
  numbers: z.array(z.number().int()),
  byGrade,
  moved: z.array(moved),
  ruledOut: z.boolean(),
});
/** Why a cause is likely before any test. */
export const causeReason = z.object({
  label: z.string(),
  cases: z.number(),
  of: z.number(),
  factor: z.number(),
  practice: z
    .number()
    .nullable()
    .describe('How often such a fault shows it by general practice; null if not known.'),
});

export const NextTest = z.object({
  question: z.string(),
  label: z.string(),
  minutes: z.number(),
  minutesKnown: z.boolean(),
  gain: z.number(),
  perMinute: z.number(),
  answers: z.array(
    z.object({ says: z.string(), chance: z.number(), then: lifted, lifts: lifted.nullable() }),
  ),
  from: z.array(z.object({ id: z.string(), number: z.number().int() })),
  key: z.string(),
});

export const Guide = z.object({
  causes: z.array(
    CauseOdds.extend({
      own: z
        .number()
        .min(0)
        .max(1)
        .describe('How much of it rests on the shop’s own cases, not on general practice.'),
    }),
  ),
  unseen: z.number(),
  /** Cases that speak in the odds. */
  cases: z.number().int(),
  /** Similar cases, those that are counted in words. */
  near: z.number().int(),
  /** By cause: its numbers among the near cases, nearest first, with their grades. */
  counts: z.record(z.string(), z.object({ numbers: z.array(z.number().int()), byGrade })),
  /** By cause: what speaks for it before any test. */
  because: z.record(z.string(), z.array(causeReason)),
  /** What to do next, each with the step: as a case did it, else as general practice does. */
  next: z.array(NextTest.extend({ step: ProcedureStep, practice: z.boolean() })),
});
export type Guide = z.infer<typeof Guide>;

const ForkSide = z.object({
  says: z.string(),
  causes: z.array(z.object({ key: z.string(), name: z.string(), cases: z.number() })),
  numbers: z.array(z.number().int()),
});
export const ShownFork = z.object({
  of: z.enum(['outcome', 'reading']),
  question: z.string(),
  label: z.string(),
  key: z.string(),
  threshold: quantity.optional(),
  /** Each case's value in the unit of the threshold, by the name of its cause. */
  values: z.array(z.object({ cause: z.string(), number: z.number().int(), value: z.number() })).optional(),
  decimals: z.number().int().optional(),
  sides: z.tuple([ForkSide, ForkSide], ForkSide),
  cases: z.number(),
  gain: z.number(),
  worth: z.number(),
  /** Where the open case stands: what it reads, and the causes on that side; missing while not asked. */
  here: z.object({ reads: z.string(), causes: z.array(z.string()), value: z.number().optional() }).optional(),
});
export type ShownFork = z.infer<typeof ShownFork>;

export const MarginAnswer = z.object({
  precedents: z.object({
    cases: z.array(FoundCase),
    causes: z.array(FoundCause),
    searched: z.number().int(),
  }),
  forks: z.array(ShownFork),
  guide: Guide,
  bulletins: z.array(z.object({ bulletin: Bulletin, because: z.array(z.string()) })),
});
export type MarginAnswer = z.infer<typeof MarginAnswer>;
