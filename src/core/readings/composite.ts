import { fractionsAsDecimals } from './fraction';

/** `1°15'`, `-0° 30′`; without its degrees, `45'`, only beside another with degrees: else it is feet. */
const DEGREES = /(?<![\d.,])(\d{1,3})\s?[°º]\s?([0-5]?\d)\s?(?:'|′|’|min\b)/g;
const MINUTES_OF_ARC = /(?<![\d.,°])([0-5]?\d)\s?(?:'|′|’)(?!\d)/g;
/** `3 min 10 s`, `1 h 20 min`, `0:45 min`. */
const TIMES = [
  { shape: /(?<![\d.,:])(\d{1,3})\s?h(?:rs?|ours?)?\s?([0-5]?\d)\s?min(?:utes?|s)?\b/gi, unit: 'h' },
  { shape: /(?<![\d.,:])(\d{1,3})\s?min(?:utes?|s)?\s?([0-5]?\d)\s?s(?:ec(?:onds?|s)?)?\b/gi, unit: 'min' },
  { shape: /(?<![\d.,:])(\d{1,3}):([0-5]\d)\s?min(?:utes?|s)?\b/gi, unit: 'min' },
  { shape: /(?<![\d.,:])(\d{1,3}):([0-5]\d)\s?h(?:rs?|ours?)?\b/gi, unit: 'h' },
] as const;

/** So many sixtieths more, to four places: a minute of arc is 0.0167°. */
const sixtieths = (whole: string, minutes: string): string =>
  String(Number((Number(whole) + Number(minutes) / 60).toFixed(4)));

/**
 * Writes amounts in two parts out as decimals: shares of an inch or of a turn, degrees with minutes, minutes with
 * seconds, hours with minutes.
 *
 * @param text a reading or a limit as typed
 * @returns the text with each such amount as one decimal number; the same text where there is none
 * @example compositesAsDecimals("-1°30'") // '-1.5°'
 * @example compositesAsDecimals('3 min 15 s') // '3.25 min'
 * @example compositesAsDecimals('1/4 to 1/2 turn') // '0.25 to 0.5 turn'
 */
export function compositesAsDecimals(text: string): string {
  let t = fractionsAsDecimals(text);
  for (const { shape, unit } of TIMES)
    t = t.replace(shape, (_, whole: string, part: string) => `${sixtieths(whole, part)} ${unit}`);
  if (!/[°º]/.test(t)) return t;
  return t
    .replace(DEGREES, (_, whole: string, part: string) => `${sixtieths(whole, part)}°`)
    .replace(MINUTES_OF_ARC, (_, part: string) => `${sixtieths('0', part)}°`);
}
