import { z } from 'zod';

const Difference = z.object({ channel: z.string(), from: z.number(), to: z.number() });

/** A recording of the shop that is like the one asked about. */
export const LikeTrace = z.object({
  id: z.string(),
  name: z.string(),
  number: z.number(),
  vehicle: z.string(),
  /** What its case turned out to be, and how well that is proven; empty while nothing is known. */
  cause: z.string(),
  grade: z.string(),
  /** before, after or known-good, where somebody said so. */
  stands: z.string(),
  /** 0 for the same shape. */
  distance: z.number(),
  alike: z.boolean(),
  /** Stretches of the one asked about in which this one goes otherwise; seconds. */
  differs: z.array(Difference),
  /** Where a marked stretch comes again in it, in its own seconds. */
  again: Difference.nullable(),
  hash: z.string(),
  readAs: z.string(),
});
export type LikeTrace = z.infer<typeof LikeTrace>;

/** Nearest first, and how many recordings have not been looked at yet. */
export const LikeAnswer = z.object({ like: z.array(LikeTrace), waiting: z.number() });
