import { z } from 'zod';

/** One column of a table, or one channel of another format, and what is made of it. */
export const Column = z.object({
  name: z.string().max(120),
  unit: z.string().max(40).default(''),
  use: z.enum(['time', 'channel', 'skip']).default('channel'),
  /** What a number in the file is multiplied by: a current clamp's 100 A per volt. */
  times: z.number().default(1),
});
export type Column = z.infer<typeof Column>;

export const TIME_UNITS = ['s', 'ms', 'µs', 'ns', 'min', 'h', 'clock'] as const;
export type TimeUnit = (typeof TIME_UNITS)[number];

/**
 * How a file is read: guessed when it is opened, corrected by the person in the preview, kept with the
 * trace so that the same file reads the same again.
 */
export const ReadAs = z.object({
  format: z.string().max(20),
  encoding: z.enum(['utf-8', 'utf-16le', 'windows-1252']).default('utf-8'),
  separator: z.enum([',', ';', '\t', '|', ' ']).default(','),
  decimal: z.enum(['.', ',']).default('.'),
  /** Lines before the first row of figures. */
  skip: z.number().int().min(0).max(10_000).default(0),
  columns: z.array(Column).max(64),
  timeUnit: z.enum(TIME_UNITS).default('s'),
  /** Seconds between samples, where no column tells the time; null when unknown. */
  interval: z.number().positive().nullable().default(null),
  /** Where clock times count from: midnight in traces kept before this was asked, whose marks lie so. */
  clockFrom: z.enum(['midnight', 'first']).optional(),
});
export type ReadAs = z.infer<typeof ReadAs>;

/** The beginning of a file as a table of texts, for the preview. */
export interface Preview {
  readAs: ReadAs;
  /** Rows as they stand in the file, header rows included, the first few only. */
  rows: string[][];
  /** What one ought to know or correct before it is read. */
  notes: string[];
}

/** Seconds in one of a time column's units. */
export const SECONDS: Record<Exclude<TimeUnit, 'clock'>, number> = {
  s: 1,
  ms: 1e-3,
  µs: 1e-6,
  ns: 1e-9,
  min: 60,
  h: 3600,
};

/** A file that cannot be read, with the sentence that says what and where. */
export class Unreadable extends Error {}
