import { valueAt, type Trace } from '@/core/traces';
import { Unreadable, formatOf, previewFile } from '@/core/traces/files';
import { chance, pick, type Random } from '@/sim/random';
import { between, type Judgement } from './kit';

/** A channel as it truly was: its value at any second. */
interface Truth {
  name: string;
  unit: string;
  at: (t: number) => number;
}
export interface LoggerFile {
  style: string;
  text: string;
  fileName: string;
  channels: Truth[];
  interval: number;
  rows: number;
}

const QUANTITIES: [string, string, number, number][] = [
  ['Engine speed', 'rpm', 700, 3000],
  ['Coolant temperature', '°C', 20, 95],
  ['Rail pressure', 'bar', 250, 1600],
  ['Battery voltage', 'V', 11.8, 14.6],
  ['Starter current', 'A', 0, 180],
  ['Pedal position', '%', 0, 100],
];

function channelsOf(r: Random, count: number): Truth[] {
  const from = Math.floor(r() * QUANTITIES.length);
  return Array.from({ length: count }, (_, k) => {
    const [name, unit, low, high] = QUANTITIES[(from + k) % QUANTITIES.length]!;
    const [f, p] = [between(r, 0.05, 0.3), between(r, 0, 6)];
    return { name, unit, at: (t) => low + (high - low) * (0.5 + 0.45 * Math.sin(f * 6.28 * t + p)) };
  });
}

interface Plan {
  channels: Truth[];
  interval: number;
  rows: number;
  /** A figure as this tool writes it. */
  fig: (v: number, digits?: number) => string;
  r: Random;
}
const two = (n: number, w = 2): string => String(n).padStart(w, '0');
const clock = (t: number, ms = true): string => {
  const whole = Math.floor(t + 1e-9);
  const rest = Math.round((t - whole) * 1000);
  return `${two(Math.floor(whole / 3600) % 24)}:${two(Math.floor(whole / 60) % 60)}:${two(whole % 60)}${ms ? `.${two(rest, 3)}` : ''}`;
};
const times = (p: Plan): number[] => Array.from({ length: p.rows }, (_, i) => i * p.interval);

