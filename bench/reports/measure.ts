import { GROUPS, printReport } from './index';
import type { Layout } from './kit';
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

const SEEDS = { from: 201, count: 25 };

/** A table of all groups, clean and spoiled. */
export function reportsTable(): string {
  const percent = (x: number) => `${(x * 100).toFixed(1)}`;
  const rows = Object.entries(GROUPS).flatMap(([group, layouts]) =>
    [false, true].map((spoiled) => {
      const s = shares(measureReports(layouts, SEEDS, spoiled));
      const cells = PARTS.map(
        (p) => `${percent(s[p].right)} / ${percent(s[p].wrong)} / ${percent(s[p].unread)}`,
      );
      return `| ${group}, ${layouts.length} layouts | ${spoiled ? 'spoiled' : 'clean'} | ${cells.join(' | ')} |`;
    }),
  );
  return [
    `Right / wrong / unread in per cent, ${SEEDS.count} reports of each layout.`,
    '',
    `| Layouts | | ${PARTS.join(' | ')} |`,
    `|---|---|${PARTS.map(() => '---').join('|')}|`,
    ...rows,
  ].join('\n');
}
