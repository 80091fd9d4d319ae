import { Problem } from '@/core/problem';
import { MOST_COUNTED } from './fields';
import { z } from 'zod';
import { COMPUTED, KINDS, KIND_NAMES, type Kind } from './kinds';

const kind = z.enum(KIND_NAMES as [Kind, ...Kind[]]);
const id = z.string().regex(/^[A-Za-z0-9_-]{1,40}$/, 'An id is 1 to 40 letters, digits, "-" or "_".');
const fields = z.record(z.string(), z.unknown());

/** Set some fields of a row, naming the revision seen and what those fields said then. */
const SetOp = z.object({
  op: z.literal('set'),
  kind,
  id,
  revision: z.number().int().max(MOST_COUNTED),
  set: fields,
  was: fields,
});
/** Add a row under an id made by the writer, so that sending it twice adds it once. */
const AddOp = z.object({ op: z.literal('add'), kind, id, row: fields });
/**
 * Remove a row with all that hangs on it, naming the history sequence of the record that was looked at: what somebody
 * else wrote there since is not thrown away unseen.
 */
const RemoveOp = z.object({
  op: z.literal('remove'),
  kind,
  id,
  seen: z.number().int().max(MOST_COUNTED).optional(),
});
export const Op = z.discriminatedUnion('op', [SetOp, AddOp, RemoveOp]);
export type Op = z.infer<typeof Op>;

/** Operations that belong together: all of them happen, or none. */
export const Change = z.object({ id, ops: z.array(Op).min(1).max(2000) });
export type Change = z.infer<typeof Change>;
export const ChangeRequest = z.object({ changes: z.array(Change).min(1).max(200) });

/**
 * Checks the fields of a write against the row's own shape, whichever way the write comes in.
 *
 * @param kind the kind of row
 * @param values some of its fields
 * @returns the parsed fields, only those that were given
 * @throws Error with a sentence naming the field and what it wants, for an unknown or computed field or a bad value
 */
export function checkFields(kind: Kind, values: Record<string, unknown>): Record<string, unknown> {
  const shape = KINDS[kind].shape as Record<string, z.ZodType>;
  const out: Record<string, unknown> = {};
  for (const [name, value] of Object.entries(values)) {
    const field = Object.hasOwn(shape, name) ? shape[name] : undefined;
    if (!field) throw new Problem(`A ${kind} has no field "${name}".`);
    if (COMPUTED[kind]?.includes(name))
      throw new Problem(`"${name}" of a ${kind} is computed and cannot be written.`);
    const parsed = field.safeParse(value);
    if (!parsed.success)
      throw new Problem(`"${name}" of this ${kind}: ${parsed.error.issues[0]?.message ?? 'not valid'}`);
    out[name] = parsed.data;
  }
  return out;
}

/**
 * Says whether two field values are the same, looking into lists.
 *
 * @returns true for equal primitives and for arrays or objects with equal JSON
 */
export function sameValue(a: unknown, b: unknown): boolean {
  return a === b || JSON.stringify(a ?? null) === JSON.stringify(b ?? null);
}

/**
 * The write of some fields of a row, naming the revision and the words it saw.
 *
 * @param kind the kind of row
 * @param row as it is seen
 * @param set the fields and what they shall say
 * @returns one operation; none where they say so already
 */
export function setFields(
  kind: Kind,
  row: { id: string; revision: number },
  set: Record<string, unknown>,
): Op[] {
  const now = row as unknown as Record<string, unknown>;
  const fields = Object.keys(set).filter((f) => !sameValue(now[f], set[f]));
  if (fields.length === 0) return [];
  const pick = (from: Record<string, unknown>) => Object.fromEntries(fields.map((f) => [f, from[f]]));
  return [{ op: 'set', kind, id: row.id, revision: row.revision, set: pick(set), was: pick(now) }];
}
