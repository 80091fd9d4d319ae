import { figureText } from './figure-text';
import { isEmpty } from './number-bytes';
import { isClock } from './csv-time';
import type { ReadAs } from './read-as';

const SEPARATORS = ['\t', ';', ',', '|', ' '] as const;
/** Lines that the reading of a table is told from. */
export const LOOKED_AT = 400;

/** More than any table of a recording has in a line; the rest of a longer one says nothing of how it is written. */
const LONGEST_LINE = 8000;

/** Cells of a line; a quoted cell may hold the separator; blanks in a row part cells once. */
export function cellsOf(line: string, separator: string): string[] {
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

/** Whether a cell is a figure or a moment. */
export const isFigure = (c: string, decimal: '.' | ','): boolean =>
  figureText(c, decimal) !== undefined || isClock(c);

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

/**
 * The lines at the beginning of a file, without the last, which is cut off somewhere.
 *
 * @param head the first bytes
 * @param encoding as found or chosen
 * @returns lines, each no longer than is looked at
 */
export function linesOf(head: Uint8Array, encoding: ReadAs['encoding']): string[] {
  const lines = new TextDecoder(encoding).decode(head).split(/\r\n|\n|\r/);
  // The last line of a longer file is cut off somewhere.
  if (lines.length > 1) lines.pop();
  return lines.map((l) => l.slice(0, LONGEST_LINE));
}

export interface Signs {
  separator: ReadAs['separator'];
  decimal: '.' | ',';
  columns: number;
}

/** How many columns a table has whose rows may be cut short where the last cells are empty. */
function columnsOf(byCount: ReadonlyMap<number, number>): number {
  const all = [...byCount.values()].reduce((a, b) => a + b, 0);
  const usual = [...byCount].filter(([, rows]) => rows >= Math.max(2, 0.08 * all)).map(([n]) => n);
  return Math.max(...(usual.length > 0 ? usual : byCount.keys()));
}

/**
 * How a table of figures is probably written: separator and decimal sign are those under which most
 * lines are figures throughout, in the same number of columns or fewer.
 *
 * @returns undefined when no reading makes figures of it
 */
export function guessSigns(lines: readonly string[]): Signs | undefined {
  let best: (Signs & { score: number }) | undefined;
  const some = lines.filter((l) => l.trim() !== '').slice(0, LOOKED_AT);
  for (const separator of SEPARATORS)
    for (const decimal of ['.', ','] as const) {
      if (separator === decimal) continue;
      const byCount = new Map<number, number>();
      let sum = 0;
      for (const l of some) {
        const cells = cellsOf(l, separator);
        // A figure that needs explaining counts less than one that stands there.
        const worth = cells.map((c) => (isClock(c) ? 1 : (figureText(c, decimal)?.plain ?? -1)));
        const figures = worth.filter((w) => w !== -1).length;
        // A row of figures may have a few gaps and a status word in it.
        if (figures === 0 || figures * 2 < cells.filter((c) => !isEmpty(c)).length) continue;
        byCount.set(cells.length, (byCount.get(cells.length) ?? 0) + 1);
        const bare = figures - worth.filter((w) => w === false).length;
        sum += (bare + 0.6 * (figures - bare)) / cells.length;
      }
      if (byCount.size === 0) continue;
      const columns = columnsOf(byCount);
      const score = sum * (columns > 1 ? 1 + Math.min(columns, 8) / 100 : 0.5);
      if (!best || score > best.score + 1e-9) best = { separator, decimal, columns, score };
    }
  return best;
}

/**
 * The first row of figures: figures in all columns that mostly hold them. What stands above as a word and a number
 * ("Channels 2") is no row.
 *
 * @param table cells by line
 * @returns its line; 0 when there is none
 */
export function firstRow(table: readonly string[][], columns: number, decimal: '.' | ','): number {
  const counts = new Float64Array(columns);
  const filled = new Float64Array(columns);
  for (const r of table)
    if (r.length > 1 || columns === 1)
      r.slice(0, columns).forEach((c, i) => {
        if (isEmpty(c)) return;
        filled[i]!++;
        if (isFigure(c, decimal)) counts[i]!++;
      });
  const figures = [...counts.keys()].filter((i) => counts[i]! > 0 && counts[i]! >= 0.5 * filled[i]!);
  const isRow = (r: readonly string[]) =>
    r.length <= columns &&
    (r.length > 1 || columns === 1 || figures.includes(0)) &&
    figures.some((i) => isFigure(r[i] ?? '', decimal)) &&
    figures.filter((i) => !isEmpty(r[i] ?? '') && !isFigure(r[i]!, decimal)).length === 0;
  return Math.max(
    0,
    table.findIndex((r, i) => isRow(r) && (i + 1 >= table.length || isRow(table[i + 1]!))),
  );
}
