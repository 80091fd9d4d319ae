import type { Trace } from '../channel';
import type { TraceReader } from './contract';
import { countedFromFirst } from './clock-start';
import { clockSeconds } from './csv-time';
import { onEvenSteps, seconds } from './grid';
import { FloatBuffer, GrowingTimes, notTooMany } from './float-buffer';
import { figureText } from './figure-text';
import { isEmpty, readNumberBytes } from './number-bytes';
import { heldWhereSparse } from './sparse';
import { SECONDS, Unreadable, type Column, type ReadAs } from './read-as';

const NEWLINE = 10;
const RETURN = 13;
const BLANK = 32;
const QUOTE = 34;

interface Taken {
  column: Column;
  at: number;
  data: FloatBuffer;
  /** Cells that are neither a number nor empty, and the first of them. */
  bad: number;
  firstBad: { line: number; text: string } | undefined;
}

/**
 * Reads a table of figures byte by byte, in pieces: no text is made of a cell unless it is not a number.
 * What is not a number becomes a gap and is told; a row without a readable time is left out and told.
 */
export class CsvReader implements TraceReader {
  private readonly taken: Taken[];
  private readonly byColumn: (Taken | undefined)[] = [];
  /** Columns that tell a time, with the moments read from each; one for all, or one before each channel. */
  private readonly clocks: { at: number; times: GrowingTimes }[];
  private readonly byClock: ({ at: number; times: GrowingTimes } | undefined)[] = [];
  private readonly separator: number;
  private readonly decimal: number;
  private readonly timeFactor: number;
  private rest: Uint8Array = new Uint8Array(0);
  private line = 0;
  private rows = 0;
  private dropped = 0;
  private droppedBefore = 0;
  private blocks = 1;
  private offset = 0;
  private short = 0;
  private day = 0;
  private lastClock = -Infinity;
  private readonly recode: TextDecoder | undefined;

  constructor(private readonly as: ReadAs) {
    this.separator = as.separator.charCodeAt(0);
    this.decimal = as.decimal.charCodeAt(0);
    this.clocks = as.columns.flatMap((c, at) =>
      c.use === 'time' ? [{ at, times: new GrowingTimes() }] : [],
    );
    for (const c of this.clocks) this.byClock[c.at] = c;
    this.timeFactor = as.timeUnit === 'clock' ? 1 : SECONDS[as.timeUnit];
    this.taken = as.columns.flatMap((column, at) =>
      column.use === 'channel' ? [{ column, at, data: new FloatBuffer(), bad: 0, firstBad: undefined }] : [],
    );
    for (const t of this.taken) this.byColumn[t.at] = t;
    if (this.taken.length === 0)
      throw new Unreadable('No column is taken as a channel; choose at least one.');
    if (this.clocks.length === 0 && as.interval === null)
      throw new Unreadable(
        'The time between samples is not known: enter the sample rate, or choose the time column.',
      );
    // Only wide characters have to be made narrow; in the other encodings figures are the same bytes.
    this.recode = as.encoding === 'utf-16le' ? new TextDecoder('utf-16le') : undefined;
  }

  push(piece: Uint8Array): void {
    const narrow = this.recode
      ? new TextEncoder().encode(this.recode.decode(piece, { stream: true }))
      : piece;
    let b = narrow;
    if (this.rest.length > 0) {
      b = new Uint8Array(this.rest.length + narrow.length);
      b.set(this.rest);
      b.set(narrow, this.rest.length);
    }
    let from = 0;
    for (;;) {
      let to = b.indexOf(NEWLINE, from);
      // Old instruments end their lines with a carriage return alone.
      if (to < 0 && from === 0 && b.length > 1 << 16) to = b.indexOf(RETURN, from);
      if (to < 0) break;
      this.row(b, from, to);
      from = to + 1;
    }
    this.rest = b.slice(from);
    if (this.rest.length > 1 << 20)
      throw new Unreadable(
        `Line ${this.line + 1} is longer than a million characters; this is not a table of figures.`,
      );
  }

