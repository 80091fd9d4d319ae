/**
 * Text from outside may be anything: a page of blanks, a line of a megabyte. Patterns that look at what stands around a
 * word take time that grows with the square of such a run. What is read is brought to a bounded form first; what is
 * kept and shown stays as it was written.
 */

/** No code, word or number that can be read needs the same character more often than this in a row. */
const LONGEST_RUN = 24;
const RUNS = new RegExp(`(\\s)\\s{${LONGEST_RUN},}|(.)\\2{${LONGEST_RUN},}`, 'gu');

/**
 * Shortens runs of blanks, and of one character, to 24.
 *
 * @param text one or several lines
 * @returns text of the same words
 * @example withoutLongRuns('P0171' + ' '.repeat(800) + 'lean').length // 33
 */
export function withoutLongRuns(text: string): string {
  if (text.length <= LONGEST_RUN) return text;
  return text.replace(RUNS, (_, blank?: string, one?: string) => (blank ?? one!).repeat(LONGEST_RUN));
}

/**
 * Cuts a line into pieces that are not longer than so many characters, at a blank where there is one.
 *
 * @param line without line breaks
 * @param most characters of a piece, at least 1
 * @returns the pieces in order; joined they are the line
 * @example inPieces('fuel trim high', 10) // ['fuel trim ', 'high']
 */
export function inPieces(line: string, most: number): string[] {
  const pieces: string[] = [];
  let from = 0;
  while (line.length - from > most) {
    // Looked for in the piece alone: a line without a blank would be searched from its beginning each time.
    const blank = line.slice(from, from + most).lastIndexOf(' ');
    const to = from + (blank >= 0 ? blank + 1 : most);
    pieces.push(line.slice(from, to));
    from = to;
  }
  pieces.push(line.slice(from));
  return pieces;
}
