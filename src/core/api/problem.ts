import { z } from 'zod';
import { PROBLEM_CODES, type ProblemCode as Code } from '@/core/problem';

export const ProblemCode = z.enum(PROBLEM_CODES);
export type ProblemCode = Code;

/** A refusal as it goes over HTTP. */
export const ProblemAnswer = z
  .object({
    error: z.string().describe('What is wrong and what to do, in a sentence.'),
    code: ProblemCode.default('invalid').describe('The same as a word for programs.'),
  })
  .describe('A refusal.');
export type ProblemAnswer = z.infer<typeof ProblemAnswer>;

/** Codes after which the same thing may be sent again and go in. */
const AGAIN: ReadonlySet<ProblemCode> = new Set(['busy', 'disk', 'offline', 'sign in']);

/** Whether sending the same again later may help. */
export const mayGoAgain = (code: ProblemCode): boolean => AGAIN.has(code);