  private row(b: Uint8Array, from: number, end: number): void {
    this.line++;
    if (this.line <= this.as.skip) return;
    let to = end;
    while (to > from && (b[to - 1] === RETURN || b[to - 1] === BLANK)) to--;
    if (to === from) return;
    const { separator, decimal } = this;
    const blanks = separator === BLANK;
    let timed = this.clocks.length === 0;
    let column = 0;
    let i = from;
    const before = this.rows;
    while (i <= to) {
      if (blanks) while (i < to && b[i] === BLANK) i++;
      let stop = i;
      if (b[i] === QUOTE) {
        stop = i + 1;
        while (stop < to && b[stop] !== QUOTE) stop++;
      }
      while (stop < to && b[stop] !== separator) stop++;
      const clock = this.byClock[column];
      if (clock) {
        const time = this.moment(b, i, stop);
        if (time === time) timed = true;
        clock.times.push(time * this.timeFactor);
      } else {
        const t = this.byColumn[column];
        if (t) {
          let v = readNumberBytes(b, i, stop, decimal);
          // A NaN is told from an empty cell only when it happens, which is seldom.
          if (v !== v) v = this.unusual(t, b, i, stop);
          t.data.push(v * t.column.times);
        }
      }
      column++;
      i = stop + 1;
    }
    this.rows++;
    if (column < this.as.columns.length) {
      this.short++;
      for (const t of this.taken) if (t.data.length < this.rows) t.data.push(NaN);
    }
    for (const c of this.clocks) if (c.times.length < this.rows) c.times.push(NaN);
    if (!timed) {
      this.rows = before;
      this.dropped++;
      for (const t of this.taken) t.data.length = this.rows;
      for (const c of this.clocks) c.times.length = this.rows;
      return;
    }
    if (this.clocks.length === 1) this.joinBlocks(this.clocks[0]!.times);
    this.droppedBefore = this.dropped;
    if ((this.rows & 0xfffff) === 0) notTooMany(this.rows * this.taken.length);
  }

  /** A cell that is no plain number: one written for people, nothing, or a word. */
  private unusual(t: Taken, b: Uint8Array, from: number, to: number): number {
    if (to === from) return NaN;
    const cell = text(b, from, to);
    if (isEmpty(cell)) return NaN;
    const figure = figureText(cell, this.as.decimal);
    if (figure && (figure.unit === '' || figure.unit.toLowerCase() === t.column.unit.toLowerCase()))
      return figure.value;
    t.bad++;
    t.firstBad ??= { line: this.line, text: cell.slice(0, 40) };
    return NaN;
  }

  private moment(b: Uint8Array, from: number, to: number): number {
    if (this.as.timeUnit === 'clock') return this.clock(text(b, from, to));
    const plain = readNumberBytes(b, from, to, this.decimal);
    return plain === plain || to === from
      ? plain
      : (figureText(text(b, from, to), this.as.decimal)?.value ?? NaN);
  }

  /** A block that begins again at nought under a header of its own goes on where the one before it ended. */
  private joinBlocks(times: GrowingTimes): void {
    const i = times.length - 1;
    if (i < 1) return;
    const own = times.data[i]!;
    times.data[i] = own + this.offset;
    const last = times.data[i - 1]!;
    if (times.data[i]! >= last || this.dropped === this.droppedBefore || own > times.data[0]! + 1e-9) return;
    this.offset = last + (i > 1 ? last - times.data[i - 2]! : 0) - own;
    this.blocks++;
    times.data[i] = own + this.offset;
  }

