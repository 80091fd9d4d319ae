import { median } from '../../signal';

/** A distance that is so many times the usual one is a gap. */
const GAP = 1.6;
/** Wheels that tell the crank's place have gaps of their own. Common practice, no source. */
const HAS_GAPS = /crank|ckp|kurbel|vilebr|ci[gü]e[nñ]al|\bcam|cmp|nocken|arbre|tdc|\bot\b|position|distrib/iu;
/** Rings at the wheels of the road have teeth all alike. Common practice, no source. */
const HAS_NONE = /wheel ?speed|\babs\b|raddreh|\b(?:fl|fr|rl|rr|lf|rf|lr|vl|vr|hl|hr)\b|vitesse roue/iu;

/** A ring at a wheel has at least so many teeth. Common practice, no source. */
const RING = 24;

/**
 * What the gaps mean that a wheel repeats every turn: they are its own, or teeth that are broken off, which come back
 * in the same place just as faithfully.
 *
 * @param pattern distances between pulses in one turn, their mean 1
 * @param name of the channel
 * @returns nothing where there is no gap, or it is the wheel's own; else the words and how sure they are
 * @example gapsOfTurn([1, 1, 1, 2, 1, 1], 'CH1')?.verdict // 'unsure'
 */
export function gapsOfTurn(
  pattern: readonly number[],
  name: string,
): { verdict: 'fail' | 'unsure'; says: string } | undefined {
  const usual = median(pattern);
  const places = pattern.flatMap((d, i) => (d > GAP * usual ? [i] : []));
  if (places.length === 0 || pattern.length < 6) return undefined;
  const gaps = places.length === 1 ? 'a gap' : `${places.length} gaps`;
  if (pattern.length >= RING && HAS_NONE.test(name) && !HAS_GAPS.test(name))
    return {
      verdict: 'fail',
      says: `${gaps} in every turn of ${pattern.length} pulses, in the same place: a tooth is missing, or something sits between two`,
    };
  const apart = places.map((p, i) => ((places[i + 1] ?? places[0]! + pattern.length) - p) / pattern.length);
  const even = apart.every((a) => Math.abs(a * places.length - 1) < 0.1);
  if (!even)
    return {
      verdict: 'unsure',
      says: `${gaps} in every turn, not evenly spread: whether each is the wheel’s own or a tooth is broken off is not told. A healthy recording of such a wheel would tell`,
    };
  return HAS_GAPS.test(name)
    ? undefined
    : {
        verdict: 'unsure',
        says: `${gaps} in every turn of ${pattern.length} pulses: its own, if it is a wheel that has one, else a tooth that is missing. A name that says what it is, or a healthy recording, would tell`,
      };
}
