import { channelDistance, distanceOf, quickChannel } from './distance';
import type { Fingerprint } from './fingerprint';

/** So many of the quickly ranked are looked at closely. */
const CLOSELY = 120;
/** A distance from which recordings of one kind are alike, and one from which they are not. */
export const ALIKE = 0.85;
export const FAR = 1.6;

/** Distance at which a recording speaks a third as loudly as one of the same shape; chosen by `npm run bench -- likeness`. */
export const REACH = 0.7;

/** How alike two recordings are by their distance, 0 … 1. */
export const closeness = (distance: number, reach = REACH): number => Math.exp(-((distance / reach) ** 2));

/**
 * The recordings nearest to one in shape.
 *
 * @param library what is looked through; the asked one itself is left out by its id
 * @param most how many are given
 * @returns nearest first, none that is farther than `FAR`
 */
export function nearestPrints<T extends { id: string; print: Fingerprint }>(
  asked: { id: string; print: Fingerprint },
  library: Iterable<T>,
  most: number,
): { item: T; distance: number }[] {
  const quick: { item: T; distance: number }[] = [];
  for (const item of library) {
    if (item.id === asked.id) continue;
    const distance = distanceOf(asked.print, item.print, quickChannel);
    if (distance !== undefined) quick.push({ item, distance });
  }
  quick.sort((a, b) => a.distance - b.distance);
  return quick
    .slice(0, CLOSELY)
    .map(({ item }) => ({ item, distance: distanceOf(asked.print, item.print, channelDistance)! }))
    .filter((x) => x.distance < FAR)
    .sort((a, b) => a.distance - b.distance)
    .slice(0, most);
}
