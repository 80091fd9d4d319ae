import { z } from 'zod';
import { Adjusted, DerivedSpec } from './derived-spec';

/** What a person has laid on a trace; kept with it as JSON. Channels are named by their name. */
export const Sheet = z.object({
  /** Words pinned to moments, in seconds. */
  pins: z
    .array(
      z.object({
        id: z.string(),
        at: z.number(),
        channel: z.string().default(''),
        words: z.string().max(400),
      }),
    )
    .default([]),
  /** The two measuring marks, in seconds. */
  marks: z.tuple([z.number().nullable(), z.number().nullable()]).default([null, null]),
  /** Where the crank stands: a channel that fires once per `every` degrees, at a known cylinder. */
  crank: z
    .object({
      channel: z.string(),
      cylinder: z.number().int().min(1),
      every: z.union([z.literal(720), z.literal(360)]),
      advance: z.number().default(0),
    })
    .nullable()
    .default(null),
  /** Firing order and angles where the vehicle does not say. */
  order: z.string().max(100).default(''),
  angles: z.string().max(200).default(''),
  /** Figures of channels multiplied and moved, by the channel's name. */
  adjust: z.record(z.string(), Adjusted).default({}),
  /** Channels computed from others, in order. */
  derived: z.array(DerivedSpec).max(16).default([]),
  layout: z.enum(['under', 'over']).default('under'),
  hidden: z.array(z.string()).default([]),
  /** What it is beside others: taken before or after a repair, or of a healthy vehicle. */
  stands: z.enum(['', 'before', 'after', 'known-good']).default(''),
  /** Where in the trace each reading put on the case was found, by the reading's id. */
  places: z
    .record(z.string(), z.object({ channel: z.string(), from: z.number(), to: z.number() }))
    .default({}),
});
export type Sheet = z.infer<typeof Sheet>;

/** The sheet in a text, or a fresh one when it is empty or cannot be read. */
export function readSheet(text: string): Sheet {
  try {
    return Sheet.parse(text === '' ? {} : JSON.parse(text));
  } catch {
    return Sheet.parse({});
  }
}
