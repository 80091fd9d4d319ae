import { z } from 'zod';
import { GRADES } from '@/core/case';
import { CHIP_KINDS } from '@/core/precedent';
import { CaseFile } from '../case-file';

/** What the interface for programs answers. Every answer is checked against these in a test. */

export const Problem = z
  .object({ error: z.string().describe('What is wrong and what to do, in a sentence.') })
  .describe('A refusal.');

const reason = z.object({
  of: z.enum(['vehicle', 'codes', 'symptoms', 'conditions', 'tests', 'cause', 'words', 'proof', 'fit']),
  text: z.string(),
  points: z.number().min(0),
});
const lifted = z.object({ name: z.string(), from: z.number(), share: z.number() });
const byGrade = z.partialRecord(z.enum(GRADES), z.number().int());

const FoundCase = z
  .object({
    id: z.string(),
    number: z.number().int(),
    vehicle: z.string(),
    headline: z.string(),
    causes: z.array(z.string()),
    grade: z.enum(GRADES),
    comebacks: z.array(z.number().int()).describe('Numbers of later cases in which it came back.'),
    isolated: z.enum(['isolated', 'not isolated', 'unknown']),
    open: z.boolean(),
    openedAt: z.iso.datetime(),
    conditions: z.array(z.string()),
    score: z.number().min(0).max(1),
    reasons: z.array(reason).describe('What it shares with what was asked, most telling first.'),
    lacks: z.array(z.string()).describe('What was asked and this case does not have.'),
  })
  .describe('A past case with why it stands where it does.');

const FoundCause = z.object({
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
          reading: z
            .object({
              words: z.array(z.string()),
              op: z.enum(['>', '<', '=']),
              quantity: z.object({ value: z.number(), unit: z.string() }),
            })
            .optional(),
        }),
      )
      .describe('How the line was read.'),
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

export const GuideAnswer = z
  .object({
    case: z.number().int(),
    near: z.number().int().describe('Near cases that are counted.'),
    cases: z.number().int().describe('Cases that speak in the odds.'),
    causes: z.array(
      z.object({
        key: z.string(),
        name: z.string(),
        share: z.number().min(0).max(1),
        near: z.array(z.number().int()).describe('Near cases that had it, nearest first.'),
        nearByGrade: byGrade,
        because: z.array(
          z.object({ label: z.string(), cases: z.number(), of: z.number(), factor: z.number() }),
        ),
        moved: z.array(z.object({ words: z.string(), answer: z.string(), factor: z.number() })),
        numbers: z.array(z.number().int()).describe('Cases behind the figures.'),
        ruledOut: z.boolean(),
      }),
    ),
    unseen: z.number().min(0).max(1).describe('Share of what this shop has not seen.'),
    next: z.array(
      z.object({
        question: z.string(),
        label: z.string(),
        minutes: z.number(),
        minutesKnown: z.boolean(),
        gain: z.number().describe('Bits it is expected to tell.'),
        perMinute: z.number(),
        answers: z.array(
          z.object({
            says: z.string(),
            chance: z.number(),
            then: lifted.describe('The likeliest cause after this answer.'),
            lifts: lifted
              .nullable()
              .describe('The cause it speaks for most; null when it leaves each with next to nothing.'),
          }),
        ),
        from: z.array(z.object({ id: z.string(), number: z.number().int() })),
      }),
    ),
    practice: z
      .array(
        z.object({
          codes: z.array(z.string()),
          kind: z.string(),
          says: z.string(),
          moves: z.array(z.string()),
        }),
      )
      .describe('General practice for the codes to chase; not from this shop’s cases.'),
  })
  .describe('Odds over causes, the next test, and why.');

export const ImportAnswer = z
  .object({
    lines: z.number().int(),
    created: z.number().int(),
    unchanged: z.number().int(),
    refused: z.array(z.object({ line: z.number().int(), reason: z.string() })),
    moreRefused: z.number().int().describe('Refused lines beyond those listed.'),
    renumbered: z.number().int().describe('Cases whose number was taken here.'),
    fresh: z.array(z.string()).describe('Parts and failures new to the shop, marked for a look.'),
    done: z.boolean(),
  })
  .describe('What became of the lines.');

export { CaseFile };
