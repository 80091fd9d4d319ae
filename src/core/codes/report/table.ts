import { labelOf, type Label } from './labels';
import { findCodes } from './place';
import { statusOf } from './status';
import { plainText } from './unmark';
import { cellsOf, linesOf, quotedCells, type Line } from './split';

/** One row of a table under heads: what stands in each column that is known. */
export type Row = { n: number; raw: string } & Partial<Record<Label, string>>;

export interface Table {
  rows: Row[];
  /** Number of lines from the head on that the table takes. */
  length: number;
  /** What its rows are: faults, or live values. */
  of: 'codes' | 'values';
}

/** Columns of a head: what each is about, and how lines are parted into them. */
interface Head {
  labels: (Label | undefined)[];
  names: string[];
  part: (line: Line) => string[] | undefined;
}

/**
 * The table that begins with the line at `i`, where that is a head: at least two known words in columns, one of them
 * for the code, or for name and value.
 *
 * @param lines of the report
 * @param i where the head would be
 * @param label what a head is about
 * @returns its rows, or undefined
 */
export function tableAt(
  lines: readonly Line[],
  i: number,
  label: (cell: string) => Label | undefined = labelOf,
): Table | undefined {
  const head = headOf(lines[i]!, label);
  if (!head) return undefined;
  const has = (label: Label) => head.labels.includes(label);
  const codes = has('code') && (has('text') || has('status') || has('module') || has('detail'));
  const values = !codes && has('value') && (has('name') || has('text'));
  if (!codes && !values) return undefined;
  const rows: Row[] = [];
  let k = i + 1;
  for (; k < lines.length; k++) {
    const line = lines[k]!;
    // The head stands again on every page.
    if (headOf(line, label)?.labels.join() === head.labels.join()) continue;
    let cells = head.part(line);
    const next = lines[k + 1];
    if (!cells && next) {
      // A row that was wrapped goes on in the next line.
      cells = head.part({ ...line, raw: `${line.raw} ${next.raw.trim()}` });
      if (!cells || cells.length !== head.labels.length) break;
      k += 1;
    }
    if (!cells) break;
    const row: Row = { n: line.n, raw: line.raw };
    head.labels.forEach((label, c) => {
      if (label !== undefined) row[label] ??= cells[c] ?? '';
    });
    if (codes) row.code = wholeCode(row.code, head.names, cells);
    row.status ??= tickedStatus(head, cells);
    if (codes && !row.code && !row.module && !row.status) break;
    rows.push(row);
  }
  if (rows.length === 0) return undefined;
  return { rows, length: k - i, of: codes ? 'codes' : 'values' };
}

/** "Present  Stored" over "Yes  No": a column for each status, ticked or not. */
function tickedStatus({ labels, names }: Head, cells: readonly string[]): string | undefined {
  const ticked = names.filter(
    (name, k) =>
      labels[k] === undefined &&
      /^(?:yes|x|ja|oui|sí|true|✓)$/iu.test(cells[k]?.trim() ?? '') &&
      statusOf(name),
  );
  return ticked.length ? ticked.join(', ') : undefined;
}

/** A code of which a part stands in a column of its own: the failure mode of a parameter, the type of a failure. */
function wholeCode(code: string | undefined, names: readonly string[], cells: readonly string[]): string {
  const cell = (name: RegExp) => cells[names.findIndex((n) => name.test(n))]?.trim() ?? '';
  const [spn, fmi] = [cell(/^spn$/iu), cell(/^fmi$/iu)];
  if (/^\d{1,6}$/u.test(spn) && /^\d{1,2}$/u.test(fmi)) return `SPN ${spn} FMI ${fmi}`;
  const type = cell(/^(?:ftb|failure type(?: byte)?|sub ?type)$/iu);
  const [found] = findCodes(code ?? '');
  return found && !found.code.includes('-') && /^[0-9A-F]{2}$/iu.test(type)
    ? `${found.code}-${type.toUpperCase()}`
    : (code ?? '');
}

