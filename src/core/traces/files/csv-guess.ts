import { isEmpty, isNumber } from './number-bytes';
import { Unreadable, type Column, type Preview, type ReadAs, type TimeUnit } from './read-as';

const SEPARATORS = ['\t', ';', ',', '|', ' '] as const;
/** Rows that the preview shows. */
const SHOWN = 14;
const LOOKED_AT = 400;

/** Cells of a line; a quoted cell may hold the separator; blanks in a row part cells once. */
function cellsOf(line: string, separator: string): string[] {
  const text = separator === ' ' ? line.trim().replace(/ +/g, ' ') : line;
  if (!text.includes('"')) return text.split(separator).map((c) => c.trim());
  const cells: string[] = [];
  let cell = '';
  let quoted = false;
  for (const c of text) {
    if (c === '"') quoted = !quoted;
    else if (c === separator && !quoted) {
      cells.push(cell.trim());
      cell = '';
    } else cell += c;
  }
  cells.push(cell.trim());
  return cells;
}

const CLOCK = /^(?:\d{4}-\d\d-\d\d[T ])?\d{1,2}:\d\d(?::\d\d(?:[.,]\d+)?)?$/;
const isFigure = (c: string, decimal: '.' | ',') => isNumber(c, decimal) || CLOCK.test(c);

/** Text encoding by byte order mark, else by whether it is valid UTF-8. */
export function encodingOf(head: Uint8Array): ReadAs['encoding'] {
  if (head[0] === 0xff && head[1] === 0xfe) return 'utf-16le';
  try {
    // The head may end within a letter.
    new TextDecoder('utf-8', { fatal: true }).decode(head, { stream: true });
    return 'utf-8';
  } catch {
    return 'windows-1252';
  }
}

export function linesOf(head: Uint8Array, encoding: ReadAs['encoding']): string[] {
  const lines = new TextDecoder(encoding).decode(head).split(/\r\n|\n|\r/);
  // The last line of a longer file is cut off somewhere.
  if (lines.length > 1) lines.pop();
  return lines;
}

/**
 * How a table of figures is probably written: separator and decimal sign are those under which most
 * lines are figures throughout, in the same number of columns.
 *
 * @returns undefined when no reading makes figures of it
 */
function guessSigns(lines: readonly string[]) {
  let best:
    { separator: ReadAs['separator']; decimal: '.' | ','; columns: number; score: number } | undefined;
  const some = lines.filter((l) => l.trim() !== '').slice(0, LOOKED_AT);
  for (const separator of SEPARATORS)
    for (const decimal of ['.', ','] as const) {
      if (separator === decimal) continue;
      const byCount = new Map<number, number>();
      for (const l of some) {
        const cells = cellsOf(l, separator);
        const figures = cells.filter((c) => isFigure(c, decimal)).length;
        // A row of figures may have a few gaps and a status word in it.
        if (figures > 0 && figures * 2 >= cells.filter((c) => !isEmpty(c)).length)
          byCount.set(cells.length, (byCount.get(cells.length) ?? 0) + figures / cells.length);
      }
      for (const [columns, rows] of byCount) {
        const score = rows * (columns > 1 ? 1 + Math.min(columns, 8) / 100 : 0.5);
        if (!best || score > best.score + 1e-9) best = { separator, decimal, columns, score };
      }
    }
  return best;
}

const UNIT_CELL = /^[([]?\s*([a-zµμ°Ω%/²³·0-9^*-]{1,12})\s*[)\]]?$/i;
const IN_BRACKETS = /^(.*?)\s*[([]([^()[\]]{1,14})[)\]]\s*$/;
const TIME_NAME = /^(time|zeit|temps|tiempo|tempo|t|timestamp|elapsed|seconds?|secs?|x|clock)\b|time$/i;
const INTERVAL_LINE =
  /(interval|sample\s*time|step|\bdt\b|increment)\D*?([\d.,]+(?:e[+-]?\d+)?)\s*(ns|µs|us|ms|s)?/i;
const RATE_LINE =
  /(sampl\w*\s*(rate|frequency)|\bfs\b|rate|frequency)\D*?([\d.,]+(?:e[+-]?\d+)?)\s*([kM]?)\s*(hz|sa?\/s|s\/s)?/i;
