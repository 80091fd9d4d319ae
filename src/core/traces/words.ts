/** Units that stand at their figure without a blank. */
const behind = (unit: string): string => (unit === '' || unit === '°' ? unit : ` ${unit}`);

/** A figure with its unit, rounded to what one would say. */
export const figure = (x: number, unit: string, digits = 3): string =>
  `${Number(x.toPrecision(digits))}${behind(unit)}`;

/** A figure to so many decimals. */
export const fixed = (x: number, unit: string, decimals: number): string =>
  `${x.toFixed(decimals)}${behind(unit)}`;

/** A moment in seconds, to the millisecond or finer. */
export const moment = (s: number): string => `${Number(s.toFixed(4))} s`;

/** `a`, `a and b`, `a, b and c`. */
export const listed = (words: readonly (string | number)[]): string =>
  words.length < 2 ? String(words[0] ?? '') : `${words.slice(0, -1).join(', ')} and ${words.at(-1)}`;

/**
 * A number of things.
 *
 * @param n how many
 * @param one the word for one
 * @param many the word for more, where it is not the word for one with an s
 * @returns number and word
 * @example plural(3, 'cylinder') // '3 cylinders'
 * @example plural(1, 'cylinder') // '1 cylinder'
 */
export const plural = (n: number, one: string, many = `${one}s`): string => `${n} ${n === 1 ? one : many}`;
