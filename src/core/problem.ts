/**
 * What went wrong, as a word for programs. The sentence for the person stands beside it.
 *
 * - `invalid`: what was sent cannot be kept as it is; sending it again will not help
 * - `gone`: what it is about is not there any more
 * - `changed`: somebody wrote there meanwhile
 * - `busy`, `disk`, `offline`: it is kept by whoever sent it and may be sent again
 * - `too large`: more than is taken at once
 * - `not json`: the content type is another one than what is taken here
 * - `sign in`: nobody is signed in, or somebody else than who wrote it
 * - `not allowed`: the role of who is signed in may not do it
 * - `locked`: too many wrong tries
 * - `internal`: nobody expected this
 */
export const PROBLEM_CODES = [
  'invalid',
  'gone',
  'changed',
  'busy',
  'disk',
  'too large',
  'not json',
  'sign in',
  'not allowed',
  'locked',
  'offline',
  'internal',
] as const;
export type ProblemCode = (typeof PROBLEM_CODES)[number];

/** A refusal whose sentence is meant for the person at the screen. */
export class Problem extends Error {
  constructor(
    message: string,
    readonly code: ProblemCode = 'invalid',
    options?: ErrorOptions,
  ) {
    super(message, options);
  }
}
