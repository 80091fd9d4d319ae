import { findCodes } from '@/core/codes';
import { vinsIn } from '@/core/vehicle';
import { didIn, clausesOf } from './clauses';
import { dateColumn, serialDay } from './dates';
import { fieldsOfHead, isIgnoredHead, MANY, type RecordField } from './fields';

/** A table as it was read: rows of cells, all of them text. */
export type Cells = readonly (readonly string[])[];

export interface ColumnMatch {
  /** From 0, as the table has it. */
  index: number;
  head: string;
  /** What it holds; empty where nothing of it is taken. */
  field: RecordField | '';
  /** What told: its head, what stands in it, or a person. */
  by: 'head' | 'content' | 'person' | '';
  examples: string[];
}

export interface TableReading {
  /** The first row of jobs, from 0. */
  firstRow: number;
  columns: ColumnMatch[];
}

const SAMPLE = 300;
/** Rows that may stand above the heads: a title, a date, an empty line. */
const ABOVE = 15;

/**
 * Finds the heads of a table of past jobs, and what each column holds: by its head, as far as what stands in it
 * does not speak against it, else by what stands in it.
 *
 * @param rows all rows, the heads among them or not
 * @returns where the jobs begin, and what each column holds
 * @example readTable([['Reg', 'Fault'], ['AB12 XYZ', 'no heat']]).columns[0].field // 'plate'
 */
export function readTable(rows: Cells): TableReading {
  const heads = headRow(rows);
  const firstRow = heads === undefined ? 0 : heads + 1;
  const width = Math.max(0, ...rows.slice(0, SAMPLE).map((r) => r.length));
  const columns = Array.from({ length: width }, (_, i) => contentOf(columnOf(rows, firstRow, i)));
  const head = (i: number) => (heads === undefined ? '' : (rows[heads]![i] ?? '').trim());
  const match = Array.from({ length: width }, (_, i): ColumnMatch => ({
    index: i,
    head: head(i),
    field: '',
    by: '',
    examples: columns[i]!.cells.slice(0, 3),
  }));
  byHeads(match, columns);
  byContent(match, columns);
  return { firstRow, columns: match };
}

/** Cells of one column, spread over the whole table. */
function columnOf(rows: Cells, firstRow: number, i: number): string[] {
  const step = Math.max(1, Math.floor((rows.length - firstRow) / SAMPLE));
  const cells: string[] = [];
  for (let r = firstRow; r < rows.length; r += step) {
    const cell = (rows[r]![i] ?? '').trim();
    if (cell !== '') cells.push(cell);
  }
  return cells;
}

/** The row of heads: the one of the first rows in which most cells are words that heads have. */
function headRow(rows: Cells): number | undefined {
  let best: { at: number; known: number } | undefined;
  for (const [at, row] of rows.slice(0, ABOVE).entries()) {
    const full = row.filter((c) => c.trim() !== '');
    const known = full.filter((c) => fieldsOfHead(c).length > 0).length;
    const heady = full.every((c) => c.trim().length <= 60 && dateColumn([c]).share === 0);
    if (heady && known >= 2 && known >= 0.4 * full.length && known > (best?.known ?? 0)) best = { at, known };
  }
  return best?.at ?? wordyRow(rows);
}

/** Heads of no known word: a first row of words alone over columns of figures. */
function wordyRow(rows: Cells): number | undefined {
  const at = rows.findIndex((r) => r.filter((c) => c.trim() !== '').length >= 2);
  if (at < 0 || at >= ABOVE) return undefined;
  const full = rows[at]!.filter((c) => c.trim() !== '');
  const below = rows.slice(at + 1, at + 40);
  if (below.length < 2 || full.some((c) => /\d/.test(c) || c.trim().length > 40)) return undefined;
  const figures = rows[at]!.some(
    (c, i) => c.trim() !== '' && below.filter((r) => /\d/.test(r[i] ?? '')).length >= 0.6 * below.length,
  );
  return figures ? at : undefined;
}

