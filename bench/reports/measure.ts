import { GROUPS, printReport } from './index';
import type { Layout } from './kit';
import { HAND_REPORTS, scoreHandReport, type HandReport } from './by-hand';
import { emptyScore, PARTS, scoreReport, type Part, type Score } from './score';

/** Reads reports of each layout, one per seed, and holds them against their truth. */
export function measureReports(
  layouts: readonly Layout[],
  seeds: { from: number; count: number },
  spoiled: boolean,
): Score {
  const score = emptyScore();
  for (const layout of layouts)
    for (let k = 0; k < seeds.count; k++) scoreReport(printReport(layout, seeds.from + k, spoiled), score);
  return score;
}

/** Shares of right, wrong and unread, and how many there were. */
export function shares(
  score: Score,
): Record<Part, { right: number; wrong: number; unread: number; of: number }> {
  return Object.fromEntries(
    PARTS.map((part) => {
      const { right, wrong, unread } = score[part];
      const of = right + wrong + unread || 1;
      return [part, { right: right / of, wrong: wrong / of, unread: unread / of, of }];
    }),
  ) as ReturnType<typeof shares>;
}

/** Reads reports typed by hand and holds them against their truth. */
export function measureByHand(reports: readonly HandReport[]): Score {
  const score = emptyScore();
  for (const report of reports) scoreHandReport(report, score);
  return score;
}

const SEEDS = { from: 201, count: 25 };

/** A table of all groups, clean and spoiled. */
export function reportsTable(): string {
  const percent = (x: number) => `${(x * 100).toFixed(1)}`;
  const cellsOf = (score: Score) => {
    const s = shares(score);
    return PARTS.map((p) => `${percent(s[p].right)} / ${percent(s[p].wrong)} / ${percent(s[p].unread)}`).join(
      ' | ',
    );
  };
  const byHand = Object.entries(HAND_REPORTS).map(
    ([set, reports]) =>
      `| typed by hand, ${set}, ${reports.length} reports | as they are | ${cellsOf(measureByHand(reports))} |`,
  );
  const rows = Object.entries(GROUPS).flatMap(([group, layouts]) =>
    [false, true].map((spoiled) => {
      const cells = cellsOf(measureReports(layouts, SEEDS, spoiled));
      return `| ${group}, ${layouts.length} layouts | ${spoiled ? 'spoiled' : 'clean'} | ${cells} |`;
    }),
  );
  return [
    `Right / wrong / unread in per cent, ${SEEDS.count} reports of each layout.`,
    '',
    `| Layouts | | ${PARTS.join(' | ')} |`,
    `|---|---|${PARTS.map(() => '---').join('|')}|`,
    ...rows,
    ...byHand,
  ].join('\n');
}
