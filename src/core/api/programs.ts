import { z } from 'zod';
import { byGrade, lifted } from './find';

/** What the interface for programs answers. Every answer is checked against these in a test. */

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
