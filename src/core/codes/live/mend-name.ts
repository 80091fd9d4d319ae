import { distance } from 'fastest-levenshtein';
import { liveName } from './names';

/** Words of the names that most tools print in English. */
const WORDS =
  'absolute ambient air barometric battery calculated coolant engine flow fuel ignition intake load long long-term manifold mass module oil outside position pressure rail short short-term spark speed temperature throttle timing trim vehicle voltage'.split(
    ' ',
  );

/** A word whose letters were confused on a picture: at most one in three of them, and no other word as near. */
function mendWord(word: string): string {
  const low = word.toLowerCase();
  const near = WORDS.map((w) => ({ w, d: distance(low, w) })).sort((a, b) => a.d - b.d);
  const [first, second] = near;
  return first!.d > 0 && first!.d <= Math.max(1, Math.floor(first!.w.length / 3)) && first!.d < second!.d
    ? first!.w
    : word;
}

/**
 * The name of a live value with letters that were confused on a picture put right, where that makes it a name that is
 * known; any other name stays as it was read.
 *
 * @param name as read
 * @example mendLiveName('Short-term fuel rimB1') // 'Short-term fuel trim B1'
 * @example mendLiveName('Tyre rim speed') // 'Tyre rim speed'
 */
export function mendLiveName(name: string): string {
  // "B81" is "B1": a bank has one figure.
  const parted = name.replace(/(\p{Ll})(B8?[12])$/u, '$1 $2').replace(/\bB8([12])$/u, 'B$1');
  if (liveName(parted).kind !== undefined) return parted;
  const mended = parted
    .split(/\s+/u)
    .map(mendWord)
    .join(' ')
    .replace(/^\p{Ll}/u, (c) => c.toUpperCase());
  return liveName(mended).kind === undefined ? name : mended;
}
