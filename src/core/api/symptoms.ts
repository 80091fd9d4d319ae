import { z } from 'zod';

const concept = { id: z.string(), label: z.string(), words: z.string().describe('The words that said it.') };

export const SymptomsReading = z
  .object({
    symptoms: z.array(
      z.object({
        ...concept,
        conditions: z.array(z.object({ id: z.string(), label: z.string() })),
        frequency: z.enum(['', 'always', 'intermittent', 'once']).describe('Empty where it is not told.'),
      }),
    ),
    perhaps: z
      .array(
        z.object({ ...concept, share: z.number().describe('How far all its words speak for it, 0 to 1.') }),
      )
      .describe('What may be meant and is to be asked; nothing is taken for said.'),
    denied: z
      .array(z.object(concept))
      .describe('Symptoms that the text takes back: not there, no longer there.'),
    unread: z.array(z.string()).describe('Words that were not understood, in order.'),
  })
  .describe('What a complaint says, by the shop’s vocabulary.');
export type SymptomsReading = z.infer<typeof SymptomsReading>;
