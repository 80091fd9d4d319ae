import { z } from 'zod';
import { Bulletin, CatalogueItem, KnownGood, Procedure } from '@/core/case';

/**
 * What a shop has beside its cases, as NDJSON: a first line that says what it is, then a line for each thing.
 * Documented in docs/formats; taken in again it adds nothing.
 */

const when = z.iso.datetime({ offset: true });
const short = z.string().max(400);

export const ShopLine = z.discriminatedUnion('of', [
  z.object({ of: z.literal('shop'), format: z.literal('vantle-shop/1'), at: when, name: short }),
  z.object({ of: z.literal('procedure'), value: Procedure }),
  z.object({ of: z.literal('known-good'), value: KnownGood }),
  z.object({ of: z.literal('catalogue'), value: CatalogueItem.extend({ id: z.string().min(1).max(40) }) }),
  z.object({ of: z.literal('bulletin'), value: Bulletin }),
  z.object({
    of: z.literal('word'),
    value: z.object({
      of: z.enum(['symptom', 'condition', 'vehicle', 'ignore']),
      words: z.string().trim().min(2).max(80),
      concept: z.string().max(300),
    }),
  }),
  z.object({
    of: z.literal('meaning'),
    value: z.object({ code: z.string().trim().min(1).max(60), says: z.string().max(200) }),
  }),
  z.object({ of: z.literal('person'), value: z.object({ name: short, role: short }) }),
  z.object({
    of: z.literal('history'),
    value: z.object({
      seq: z.number().int(),
      at: z.string(),
      who: z.string(),
      case: z.number().int().nullable().describe('Number of the case it happened on'),
      kind: z.string(),
      rowId: z.string(),
      op: z.string(),
      before: z.unknown(),
      after: z.unknown(),
    }),
  }),
]);
export type ShopLine = z.infer<typeof ShopLine>;

/** The JSON Schema of one line, for programs. */
export function shopFileSchema(): Record<string, unknown> {
  return { ...z.toJSONSchema(ShopLine, { io: 'input' }), title: 'A line of a Vantle shop file' };
}