const TIME_UNIT: Record<string, TimeUnit> = {
  s: 's',
  sec: 's',
  secs: 's',
  second: 's',
  seconds: 's',
  ms: 'ms',
  msec: 'ms',
  milliseconds: 'ms',
  us: 'µs',
  µs: 'µs',
  μs: 'µs',
  usec: 'µs',
  ns: 'ns',
  min: 'min',
  h: 'h',
};

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
  const isRow = (r: string[]) =>
    r.length === columns &&
    r.some((c) => isFigure(c, decimal)) &&
    r.filter((c) => isFigure(c, decimal)).length * 2 >= r.filter((c) => !isEmpty(c)).length;
  const first =
    corrected?.skip ??
    Math.max(
      0,
      table.findIndex((r, i) => isRow(r) && (isRow(table[i + 1] ?? r) || i + 1 >= table.length)),
    );
  const shown = table.slice(Math.max(0, first - 6), first + SHOWN);
  if (corrected) {
    const kept = Array.from({ length: Math.max(columns, 1) }, (_, i) => corrected.columns[i] ?? blank(i));
    return {
      readAs: { ...corrected, encoding, columns: kept },
      rows: shown,
      notes: notesOn(corrected, kept),
    };
  }
  const figures = table.slice(first, first + LOOKED_AT).filter(isRow);
  const named = namesAbove(table.slice(0, first), columns, decimal);
  const stated = intervalAbove(lines.slice(0, first));
  const time = timeColumn(named, figures, decimal, stated !== null);
  const cells: Column[] = named.map((c, i) => ({
    ...c,
    use: i === time ? 'time' : figures.some((r) => isNumber(r[i] ?? '', decimal)) ? 'channel' : 'skip',
    times: 1,
  }));
  const clock = time >= 0 && CLOCK.test(figures[0]?.[time] ?? '');
  const readAs: ReadAs = {
    format: 'csv',
    encoding,
    separator,
    decimal,
    skip: first,
    columns: cells,
    timeUnit: clock ? 'clock' : (TIME_UNIT[(named[time]?.unit ?? '').toLowerCase()] ?? 's'),
    interval: time < 0 ? stated : null,
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

/** Names and units from the lines above the figures: a row of names, perhaps a row of units under it. */
function namesAbove(
  above: readonly string[][],
  columns: number,
  decimal: '.' | ',',
): { name: string; unit: string }[] {
  const rows = above.filter(
    (r) => r.length === columns && r.some((c) => c !== '') && !r.some((c) => isNumber(c, decimal)),
  );
  const last = rows.at(-1);
  const before = rows.at(-2);
  const unitsLast =
    last !== undefined && before !== undefined && last.every((c) => c === '' || UNIT_CELL.test(c));
  const names = unitsLast ? before : last;
  const units = unitsLast ? last : undefined;
  return Array.from({ length: columns }, (_, i) => {
    const raw = names?.[i] ?? '';
    const unit = units?.[i] ? (UNIT_CELL.exec(units[i])?.[1] ?? '') : undefined;
    const inside = unit === undefined ? IN_BRACKETS.exec(raw) : null;
    const name = (inside ? inside[1]! : raw).slice(0, 120) || (columns === 1 ? 'channel' : `column ${i + 1}`);
    return { name, unit: (unit ?? inside?.[2] ?? '').slice(0, 40) };
  });
}

/** The column that tells the time: by its name, else the first when it rises and no sample rate is stated. */
function timeColumn(
  named: readonly { name: string; unit: string }[],
  rows: readonly string[][],
  decimal: '.' | ',',
  rateStated: boolean,
): number {
  const rises = (i: number) => {
    const values = rows.map((r) =>
      CLOCK.test(r[i] ?? '')
        ? clockSeconds(r[i]!)
        : Number((r[i] ?? '').replace(',', decimal === ',' ? '.' : ',')),
    );
    let up = 0;
    for (let k = 1; k < values.length; k++) if (values[k]! > values[k - 1]!) up++;
    return values.length > 1 && up >= 0.98 * (values.length - 1);
  };
  if (named.length < 2) return -1;
  const byName = named.findIndex((c) => TIME_NAME.test(c.name));
  if (byName >= 0) return byName;
  if (TIME_UNIT[named[0]!.unit.toLowerCase()] !== undefined) return 0;
  return !rateStated && rises(0) ? 0 : -1;
}

/** Seconds of the day (or of the calendar, with a date) of `12:30:01.5` or `2026-03-04T12:30:01.5`. */
export function clockSeconds(text: string): number {
  const m = /^(?:(\d{4})-(\d\d)-(\d\d)[T ])?(\d{1,2}):(\d\d)(?::(\d\d(?:[.,]\d+)?))?$/.exec(text.trim());
  if (!m) return NaN;
  const day = m[1] ? Date.UTC(Number(m[1]), Number(m[2]) - 1, Number(m[3])) / 1000 : 0;
  return day + Number(m[4]) * 3600 + Number(m[5]) * 60 + Number((m[6] ?? '0').replace(',', '.'));
}

function intervalAbove(lines: readonly string[]): number | null {
  for (const l of lines) {
    const step = INTERVAL_LINE.exec(l);
    if (step) {
      const value = Number(step[2]!.replace(',', '.'));
      const unit = { ns: 1e-9, us: 1e-6, µs: 1e-6, ms: 1e-3, s: 1 }[(step[3] ?? 's').toLowerCase()] ?? 1;
      if (value > 0) return value * unit;
    }
    const rate = RATE_LINE.exec(l);
    if (rate) {
      const value = Number(rate[3]!.replace(',', '.')) * (rate[4] === 'k' ? 1e3 : rate[4] === 'M' ? 1e6 : 1);
      if (value > 0) return 1 / value;
    }
  }
  return null;
}
