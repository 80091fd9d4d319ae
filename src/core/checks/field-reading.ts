import { z } from 'zod';
import { convert, convertDifference, findUnit, readEntry, writeQuantity } from '@/core/readings';

/**
 * The kinds of field a check's form can have. Each is a Zod schema that takes what was typed and
 * gives a number in the field's own unit; what the form needs to know rides along as its meta data.
 */

/** What was typed into a check's form: a text, or rows. */
export type Typed = Record<string, string | Record<string, string>[]>;

/** A reading understood: the value in the field's unit, and how it was entered, for the sentences. */
export interface Read {
  value: number;
  /** Unit of `value`. */
  unit: string;
  /** Unit and places it was entered with. */
  as: string;
  decimals: number;
}
export type ReadAt = Read & { at: string };

export type FieldInfo =
  | { kind: 'quantity'; unit: string; difference: boolean; optional: boolean }
  | { kind: 'count'; optional: boolean }
  | { kind: 'choice'; options: readonly string[] }
  | { kind: 'list'; unit: string; each: string; labels: readonly string[] }
  | { kind: 'table'; columns: ColumnInfo[] };

interface ColumnInfo {
  name: string;
  title: string;
  /** Empty for words. */
  unit: string;
  words: boolean;
  options: readonly string[];
  given: boolean;
}

/**
 * What belongs to the set-up or the vehicle and not to the measurement: kept when the test is
 * repeated or made a procedure. A name says which fact of the vehicle it is taken from.
 */
export type SetUpSource = true | 'displacement' | 'cylinders' | 'strokes';

export interface Words {
  title: string;
  help?: string;
  given?: SetUpSource;
}

/** Marks an empty field that is still needed, apart from one that is wrong. */
export const MISSING = 'still to fill in';
export const TYPED = z.string().max(400).default('');

const LEAST = 1e-12;

/** Stands for: whatever unit is typed first. */
export const ANY = '*';

/**
 * Reads what was typed into a field for a quantity.
 *
 * @param text as typed; a bare number is in the field's own unit
 * @param unit of the field; `*` takes any unit
 * @param difference whether the value is a difference (2 °C are 3.6 °F), not a point of the scale
 * @param beyondAs what `OL` on the meter counts as; left out where it is no answer
 * @returns the value in the field's unit with how it was typed, or a sentence that says what is wrong
 */
export function read(text: string, unit: string, difference = false, beyondAs?: number): Read | string {
  const entry = readEntry(text, unit === '' || unit === ANY ? undefined : unit);
  if (entry.kind === 'beyond' && beyondAs !== undefined)
    return { value: beyondAs, unit, as: unit, decimals: 0 };
  if (entry.kind === 'problem') return entry.message;
  if (entry.kind === 'beyond')
    return 'Beyond the meter’s range is no number; choose another range, or note it as an open circuit.';
  if (entry.kind !== 'quantity')
    return `"${text.trim()}" is not a number${unit ? ` with a unit such as ${unit}` : ''}.`;
  const { quantity, decimals } = entry;
  if (unit === ANY) unit = quantity.unit;
  if (unit === '' && quantity.unit !== '') return `No unit is wanted here, only the number.`;
  try {
    const there = difference ? convertDifference(quantity, unit) : convert(quantity, unit);
    if (!Number.isFinite(there.value) || Math.abs(there.value) > 1e12)
      return 'That number is too large to be a reading.';
    if (!difference && findUnit(unit)?.measures === 'temperature' && convert(quantity, 'K').value < 0)
      return `${text.trim()} is below absolute zero; check the sign and the unit.`;
    // Less than any instrument shows is nothing; dividing by it would make a number of nothing.
    const value = Math.abs(there.value) < LEAST ? 0 : there.value;
    return { value, unit, as: quantity.unit, decimals };
  } catch (e) {
    return e instanceof Error ? e.message : 'That is not a reading.';
  }
}

export interface Bounds {
  /** Smallest value that can be, in the field's unit. */
  min?: number;
  max?: number;
  /** Not the smallest value itself. */
  above?: number;
}

/**
 * Whether a value lies outside what can be entered.
 *
 * @param r the value
 * @param b the bounds of the field, in its unit; each may be left out
 * @returns a sentence, or undefined where it lies inside
 */
export function outside(r: Read, b: Bounds): string | undefined {
  const say = (v: number) => writeQuantity({ value: v, unit: r.unit }, decimalsFor(v));
  if (b.above !== undefined && r.value <= b.above) return `It has to be more than ${say(b.above)}.`;
  if (b.min !== undefined && r.value < b.min - 1e-9 * Math.abs(b.min))
    return `It cannot be less than ${say(b.min)}.`;
  if (b.max !== undefined && r.value > b.max + 1e-9 * Math.abs(b.max))
    return `It cannot be more than ${say(b.max)}.`;
  return undefined;
}
const decimalsFor = (v: number) => (Number.isInteger(v) ? 0 : 2);

/** The unit a list or column is read in: its own, or for any the first one typed. */
export function unitFor(unit: string, entries: string[]): string {
  if (unit !== ANY) return unit;
  for (const text of entries) {
    const e = readEntry(text);
    if (e.kind === 'quantity' && e.quantity.unit !== '') return e.quantity.unit;
  }
  return '';
}

/**
 * What a field's schema carries for its form, its page and its JSON Schema.
 *
 * @param o title, help and where it is taken from
 * @param field its kind with unit or options
 * @returns metadata for Zod's `meta`
 */
export function meta(o: Words, field: FieldInfo) {
  return {
    title: o.title,
    ...(o.help ? { description: o.help } : {}),
    ...(o.given ? { given: o.given } : {}),
    field,
  };
}