interface Content {
  cells: string[];
  /** Share of the cells that are such. */
  date: number;
  vin: number;
  codes: number;
  year: number;
  number: number;
  plate: number;
  words: number;
  /** Share of texts that tell of something done. */
  deeds: number;
  /** Different cells among all. */
  variety: number;
  names: number;
  lowest: number;
  highest: number;
}

function contentOf(cells: string[]): Content {
  const n = cells.length || 1;
  const share = (of: (c: string) => boolean) => cells.filter(of).length / n;
  const numbers = cells
    .map((c) => Number(c.replace(/[\s.,']|km|mi(?:les)?$/giu, '')))
    .filter((x) => Number.isFinite(x));
  return {
    cells,
    date: dateColumn(cells).share,
    vin: share((c) => vinsIn(c).length > 0 && c.length <= 24),
    codes: share((c) => findCodes(c).length > 0 && c.length <= 10 + 14 * findCodes(c).length),
    year: share((c) => /^(?:19[4-9]\d|20[0-4]\d)(?:\.0)?$/.test(c)),
    number: share((c) => /^[\d\s.,']+(?:\s?(?:km|mi|miles|hrs?|h))?$/iu.test(c)),
    plate: share((c) => /^(?=.*\d)(?=.*\p{L})[\p{Lu}\d][\p{Lu}\d\s·-]{3,11}$/u.test(c)),
    words: cells.reduce((s, c) => s + c.split(/\s+/u).length, 0) / n,
    deeds: share((c) => clausesOf(c).some((x) => didIn(x).kind === 'did')),
    variety: new Set(cells).size / n,
    names: share((c) => /^[\p{L}\s.,&'’()/-]+$/u.test(c) && c.split(/\s+/u).length <= 4),
    lowest: Math.min(...numbers, Infinity),
    highest: Math.max(...numbers, -Infinity),
  };
}

/** Whether what stands in a column can be what its head says. An empty column can be anything. */
function fits(field: RecordField, c: Content): boolean {
  if (c.cells.length === 0) return true;
  switch (field) {
    case 'date':
      return c.date >= 0.6 || c.cells.every((x) => serialDay(x) !== undefined);
    case 'vin':
      return c.vin >= 0.3 || (c.words < 1.5 && c.cells.every((x) => x.length >= 6) && c.number < 0.5);
    case 'codes':
      return c.codes >= 0.3;
    case 'year':
      return c.year >= 0.7 || c.date >= 0.7;
    case 'odometer':
      return c.number >= 0.6 && c.date < 0.5 && c.highest >= 500;
    case 'hours':
      return c.number >= 0.6 && c.highest <= 1000;
    case 'plate':
      return c.words <= 4 && c.date < 0.5;
    case 'make':
      return c.names >= 0.6 && c.words <= 4;
    case 'model':
    case 'engine':
      return c.words <= 6 && c.date < 0.5 && c.vin < 0.5;
    case 'vehicle':
      return c.number < 0.5 && c.date < 0.5 && c.vin < 0.5 && c.words <= 12;
    case 'order':
      return c.words <= 2 && c.date < 0.5;
    case 'customer':
    case 'technician':
      return c.date < 0.5 && c.number < 0.9 && c.words <= 6;
    case 'complaint':
    case 'diagnosis':
    case 'done':
      return c.number < 0.3 && c.date < 0.3 && c.codes < 0.9;
    case 'parts':
    case 'note':
      return c.date < 0.5;
  }
}

/** Each column takes the strongest meaning of its head that fits; of two for one field, the stronger. */
function byHeads(match: ColumnMatch[], contents: readonly Content[]): void {
  const wishes = match
    .flatMap((m, i) =>
      fieldsOfHead(m.head)
        .filter(({ field }) => fits(field, contents[i]!))
        .map(({ field, strength }) => ({ i, field, strength: strength + told(field, contents[i]!) })),
    )
    .sort((a, b) => b.strength - a.strength || a.i - b.i);
  const taken = new Set<RecordField>();
  for (const w of wishes) {
    if (match[w.i]!.field !== '' || (taken.has(w.field) && !MANY.has(w.field))) continue;
    match[w.i]!.field = w.field;
    match[w.i]!.by = 'head';
    taken.add(w.field);
  }
  // A head that says date stays the date where none of its cells can be read: each row then says so.
  const date = match.find(
    (m) => m.field === '' && !taken.has('date') && fieldsOfHead(m.head)[0]?.field === 'date',
  );
  if (date) Object.assign(date, { field: 'date', by: 'head' });
  // "Type" beside "Make" is the model; "vehicle" beside both says nothing new.
  const make = match.find((m) => m.field === 'make');
  const vehicle = match.find((m) => m.field === 'vehicle');
  if (make && vehicle && match.some((m) => m.field === 'model'))
    Object.assign(vehicle, { field: '', by: '' });
  // "Type: Norvik Tessa 1.6": without a make column, a column of models may hold the makes too.
  const model = match.find((m) => m.field === 'model');
  if (model && !make && !vehicle && namesMakes(contents[model.index]!.cells)) model.field = 'vehicle';
}

/** Whether most cells begin with a word that stands before different names, not before "C" or "VII" of one model. */
function namesMakes(cells: readonly string[]): boolean {
  const named = cells.map((c) => /^(?:\d{4}\s+)?(\p{L}[\p{L}'-]{2,})\s+(\p{L}[\p{L}-]{3,})/u.exec(c));
  const next = new Map<string, Set<string>>();
  for (const m of named) if (m) next.set(m[1]!, (next.get(m[1]!) ?? new Set()).add(m[2]!.toLowerCase()));
  const makes = named.filter((m) => m && next.get(m[1]!)!.size >= 2);
  return makes.length >= 4 && makes.length >= 0.6 * cells.length;
}

/** What stands in a column, beside its head: "fault" is a complaint, or codes where codes stand there. */
function told(field: RecordField, c: Content): number {
  if (field === 'codes') return c.codes >= 0.5 ? 0.3 : -0.2;
  if (field === 'done') return c.deeds >= 0.4 ? 0.2 : -0.1;
  if (field === 'complaint') return c.deeds >= 0.4 ? -0.2 : 0.05;
  if (field === 'vin') return c.vin >= 0.5 ? 0.2 : 0;
  if (field === 'plate') return c.plate >= 0.5 ? 0.05 : 0;
  return 0;
}

/** What is left is taken by what stands in it, where that is plain. */
function byContent(match: ColumnMatch[], contents: readonly Content[]): void {
  // Its head, if it has one, is a word that is not known.
  const strange = (m: ColumnMatch) => fieldsOfHead(m.head).length === 0;
  const has = (field: RecordField) => match.some((m) => m.field === field);
  const give = (field: RecordField, of: (c: Content, m: ColumnMatch) => boolean, last = false) => {
    if (has(field)) return;
    const open = match.filter(
      (m) => m.field === '' && contents[m.index]!.cells.length >= 2 && !isIgnoredHead(m.head),
    );
    const hit = (last ? open.reverse() : open).find((m) => of(contents[m.index]!, m));
    if (hit) Object.assign(hit, { field, by: 'content' });
  };
  give('date', (c) => c.date >= 0.6);
  give('vin', (c) => c.vin >= 0.8);
  give('codes', (c) => c.codes >= 0.6);
  give('done', (c) => c.words >= 2 && c.deeds >= 0.5, true);
  const known = match.some((m) => m.by === 'head' && m.field !== 'date');
  const named = (['vehicle', 'make', 'model', 'vin', 'plate'] as const).some(has);
  if (!known) give('plate', (c, m) => strange(m) && c.plate >= 0.8 && c.variety > 0.3);
  if (!named) {
    give(
      'vehicle',
      (c, m) =>
        strange(m) &&
        c.words >= 1.8 &&
        c.words <= 6 &&
        c.date < 0.3 &&
        c.deeds < 0.2 &&
        c.names + c.plate > 0.4 &&
        c.vin < 0.3,
    );
  }
  // Beside a diagnosis a text of unknown head may be anything.
  if (has('diagnosis')) return;
  give(
    'complaint',
    (c, m) => strange(m) && c.words >= 1.5 && c.number < 0.1 && c.date < 0.3 && c.plate < 0.3,
  );
}
