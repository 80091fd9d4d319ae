import { z } from 'zod';
import { convert, convertDifference, findUnit, readEntry, readNumber, writeQuantity } from '@/core/readings';

/**
 * The kinds of field a check's form can have. Each is a Zod schema that takes what was typed and
 * gives a number in the field's own unit; what the form needs to know rides along as its meta data.
 */

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

export interface ColumnInfo {
  name: string;
  title: string;
  /** Empty for words. */
  unit: string;
  words: boolean;
  options: readonly string[];
}

interface Words {
  title: string;
  help?: string;
}

/** Marks an empty field that is still needed, apart from one that is wrong. */
export const MISSING = 'still to fill in';
const TYPED = z.string().max(400).default('');

/** Stands for: whatever unit is typed first. */
export const ANY = '*';

function read(text: string, unit: string, difference = false, beyondAs?: number): Read | string {
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
    return { value: there.value, unit, as: quantity.unit, decimals };
  } catch (e) {
    return e instanceof Error ? e.message : 'That is not a reading.';
  }
}

interface Bounds {
  /** Smallest value that can be, in the field's unit. */
  min?: number;
  max?: number;
  /** Not the smallest value itself. */
  above?: number;
}

function outside(r: Read, b: Bounds): string | undefined {
  const say = (v: number) => writeQuantity({ value: v, unit: r.unit }, decimalsFor(v));
  if (b.above !== undefined && r.value <= b.above) return `It has to be more than ${say(b.above)}.`;
  if (b.min !== undefined && r.value < b.min - 1e-9 * Math.abs(b.min))
    return `It cannot be less than ${say(b.min)}.`;
  if (b.max !== undefined && r.value > b.max + 1e-9 * Math.abs(b.max))
    return `It cannot be more than ${say(b.max)}.`;
  return undefined;
}
const decimalsFor = (v: number) => (Number.isInteger(v) ? 0 : 2);

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

/** A whole number of things. */
export function count(o: Words & { min: number; max: number }) {
  return TYPED.transform((text, ctx): number => {
    const n = readNumber(text)?.value;
    const problem =
      text.trim() === ''
        ? MISSING
        : n === undefined || !Number.isInteger(n)
          ? `"${text.trim()}" is not a whole number.`
          : n < o.min || n > o.max
            ? `A whole number from ${o.min} to ${o.max} is wanted.`
            : undefined;
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
        const problem =
          typeof r === 'string' ? r : names.has(at) ? `There are two readings called ${at}.` : outside(r, o);
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

type Column = { title: string } & (
  | ({ unit: string; optional?: boolean } & Bounds)
  | { words: true }
  | { options: readonly [string, ...string[]] }
);
type Columns = Record<string, Column>;
export type TableRow<C extends Columns> = {
  [K in keyof C]: C[K] extends { words: true }
    ? string
    : C[K] extends { options: readonly (infer O)[] }
      ? O
      : C[K] extends { optional: true }
        ? Read | undefined
        : Read;
};

/** Reads one row; what is wrong with it is reported by column. */
function readRow(
  row: Record<string, string>,
  columns: Columns,
  units: Record<string, string>,
  wrong: (column: string, message: string) => void,
): Record<string, Read | string | undefined> {
  const out: Record<string, Read | string | undefined> = {};
  for (const [name, column] of Object.entries(columns)) {
    const text = (row[name] ?? '').trim();
    if ('words' in column) {
      if (text === '') wrong(name, MISSING);
      out[name] = text;
    } else if ('options' in column) {
      if (text !== '' && !column.options.includes(text))
        wrong(name, `Choose one of: ${column.options.join(', ')}.`);
      out[name] = text === '' ? column.options[0] : text;
    } else if (text !== '' || !column.optional) {
      const r = text === '' ? MISSING : read(text, units[name]!);
      const problem = typeof r === 'string' ? r : outside(r, column);
      if (problem !== undefined) wrong(name, problem);
      else out[name] = r;
    }
  }
  return out;
}

/** Rows of entries that belong together: a point of a curve, a step of a sweep, a place in a chain. */
export function table<const C extends Columns>(o: Words & { columns: C; least: number }) {
  return z
    .array(z.record(z.string(), z.string().max(400)))
    .max(200)
    .default([])
    .transform((rows, ctx): TableRow<C>[] => {
      const found: TableRow<C>[] = [];
      const columns: Columns = o.columns;
      const units = Object.fromEntries(
        Object.entries(columns).map(([name, c]) => [
          name,
          'unit' in c
            ? unitFor(
                c.unit,
                rows.map((r) => r[name] ?? ''),
              )
            : '',
        ]),
      );
      rows.forEach((row, i) => {
        // A row counts as filled in when somebody typed into it; a choice alone is not typing.
        const typed = Object.entries(columns).some(
          ([n, c]) => !('options' in c) && (row[n] ?? '').trim() !== '',
        );
        if (!typed) return;
        const out = readRow(row, columns, units, (column, message) =>
          ctx.addIssue({ code: 'custom', message, path: [i, column] }),
        );
        found.push(out as TableRow<C>);
      });
      if (found.length < o.least && ctx.issues.length === 0)
        ctx.addIssue({
          code: 'custom',
          message:
            found.length === 0
              ? MISSING
              : `At least ${o.least} rows are needed; there ${found.length === 1 ? 'is one' : `are ${found.length}`}.`,
        });
      return found;
    })
    .meta(
      meta(o, {
        kind: 'table',
        columns: Object.entries<Column>(o.columns).map(([name, c]) => ({
          name,
          title: c.title,
          unit: 'unit' in c ? c.unit : '',
          words: 'words' in c,
          options: 'options' in c ? c.options : [],
        })),
      }),
    );
}

/** The unit a list or column is read in: its own, or for any the first one typed. */
function unitFor(unit: string, entries: string[]): string {
  if (unit !== ANY) return unit;
  for (const text of entries) {
    const e = readEntry(text);
    if (e.kind === 'quantity' && e.quantity.unit !== '') return e.quantity.unit;
  }
  return '';
}

function meta(o: Words, field: FieldInfo) {
  return { title: o.title, ...(o.help ? { description: o.help } : {}), field };
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
