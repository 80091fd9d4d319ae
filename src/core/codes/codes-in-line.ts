/** Between two codes of a bare list; the second may have its status before it: `P0171 and one pending P0420`. */
const BARE =
  /^[\s,;/+&|]*(?:\(?\d{1,3} ?[x×]\)?[\s,;/+&|]*)?(?:and|und|et|y|e|plus)?[\s,;/+&|]*(?:(?:an?|one) )?(?:(?:pending|stored|permanent|history|current|active|intermittent|confirmed) )?$/i;
/** More stands between no two codes of a bare list. */
const LONGEST_GAP = 60;
/** A status at the end of what stands between two codes is that of the second. */
const OF_THE_SECOND = /(?:pending|stored|permanent|history|current|active|intermittent|confirmed) $/i;

/**
 * Takes a line that names several codes apart, so that none is taken for the wording of another: `P0102, P0113`,
 * `engine P0102, airbag B1234`. A code inside a sentence (`P0171 lean, see P0174`) is left where it is.
 *
 * @param line one line of a report
 * @param code finds one code
 * @param isModule whether words name a module
 * @returns the pieces in order, each to be read as a line; the line alone where there is nothing to separate
 * @example separateCodes('P0102, P0113', /[PCBU]\d{4}/, () => false) // ['P0102', 'P0113']
 */
export function separateCodes(line: string, code: RegExp, isModule: (words: string) => boolean): string[] {
  const found = [...line.matchAll(new RegExp(code.source, `${code.flags.replace('g', '')}g`))];
  const cuts: { end: number; start: number }[] = [];
  for (const [i, m] of found.entries()) {
    if (i === 0) continue;
    const last = found[i - 1]!;
    if (m[0].toUpperCase() === last[0].toUpperCase()) continue;
    const from = last.index + last[0].length;
    const gap = line.slice(from, m.index);
    if (gap.length <= LONGEST_GAP && BARE.test(gap)) {
      cuts.push({ end: from, start: m.index - (OF_THE_SECOND.exec(gap)?.[0].length ?? 0) });
      continue;
    }
    const mark = Math.max(gap.lastIndexOf(','), gap.lastIndexOf(';'));
    if (mark < 0) continue;
    const lead = gap.slice(mark + 1).trim();
    if (lead === '' || isModule(lead)) cuts.push({ end: from + mark, start: from + mark + 1 });
  }
  return [0, ...cuts.map((c) => c.start)].map((from, i) => line.slice(from, cuts[i]?.end).trim());
}
