import { KINDS, type Kind } from './kinds';

/** Fields that hold one figure or name: two of them in one line would be neither. */
const ONE_ONLY = new Set(
  [
    ...[
      'vin',
      'plate',
      'odometer',
      'phone',
      'orderNumber',
      'spendingLimit',
      'dueOdometer',
      'price',
      'number',
    ],
    ...['entered', 'limit', 'battery', 'displacement', 'firingOrder', 'banks', 'accuracy', 'setupReading'],
    ...['reading', 'code', 'hash', 'mime', 'concept', 'figure', 'distance', 'make', 'model', 'engine'],
  ].map(String),
);
const LINE = 400;

/** How two versions of a field can both be kept. */
export type Both =
  /** As one text. */
  | { way: 'text'; text: string }
  /** As a second row beside the first. */
  | { way: 'row' };

/**
 * How both versions of a field that two people wrote can be kept, where that makes sense: running text one below the
 * other, a line with both in it, a reading as a second reading. A figure, a name or a choice is one or the other.
 *
 * @param kind the kind of row
 * @param field its field
 * @param theirs what stands there
 * @param mine what was to be written
 * @returns undefined where only one of them can be meant
 * @example keepBoth('case', 'said', 'a', 'b') // { way: 'text', text: 'a\nb' }
 */
export function keepBoth(kind: Kind, field: string, theirs: unknown, mine: unknown): Both | undefined {
  if (typeof theirs !== 'string' || typeof mine !== 'string' || theirs === '' || mine === '')
    return undefined;
  if (kind === 'reading' && field === 'entered') return { way: 'row' };
  const shape = KINDS[kind].shape as Record<string, { safeParse: (x: unknown) => { success: boolean } }>;
  const takes = (text: string) => Object.hasOwn(shape, field) && shape[field]!.safeParse(text).success;
  // A choice, a moment, or the name of another row takes no free text.
  if (ONE_ONLY.has(field) || field.endsWith('Id') || field === 'id' || !takes('any words at all'))
    return undefined;
  const text = takes('x'.repeat(LINE + 1)) ? `${theirs}\n${mine}` : `${theirs} / ${mine}`;
  return takes(text) ? { way: 'text', text } : undefined;
}
