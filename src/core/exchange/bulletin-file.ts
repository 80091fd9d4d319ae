import { z } from 'zod';

/**
 * A shelf of bulletins as a file, `vantle-bulletins/1`: what an outside source knows of a build, a code
 * or a symptom. Symptoms are written in plain words and read like typed ones.
 */
export const BulletinFile = z.object({
  format: z.literal('vantle-bulletins/1'),
  bulletins: z
    .array(
      z.object({
        id: z
          .string()
          .regex(/^[A-Za-z0-9_-]{1,40}$/, 'An id is 1 to 40 letters, digits, "-" or "_".')
          .describe('Names the bulletin for good: loaded again, it replaces the one here.'),
        number: z.string().max(120).default(''),
        title: z.string().trim().min(1, 'A bulletin needs a title.').max(300),
        issuedBy: z.string().max(120).default(''),
        codes: z.array(z.string().min(1).max(60)).max(60).default([]),
        symptoms: z.array(z.string().min(1).max(120)).max(60).default([]),
        build: z.string().max(200).default('').describe('Make, model and engine, as far as they matter.'),
        years: z
          .tuple([z.number().int().min(1885).max(2100), z.number().int().min(1885).max(2100)])
          .optional()
          .describe('First and last model year.'),
        body: z.string().max(20_000).default(''),
      }),
    )
    .max(20_000),
});
export type BulletinFile = z.infer<typeof BulletinFile>;
