import { z } from 'zod';
import { GRADES } from '@/core/case';
import { CHIP_KINDS } from '@/core/similar';

/** Shapes of a search and its answer, for our own screens and for programs alike. */

const reason = z.object({
  of: z.enum([
    'vehicle',
    'codes',
    'symptoms',
    'conditions',
    'tests',
    'traces',
    'cause',
    'words',
    'proof',
    'fit',
  ]),
  text: z.string(),
  points: z.number().min(0),
});
/** A cause before and after an answer. */
export const lifted = z.object({ name: z.string(), from: z.number(), share: z.number() });
/** How many cases of each grade. */
export const byGrade = z.partialRecord(z.enum(GRADES), z.number().int());

export const FoundCase = z
  .object({
    id: z.string(),
    number: z.number().int(),
    vehicle: z.string(),
    headline: z.string(),
    causes: z.array(z.string()),
    grade: z.enum(GRADES),
    comebacks: z.array(z.number().int()).describe('Numbers of later cases in which it came back.'),
    cameBack: z.boolean().describe('It came back, as a later case or at its own follow-up.'),
    isolated: z.enum(['isolated', 'not isolated', 'unknown']),
    open: z.boolean(),
    openedAt: z.iso.datetime(),
    conditions: z.array(z.string()),
    score: z.number().min(0).max(1),
    reasons: z.array(reason).describe('What it shares with what was asked, most telling first.'),
    lacks: z.array(z.string()).describe('What was asked and this case does not have.'),
  })
  .describe('A past case with why it stands where it does.');

export const FoundCause = z.object({
  key: z.string(),
  name: z.string(),
  share: z.number().min(0).max(1).nullable().describe('Odds among all causes; null where nothing tells.'),
  cases: z.number().int(),
  byGrade,
  notIsolated: z.number().int(),
  cameBack: z.number().int(),
  numbers: z.array(z.number().int()).describe('The cases behind it, nearest first.'),
  caseIds: z.array(z.string()),
});

export const FindAnswer = z
  .object({
    chips: z
      .array(
        z.object({
          kind: z.enum(CHIP_KINDS),
          label: z.string(),
          value: z.string(),
          words: z.string(),
          guess: z.boolean().optional().describe('Not said in known words, but likely meant.'),
          or: z
            .array(z.object({ kind: z.enum(CHIP_KINDS), label: z.string(), value: z.string() }))
            .optional()
            .describe('What the same words could mean as well.'),
          reading: z
            .object({
              words: z.array(z.string()),
              op: z.enum(['>', '<', '=', '≈']),
              quantity: z.object({ value: z.number(), unit: z.string() }),
            })
            .optional(),
        }),
      )
      .describe('How the search was read.'),
    cases: z.array(FoundCase),
    causes: z.array(FoundCause),
    facets: z.array(
      z.object({
        by: z.enum(['grade', 'state', 'make', 'condition']),
        value: z.string(),
        label: z.string(),
        cases: z.number().int(),
      }),
    ),
    matching: z.number().int(),
    searched: z.number().int(),
  })
  .describe('The answer to a search line.');
export type FoundCase = z.infer<typeof FoundCase>;
export type FoundCause = z.infer<typeof FoundCause>;
export type FindAnswer = z.infer<typeof FindAnswer>;

const because = z.array(z.string());

/** What else is known beside past cases: bulletins, procedures, known-good values, each with why. */
export const Beside = z.object({
  /** make/model/engine where the line names one build, or empty. */
  build: z.string(),
  bulletins: z.array(
    z.object({
      id: z.string(),
      number: z.string(),
      title: z.string(),
      body: z.string(),
      issuedBy: z.string(),
      because,
    }),
  ),
  procedures: z.array(z.object({ id: z.string(), title: z.string(), because })),
  knownGood: z.array(
    z.object({
      label: z.string(),
      entered: z.string(),
      conditions: z.array(z.string()),
      build: z.string(),
      from: z.string(),
    }),
  ),
});
export type Beside = z.infer<typeof Beside>;

/** What general practice says of what was asked: causes no case of the shop had, and the tests that tell them apart. */
export const PracticeAnswer = z.object({
  causes: z.array(
    z.object({
      key: z.string(),
      name: z.string(),
      share: z.number(),
      because: z.array(z.object({ label: z.string(), chance: z.number() })),
      mistaken: z.array(z.string()),
    }),
  ),
  tests: z.array(z.object({ question: z.string(), minutes: z.number(), expectation: z.string() })),
});
export type PracticeAnswer = z.infer<typeof PracticeAnswer>;

/** A case found by what its customer says of themselves, and by what. */
export const CustomerCase = z.object({
  id: z.string(),
  number: z.number().int(),
  vehicle: z.string(),
  plate: z.string(),
  customer: z.string(),
  phone: z.string(),
  orderNumber: z.string(),
  openedAt: z.string(),
  open: z.boolean(),
  by: z.enum(['plate', 'order number', 'telephone', 'customer']),
});
export type CustomerCase = z.infer<typeof CustomerCase>;

/** What the find page is answered with. */
export const FindPageAnswer = FindAnswer.extend({
  beside: Beside,
  practice: PracticeAnswer,
  customers: z.array(CustomerCase),
});
export type FindPageAnswer = z.infer<typeof FindPageAnswer>;

/** How the words at the end of a line may go on. */
export const SuggestAnswer = z.object({
  suggestions: z.array(
    z.object({
      kind: z.enum(CHIP_KINDS),
      text: z.string(),
      says: z.string(),
      cases: z.number(),
      line: z.string(),
    }),
  ),
});
