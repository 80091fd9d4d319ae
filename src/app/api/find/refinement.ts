import { z } from 'zod';
import { CHIP_KINDS } from '@/core/similar';
import { Problem } from '../answer';

const SearchRefinement = z.object({
  corrections: z
    .array(
      z.object({
        words: z.string().min(1).max(200),
        kind: z.enum(CHIP_KINDS),
        value: z.string().max(300),
        label: z.string().max(300),
      }),
    )
    .max(40)
    .default([]),
  only: z
    .array(
      z.object({
        by: z.enum(['grade', 'state', 'make', 'condition', 'year']),
        value: z.string().min(1).max(120),
      }),
    )
    .max(20)
    .default([]),
  sort: z.enum(['nearest', 'newest']).default('nearest'),
});

/** Reads how a line is put from its text form, as the address of the find page carries it. */
export function readPutting(text: string | null): z.infer<typeof SearchRefinement> {
  if (!text) return SearchRefinement.parse({});
  try {
    return SearchRefinement.parse(JSON.parse(text));
  } catch {
    throw new Problem('The corrections in this address are not understood. Take them off and search again.');
  }
}
