import { z } from 'zod';

/** What healthy vehicles read, by reading of the case. */
export const KnownOffersAnswer = z.object({
  offers: z.record(
    z.string(),
    z.array(
      z.object({
        build: z.string(),
        near: z.number(),
        conditions: z.enum(['same', 'none noted']),
        conditionWords: z.array(z.string()),
        vehicles: z.number(),
        low: z.string(),
        high: z.string(),
        limit: z.string(),
        limitFrom: z.enum(['', 'vehicles', 'accuracy']),
        stands: z.string(),
        from: z.array(z.object({ text: z.string(), caseId: z.string().optional() })),
      }),
    ),
  ),
});
