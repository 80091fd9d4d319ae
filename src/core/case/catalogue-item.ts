import { z } from 'zod';

/** A part or failure of the shop's list. `mergedInto` names the entry that took it over. */
export const CatalogueItem = z.object({
  id: z.string(),
  kind: z.enum(['part', 'failure']),
  system: z.string(),
  name: z.string().min(1, 'Give it a name.').max(120),
  synonyms: z.array(z.string().min(1).max(120)).max(60),
  mergedInto: z.string().nullable(),
  /** Came in from typing or a file and nobody has looked at it yet. */
  fresh: z.boolean(),
});
export type CatalogueItem = z.infer<typeof CatalogueItem>;
