import { z } from 'zod';
import { comparable, convert, convertDifference, readNumber, writeQuantity } from '@/core/readings';
import {
  meta,
  MISSING,
  outside,
  read,
  TYPED,
  unitFor,
  type Bounds,
  type Read,
  type ReadAt,
  type Words,
} from './field-reading';

export { ANY, MISSING, type FieldInfo, type SetUpSource, type Read, type ReadAt } from './field-reading';
export * from './fields-table';

type QuantityOptions = Words &
  Bounds & {
    unit: string;
    difference?: boolean;
    /** What "OL" on the meter counts as, where an open circuit is an answer. */
    beyondAs?: number;
  };

/** A reading that is needed. */
export function quantity(o: QuantityOptions) {
  return TYPED.transform((text, ctx): Read => {
    const r = text.trim() === '' ? MISSING : read(text, o.unit, o.difference, o.beyondAs);
    const problem = typeof r === 'string' ? r : outside(r, o);
    if (problem === undefined && typeof r !== 'string') return r;
    ctx.addIssue({ code: 'custom', message: problem ?? MISSING });
    return z.NEVER;
  }).meta(meta(o, { kind: 'quantity', unit: o.unit, difference: o.difference ?? false, optional: false }));
}

/** A reading that may be left out; then it is undefined. */
export function optional(o: QuantityOptions) {
  return TYPED.transform((text, ctx): Read | undefined => {
    if (text.trim() === '') return undefined;
    const r = read(text, o.unit, o.difference, o.beyondAs);
    const problem = typeof r === 'string' ? r : outside(r, o);
    if (problem === undefined && typeof r !== 'string') return r;
    ctx.addIssue({ code: 'custom', message: problem ?? MISSING });
    return z.NEVER;
  }).meta(meta(o, { kind: 'quantity', unit: o.unit, difference: o.difference ?? false, optional: true }));
}

/** What is wrong with a number of things, if anything is. */
function countProblem(
  text: string,
  n: number | undefined,
  o: { min: number; max: number },
): string | undefined {
  if (text.trim() === '') return MISSING;
  if (n === undefined || !Number.isInteger(n)) return `"${text.trim()}" is not a whole number.`;
  if (n < o.min || n > o.max) return `A whole number from ${o.min} to ${o.max} is wanted.`;
  return undefined;
}

/** A whole number of things. */
export function count(o: Words & { min: number; max: number }) {
  return TYPED.transform((text, ctx): number => {
    const n = readNumber(text)?.value;
    const problem = countProblem(text, n, o);
    if (problem === undefined) return n!;
    ctx.addIssue({ code: 'custom', message: problem });
    return z.NEVER;
  }).meta(meta(o, { kind: 'count', optional: false }));
}

/** One of a few words; the first is taken when nothing is chosen. */
export function choice<const T extends readonly [string, ...string[]]>(o: Words & { options: T }) {
  return TYPED.transform((text, ctx): T[number] => {
    if (text === '') return o.options[0];
    if (o.options.includes(text)) return text;
    ctx.addIssue({ code: 'custom', message: `Choose one of: ${o.options.join(', ')}.` });
    return z.NEVER;
  }).meta(meta(o, { kind: 'choice', options: o.options }));
}

const Entry = z.object({ at: z.string().max(60), entered: z.string().max(400) });

const twice = (at: string, names: ReadonlySet<string>): string | undefined =>
  names.has(at) ? `There are two readings called ${at}.` : undefined;

/** Several like readings with their labels; empty ones are left out. */
export function list(
  o: Words &
    Bounds & { unit: string; each: string; labels: readonly string[]; least: number; difference?: boolean },
) {
  return z
    .array(Entry)
    .max(64)
    .default([])
    .transform((rows, ctx): ReadAt[] => {
      const found: ReadAt[] = [];
      const names = new Set<string>();
      const unit = unitFor(
        o.unit,
        rows.map((r) => r.entered),
      );
      rows.forEach((row, i) => {
        if (row.entered.trim() === '') return;
        const at = row.at.trim() || String(i + 1);
        const r = read(row.entered, unit, o.difference);
        const problem = typeof r === 'string' ? r : (twice(at, names) ?? outside(r, o));
        if (problem !== undefined) ctx.addIssue({ code: 'custom', message: problem, path: [i, 'entered'] });
        else if (typeof r !== 'string') found.push({ ...r, at });
        names.add(at);
      });
      if (found.length < o.least && ctx.issues.length === 0)
        ctx.addIssue({
          code: 'custom',
          message:
            found.length === 0
              ? MISSING
              : `At least ${o.least} are needed; there ${found.length === 1 ? 'is' : 'are'} ${found.length}.`,
        });
      return found;
    })
    .meta(meta(o, { kind: 'list', unit: o.unit, each: o.each, labels: o.labels }));
}

/**
 * A reading in the unit of another, so that the two can be compared.
 *
 * @param r what was read
 * @param unit of the other reading
 * @returns the same reading in that unit, or undefined where the two do not measure the same
 * @example inUnit(150 kPa, 'bar') // 1.5 bar, still written in kPa
 */
export function inUnit(r: Read, unit: string): Read | undefined {
  if (r.unit === unit) return r;
  if (!comparable(r.unit, unit)) return undefined;
  return { ...r, value: convert({ value: r.value, unit: r.unit }, unit).value, unit };
}

/**
 * Writes a value that stands in a field's unit as the person entered that field: in their unit,
 * with their places (and at least `places`).
 */
export function like(value: number, r: Read, places = 0): string {
  const there = r.as === r.unit ? value : convert({ value, unit: r.unit }, r.as).value;
  return writeQuantity({ value: there, unit: r.as }, Math.max(r.decimals, places));
}

/** The same for a difference: 2 °C is 3.6 °F, not 35.6. */
export function likeDifference(value: number, r: Read, places = 0): string {
  const there = convertDifference({ value, unit: r.unit }, r.as).value;
  return writeQuantity({ value: there, unit: r.as }, Math.max(r.decimals, places));
}
