import { z } from 'zod';
import type { Channel, Trace } from '../channel';
import type { TraceFormat, TraceReader } from './contract';
import { ByteBuffer } from './byte-buffer';
import { onEvenSteps } from './grid';
import { notTooMany } from './float-buffer';
import { SECONDS, Unreadable, type Column, type ReadAs } from './read-as';

/** A recording as Vantle writes it to JSON: each channel with its own steps. `null` is a missing sample. */
const TraceFile = z.object({
  channels: z
    .array(
      z.object({
        name: z.string().max(120),
        unit: z.string().max(40).default(''),
        interval: z.number().positive().describe('Seconds from one sample to the next.'),
        start: z.number().default(0).describe('Seconds at the first sample.'),
        samples: z.array(z.number().nullable()),
      }),
    )
    .min(1),
});

type Table = { names: string[]; column: (name: string) => unknown[] };

/** A list of objects, or an object of lists, as a table. */
function tableOf(data: unknown): Table | undefined {
  if (Array.isArray(data) && data.length > 0 && data.every((r) => typeof r === 'object' && r !== null)) {
    const rows = data as Record<string, unknown>[];
    return { names: Object.keys(rows[0]!), column: (name) => rows.map((r) => r[name]) };
  }
  if (typeof data === 'object' && data !== null && !Array.isArray(data)) {
    const lists = Object.entries(data).filter((e): e is [string, unknown[]] => Array.isArray(e[1]));
    if (lists.length > 0)
      return { names: lists.map(([n]) => n), column: (name) => lists.find(([n]) => n === name)![1] };
  }
  return undefined;
}

function parse(bytes: Uint8Array): unknown {
  const text = new TextDecoder().decode(bytes).replace(/^\uFEFF/, '');
  if (text.trim() === '') throw new Unreadable('The file is empty.');
  try {
    return JSON.parse(text);
  } catch (e) {
    throw new Unreadable(
      `The JSON breaks off or has a mistake in it: ${e instanceof Error ? e.message : 'it cannot be read'}.`,
    );
  }
}

const NO_SHAPE =
  'This JSON is no recording. Vantle reads { "channels": [{ "name", "unit", "interval", "samples" }] }, a list of objects with a "time" in each, or an object of lists with a "time" among them.';
const NAME = /^(.*?)\s*[([]([^()[\]]{1,14})[)\]]\s*$/;
const TIME = /^(time|t|timestamp|seconds|secs?|elapsed)\b/i;

function columnsOf(data: unknown): Column[] {
  const own = TraceFile.safeParse(data);
  if (own.success)
    return own.data.channels.map((c) => ({ name: c.name, unit: c.unit, use: 'channel', times: 1 }));
  const table = tableOf(data);
  if (!table) throw new Unreadable(NO_SHAPE);
  const time = table.names.findIndex((n) => TIME.test(n));
  return table.names.map((n, i) => {
    const m = NAME.exec(n);
    const other = table.column(n).some((v) => typeof v === 'number') ? 'channel' : 'skip';
    return { name: m?.[1] || n, unit: m?.[2] ?? '', use: i === time ? 'time' : other, times: 1 };
  });
}

const asRead = (columns: Column[]): ReadAs => ({
  format: 'json',
  encoding: 'utf-8',
  separator: ',',
  decimal: '.',
  skip: 0,
  columns,
  timeUnit: columns.find((c) => c.use === 'time')?.unit === 'ms' ? 'ms' : 's',
  interval: null,
});

class JsonReader extends ByteBuffer implements TraceReader {
  constructor(private readonly as: ReadAs) {
    super();
  }

  end(): Trace {
    const data = parse(this.whole());
    // The preview may have seen the first part only, and left the columns open.
    const columns = this.as.columns.length > 0 ? this.as.columns : columnsOf(data);
    const own = TraceFile.safeParse(data);
    if (own.success) return ofChannels(own.data.channels, columns);
    const table = tableOf(data);
    if (!table) throw new Unreadable(NO_SHAPE);
    return ofTable(table, columns, this.as);
  }
}

