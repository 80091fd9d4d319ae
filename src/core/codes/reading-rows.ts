import { liveFits } from './live';
import { findCodes, type Became, type ScanReport } from './report';

/** Numbers of the lines that rows of one kind came from: `rows[row]`. */
export function linesOfRows(
  report: Pick<ScanReport, 'lines'>,
  kinds: readonly Became[],
): Map<number, number[]> {
  const rows = new Map<number, number[]>();
  for (const { n, became, row } of report.lines) {
    if (row === undefined || !kinds.includes(became)) continue;
    rows.set(row, [...(rows.get(row) ?? []), n]);
  }
  return rows;
}

/** Under this a person has to look. */
export const SURE_ENOUGH = 0.8;

/** A fault without a code of a standard (P1B4D is one) or a number of its maker's own. */
const inWords = (code: string): boolean => findCodes(code).length === 0 && !/\d{2}/.test(code);

/**
 * How sure each line of a photographed report is once it is known what it became: a fault in words only, on a photo
 * on which others have codes, is one whose code was not read; a live value that cannot be was read wrongly.
 *
 * @param report read of the photo's text
 * @param sure of each line by its letters
 */
export function sureOfPicture(report: ScanReport, sure: readonly number[]): (n: number) => number {
  const doubtful = new Set(
    report.lines.flatMap(({ n, became, row }) =>
      became === 'code' && row !== undefined && inWords(report.codes[row]?.code ?? '') ? [n] : [],
    ),
  );
  for (const { n, became, row } of report.lines) {
    const live = became === 'live value' && row !== undefined ? report.live[row] : undefined;
    if (live && !liveFits(live.name, live.entered)) doubtful.add(n);
  }
  return (n) => (doubtful.has(n) ? Math.min(0.5, sure[n - 1] ?? 0) : (sure[n - 1] ?? 0));
}

/**
 * The rows of a report, each with the lines it came from and how sure those are.
 *
 * @param report as read
 * @param sureOf how sure a line is, 0 to 1; 1 for text
 */
export function rowsWithLines(report: ScanReport, sureOf: (n: number) => number = () => 1) {
  const withLines = <T extends object>(list: readonly T[], kinds: readonly Became[]) => {
    const at = linesOfRows(report, kinds);
    return list.map((item, i) => {
      const lines = at.get(i) ?? [];
      // The line it begins in says what it is; those below add words to it.
      return { ...item, lines, sure: lines.length ? sureOf(lines[0]!) : 1 };
    });
  };
  return {
    modules: withLines(
      report.modules.map((m) => ({ ...m, read: m.read ?? true })),
      ['module'],
    ),
    codes: withLines(report.codes, ['code', 'status', 'text', 'detail']),
    live: withLines(report.live, ['live value']),
    freeze: withLines(report.freeze, ['freeze frame']),
    monitors: withLines(report.monitors, ['monitor']),
  };
}
