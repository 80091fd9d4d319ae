import { readTable } from '@/core/exchange/old-records';
import { count, tally, type Tally } from './score-done';
import type { DoneSentence } from './done-sentences';
import { printTable, type TableLayout } from './tables';

export interface ColumnScore {
  columns: Tally;
  firstRow: Tally;
  missed: string[];
}

/** Matches the columns of each layout, and holds them against what they are. */
export function scoreColumns(
  layouts: readonly TableLayout[],
  sentences: readonly DoneSentence[],
  seeds: readonly number[],
): ColumnScore {
  const score: ColumnScore = { columns: tally(), firstRow: tally(), missed: [] };
  for (const layout of layouts)
    for (const seed of seeds) {
      const table = printTable(layout, seed, 40, sentences);
      const read = readTable(table.rows);
      count(score.firstRow, String(table.truth.firstRow), String(read.firstRow));
      table.truth.columns.forEach((is, i) => {
        const field = read.columns[i]?.field ?? '';
        // What the truth takes nothing from may be kept as a note.
        const how = is === '' && field === 'note' ? 'right' : count(score.columns, is || null, field || null);
        if (how !== 'right')
          score.missed.push(`${layout.name}: "${layout.columns[i]!.head}" is ${is}, read ${field} (${how})`);
      });
    }
  return score;
}