function ofChannels(list: z.output<typeof TraceFile>['channels'], columns: readonly Column[]): Trace {
  notTooMany(list.reduce((sum, c) => sum + c.samples.length, 0));
  const channels = list.flatMap((c, i): Channel[] => {
    const column = columns[i];
    if (column && column.use !== 'channel') return [];
    if (c.samples.length < 2)
      throw new Unreadable(`"${c.name}" has fewer than two samples; a trace needs at least two.`);
    return [
      {
        name: column?.name ?? c.name,
        unit: column?.unit ?? c.unit,
        samples: Float32Array.from(c.samples, (v) => (v === null ? NaN : v * (column?.times ?? 1))),
        interval: c.interval,
        start: c.start,
      },
    ];
  });
  if (channels.length === 0) throw new Unreadable('No channel is taken; choose at least one.');
  return { channels, notes: [] };
}

function ofTable(table: Table, columns: readonly Column[], as: ReadAs): Trace {
  const time = columns.findIndex((c) => c.use === 'time');
  if (time < 0 && as.interval === null)
    throw new Unreadable(
      'The time between samples is not known: enter the sample rate, or choose the time column.',
    );
  const notes: string[] = [];
  const figures = columns.flatMap((c, i) => {
    if (c.use !== 'channel') return [];
    const raw = table.column(table.names[i]!);
    const bad = raw.findIndex((v) => v !== null && v !== undefined && typeof v !== 'number');
    if (bad >= 0)
      notes.push(
        `${JSON.stringify(raw[bad])} in entry ${bad + 1} of "${c.name}" is not a number; left as a gap.`,
      );
    return [
      {
        name: c.name,
        unit: c.unit,
        samples: Float32Array.from(raw, (v) => (typeof v === 'number' ? v * c.times : NaN)),
      },
    ];
  });
  if (figures.length === 0) throw new Unreadable('No channel is taken; choose at least one.');
  notTooMany(figures.reduce((sum, c) => sum + c.samples.length, 0));
  if (time < 0) return { channels: figures.map((c) => ({ ...c, interval: as.interval!, start: 0 })), notes };
  const factor = as.timeUnit === 'clock' ? 1 : SECONDS[as.timeUnit];
  const raw = table.column(table.names[time]!);
  const odd = raw.findIndex((v) => typeof v !== 'number');
  if (odd >= 0)
    throw new Unreadable(
      `The time of entry ${odd + 1} is ${JSON.stringify(raw[odd]) ?? 'missing'}, not a number.`,
    );
  const times = Float64Array.from(raw as number[], (t) => t * factor);
  const even = onEvenSteps(times, figures, (i) => `entry ${i + 1}`);
  return { channels: even.channels, notes: [...notes, ...even.notes] };
}

/** Channels or tables in JSON. */
/** An object or a list as JSON begins one (RFC 8259); `[s] Current [A]` is the head of a table. */
const BEGINS = /^\s*(?:\{\s*["}]|\[\s*(?:["{[\]\d-]|true|false|null))/;

export const json: TraceFormat = {
  id: 'json',
  name: 'JSON',
  endings: ['json'],
  fits: (head) =>
    BEGINS.test(new TextDecoder().decode(head.subarray(0, 64)).replace(/^\uFEFF/, '')) ? 0.8 : 0,
  preview(head, corrected) {
    if (corrected) return { readAs: corrected, rows: [], notes: [] };
    try {
      return { readAs: asRead(columnsOf(parse(head))), rows: [], notes: [] };
    } catch (e) {
      // Of a large file only the first part is here, which is no whole JSON.
      if (head.length < PREVIEWED) throw e;
      return { readAs: asRead([]), rows: [], notes: ['All channels of the file are taken.'] };
    }
  },
  reader: (as) => new JsonReader(as),
};

/** Bytes of the beginning that a preview is made from. */
export const PREVIEWED = 256 * 1024;
