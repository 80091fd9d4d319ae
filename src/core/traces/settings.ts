import { z } from 'zod';

/** A number that an analysis can be told, with its unit and the value it takes otherwise. */
export const number = (o: {
  label: string;
  unit?: string;
  is: number;
  min: number;
  max: number;
  hint?: string;
}) =>
  z
    .number()
    .min(o.min)
    .max(o.max)
    .default(o.is)
    .meta({ kind: 'number', ...o });

/** One of a few words; the first is taken unless told otherwise. */
export const pick = <const T extends readonly [string, ...string[]]>(o: {
  label: string;
  options: T;
  hint?: string;
}) =>
  z
    .enum(o.options)
    .default(o.options[0] as never)
    .meta({ kind: 'pick', ...o });

/** A line of text, for instance a list of angles. */
export const text = (o: { label: string; hint?: string }) =>
  z
    .string()
    .max(200)
    .default('')
    .meta({ kind: 'text', ...o });

/** What the form of an analysis shows for one setting. */
export interface Setting {
  name: string;
  kind: 'number' | 'pick' | 'text';
  label: string;
  unit?: string;
  hint?: string;
  is?: number;
  min?: number;
  max?: number;
  options?: readonly string[];
}

/** The settings of an analysis, for a form. */
export function settingsOf(schema: z.ZodObject): Setting[] {
  return Object.entries(schema.shape).map(([name, field]) => ({
    name,
    ...(field as z.ZodType).meta(),
  })) as unknown as Setting[];
}