/** Ways in which tools write the same thing. Each gives the text and, where it differs, what can be known of it. */
const STYLES: Record<string, (p: Plan) => string> = {
  'one header row': (p) =>
    [
      `Time (s),${p.channels.map((c) => `${c.name} (${c.unit})`).join(',')}`,
      ...times(p).map((t) => [t.toFixed(4), ...p.channels.map((c) => p.fig(c.at(t)))].join(',')),
    ].join('\n'),
  'three header rows, milliseconds': (p) =>
    [
      `Time,${p.channels.map((c) => c.name).join(',')}`,
      `ms,${p.channels.map((c) => c.unit).join(',')}`,
      `,${p.channels.map((_, i) => `CH${i + 1}`).join(',')}`,
      ...times(p).map((t) => [(t * 1000).toFixed(2), ...p.channels.map((c) => p.fig(c.at(t)))].join(',')),
    ].join('\r\n'),
  'semicolons and decimal commas': (p) =>
    [
      `Zeit [ms];${p.channels.map((c) => `${c.name} [${c.unit}]`).join(';')}`,
      ...times(p).map((t) =>
        [(t * 1000).toFixed(2), ...p.channels.map((c) => p.fig(c.at(t)))].join(';').replaceAll('.', ','),
      ),
    ].join('\r\n'),
  'clock times and words in cells': (p) =>
    [
      `Timestamp,${p.channels.map((c) => `${c.name} [${c.unit}]`).join(',')},Status`,
      ...times(p).map((t, i) =>
        [
          clock(37_800 + t),
          ...p.channels.map((c, k) => (i % 17 === 3 && k === 0 ? 'n/a' : p.fig(c.at(t)))),
          i % 5 ? 'OK' : 'wait',
        ].join(','),
      ),
    ].join('\n'),
  'minutes and seconds': (p) =>
    [
      `time,${p.channels.map((c) => `${c.name} ${c.unit}`).join(',')}`,
      ...times(p).map((t) => [clock(t).slice(3), ...p.channels.map((c) => p.fig(c.at(t)))].join(',')),
    ].join('\n'),
  'sample rate in the head': (p) =>
    [
      'Recorder export',
      'Device number\t4711',
      `Channels\t${p.channels.length}`,
      `Sample rate\t${p.fig(1 / p.interval, 6)} Hz`,
      '',
      p.channels.map((c) => c.name).join('\t'),
      p.channels.map((c) => `(${c.unit})`).join('\t'),
      ...times(p).map((t) => p.channels.map((c) => p.fig(c.at(t))).join('\t')),
    ].join('\n'),
  'header repeated on every page': (p) => {
    const head = `Time [s];${p.channels.map((c) => `${c.name} [${c.unit}]`).join(';')}`;
    return times(p)
      .flatMap((t, i) => [
        ...(i % 40 === 0 ? (i > 0 ? ['', `Page ${i / 40 + 1}`, head] : [head]) : []),
        [t.toFixed(3), ...p.channels.map((c) => p.fig(c.at(t)))].join(';'),
      ])
      .join('\n');
  },
  'ragged rows, values only when they change': (p) =>
    [
      `Time (s),${p.channels.map((c) => `${c.name} (${c.unit})`).join(',')}`,
      ...times(p).map((t, i) => {
        const cells = p.channels.map((c, k) => (k > 0 && i % (k + 1) !== 0 ? '' : p.fig(c.at(t))));
        while (cells.length > 1 && cells.at(-1) === '') cells.pop();
        return [t.toFixed(4), ...cells].join(',');
      }),
    ].join('\n'),
  'several blocks, each with its own header': (p) => {
    const size = Math.ceil(p.rows / 3);
    return [0, 1, 2]
      .flatMap((b) => [
        `Block ${b + 1}`,
        `Started,${clock(36_000 + b * size * p.interval)}`,
        `Time (s),${p.channels.map((c) => `${c.name} (${c.unit})`).join(',')}`,
        ...times(p)
          .slice(b * size, (b + 1) * size)
          .map((t) => [t.toFixed(4), ...p.channels.map((c) => p.fig(c.at(t)))].join(',')),
        '',
      ])
      .join('\n');
  },
  'several blocks, each with its time from nought': (p) => {
    const size = Math.ceil(p.rows / 3);
    return [0, 1, 2]
      .flatMap((b) => [
        `Frame ${b + 1}`,
        `Time (s);${p.channels.map((c) => `${c.name} (${c.unit})`).join(';')}`,
        ...times(p)
          .slice(b * size, (b + 1) * size)
          .map((t, i) => [(i * p.interval).toFixed(4), ...p.channels.map((c) => p.fig(c.at(t)))].join(';')),
      ])
      .join('\n');
  },
  'two channels of one name': (p) => {
    const [a, b] = [p.channels[0]!, p.channels[1]!];
    b.name = a.name;
    b.unit = a.unit;
    return [
      `Time (s),${p.channels.map((c) => `${c.name} (${c.unit})`).join(',')}`,
      ...times(p).map((t) => [t.toFixed(4), ...p.channels.map((c) => p.fig(c.at(t)))].join(',')),
    ].join('\n');
  },
  'unit behind each value': (p) =>
    [
      `Time,${p.channels.map((c) => c.name).join(',')}`,
      ...times(p).map((t) =>
        [`${t.toFixed(3)} s`, ...p.channels.map((c) => `${p.fig(c.at(t))} ${c.unit}`)].join(','),
      ),
    ].join('\n'),
  'date and time, day first': (p) =>
    [
      `Date/Time;${p.channels.map((c) => `${c.name} (${c.unit})`).join(';')}`,
      ...times(p).map((t) =>
        [`04.03.2026 ${clock(37_800 + t)}`, ...p.channels.map((c) => p.fig(c.at(t)))].join(';'),
      ),
    ].join('\n'),
  'date and time, afternoon': (p) =>
    [
      `Time,${p.channels.map((c) => `"${c.name}, ${c.unit}"`).join(',')}`,
      ...times(p).map((t) =>
        [`3/4/2026 ${clock(12_000 + t)} PM`, ...p.channels.map((c) => p.fig(c.at(t)))].join(','),
      ),
    ].join('\n'),
  'a time column for each channel': (p) =>
    [
      p.channels.map((c) => `${c.name} time (s),${c.name} (${c.unit})`).join(','),
      ...times(p).map((t) =>
        p.channels
          .map((c, k) => `${(t + k * p.interval * 0.3).toFixed(4)},${p.fig(c.at(t + k * p.interval * 0.3))}`)
          .join(','),
      ),
    ].join('\n'),
  'one value a row': (p) =>
    [
      'Time (s),Signal,Value,Unit',
      ...times(p).flatMap((t) =>
        p.channels.map((c) => `${t.toFixed(4)},${c.name},${p.fig(c.at(t))},${c.unit}`),
      ),
    ].join('\n'),
  'thousands in quotes': (p) =>
    [
      `"Time (s)",${p.channels.map((c) => `"${c.name} (${c.unit})"`).join(',')}`,
      ...times(p).map((t) =>
        [
          t.toFixed(4),
          ...p.channels.map(
            (c) =>
              `"${c.at(t).toLocaleString('en-US', { minimumFractionDigits: 2, maximumFractionDigits: 2 })}"`,
          ),
        ].join(','),
      ),
    ].join('\n'),
};
export const LOGGER_STYLES = Object.keys(STYLES);

