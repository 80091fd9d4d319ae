import { z } from 'zod';
import { CODE_STATUSES } from '@/core/case';
import { ReportHints } from '@/core/codes';

/** Shapes of the reading of a scan report, for our own screens and for programs alike. */

const lines = z.array(z.number().int().min(1)).describe('Numbers of the lines it came from, from 1.');
const sure = z
  .number()
  .min(0)
  .max(1)
  .describe('How sure it is: 1 for text; of a picture what the letters say. Under 0.8 it is to be asked.');
const row = { lines, sure };

export const ScanReading = z
  .object({
    form: z.enum(['text', 'table', 'frames', 'picture']).describe('What it was taken for.'),
    scope: z
      .enum(['', 'vehicle', 'nothing'])
      .describe('What the report itself says it read: the whole vehicle, or nothing.'),
    made: z.string().describe('When the report says it was made, as it says it.'),
    battery: z.string(),
    odometer: z.string(),
    tool: z.string(),
    key: z.enum(['', 'off', 'on']),
    engine: z.enum(['', 'off', 'running']),
    modules: z.array(z.object({ ...row, name: z.string(), answered: z.boolean(), read: z.boolean() })),
    codes: z.array(
      z.object({
        ...row,
        code: z.string(),
        text: z.string(),
        statuses: z.array(z.enum(CODE_STATUSES)),
        module: z.number().int().min(0).nullable().describe('Which of the modules; null where none is said.'),
      }),
    ),
    live: z.array(z.object({ ...row, name: z.string(), entered: z.string() })),
    freeze: z.array(
      z.object({
        ...row,
        code: z.number().int().min(0).describe('Which of the codes.'),
        name: z.string(),
        entered: z.string(),
      }),
    ),
    monitors: z.array(
      z.object({ ...row, name: z.string(), state: z.enum(['complete', 'incomplete', 'not supported']) }),
    ),
    unread: z.array(z.string()).describe('Lines that said nothing understood; nothing is made of them.'),
    text: z.string().describe('The text that was read: as sent, or as the picture was read.'),
  })
  .describe('What a scan report says, each row with where it stands.');
export type ScanReading = z.infer<typeof ScanReading>;

/** What is kept of how reports are read, by kind of report. */
export const ScanHintsAnswer = z.object({ hints: z.array(ReportHints) });
