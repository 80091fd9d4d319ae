import { z } from 'zod';

/** Field shapes shared by all rows. Empty text means "not recorded"; `null` means "no value". */

/** The highest number a case can have; counting up never gets there. */
export const HIGHEST_NUMBER = 999_999_999;
/** The highest number that is taken over from a file; it leaves room to count on. */
export const HIGHEST_TAKEN = 99_999_999;
/** What counts writes, rows or bytes stays exact in JSON and in the database. */
export const MOST_COUNTED = 2 ** 50;
/** The number of a case. */
export const caseNumber = z
  .number()
  .int()
  .min(1)
  .max(HIGHEST_NUMBER, 'A number of a case has at most 9 digits.');
/** A place in a list, between others as a fraction. */
const place = z.number().min(-1e12).max(1e12);

/** A line: part names, labels, entered quantities. */
export const line = z.string().max(400, 'At most 400 characters; put the rest into a note.').default('');
/** Running text: the customer's words, notes. */
export const prose = z.string().max(20_000, 'At most 20,000 characters; attach longer texts.').default('');
/** A moment as ISO 8601 in UTC, or none. */
export const moment = z.iso.datetime().nullable().default(null);
/** A reference to another row, or none. */
export const ref = z.string().min(1).max(40).nullable().default(null);
/** A reference that must be there. */
export const owner = z.string().min(1).max(40);
/** A list of short words (condition ids, lamp names, statuses). */
export const words = z.array(z.string().min(1).max(120)).max(60).default([]);
/** Tri-state of things that may simply not be known yet. */
export const yesNo = z.enum(['', 'yes', 'no']).default('');

/** What every row of a case carries. */
export const base = {
  id: owner,
  caseId: owner,
  /** Counts writes to this row; a write names the revision it saw. */
  revision: z.number().int().min(1).max(MOST_COUNTED).default(1),
  /** Order within its list. */
  position: place.default(0),
};
