import type { Became, ScanReport } from './report';

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
