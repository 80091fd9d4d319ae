import type { Channel } from '../channel';
import type { TraceFormat, TraceReader } from './contract';
import { cellsOf, encodingOf, guessSigns, isFigure, linesOf } from './csv-cells';
import { nameAndUnit } from './csv-names';
import { countedFromFirst } from './clock-start';
import { clockSeconds, isClock, timeUnitOf } from './csv-time';
import { figureText, isUnit } from './figure-text';
import { ByteBuffer } from './byte-buffer';
import { onEvenSteps } from './grid';
import { SECONDS, Unreadable, type Preview, type ReadAs } from './read-as';

/** A table with one value in each row: when, of which signal, how much. */
interface Layout {
  separator: ReadAs['separator'];
  decimal: '.' | ',';
  time: number;
  signal: number;
  value: number;
  unit: number | undefined;
  timeUnit: ReadAs['timeUnit'];
  first: number;
}

const LOOKED_AT = 400;
const SHOWN = 14;
/** More signals than this are no signals but remarks. */
const MOST_SIGNALS = 64;
/** Bytes that are gathered at the most; what logs one value a row logs slowly. */
const MOST = 200e6;

/** The layout of the beginning of a file; undefined where it is another kind of table. */
function layoutOf(lines: readonly string[]): Layout | undefined {
  const signs = guessSigns(lines);
  if (!signs || signs.columns < 3 || signs.columns > 6) return undefined;
  const { separator, decimal } = signs;
  const table = lines.slice(0, LOOKED_AT).map((l) => cellsOf(l, separator));
  const rows = table.filter((r) => r.length === signs.columns && r.some((c) => isFigure(c, decimal)));
  if (rows.length < 6) return undefined;
  const column = (i: number) => rows.map((r) => r[i]!);
  const figures = (i: number) => column(i).filter((c) => isFigure(c, decimal)).length > 0.95 * rows.length;
  const numbers = Array.from({ length: signs.columns }, (_, i) => i).filter(figures);
  const [time, value] = numbers;
  if (numbers.length !== 2 || time === undefined || value === undefined) return undefined;
  const words = Array.from({ length: signs.columns }, (_, i) => i).filter((i) => !numbers.includes(i));
  const distinct = (i: number) => new Set(column(i)).size;
  const signal = words.find((i) => {
    const n = distinct(i);
    // The next row is mostly of another signal, unlike a state that stays for a while.
    const changes = column(i).filter((c, k, all) => k > 0 && c !== all[k - 1]).length;
    return n >= 2 && n <= MOST_SIGNALS && n <= rows.length / 3 && changes > 0.5 * rows.length;
  });
  if (signal === undefined) return undefined;
  const at = (r: readonly string[]) => momentOf(r[time]!, decimal);
  if (rows.some((r, k) => k > 0 && at(r) < at(rows[k - 1]!))) return undefined;
  const unit = words.find((i) => i !== signal && column(i).filter(isUnit).length > 0.8 * rows.length);
  const first = table.indexOf(rows[0]!);
  const head = table.slice(0, first).findLast((r) => r.length === signs.columns);
  return {
    separator,
    decimal,
    time,
    signal,
    value,
    unit,
    timeUnit: isClock(rows[0]![time]!) ? 'clock' : (timeUnitOf(nameAndUnit(head?.[time] ?? '').unit) ?? 's'),
    first,
  };
}

const momentOf = (cell: string, decimal: '.' | ','): number =>
  isClock(cell) ? clockSeconds(cell) : (figureText(cell, decimal)?.value ?? NaN);

const textOf = (bytes: Uint8Array): string[] =>
  linesOf(bytes, encodingOf(bytes)).map((l, i) => (i === 0 ? l.replace(/^\uFEFF/, '') : l));