  private clock(cell: string): number {
    const s = clockSeconds(cell.replace(/"/g, ''));
    if (s + this.day < this.lastClock - 43_200) this.day += 86_400;
    this.lastClock = s + this.day;
    return this.lastClock;
  }

  /** Each channel on even steps, by the time column that stands before it. */
  private gridsOf(
    held: readonly { name: string; unit: string; samples: Float32Array; at: number }[],
    lineOf: (i: number) => string,
  ) {
    return this.clocks.flatMap((clock, k) => {
      const own = held.filter((c) => this.clocks.findLastIndex((x, q) => x.at < c.at || q === 0) === k);
      return own.length === 0 ? [] : [onEvenSteps(...withTimes(clock.times.done(), own), lineOf)];
    });
  }

  end(): Trace {
    if (this.recode) this.push(new Uint8Array(0));
    if (this.rest.length > 0) {
      const last = this.rest;
      this.rest = new Uint8Array(0);
      if (last.includes(RETURN)) this.push(last.map((c) => (c === RETURN ? NEWLINE : c)));
      if (this.rest.length > 0 || !last.includes(RETURN)) this.row(last, 0, last.length);
    }
    if (this.rows === 0)
      throw new Unreadable(
        this.line <= this.as.skip
          ? `The file ends at line ${this.line}, before the first row of figures. It is empty, or it was cut off while it was copied.`
          : `None of the ${this.dropped} rows after line ${this.as.skip} has a readable time; check which column is the time, and the decimal sign.`,
      );
    notTooMany(this.rows * this.taken.length);
    const notes: string[] = [];
    const columns = this.taken.flatMap((t) => {
      const samples = t.data.done();
      if (!samples.some((v) => v === v)) {
        notes.push(`"${t.column.name}" has no figure in it and is left out.`);
        return [];
      }
      if (t.firstBad)
        notes.push(
          `“${t.firstBad.text}” at line ${t.firstBad.line} in "${t.column.name}" is not a number${t.bad > 1 ? `, nor are ${t.bad - 1} more` : ''}; left as ${t.bad > 1 ? 'gaps' : 'a gap'}.`,
        );
      return [{ name: t.column.name, unit: t.column.unit, samples, at: t.at }];
    });
    if (columns.length === 0)
      throw new Unreadable(
        'None of the chosen columns holds a figure. Check the separator and the decimal sign.',
      );
    if (this.dropped > 0) notes.push(`${this.dropped} rows without a readable time are left out.`);
    if (this.short > 0)
      notes.push(`${this.short} rows are shorter than the others; what is missing is left as gaps.`);
    if (this.rows < 2) throw new Unreadable('There is only one sample in it; a trace needs at least two.');
    if (this.blocks > 1)
      notes.push(
        `${this.blocks} blocks, each with its own time from the beginning: laid end to end. How long lay between them is not told.`,
      );
    if (this.clocks.length === 0) {
      const interval = this.as.interval!;
      notes.push(`By sample rate: one sample every ${seconds(interval)}.`);
      return { channels: columns.map((c) => ({ ...c, interval, start: 0 })), notes };
    }
    const exact = this.dropped === 0 && this.line - this.as.skip === this.rows;
    const lineOf = (i: number) => `${exact ? '' : 'about '}line ${this.as.skip + i + 1}`;
    const { held, names } = heldWhereSparse(columns);
    if (names.length > 0)
      notes.push(`${names.join(', ')}: written only now and then; each value is held until the next.`);
    const grids = this.gridsOf(held, lineOf);
    const byName = new Map(grids.flatMap((g) => g.channels).map((c) => [c.name, c]));
    const counted = countedFromFirst(
      columns.map((c) => byName.get(c.name)!),
      this.as,
    );
    const ofGrids = new Set(grids.flatMap((g) => g.notes));
    return { channels: counted.channels, notes: [...notes, ...counted.notes, ...ofGrids] };
  }
}

/** Rows of which the moment is known. */
function withTimes<C extends { samples: Float32Array }>(
  times: Float64Array,
  columns: C[],
): [Float64Array, C[]] {
  if (times.every((t) => t === t)) return [times, columns];
  const known = times.reduce<number[]>((list, t, i) => (t === t ? [...list, i] : list), []);
  return [
    Float64Array.from(known, (i) => times[i]!),
    columns.map((c) => ({ ...c, samples: Float32Array.from(known, (i) => c.samples[i]!) })),
  ];
}

const text = (b: Uint8Array, from: number, to: number): string =>
  new TextDecoder().decode(b.subarray(from, to)).trim();