/** The same drive as one tool or another would have written it. */
export function loggerFile(r: Random, style: string): LoggerFile {
  const count = 2 + Math.floor(r() * 3);
  const interval = pick(r, [0.01, 0.05, 0.1, 0.25]);
  const rows = 120 + Math.floor(r() * 200);
  const digits = pick(r, [2, 3, 4]);
  const channels = channelsOf(r, count);
  const fig = (v: number, d = digits) => String(Number(v.toFixed(d)));
  const text = STYLES[style]!({ channels, interval, rows, fig, r });
  return {
    style,
    text: chance(r, 0.2) ? `\uFEFF${text}` : text,
    fileName: `log ${count}.csv`,
    channels,
    interval,
    rows,
  };
}

/** Reads a file as the application does when nobody corrects anything. */
export function readWhole(text: string, fileName: string): Trace {
  const bytes = new TextEncoder().encode(text);
  const preview = previewFile(bytes.subarray(0, 256 * 1024), fileName, bytes.length);
  const reader = formatOf(preview.readAs.format).reader(preview.readAs);
  reader.push(bytes);
  return reader.end();
}

/** Whether what was read is what was recorded; refusing is honest. */
export function judgeLogger(f: LoggerFile): Judgement {
  let trace: Trace;
  try {
    trace = readWhole(f.text, f.fileName);
  } catch (e) {
    if (e instanceof Unreadable) return 'unsure';
    throw e;
  }
  const seen = new Set<string>();
  let unsure = false;
  for (const [k, c] of f.channels.entries()) {
    const alike = f.channels.slice(0, k).filter((o) => o.name === c.name).length;
    const found = trace.channels.filter((x) => x.name.startsWith(c.name))[alike];
    if (!found) return 'wrong';
    if (seen.has(found.name)) return 'wrong';
    seen.add(found.name);
    if (found.unit !== c.unit) unsure = true;
    const span = (f.rows - 1) * f.interval;
    for (let i = 1; i < 12; i++) {
      const t = (span * i) / 12;
      // Where a value was only written now and then it may be an older one.
      const said = valueAt(found, found.start + t);
      if (Number.isNaN(said)) continue;
      const near = [0, 1, 2, 3, 4].map((n) => c.at(t - n * f.interval)).concat(c.at(t + f.interval));
      const reach = (Math.max(...near) - Math.min(...near)) * 0.6 + 0.02 * Math.abs(c.at(t)) + 0.02;
      if (!near.some((v) => Math.abs(v - said) < reach)) return 'wrong';
    }
    const filled = found.samples.filter((v) => v === v).length * found.interval;
    if (filled < 0.15 * span) return 'wrong';
  }
  // What is no channel of the recording must not become one.
  const more = trace.channels.filter((x) => !seen.has(x.name) && !/status/i.test(x.name));
  if (more.length > 0) return 'wrong';
  return unsure ? 'unsure' : 'right';
}
