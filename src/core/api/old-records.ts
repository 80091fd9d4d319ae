import { z } from 'zod';
import { REPAIR_ACTIONS } from '@/core/case';
import { RECORD_FIELDS } from '@/core/exchange/old-records/fields';

/** Shapes of taking in a shop's table of past jobs, for our own screens and for programs alike. */

/** Rows that may be sent at once: a reading shows some of them, a table goes in by such pieces. */
export const MOST_RECORDS = 500;
/** A cell with several lines of one order joined in it; longer ones are no text of a job. */
export const MOST_CELL = 60_000;
export const MOST_COLUMNS = 200;
const cell = z.string().max(MOST_CELL, 'A cell is longer than 60,000 characters.');
const cells = z.array(cell).max(MOST_COLUMNS, 'At most 200 columns.');
const field = z.enum(['', ...RECORD_FIELDS]);

export const RecordSettings = z.object({
  columns: z
    .array(field)
    .max(MOST_COLUMNS)
    .describe('What each column holds; empty for one that is left out.'),
  dateOrder: z
    .enum(['day first', 'month first', 'year first'])
    .nullable()
    .default(null)
    .describe('Which comes first in 3/4/21; null where the table tells by itself or does not tell.'),
  odometerUnit: z.enum(['', 'km', 'mi', 'h']).default('').describe('Unit of an odometer without one.'),
  makes: z
    .array(z.string().max(80))
    .max(500)
    .default([])
    .describe('Makes that the column of vehicles shows; the shop’s own are known.'),
});
export type RecordSettings = z.infer<typeof RecordSettings>;

export const ReadRecordsRequest = z.object({
  rows: z
    .array(cells)
    .min(1, 'There are no rows.')
    .max(MOST_RECORDS, `At most ${MOST_RECORDS} rows at once.`),
  settings: RecordSettings.optional().describe('How it is to be read; without, by its heads and contents.'),
  said: z
    .boolean()
    .default(true)
    .describe(
      'Whether a person said so; else what was put right in a table with the same heads comes first.',
    ),
});

const Column = z.object({
  index: z.number().int(),
  head: z.string(),
  field,
  by: z
    .enum(['head', 'content', 'kept', 'person', ''])
    .describe('What told: its head, what stands in it, what was put right before, a person.'),
  examples: z.array(z.string()),
});
export const JobShown = z.object({
  row: z.number().int().min(0).describe('Its first row, from 0.'),
  state: z.enum(['read', 'no job', 'refused']),
  reason: z.string().describe('Why it cannot be taken in, or why no part is named.'),
  day: z.string(),
  vehicle: z.string(),
  said: z.string(),
  symptoms: z.array(z.string()),
  codes: z.array(z.string()),
  work: z.string(),
  action: z.enum(['', ...REPAIR_ACTIONS]).describe('Empty where it tells of no repair.'),
  cause: z.string().describe('Part, failure and place, proposed from the words; empty where not told.'),
  also: z.array(z.string()).describe('Other parts that were done.'),
});
export type JobShown = z.infer<typeof JobShown>;

export const RecordsReading = z
  .object({
    firstRow: z.number().int().min(0).describe('Where the jobs begin, from 0.'),
    columns: z.array(Column),
    settings: RecordSettings,
    jobs: z.array(JobShown),
  })
  .describe('How a table of past jobs is read, and what its first rows become.');
export type RecordsReading = z.infer<typeof RecordsReading>;

export const TakeRecordsRequest = z.object({
  settings: RecordSettings,
  jobs: z
    .array(z.object({ row: z.number().int().min(0).max(10_000_000), cells }))
    .min(1, 'There are no jobs.')
    .max(MOST_RECORDS, `At most ${MOST_RECORDS} jobs at once.`),
  heads: cells
    .default([])
    .describe(
      'The heads of the table: with them the columns are remembered for the next table of this kind.',
    ),
});
export type TakeRecordsRequest = z.infer<typeof TakeRecordsRequest>;

export const RecordsTaken = z
  .object({
    jobs: z.array(
      z.object({
        row: z.number().int(),
        state: z.enum(['created', 'unchanged', 'no job', 'refused']),
        number: z.number().int().optional().describe('The case it became.'),
        reason: z.string().optional(),
      }),
    ),
  })
  .describe('What became of each job; one that is here already adds nothing.');
export type RecordsTaken = z.infer<typeof RecordsTaken>;
