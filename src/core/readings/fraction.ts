/** Shares of an inch or of a turn as they are marked on tools: `3/32"`, `1 1/2 turns`, `5/32` of tread. */
const FRACTION = /(?<![\d/.,])(?:(\d{1,2})\s)?(\d{1,2})\/(2|4|8|16|32|64)(?![\d/])/g;
/** Of thirty-second parts of an inch nobody says what they are parts of. Of quarters, "2/4" may be two of four. */
const PARTS_OF_AN_INCH = new Set(['16', '32', '64']);

/**
 * Writes fractions out as decimals, where they can only be fractions.
 *
 * @param text a reading or a limit as typed
 * @returns the text with each such fraction as a decimal number; the same text where there is none
 * @example fractionsAsDecimals('1/4 to 1/2 turn') // '0.25 to 0.5 turn'
 */
export function fractionsAsDecimals(text: string): string {
  // In a range the unit stands behind the last one.
  const named = /\d\/\d{1,2}\s?(?:"|″|in\b|inch|turns?\b)/.test(text);
  return text.replace(FRACTION, (whole, ones: string | undefined, over: string, under: string) => {
    if (!named && !PARTS_OF_AN_INCH.has(under)) return whole;
    const decimal = String(Number(ones ?? 0) + Number(over) / Number(under));
    return named ? decimal : `${decimal} in`;
  });
}