/** Whether the first line of a text is the head of a table of faults or values. */
export function beginsWithTable(text: string): boolean {
  const lines = linesOf(plainText(text.slice(0, 20_000)));
  return lines.length > 1 && tableAt(lines, 0) !== undefined;
}

const isSpn = (cell: string): boolean => /^spn$/iu.test(cell);

function headOf(line: Line, label: (cell: string) => Label | undefined): Head | undefined {
  // The source of a parameter's fault is its controller; of anything else it may be a person.
  const labelsOf = (cells: readonly string[]) =>
    cells.map(
      (c) => label(c) ?? (/^source(?: address)?$/iu.test(c) && cells.some(isSpn) ? 'module' : undefined),
    );
  const commas = line.raw.split(',').length > 2 ? quotedCells(line.raw, ',') : [];
  const semicolons = line.raw.includes(';') ? quotedCells(line.raw, ';') : [];
  for (const [separator, cells] of [
    [';', semicolons],
    [',', commas],
  ] as const) {
    const labels = labelsOf(cells);
    if (labels.filter((l) => l !== undefined).length >= 2 && labels.length === cells.length)
      return {
        labels,
        names: cells,
        part: ({ raw }) => {
          if ((raw.match(/"/g)?.length ?? 0) % 2 === 1) return undefined;
          const row = quotedCells(raw, separator);
          return row.length >= 2 && row.length >= cells.length - 1 ? row : undefined;
        },
      };
  }
  if (line.cells.length < 2) return undefined;
  const labels = labelsOf(line.cells);
  if (labels.filter((l) => l !== undefined).length < Math.max(2, line.cells.length - 2)) return undefined;
  if (findCodes(line.text).length) return undefined;
  const marked = /[\t|│║;]/u.test(line.raw);
  return { labels, names: line.cells, part: marked ? byMark(line.cells.length) : byPlace(line) };
}

const byMark = (columns: number) => (line: Line) => {
  if (!/[\t|│║;]/u.test(line.raw)) return undefined;
  const cells = cellsOf(line.raw.includes('\t') ? line.raw.replace(/[\r\n]/g, '') : line.raw);
  // A spreadsheet leaves trailing empty cells away.
  return cells.length >= 2 && cells.length <= columns + 1 ? cells : undefined;
};

/** Columns by the places of the heads above them; a line whose words run across a border is not of this table. */
const byPlace = (head: Line) => {
  const starts = head.cells.reduce<number[]>((at, cell) => {
    at.push(head.raw.indexOf(cell, at.length ? at.at(-1)! + 1 : 0));
    return at;
  }, []);
  return ({ raw, cells }: Line): string[] | undefined => {
    const crosses = starts.slice(1).some((s) => /\S/u.test(raw[s - 1] ?? ' ') && /\S/u.test(raw[s] ?? ' '));
    if (!crosses) return starts.map((s, k) => raw.slice(k === 0 ? 0 : s, starts[k + 1]).trim());
    return cells.length === starts.length ? cells : undefined;
  };
};

/** As in mark-up, or as in an object of JSON. */
const ATTRIBUTE = /(?<![\p{L}_-])"?([\p{L}_-]{1,60})"?\s*[=:]\s*"([^"]*)"/gu;

/** A line of `name="value"` or `"name": "value"` pairs, as a row. */
export function attributesOf(line: Line, next?: Line): (Row & { wrapped: boolean }) | undefined {
  const here = [...line.raw.matchAll(ATTRIBUTE)];
  if (here.length < 2) return undefined;
  const whole = /"\s*[\]},]*\s*$/u.test(line.raw);
  const below = next && ![...next.raw.matchAll(ATTRIBUTE)].some((m) => here.some((h) => h[1] === m[1]));
  const wrapped = next !== undefined && ((below === true && /[=:]\s*"/u.test(next.raw)) || !whole);
  const pairs = [...(wrapped ? `${line.raw} ${next.raw.trim()}` : line.raw).matchAll(ATTRIBUTE)];
  const row: Row & { wrapped: boolean } = { n: line.n, raw: line.raw, wrapped };
  for (const [, name, value] of pairs) {
    const label = labelOf(name!);
    if (label !== undefined) row[label] ??= value!.trim();
  }
  return row.code === undefined ? undefined : row;
}

/**
 * Faults of which each field stands on a line of its own: `Code: P0301`, `Status: stored`; or the label on one line
 * and the value on the next.
 *
 * @param lines of the report
 * @param i where the first field would be
 * @returns one row per fault, or undefined where fewer than two fields of a fault begin here
 */
export function recordsAt(lines: readonly Line[], i: number): Table | undefined {
  const fields: { n: number; label: Label; value: string }[] = [];
  let k = i;
  while (k < lines.length) {
    const line = lines[k]!;
    const own = /^([^:=\t]{2,30}?)\s*(?::\s|=|\t|:$|\s{3})\s*(.*)$/u.exec(line.text);
    const label = own ? labelOf(own[1]!) : undefined;
    if (label !== undefined && FIELDS.has(label) && own![2]!.trim() !== '') {
      fields.push({ n: line.n, label, value: own![2]!.trim() });
      k += 1;
      continue;
    }
    // A wording that was wrapped goes on, when a field follows.
    const then = lines[k + 1];
    const thenLabel = then && /^([^:=\t]{2,30}?)\s*(?::\s|=|\t)/u.exec(then.text)?.[1];
    if (fields.at(-1)?.label === 'text' && thenLabel && FIELDS.has(labelOf(thenLabel) ?? 'skip') && !own) {
      fields.at(-1)!.value += ` ${line.text}`;
      k += 1;
      continue;
    }
    const alone = labelOf(line.text.replace(/:$/u, ''));
    const next = lines[k + 1];
    if (
      alone !== undefined &&
      FIELDS.has(alone) &&
      line.cells.length === 1 &&
      next &&
      labelOf(next.text) === undefined
    ) {
      fields.push({ n: next.n, label: alone, value: next.text });
      k += 2;
      continue;
    }
    break;
  }
  const kinds = new Set(fields.map((f) => f.label));
  if (
    !kinds.has('code') ||
    kinds.size < 2 ||
    !fields.filter((f) => f.label === 'code').every((f) => isCode(f.value))
  )
    return undefined;
  const first = fields[0]!.label;
  const rows: Row[] = [];
  for (const f of fields) {
    const open = rows.at(-1);
    // A field that is there already begins the next fault; so does the one that began the first.
    const begins =
      !open || (f.label in open && f.label !== 'detail') || (f.label === first && first !== 'detail');
    const row: Row = begins ? { n: f.n, raw: f.value } : open;
    if (begins) rows.push(row);
    row[f.label] ??= f.value;
    if (f.label === 'code') row.n = f.n;
  }
  carryModule(rows, first);
  return { rows, length: k - i, of: 'codes' };
}

const FIELDS: ReadonlySet<Label> = new Set(['code', 'text', 'status', 'module', 'detail']);
/** Codes and nothing beside them: with a wording behind it, it is a line of its own and no field. */
const isCode = (value: string): boolean => {
  const found = findCodes(value);
  const beside = found.reduceRight((left, f) => left.slice(0, f.at) + left.slice(f.end), value);
  return found.length > 0 ? !/\p{L}{3}/u.test(beside) : /^[0-9A-F]{4,8}$/iu.test(value.trim());
};

/** Where the module was said once for several faults, it holds for those below. */
function carryModule(rows: Row[], first: Label): void {
  if (first !== 'module') return;
  rows.forEach((row, i) => {
    if (row.module === undefined && i > 0) row.module = rows[i - 1]!.module ?? '';
  });
}
