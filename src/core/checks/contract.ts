import type { z } from 'zod';
import type { Speaks, Verdict } from '@/core/case';
import type { CircuitDrawing } from './circuit-drawing';

/**
 * The one contract of a computed check. The form on the screen, the shape in files, the search and
 * the page of explanation all come from it: a new check is one new file in `all/` and one line in
 * `all/index.ts`.
 */
export interface Check<S extends z.ZodObject = z.ZodObject> {
  id: string;
  title: string;
  /** What it answers, as a technician would ask. */
  question: string;
  /** How the sums go and what they can and cannot say. */
  explains: string;
  /** What one has in hand, for the search: "scan tool", "pressure gauge", "fuel trims". */
  have: string[];
  /** Fault codes it is good for: `P0171` or a run, `P0171-P0175`. */
  codes: string[];
  /** Where the formula and the limits come from. */
  source: string;
  /** What must hold for it to prove anything; put on the case with it. */
  needs?: string[];
  /** Said before the step. */
  caution?: string;
  minutes: number;
  input: S;
  /** Invented readings, as typed, that show what it does. */
  example: z.input<S>;
  /**
   * @throws Refusal when the readings together make no sense
   */
  run(input: z.output<S>): Finding[];
  draw?(input: z.output<S>): Drawing;
  /** What is drawn before there is anything to draw: where to measure, and what is expected there. */
  outline?(): Drawing;
}

/** One thing a check found, with the sentence a technician would say. */
export interface Finding {
  verdict: Verdict;
  because: string;
  /** What it speaks of, when there are several: "cylinder 3", "bank 1". */
  about?: string;
  /** The figure it rests on, written out with its unit. */
  figure?: string;
  /** What it says of causes. */
  speaks?: Speaks[];
}

/** A picture as data; the screen draws it. */
export type Drawing =
  | {
      kind: 'bars';
      unit: string;
      /** `before`: what it was on the first run, in the same unit. */
      bars: { at: string; value: number; verdict: Verdict; before?: number }[];
      /** Limits drawn across. */
      low?: number;
      high?: number;
    }
  | {
      kind: 'curve';
      x: string;
      y: string;
      lines: { name: string; role: 'reference' | 'measured'; points: { x: number; y: number }[] }[];
    }
  | { kind: 'table'; head: string[]; rows: { cells: string[]; verdict: Verdict }[] }
  | CircuitDrawing;

/** Readings that cannot be, with the field at fault: said to the person, never computed on. */
export class Refusal extends Error {
  constructor(
    message: string,
    readonly field = '',
  ) {
    super(message);
  }
}

/** Gives a check its types while it is written and forgets them for the list of all. */
export function defineCheck<S extends z.ZodObject>(check: Check<S>): Check {
  return check as unknown as Check;
}
