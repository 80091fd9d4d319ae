import type { Catalogue } from '@/core/cause';
import {
  dateColumn,
  jobsOf,
  makesIn,
  readJob,
  readTable,
  type RecordField,
} from '@/core/exchange/old-records';
import { SHIPPED } from '@/core/symptoms';
import type { DoneSentence } from './done-sentences';
import { count, tally, type Tally } from './score-done';
import { printTable, type TableLayout } from './tables';

export const ROW_PARTS = ['day', 'make', 'model', 'year', 'plate', 'VIN', 'codes', 'part'] as const;
export interface RowScore {
  of: Record<(typeof ROW_PARTS)[number], Tally>;
  missed: string[];
}

const folded = (s: string | undefined) => (s ?? '').toLowerCase().replace(/[^a-z0-9]/g, '');

/** Reads the jobs of printed tables and holds each against its truth, as far as the layout shows it. */
export function scoreRows(
  layouts: readonly TableLayout[],
  sentences: readonly DoneSentence[],
  seeds: readonly number[],
  catalogue: Catalogue,
): RowScore {
  const score: RowScore = {
    of: Object.fromEntries(ROW_PARTS.map((p) => [p, tally()])) as RowScore['of'],
    missed: [],
  };
  for (const layout of layouts)
    for (const seed of seeds) {
      const { rows, truth } = printTable(layout, seed, 40, sentences);
      const table = readTable(rows);
      const columns = table.columns.map((c) => c.field);
      const column = (field: RecordField) => {
        const at = columns.indexOf(field);
        return at < 0 ? [] : rows.slice(table.firstRow).map((r) => r[at] ?? '');
      };
      const reader = {
        columns,
        dateOrder: dateColumn(column('date')).order,
        odometerUnit: '',
        makes: makesIn(column('vehicle'), []),
        catalogue,
        vocabulary: SHIPPED,
        today: '2026-11-28',
      };
      const shows = (is: string) => truth.columns.some((c) => c === is);
      for (const job of jobsOf(rows, table.firstRow, columns)) {
        const is = truth.jobs[job.rows[0]! - truth.firstRow];
        if (!is) continue;
        const read = readJob(job.cells, reader);
        const file = read.state === 'read' ? read.file : undefined;
        const say = (part: (typeof ROW_PARTS)[number], t: string | null, r: string | null | undefined) => {
          const how = count(score.of[part], t || null, r || null);
          if (how !== 'right')
            score.missed.push(
              `${layout.name}: ${part} is ${t}, read ${r} (${how}) — ${job.cells.join(' | ')}`,
            );
        };
        say('day', is.day, file?.openedAt.slice(0, 10));
        if (shows('make') || shows('vehicle')) say('make', folded(is.make), folded(file?.vehicle.make));
        if (shows('model') || shows('vehicle')) {
          const model = folded(file?.vehicle.model);
          // An engine's code that stays with the model is not told apart, and not wrong.
          say(
            'model',
            folded(is.model),
            model.startsWith(folded(is.model)) && model !== folded(is.model) ? null : model,
          );
        }
        if (shows('year')) say('year', String(is.year), file?.vehicle.year?.toString());
        if (shows('plate')) say('plate', folded(is.plate), folded(file?.vehicle.plate));
        if (shows('vin')) say('VIN', is.vin, file?.vehicle.vin);
        if (shows('codes')) {
          const shown = findShown(job.cells, is.codes);
          const codes = (file?.scans ?? []).flatMap((s) => s.read?.codes ?? []).map((c) => c.code);
          say('codes', shown.sort().join(' '), codes.sort().join(' '));
        }
        say('part', is.done.part, read.state === 'read' ? read.done.part?.name : null);
      }
    }
  return score;
}

/** Of the codes of a job, those that its row shows. */
const findShown = (cells: readonly string[], codes: readonly string[]): string[] =>
  codes.filter((c) => cells.some((cell) => cell.toUpperCase().includes(c)));
