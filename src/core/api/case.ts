import { z } from 'zod';
import { GRADES, KIND_NAMES, type Kind } from '@/core/case';
import { ProblemCode } from './problem';
import { ChangedRows, RecordShape } from './record';

/** What the case screen is sent. */

const kind = z.enum(KIND_NAMES as [Kind, ...Kind[]]);

/** Another case of the same vehicle, in short. */
export const CaseInShort = z.object({
  id: z.string(),
  number: z.number().int(),
  openedAt: z.string(),
  headline: z.string(),
  grade: z.enum(GRADES),
  open: z.boolean(),
});
export type CaseInShort = z.infer<typeof CaseInShort>;

/** What the rest of the shop says of a case. */
export const Around = z.object({
  /** Other cases of the same vehicle, newest first. */
  sameVehicle: z.array(CaseInShort),
  /** Later cases in which this one came back. */
  cameBackAs: z.array(z.object({ number: z.number().int(), caseId: z.string() })),
  /** The earlier case this one is a comeback of. */
  comebackOf: z.array(z.object({ number: z.number().int(), caseId: z.string(), state: z.string() })),
  /** Earlier cases of the vehicle that look like it, for a person to confirm or reject. */
  comebackOffers: z.array(
    z.object({
      number: z.number().int(),
      shares: z.array(z.string()),
      days: z.number(),
      km: z.number().optional(),
      caseId: z.string(),
    }),
  ),
  /** A case opened within the hour before for the same vehicle, and still open. */
  twin: z.object({ caseId: z.string(), number: z.number().int(), minutes: z.number().int() }).nullable(),
  /** When the shop asks whether a repair held. */
  followUp: z.object({ days: z.number(), distance: z.string() }),
  /** The shop's currency and rate for an hour. */
  money: z.object({ currency: z.string(), hourRate: z.number().nullable() }),
});
export type Around = z.infer<typeof Around>;

export const OpenCase = Around.extend({ record: RecordShape });
export type OpenCase = z.infer<typeof OpenCase>;

/** Why a write was refused, with both versions for a person to choose from. */
export const Conflict = z.object({
  kind,
  id: z.string(),
  field: z.string(),
  mine: z.unknown(),
  theirs: z.unknown(),
  by: z.string(),
  at: z.string(),
  revision: z.number().int(),
  removed: z.boolean().optional(),
});

export type Conflict = z.infer<typeof Conflict>;

/** What became of one change: in, refused because somebody wrote there, or refused. */
export const ChangeResult = z.union([
  z.object({ id: z.string(), ok: z.literal(true) }),
  z.object({ id: z.string(), ok: z.literal(false), conflict: Conflict }),
  z.object({ id: z.string(), ok: z.literal(false), error: z.string(), code: ProblemCode }),
]);
export type ChangeResult = z.infer<typeof ChangeResult>;

/** The answer to changes: what became of each, and the rows that are new since the reader looked. */
export const SaveAnswer = z.object({
  results: z.array(ChangeResult),
  changed: ChangedRows,
  /** Only where what was written bears on it. */
  around: Around.optional(),
});
export type SaveAnswer = z.infer<typeof SaveAnswer>;

/** The answer to "what is new on this case". */
export const NewsAnswer = z.object({ changed: ChangedRows, around: Around });
export type NewsAnswer = z.infer<typeof NewsAnswer>;

const Undone = z.object({ seq: z.number(), by: z.number(), lines: z.array(z.string()) });
export const UndoLastAnswer = z.object({ undone: Undone.nullable() });
export const ShownChange = z.object({
  seq: z.number(),
  at: z.string(),
  who: z.string(),
  part: z.string(),
  lines: z.array(z.string()),
  fixed: z.string(),
});
export type ShownChange = z.infer<typeof ShownChange>;
export const HistoryAnswer = z.object({
  undone: Undone.optional(),
  number: z.number().int(),
  changes: z.array(ShownChange),
});
export type HistoryAnswer = z.infer<typeof HistoryAnswer>;
