import { withoutLongRuns } from '@/core/text/long-runs';
import { Problem } from '@/core/problem';

const MOST = 100_000;

/**
 * Reads numbers of cases as people write them.
 *
 * @param text as typed: `12, 15-20 31`
 * @returns each number once, in order
 * @throws Problem for anything else, and for more than 100 000 numbers
 * @example readCaseNumbers('31, 12-14') // [12, 13, 14, 31]
 */
export function readCaseNumbers(text: string): number[] {
  const numbers = new Set<number>();
  for (const piece of withoutLongRuns(text)
    .replace(/\s*(?:-|–|to)\s*/gi, '-')
    .split(/[\s,;]+/)) {
    if (piece === '') continue;
    const m = /^#?(\d{1,9})(?:-#?(\d{1,9}))?$/.exec(piece);
    if (!m) throw new Problem(`“${piece}” is no number of a case. Write numbers and spans: 12, 15-20.`);
    const [from, to] = [Number(m[1]), Number(m[2] ?? m[1])];
    if (to < from || to - from >= MOST || numbers.size + to - from >= MOST)
      throw new Problem(
        `“${piece}” is no span of numbers, or a very long one. Write the lower number first.`,
      );
    for (let n = from; n <= to; n++) numbers.add(n);
  }
  return [...numbers].sort((a, b) => a - b);
}
