import { z } from 'zod';
import { carryUnits } from './carry-units';
import type { Check, Drawing, Finding } from './contract';
import { Refusal } from './contract';
import type { Typed } from './field-reading';
import { MISSING, type FieldInfo, type SetUpSource } from './fields';

export type { Typed } from './field-reading';

export interface FieldProblem {
  /** Name of the field, empty when it concerns several. */
  field: string;
  /** Row and column inside the field, when it has them. */
  row?: number;
  column?: string;
  message: string;
}

export type CheckResult =
  | { state: 'done'; findings: Finding[]; drawing?: Drawing }
  /** Nothing is wrong, but something is still to fill in. */
  | { state: 'waiting'; missing: string[] }
  | { state: 'refused'; problems: FieldProblem[] };

/**
 * Runs a check on what was typed.
 *
 * @param check from the list of checks
 * @param typed by field name; unknown names are passed over
 * @param earlier for a repeat, what was typed the first time: its units hold for bare numbers
 * @returns its findings and drawing, what is still missing, or what is wrong, field by field;
 * never throws on bad input, and never gives a number that is none
 */
export function runCheck(check: Check, typed: Typed, earlier?: Typed): CheckResult {
  const fields = Object.fromEntries(formOf(check).map((f) => [f.name, f.info]));
  const parsed = check.input.safeParse(carryUnits(fields, typed, earlier));
  if (!parsed.success) {
    const problems = parsed.error.issues.map((issue): FieldProblem => {
      const [field, row, column] = issue.path;
      return {
        field: String(field ?? ''),
        ...(typeof row === 'number' ? { row } : {}),
        ...(typeof column === 'string' ? { column } : {}),
        message: issue.message,
      };
    });
    const wrong = problems.filter((p) => p.message !== MISSING);
    if (wrong.length) return { state: 'refused', problems: wrong };
    return { state: 'waiting', missing: [...new Set(problems.map((p) => titleOf(check, p.field)))] };
  }
  try {
    const findings = check.run(parsed.data);
    const drawing = check.draw?.(parsed.data);
    return { state: 'done', findings, ...(drawing ? { drawing } : {}) };
  } catch (e) {
    // RangeError: a comparison of the core refuses its numbers with a sentence.
    if (e instanceof Refusal || e instanceof RangeError)
      return {
        state: 'refused',
        problems: [{ field: e instanceof Refusal ? e.field : '', message: e.message }],
      };
    throw e;
  }
}

/** A field of a check's form, as the screen builds it. */
export interface FormField {
  name: string;
  title: string;
  help: string;
  info: FieldInfo;
  /** Belongs to the set-up or the vehicle, not to the measurement. */
  given: SetUpSource | false;
}

/**
 * The form of a check, from its schema.
 *
 * @returns its fields in the order of the schema
 */
export function formOf(check: Check): FormField[] {
  return Object.entries(check.input.shape).map(([name, schema]) => {
    const m = (schema as z.ZodType).meta() as {
      title: string;
      description?: string;
      given?: SetUpSource;
      field: FieldInfo;
    };
    return { name, title: m.title, help: m.description ?? '', info: m.field, given: m.given ?? false };
  });
}

function titleOf(check: Check, name: string): string {
  return formOf(check).find((f) => f.name === name)?.title ?? name;
}

/**
 * A check's input as JSON Schema (draft 2020-12), for files and for other programs.
 */
export function jsonSchemaOf(check: Check): Record<string, unknown> {
  return z.toJSONSchema(check.input, { io: 'input', unrepresentable: 'any' }) as Record<string, unknown>;
}

/**
 * The verdict over several findings: one failing fails, then unsure, then pass; notes alone have none.
 *
 * @returns the verdict and the sentences that carry it
 */
export function overall(findings: readonly Finding[]): Pick<Finding, 'verdict' | 'because'> {
  for (const verdict of ['void', 'fail', 'unsure', 'pass', ''] as const) {
    const hits = findings.filter((f) => f.verdict === verdict);
    if (hits.length)
      return {
        verdict,
        because: hits
          .slice(0, 4)
          .map((f) => (f.about ? `${f.about}: ${f.because}` : f.because))
          .join(' '),
      };
  }
  return { verdict: 'unsure', because: 'The check found nothing to say.' };
}
