import { z } from 'zod';
import { GRADES, Speaks, VERDICTS } from '@/core/case';
import { RECURRENCES } from '@/core/codes';
import { byGrade, lifted } from './find';
import { causeReason } from './margin';

/** What the interface for programs answers. Every answer is checked against these in a test. */

export const GuideAnswer = z
  .object({
    case: z.number().int(),
    near: z.number().int().describe('Similar cases that are counted.'),
    cases: z.number().int().describe('Cases that speak in the odds.'),
    causes: z.array(
      z.object({
        key: z.string(),
        name: z.string(),
        share: z.number().min(0).max(1),
        near: z.array(z.number().int()).describe('Similar cases that had it, nearest first.'),
        nearByGrade: byGrade,
        own: z
          .number()
          .min(0)
          .max(1)
          .describe('How much of it rests on the shop’s own cases; the rest on general practice.'),
        because: z.array(causeReason),
        moved: z.array(z.object({ words: z.string(), answer: z.string(), factor: z.number() })),
        numbers: z.array(z.number().int()).describe('Cases behind the figures.'),
        ruledOut: z.boolean(),
      }),
    ),
    unseen: z
      .number()
      .min(0)
      .max(1)
      .describe('Share of what neither this shop has seen nor general practice knows.'),
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
        practice: z.boolean().describe('From general practice; no case of the shop was asked it.'),
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

const because = z.string().describe('The reason, in a sentence.');

export const ConclusionsAnswer = z
  .object({
    case: z.number().int(),
    scans: z
      .array(
        z.object({
          id: z.string(),
          at: z.iso.datetime(),
          covers: z
            .enum(['whole vehicle', 'modules', 'nothing', 'not told'])
            .describe('What it read. A code is absent from a scan only if its module was read.'),
          read: z.array(z.string()).describe('Modules that were read, by name.'),
          notRead: z.array(z.string()).describe('Modules that did not answer, or that the tool lost.'),
          because,
        }),
      )
      .describe('What each scan covers, oldest first.'),
    codes: z.array(
      z.object({
        code: z.string(),
        text: z.string(),
        modules: z
          .array(z.string())
          .describe('Modules that stored it; an empty one where no scan said which.'),
        course: z.enum(RECURRENCES).describe('What became of it over scans, clears and repairs.'),
        courseBecause: because,
        inScans: z
          .record(z.string(), z.enum(['there', 'absent', 'not run', 'not read', 'not told']))
          .describe('What each scan says of it, by scan id.'),
        role: z.enum(['chase', 'knock-on', 'aside', 'leftover', 'unsorted']),
        roleBecause: because,
        proposed: z.boolean().describe('The role is only proposed; nobody has given it yet.'),
        explainedBy: z.array(z.string()).describe('Ids of the causes that explain it.'),
      }),
    ),
    tests: z.array(
      z.object({
        id: z.string(),
        question: z.string(),
        at: z.iso.datetime(),
        repeatOf: z.string().nullable(),
        verdict: z.enum(VERDICTS).describe('Empty: nothing to judge yet.'),
        because,
        byHand: z
          .boolean()
          .describe('A person’s verdict over the computed one, which the reason still names.'),
        findings: z.array(
          z.object({
            about: z.string(),
            verdict: z.enum(VERDICTS),
            because,
            figure: z.string(),
            limit: z.string(),
            distance: z.string().describe('How far the figure is from the limit.'),
            speaks: z.array(Speaks),
          }),
        ),
      }),
    ),
    cover: z
      .array(
        z.object({
          of: z.enum(['code', 'symptom', 'test']),
          what: z.string().describe('The code, or the id of the symptom or test.'),
          label: z.string(),
          explainedBy: z.array(z.string()).describe('Ids of causes; none: not explained.'),
        }),
      )
      .describe('What a cause has to account for.'),
    causes: z.array(z.object({ id: z.string(), name: z.string(), state: z.string() })),
    suspects: z.array(
      z.object({
        name: z.string(),
        state: z.enum(['standing', 'ruled out', 'confirmed']),
        found: z.boolean().describe('Only findings name it; nobody has put it on the list.'),
        says: z.array(
          z.object({
            says: z.enum(['for', 'against', 'rules out']),
            test: z.string().describe('Id of the test.'),
            because,
            found: z.boolean().describe('Said by what the test found, not by a person.'),
          }),
        ),
      }),
    ),
    grade: z.object({
      grade: z.enum(GRADES),
      because,
      lacks: z.array(
        z.object({
          for: z.enum(GRADES).describe('The grade that it stands in the way of.'),
          of: z.string(),
          say: z.string(),
          test: z.string().optional(),
          codes: z.array(z.string()).optional(),
        }),
      ),
    }),
  })
  .describe('Everything that follows from what stands on a case, each with its reason.');
export type ConclusionsAnswer = z.infer<typeof ConclusionsAnswer>;

export const ShopTaken = z
  .object({
    added: z.number().int(),
    unchanged: z.number().int(),
    leftOut: z.number().int().describe('People and history, which no other shop takes over.'),
    refused: z.array(z.object({ line: z.number().int(), reason: z.string() })),
  })
  .describe('What became of the lines of a shop file.');
export type ShopTaken = z.infer<typeof ShopTaken>;
