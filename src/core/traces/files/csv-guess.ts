import { cellsOf, encodingOf, firstRow, guessSigns, isFigure, linesOf, LOOKED_AT } from './csv-cells';
import { namesAbove } from './csv-names';
import { intervalAbove, isClock, timeColumns, timeUnitOf } from './csv-time';
import { figureText } from './figure-text';
import { Unreadable, type Column, type Preview, type ReadAs } from './read-as';

/** Rows that the preview shows. */
const SHOWN = 14;

/**
 * Reads the beginning of a table of figures: how it is written, where the figures begin, what the
 * columns are called and measured in, which one is the time.
 *
 * @param head the first bytes
 * @param corrected what a person has set; names, units and time are then taken from it
 * @throws Unreadable when there are no figures in it
 */
export function previewCsv(head: Uint8Array, corrected?: ReadAs): Preview {
  const encoding = corrected?.encoding ?? encodingOf(head);
  const lines = linesOf(head, encoding).map((l, i) => (i === 0 ? l.replace(/^\uFEFF/, '') : l));
  const signs = guessSigns(lines);
  const separator = corrected?.separator ?? signs?.separator;
  const decimal = corrected?.decimal ?? signs?.decimal;
  if (!separator || !decimal)
    throw new Unreadable(
      'There are no rows of figures in the first part of this file. Vantle reads tables (CSV), JSON, WAV and candump logs; export the recording as one of these.',
    );
  const table = lines.map((l) => cellsOf(l, separator));
  const asGuessed = separator === signs?.separator && decimal === signs.decimal;
  const columns = asGuessed
    ? signs.columns
    : mostOf(table.filter((r) => r.length > 1 || r[0] !== '').map((r) => r.length));
  const first = corrected?.skip ?? firstRow(table.slice(0, LOOKED_AT), columns, decimal);
  const shown = table.slice(Math.max(0, first - 6), first + SHOWN);
  if (corrected) {
    const kept = Array.from({ length: Math.max(columns, 1) }, (_, i) => corrected.columns[i] ?? blank(i));
    return {
      readAs: { ...corrected, encoding, columns: kept },
      rows: shown,
      notes: notesOn(corrected, kept),
    };
  }
  const figures = table
    .slice(first, first + LOOKED_AT)
    .filter((r) => r.length <= columns && r.some((c) => isFigure(c, decimal)));
  const named = namesAbove(table.slice(0, first), figures[0] ?? [], columns, decimal);
  const stated = intervalAbove(lines.slice(0, first));
  const times = timeColumns(named, figures, decimal, stated !== null);
  const time = times[0] ?? -1;
  const holds = (i: number) => figures.some((r) => figureText(r[i] ?? '', decimal) !== undefined);
  const useOf = (i: number): Column['use'] => {
    if (times.includes(i)) return 'time';
    return holds(i) ? 'channel' : 'skip';
  };
  const cells = named.map((c, i): Column => ({ ...c, use: useOf(i), times: 1 }));
  const clock = time >= 0 && isClock(figures[0]?.[time] ?? '');
  const readAs: ReadAs = {
    format: 'csv',
    encoding,
    separator,
    decimal,
    skip: first,
    columns: cells,
    timeUnit: clock ? 'clock' : (timeUnitOf(named[time]?.unit ?? '') ?? 's'),
    interval: time < 0 ? stated : null,
    clockFrom: 'first',
  };
  return { readAs, rows: shown, notes: notesOn(readAs, cells) };
}

function notesOn(as: ReadAs, columns: readonly Column[]): string[] {
  const notes: string[] = [];
  if (!columns.some((c) => c.use === 'time') && as.interval === null)
    notes.push(
      'No column tells the time and no sample rate is given: enter the rate, or choose the time column.',
    );
  if (!columns.some((c) => c.use === 'channel'))
    notes.push('No column is taken as a channel; choose at least one.');
  return notes;
}

const blank = (i: number): Column => ({ name: `column ${i + 1}`, unit: '', use: 'channel', times: 1 });

function mostOf(counts: readonly number[]): number {
  const by = new Map<number, number>();
  for (const n of counts) by.set(n, (by.get(n) ?? 0) + 1);
  return [...by].sort((a, b) => b[1] - a[1])[0]?.[0] ?? 0;
}
