import { Refusal } from './contract';

/**
 * Share of what goes in that does not come out: 1 − out / in.
 *
 * @param before more than 0
 * @param after same unit
 * @throws Refusal when nothing goes in
 * @example conversion(200, 20) // 0.9
 */
export function conversion(before: number, after: number): number {
  if (!(before > 0))
    throw new Refusal(
      'Nothing goes in, so nothing can be converted. Bring the engine to a load where the first sensor reads.',
      'before',
    );
  return 1 - after / before;
}