/** Values of each signal with their moments, in the order in which the signals first appear. */
function signalsOf(lines: readonly string[], o: Layout) {
  const by = new Map<string, { unit: string; times: number[]; values: number[] }>();
  const factor = o.timeUnit === 'clock' ? 1 : SECONDS[o.timeUnit];
  let left = 0;
  for (const line of lines.slice(o.first)) {
    if (line.trim() === '') continue;
    const cells = cellsOf(line, o.separator);
    const named = nameAndUnit(cells[o.signal] ?? '');
    const time = momentOf(cells[o.time] ?? '', o.decimal) * factor;
    const figure = figureText(cells[o.value] ?? '', o.decimal);
    if (named.name === '' || Number.isNaN(time) || !figure) {
      left++;
      continue;
    }
    const unit = (o.unit === undefined ? '' : (cells[o.unit] ?? '')) || named.unit || figure.unit;
    let own = by.get(named.name);
    if (!own) by.set(named.name, (own = { unit, times: [], values: [] }));
    own.times.push(time);
    own.values.push(figure.value);
  }
  return { by, left };
}

class LongTableReader implements TraceReader {
  private readonly gathered = new ByteBuffer();
  private bytes = 0;

  constructor(private readonly as: ReadAs) {}

  push(piece: Uint8Array): void {
    this.bytes += piece.length;
    if (this.bytes > MOST)
      throw new Unreadable(
        'This table has one value in each row and is longer than 200 MB. Export a shorter stretch.',
      );
    this.gathered.push(piece);
  }

  end() {
    const lines = new TextDecoder(this.as.encoding).decode(this.gathered.whole()).split(/\r\n|\n|\r/);
    lines[0] = lines[0]!.replace(/^\uFEFF/, '');
    const layout = layoutOf(lines);
    if (!layout) throw new Unreadable('The rows of this table do not name a signal and a value each.');
    const { by, left } = signalsOf(lines, layout);
    const notes = left > 0 ? [`${left} rows without a moment, a name or a figure are left out.`] : [];
    const channels = [...by].flatMap(([name, s], i): Channel[] => {
      const column = this.as.columns[i];
      if (column?.use === 'skip') return [];
      if (s.times.length < 2) {
        notes.push(`"${name}" has one value only and is left out.`);
        return [];
      }
      const samples = Float32Array.from(s.values, (v) => v * (column?.times ?? 1));
      const grid = onEvenSteps(
        Float64Array.from(s.times),
        [{ name: column?.name ?? name, unit: column?.unit ?? s.unit, samples }],
        (k) => `value ${k + 1} of "${name}"`,
      );
      notes.push(...grid.notes.filter((n) => !notes.includes(n)));
      return grid.channels;
    });
    if (channels.length === 0) throw new Unreadable('No signal is taken; choose at least one.');
    const counted = countedFromFirst(channels, { ...this.as, timeUnit: layout.timeUnit });
    return { channels: counted.channels, notes: [...notes, ...counted.notes] };
  }
}

/** Tables with one value in each row: time, name of the signal, value. */
export const longTable: TraceFormat = {
  id: 'long-table',
  name: 'Table with one value a row',
  endings: [],
  fits: (head) => (layoutOf(textOf(head.subarray(0, 64 * 1024))) ? 0.6 : 0),
  preview(head, corrected): Preview {
    const lines = textOf(head);
    const layout = layoutOf(lines);
    if (!layout) throw new Unreadable('The rows of this table do not name a signal and a value each.');
    const { by } = signalsOf(lines, layout);
    const rows = lines
      .slice(Math.max(0, layout.first - 4), layout.first + SHOWN)
      .map((l) => cellsOf(l, layout.separator));
    if (corrected) return { readAs: corrected, rows, notes: [] };
    return {
      readAs: {
        format: 'long-table',
        encoding: encodingOf(head),
        separator: layout.separator,
        decimal: layout.decimal,
        skip: layout.first,
        columns: [...by].slice(0, MOST_SIGNALS).map(([name, s]) => ({
          name: name.slice(0, 120),
          unit: s.unit.slice(0, 40),
          use: 'channel',
          times: 1,
        })),
        timeUnit: layout.timeUnit,
        interval: null,
        clockFrom: 'first',
      },
      rows,
      notes: [`One value in each row: ${by.size} signals in the part that was looked at.`],
    };
  },
  reader: (as) => new LongTableReader(as),
};
