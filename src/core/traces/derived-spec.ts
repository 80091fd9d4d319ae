import { z } from 'zod';

/** What a person has made of a channel's figures: multiplied (−1 turns it over), then moved. */
export const Adjusted = z.object({ times: z.number().default(1), plus: z.number().default(0) });
export type Adjusted = z.infer<typeof Adjusted>;

export const DERIVED_KINDS = ['difference', 'ratio', 'integral', 'smoothed', 'speed from a wheel'] as const;

/** A channel that is computed from others of the recording. */
export const DerivedSpec = z.object({
  name: z.string().min(1).max(120),
  kind: z.enum(DERIVED_KINDS),
  /** The channel it is made of, and the second one of a difference or a ratio. */
  a: z.string(),
  b: z.string().default(''),
  /** Milliseconds that are smoothed over, or teeth of the wheel a turn. */
  by: z.number().positive().max(1e6).default(10),
});
export type DerivedSpec = z.infer<typeof DerivedSpec>;
