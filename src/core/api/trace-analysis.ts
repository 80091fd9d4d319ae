import { z } from 'zod';
import { VERDICTS } from '@/core/case';

/** Shapes of what a recording is taken for and what is found in it. */

export const TraceForm = z.object({
  analysis: z
    .string()
    .max(60)
    .default('')
    .describe('Id of an analysis; without it those that fit the names.'),
  roles: z
    .record(z.string().max(40), z.array(z.string().max(120)).max(64))
    .default({})
    .describe('Names of channels by role, where they are not to be proposed by name and unit.'),
  settings: z.record(z.string().max(40), z.union([z.number(), z.string().max(200)])).default({}),
  firingOrder: z.string().max(100).default('').describe('For instance 1-3-4-2.'),
  strokes: z.union([z.literal(2), z.literal(4)]).default(4),
});
export type TraceForm = z.infer<typeof TraceForm>;

const place = z
  .object({ channel: z.string(), from: z.number().describe('Seconds.'), to: z.number() })
  .describe('Where in the recording.');

export const TraceAnswer = z
  .object({
    format: z.string().describe('What the file was taken for.'),
    notes: z.array(z.string()).describe('What one ought to know of how it was read.'),
    channels: z.array(
      z.object({
        name: z.string(),
        unit: z.string(),
        samples: z.number().int(),
        interval: z.number().describe('Seconds from sample to sample.'),
        start: z.number(),
      }),
    ),
    analyses: z.array(
      z.object({
        analysis: z.string(),
        title: z.string(),
        roles: z.record(z.string(), z.array(z.string())).describe('Names of the channels it looked at.'),
        refused: z.string().describe('Why it says nothing; empty where it does.'),
        findings: z.array(
          z.object({
            verdict: z.enum(VERDICTS).describe('Empty: a figure without a limit.'),
            because: z.string(),
            about: z.string(),
            figure: z.string(),
            place: place.nullable(),
          }),
        ),
      }),
    ),
  })
  .describe('What a recording is taken for, and what is found in it.');
export type TraceAnswer = z.infer<typeof TraceAnswer>;
